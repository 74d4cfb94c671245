# frozen_string_literal: true

module DeckBough
  module Rooms
    # How the plan of one room lies in the plan of another: turned and moved, so that both sides of one opening meet.
    #
    #   Rooms::Frame::SAME.at([1.0, 2.0]) # => [1.0, 2.0]
    Frame = Struct.new(:cos, :sin, :across, :down, keyword_init: true) do
      # @param here [Array(RoomWall, Hash)] the wall and the opening as this room has it
      # @param there [Array(RoomWall, Hash)] the same hole as the other room has it
      # @return [Frame] of the other room's plan in this one's
      def self.through(here, there)
        (wall, opening), (other, counter) = here, there
        ax, ay = wall.along.map(&:-@)
        bx, by = other.along
        cos = (ax * bx) + (ay * by)
        sin = (ay * bx) - (ax * by)
        x, y = wall.at(opening[:left_m] + (opening[:width_m] / 2.0))
        u, v = other.at(counter[:left_m] + (counter[:width_m] / 2.0))
        new(cos: cos, sin: sin, across: x - ((cos * u) - (sin * v)), down: y - ((sin * u) + (cos * v)))
      end

      def initialize(**)
        super
        freeze
      end

      def at(point)
        x, y = turned(point)
        [x + across, y + down]
      end

      def turned((x, y))
        [(cos * x) - (sin * y), (sin * x) + (cos * y)]
      end

      # A frame seen from this one, seen from where this one is.
      def then(other)
        x, y = at([other.across, other.down])
        Frame.new(cos: (cos * other.cos) - (sin * other.sin), sin: (sin * other.cos) + (cos * other.sin), across: x,
                  down: y)
      end
    end

    Frame::SAME = Frame.new(cos: 1.0, sin: 0.0, across: 0.0, down: 0.0)
  end
end
