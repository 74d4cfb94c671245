# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Places of a home that people look from.
      #
      #   viewpoints.create(room_id, { "name" => "Sofa", "kind" => "sofa", "x_m" => 2.4, "y_m" => 2.2 })
      class Viewpoints < Table
        FIELDS = DeckBough::Rooms::Viewpoint::DECLARED.map(&:name).freeze
        MOST_IN_ROOM = 12

        # @return [Hash{String => Array<Hash>}] id, room_id, version and fields, by room
        def of_rooms(room_ids)
          present.where(room_id: room_ids).order(:position, :id).map { |row| shown(row) }
                 .group_by { |viewpoint| viewpoint[:room_id] }
        end

        def find(id)
          shown(present.where(id: id).first || raise(Problem.not_found("viewpoint")))
        end

        def create(room_id, given)
          values = checked(DeckBough::Rooms::Viewpoint::DECLARED, given)
          id = transaction do
            rows(:rooms).where(id: room_id, deleted_at: nil).for_update.first or raise Problem.not_found("room")
            refuse_more(room_id)
            within(room_id, values)
            position = present.where(room_id: room_id).max(:position).to_i + 1
            row = { studio_id: studio_id, room_id: room_id, position: position, **values }
            rows(:viewpoints).returning(:id).insert(row).first[:id]
          end
          find(id)
        end

        def change(id, version, given)
          values = checked(DeckBough::Rooms::Viewpoint::DECLARED, given)
          transaction do
            row = locked(id, "viewpoint")
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            within(row[:room_id], values)
            bump(:viewpoints, row, values)
          end
          find(id)
        end

        def delete(id, by:)
          transaction { bump(:viewpoints, locked(id, "viewpoint"), deleted_at: Sequel::CURRENT_TIMESTAMP, deleted_by: by) }
        end

        def restore(id)
          transaction do
            row = rows(:viewpoints).where(id: id).exclude(deleted_at: nil).for_update.first or
              raise Problem.not_found("deleted viewpoint")
            refuse_more(row[:room_id])
            bump(:viewpoints, row, deleted_at: nil, deleted_by: nil)
          end
          find(id)
        end

        private

        def present
          homes = rows(:homes).where(deleted_at: nil).select(:id)
          rooms = rows(:rooms).where(deleted_at: nil, home_id: homes).select(:id)
          rows(:viewpoints).where(deleted_at: nil, room_id: rooms)
        end

        # Whoever looks stands in the room.
        def within(room_id, values)
          plan = DeckBough::Rooms::FloorPlan.of(Rooms.new(database, studio_id).find(room_id))
          return if plan.inside?(values.values_at(:x_m, :y_m))

          raise Problem.invalid([{ pointer: "/x_m", code: "outside",
                                   message: "That is outside the room. Choose a place within its walls." }])
        end

        def refuse_more(room_id)
          return if present.where(room_id: room_id).count < MOST_IN_ROOM

          raise Problem.invalid([{ pointer: "/name", code: "too_many",
                                   message: "#{MOST_IN_ROOM} places to look from are kept in a room. Take one out " \
                                            "first." }])
        end

        def shown(row)
          row.slice(:id, :room_id, :version, *FIELDS)
        end
      end
    end
  end
end
