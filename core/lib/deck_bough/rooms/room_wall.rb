# frozen_string_literal: true

module DeckBough
  module Rooms
    # A wall as one stands before it: from its left corner to its right one, in the plan of its room.
    #
    #   Rooms::RoomWall.new(key: "front", name: "Front wall", from: [0.0, 0.0], to: [4.2, 0.0]).at(1.0, 0.5)
    #   # => [1.0, 0.5]
    #
    # Metres; in the plan x runs to the right and y from the front wall towards the one behind, so that corners go round
    # clockwise as seen from above.
    RoomWall = Struct.new(:key, :name, :colour, :from, :to, keyword_init: true) do
      def initialize(colour: nil, **)
        super
        freeze
      end

      def length
        Math.hypot(to[0] - from[0], to[1] - from[1])
      end

      # @return [Array(Float, Float)] one metre along it
      def along
        [(to[0] - from[0]) / length, (to[1] - from[1]) / length]
      end

      # @return [Array(Float, Float)] one metre away from it, into the room
      def inward
        across, down = along
        [-down, across]
      end

      # @param left [Float] from its left corner
      # @param out [Float] away from it, into the room
      # @return [Array(Float, Float)] the point in the plan
      def at(left, out = 0.0)
        (along_x, along_y), (in_x, in_y) = along, inward
        [from[0] + (along_x * left) + (in_x * out), from[1] + (along_y * left) + (in_y * out)]
      end

      # @return [Array(Float, Float)] of a point: how far from its left corner, how far away from it
      def measure(point)
        (along_x, along_y), (in_x, in_y) = along, inward
        dx = point[0] - from[0]
        dy = point[1] - from[1]
        [(dx * along_x) + (dy * along_y), (dx * in_x) + (dy * in_y)]
      end

      # Whether two face each other.
      def opposite?(other)
        (along[0] * other.along[0]) + (along[1] * other.along[1]) < RoomWall::OPPOSITE
      end
    end

    # As far as a corner that is not square allows.
    RoomWall::OPPOSITE = -0.8
  end
end
