# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Nails and hooks that stay in a home from year to year: its register, room by room.
      #
      #   anchors.create(home_id, { "room_id" => id, "place" => "Front door", "kind" => "large_hook", "since" => 2024 })
      class Anchors < Table
        FIELDS = StayingAnchor::INPUTS.map(&:name).freeze
        # What walls come to.
        MOST_IN_ROOM = 200

        # @return [Array<Hash>] as shown, those of a room together
        def list(home_id)
          home!(home_id)
          named(present.where(room_id: rooms(home_id).select(:id))).map { |row| shown(row) }
        end

        def find(id)
          shown(named(present.where(Sequel[:anchors][:id] => id)).first || raise(Problem.not_found("hook")))
        end

        # What holds things in some rooms already.
        #
        # @return [Hash{String => Array<Hash>}] fields of StayingAnchor and piece_id, by room
        def of_rooms(room_ids)
          present.where(room_id: room_ids, good: true).order(:since, :id)
                 .select_map([:room_id, :piece_id, :id, *FIELDS])
                 .group_by(&:first)
                 .transform_values { |those| those.map { |row| %i[piece_id id].concat(FIELDS).zip(row.drop(1)).to_h } }
        end

        def create(home_id, given)
          home!(home_id)
          values = checked(StayingAnchor::INPUTS, given.slice(*FIELDS.map(&:to_s)))
          id = transaction do
            room_id = room(home_id, given["room_id"])
            refuse_more(room_id, 1)
            rows(:anchors).returning(:id).insert(studio_id: studio_id, room_id: room_id,
                                                 piece_id: piece(room_id, given["piece_id"]), **values).first[:id]
          end
          told(id)
        end

        def change(id, version, given)
          find(id)
          values = checked(StayingAnchor::INPUTS, given.slice(*FIELDS.map(&:to_s)))
          transaction do
            row = locked(id, "hook")
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            room_id = room(home_of(row), given["room_id"])
            forget(row[:room_id])
            bump(:anchors, row, room_id: room_id, piece_id: piece(room_id, given["piece_id"]), **values)
          end
          told(id)
        end

        def delete(id, by:)
          transaction do
            row = locked(id, "hook")
            bump(:anchors, row, deleted_at: Sequel::CURRENT_TIMESTAMP, deleted_by: by)
            forget(row[:room_id])
          end
        end

        def restore(id)
          transaction do
            row = rows(:anchors).where(id: id).exclude(deleted_at: nil).for_update.first or
              raise Problem.not_found("deleted hook")
            bump(:anchors, row, deleted_at: nil, deleted_by: nil)
          end
          told(id)
        end

        # What holds a piece, by the register.
        #
        # @return [Array<String>] ids
        def of_piece(piece_id)
          rows(:anchors).where(piece_id: piece_id, deleted_at: nil).order(:id).select_map(:id)
        end

        # Which of these are in the register.
        #
        # @return [Array<String>] ids
        def there(ids)
          rows(:anchors).where(id: Ids.only(ids), deleted_at: nil).select_map(:id)
        end

        # The hooks of a piece as planned. One that is known at its place already is not kept twice, however often and
        # by however many this is asked.
        #
        # @param hooks [Array<Hash>] fields of StayingAnchor
        # @param near_m [Float] nearer than this it is the same one
        # @return [Hash] kept, known
        def keep(piece, hooks, near_m:)
          kept = transaction do
            rows(:rooms).where(id: piece[:room_id]).for_update.first
            there = of_rooms([piece[:room_id]]).fetch(piece[:room_id], []).map do |row|
              StayingAnchor.new(own: row[:piece_id] == piece[:id], **row.except(:piece_id))
            end
            fresh = hooks.reject { |hook| known?(hook, there, near_m) }
            refuse_more(piece[:room_id], fresh.size)
            fresh.map { |hook| insert(piece, hook) }
          end
          forget(piece[:room_id]) if kept.any?
          { kept: kept.map { |id| find(id) }, known: hooks.size - kept.size }
        end

        private

        def known?(hook, there, near_m)
          there.any? { |one| one.own && one.at?(hook[:left_m], hook[:floor_m], near_m: near_m) }
        end

        def insert(piece, hook)
          rows(:anchors).returning(:id).insert(studio_id: studio_id, room_id: piece[:room_id], piece_id: piece[:id],
                                               **hook).first[:id]
        end

        def home!(id)
          rows(:homes).where(id: id, deleted_at: nil).any? or raise Problem.not_found("home")
        end

        # What is in something deleted is not there either.
        def present
          rows(:anchors).where(deleted_at: nil,
                               room_id: database[:rooms].join(:homes, id: :home_id)
                                                        .where(Sequel[:rooms][:studio_id] => studio_id,
                                                               Sequel[:rooms][:deleted_at] => nil,
                                                               Sequel[:homes][:deleted_at] => nil)
                                                        .select(Sequel[:rooms][:id]))
        end

        def named(dataset)
          dataset.from_self(alias: :anchors)
                 .join(:rooms, id: Sequel[:anchors][:room_id])
                 .left_join(:pieces, { id: Sequel[:anchors][:piece_id], deleted_at: nil })
                 .select_all(:anchors)
                 .select_append(Sequel[:rooms][:name].as(:room), Sequel[:pieces][:name].as(:piece))
                 .order(Sequel[:rooms][:position], Sequel[:rooms][:name], Sequel[:anchors][:place],
                        Sequel[:anchors][:left_m], Sequel[:anchors][:id])
        end

        def rooms(home_id)
          rows(:rooms).where(home_id: home_id, deleted_at: nil)
        end

        def home_of(row)
          rows(:rooms).where(id: row[:room_id]).get(:home_id)
        end

        def room(home_id, id)
          (Ids.id?(id) && rooms(home_id).where(id: id).get(:id)) or
            raise Problem.invalid([{ pointer: "/room_id", code: "unknown",
                                     message: "That room is not there. Choose another." }])
        end

        def piece(room_id, id)
          return nil if id.nil?

          known = Ids.id?(id) && rows(:pieces).where(room_id: room_id, id: id, deleted_at: nil).get(:id)
          known or raise Problem.invalid([{ pointer: "/piece_id", code: "unknown",
                                            message: "That piece is not in this room. Choose another." }])
        end

        def refuse_more(room_id, more)
          return if rows(:anchors).where(room_id: room_id, deleted_at: nil).count + more <= MOST_IN_ROOM

          raise Problem.invalid([{ pointer: "/place", code: "too_many",
                                   message: "A room keeps up to #{MOST_IN_ROOM} nails and hooks. Take out what is " \
                                            "gone first." }])
        end

        def told(id)
          find(id).tap { |anchor| forget(anchor[:room_id]) }
        end

        # What pieces of a room need may be less for it, or more.
        def forget(room_id)
          Needs.new(database, studio_id).forget(rows(:pieces).where(room_id: room_id).select_map(:id))
        end

        def shown(row)
          title = StayingAnchor::KINDS.fetch(row[:kind])
          { **row.slice(:id, :room_id, :room, :piece, :version, *FIELDS), title: title,
                                                                          piece_id: row[:piece] && row[:piece_id] }
        end
      end
    end
  end
end
