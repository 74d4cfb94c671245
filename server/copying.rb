# frozen_string_literal: true

module DeckBough
  module Server
    # What a piece comes to elsewhere: all of it in another place, or its look on another piece. Stores nothing.
    #
    #   Copying.new(planning).into(piece, room_id: id, place_id: nil) # => settings, fitted to the place
    class Copying
      def initialize(planning)
        @planning = planning
      end

      # @return [Hash] settings, unchecked
      def into(piece, room_id:, place_id:)
        there = { **piece, room_id: room_id }
        fitted = @planning.of(there, place_id: place_id).fitted
        look(piece, there, place_id: place_id, settings: fitted)
      end

      # @param settings [Hash] of the other piece as it is dialled
      # @return [Hash] settings, unchecked
      def look(from, onto, settings:, place_id: onto[:place_id])
        kind = Kinds.of(onto[:kind])
        other = kind.check(settings)
        kind.look.onto(from[:settings], other, ratio(from, onto, other, place_id))
      end

      private

      # As large as it was where one of them is not measured yet.
      def ratio(from, onto, settings, place_id)
        before = @planning.of(from).extent
        after = @planning.of(onto, settings: settings, place_id: place_id).extent
        before && after ? after / before : 1.0
      end
    end
  end
end
