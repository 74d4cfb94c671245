# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Where along the walls of its room each piece is, as somebody put it.
      #
      #   positions.put(piece_id, { "wall" => "left", "at_m" => 1.2, "out_m" => nil, "was" => before })
      class Positions < Table
        INPUTS = [Input.text(:wall, "Its wall", 1..12, default: nil),
                  Input.number(:at_m, "From the left", "m", 0..150, default: nil),
                  Input.number(:out_m, "Its middle from the wall", "m", 0..100, default: nil)].freeze
        FIELDS = INPUTS.map(&:name).freeze
        # Nobody has said where.
        NOWHERE = FIELDS.to_h { |name| [name, nil] }.freeze
        # Off a tape nobody reads less.
        SLACK_M = 0.005

        # @param given [Hash] wall and at_m (both, or neither where nobody says any more), out_m, and was: where it was
        #   when somebody took hold of it
        # @return [Hash] wall, at_m, out_m
        # @raise [Problem] when somebody else has moved it meanwhile
        def put(piece_id, given)
          values = checked(INPUTS, given.except("was"))
          transaction do
            row = locked(piece_id, "piece")
            now = row.slice(*FIELDS)
            was = FIELDS.to_h { |name| [name, given.fetch("was")[name.to_s]] }
            raise Problem.conflict(current: now, yours: given) if now != was && now != values

            check(row[:room_id], values)
            rows(:pieces).where(id: piece_id).update(values)
            values
          end
        end

        private

        def present
          homes = rows(:homes).where(deleted_at: nil).select(:id)
          rooms = rows(:rooms).where(deleted_at: nil, home_id: homes).select(:id)
          rows(:pieces).where(deleted_at: nil, room_id: rooms)
        end

        def check(room_id, values)
          wall, at = values.values_at(:wall, :at_m)
          return if wall.nil? && at.nil?

          plan = DeckBough::Rooms::FloorPlan.of(Rooms.new(database, studio_id).find(room_id))
          found = plan.wall(wall)
          refuse("/wall", "unknown", "That wall is not in this room. Choose one of its walls.") unless found
          refuse("/at_m", "missing", "Say how far from the left corner of the wall it is.") unless at
          refuse("/at_m", "beyond_wall", "That is beyond the end of #{found.name}. Enter less.") if beyond?(found, at)
          outside = values[:out_m] && !plan.inside?(found.at(at.clamp(SLACK_M, found.length - SLACK_M), values[:out_m]))
          refuse("/out_m", "outside", "That far from its wall it would be outside the room. Enter less.") if outside
        end

        def beyond?(wall, at)
          at > wall.length + SLACK_M
        end

        def refuse(pointer, code, message)
          raise Problem.invalid([{ pointer: pointer, code: code, message: message }])
        end
      end
    end
  end
end
