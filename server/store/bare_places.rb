# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What of a room stays bare, and why: because of a piece, or for a reason in words. It lifts when the piece goes.
      #
      #   bare.create(room_id, { "name" => "Window sill", "piece_id" => tree })
      class BarePlaces < Table
        INPUTS = [Input.text(:name, "What stays bare", 1..120), Input.text(:reason, "Why", 0..300, default: "")].freeze
        MOST_IN_ROOM = 40

        # @return [Array<Hash>] id, name, reason, piece_id, piece (its name), lifted (whether that piece is gone)
        def of_room(room_id)
          found = rows(:bare_places).where(room_id: room_id, deleted_at: nil).order(:made_at, :name, :id).all
          pieces = rows(:pieces).where(id: found.filter_map { |row| row[:piece_id] }).to_hash(:id)
          found.map { |row| shown(row, pieces[row[:piece_id]]) }
        end

        def create(room_id, given)
          values = checked(INPUTS, given.slice("name", "reason"))
          transaction do
            rows(:rooms).where(id: room_id, deleted_at: nil).for_update.first or raise Problem.not_found("room")
            piece = piece_of(room_id, given["piece_id"])
            refuse(room_id, values, piece)
            row = rows(:bare_places).returning
                                    .insert(studio_id: studio_id, room_id: room_id, piece_id: piece&.fetch(:id),
                                            **values.transform_values(&:strip)).first
            shown(row, piece)
          end
        end

        def remove(id, by:)
          gone = rows(:bare_places).where(id: id, deleted_at: nil)
                                   .update(deleted_at: Sequel::CURRENT_TIMESTAMP, deleted_by: by)
          gone.positive? or raise Problem.not_found("bare place")
        end

        def restore(id)
          transaction do
            row = rows(:bare_places).returning.where(id: id).exclude(deleted_at: nil)
                                    .update(deleted_at: nil, deleted_by: nil).first or
              raise Problem.not_found("bare place that was taken out")
            shown(row, rows(:pieces).where(id: row[:piece_id]).first)
          end
        end

        private

        def piece_of(room_id, id)
          return if id.nil?

          (Ids.id?(id) && rows(:pieces).where(room_id: room_id, id: id, deleted_at: nil).first) or
            raise Problem.invalid([{ pointer: "/piece_id", code: "unknown",
                                     message: "That piece is not in this room. Choose one of the room's." }])
        end

        def refuse(room_id, values, piece)
          if values[:reason].strip.empty? && piece.nil?
            raise Problem.invalid([{ pointer: "/reason", code: "missing",
                                     message: "Say why it stays bare: because of a piece, or in words." }])
          end
          return if rows(:bare_places).where(room_id: room_id, deleted_at: nil).count < MOST_IN_ROOM

          raise Problem.invalid([{ pointer: "/name", code: "too_many",
                                   message: "#{MOST_IN_ROOM} places of a room stay bare. Take one out first." }])
        end

        def shown(row, piece)
          { **row.slice(:id, :name, :reason, :piece_id), piece: piece && piece[:name],
                                                         lifted: !piece.nil? && !piece[:deleted_at].nil? }
        end
      end
    end
  end
end
