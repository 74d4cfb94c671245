# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Leftover wall paint, kept as a swatch with its room.
      class Paints < Table
        INPUTS = [Input.text(:name, "Name", 1..60), Input.colour(:srgb, "Colour")].freeze
        MOST_OF_A_ROOM = 24
        MOST = 1_000

        # @return [Array<Hash>] id, name, srgb, room, room_id, home
        def list
          found = database[:paints].join(:rooms, id: :room_id).join(:homes, id: Sequel[:rooms][:home_id])
          found.where(Sequel[:paints][:studio_id] => studio_id, Sequel[:rooms][:deleted_at] => nil,
                      Sequel[:homes][:deleted_at] => nil)
               .order(Sequel[:homes][:name], Sequel[:rooms][:name], Sequel[:paints][:name], Sequel[:paints][:id])
               .limit(MOST).select(Sequel[:paints][:id], Sequel[:paints][:name], :srgb, :room_id,
                                   Sequel[:rooms][:name].as(:room), Sequel[:homes][:name].as(:home)).all
        end

        # @return [Hash{String => Array<Hash>}] name, srgb by room
        def of_rooms(room_ids)
          rows(:paints).where(room_id: room_ids).order(:name, :id).select(:room_id, :name, :srgb)
                       .to_hash_groups(:room_id)
        end

        # The paint of some rooms: of several the one whose name comes first.
        #
        # @return [Hash{String => String}] "#rrggbb" by room
        def first_of(room_ids)
          rows(:paints).where(room_id: room_ids).reverse(:name, :id).select_hash(:room_id, :srgb)
        end

        def keep(room_id, given)
          transaction do
            room = rows(:rooms).where(id: room_id, deleted_at: nil).for_update.first or raise Problem.not_found("room")
            values = checked(INPUTS, given)
            refuse_more(room[:id])
            rows(:paints).returning(:id, :name, :srgb, :room_id)
                         .insert(studio_id: studio_id, room_id: room[:id], name: values[:name].strip,
                                 srgb: values[:srgb].downcase).first
          end
        end

        def remove(id)
          rows(:paints).where(id: id).delete.positive? or raise Problem.not_found("paint")
        end

        private

        def refuse_more(room_id)
          return if rows(:paints).where(room_id: room_id).count < MOST_OF_A_ROOM

          raise Problem.invalid([{ pointer: "/name", code: "too_many",
                                   message: "#{MOST_OF_A_ROOM} paints are kept with this room. Take one out first." }])
        end
      end
    end
  end
end
