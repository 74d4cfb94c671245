# frozen_string_literal: true

module DeckBough
  module Server
    # What goes onto the surfaces of a home that stand empty, thing by thing as a visit has it.
    #
    #   StrikeBridge.new(database, studio_id).of(home_id).values.first.first[:key] # => "…"
    class StrikeBridge
      def initialize(database, studio_id)
        @homes = Store::Homes.new(database, studio_id)
        @rooms = Store::Rooms.new(database, studio_id)
        @pieces = Store::Pieces.new(database, studio_id)
        @stripping = Stripping.new(database, studio_id)
        @bridging = Bridging.new(database, studio_id)
      end

      # @return [Hash{String => Array<Hash>}] by room: key, style, label, kind, colour
      def of(home_id)
        listed = @pieces.listed(@rooms.of_homes([home_id]).map { |room| room[:id] })
        things = @stripping.of(listed)
        pieces = listed.map { |piece| { **piece, things: things.fetch(piece[:id]) } }
        known = listed.to_h { |piece| [piece[:id], piece] }
        put = @bridging.of(@homes.find(home_id), pieces)[:surfaces].flat_map do |one|
          one[:things].map { |thing| told(thing, known.fetch(one[:piece])) }
        end
        put.group_by { |one| one[:room] }.transform_values { |all| all.map { |one| one.except(:room) } }
      end

      private

      def told(thing, piece)
        { room: piece[:room_id], key: "#{piece[:id]} #{thing[:style]}", style: thing[:style], kind: thing[:kind],
          label: "#{thing[:name]}, where #{piece[:name]} was", colour: thing[:colour] }
      end
    end
  end
end
