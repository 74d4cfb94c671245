# frozen_string_literal: true

module DeckBough
  module Shelving
    # Where each colour is met: the points of a unit at which it stands, and whether they form a triangle.
    #
    #   Shelving::ColourPoints.of([["#8a3b4d", 0.2, 1.6], ["#8a3b4d", 1.2, 0.4]]).first.points.size
    #   # => 2
    #
    # Colours nearer to each other than a family's are one. Metres. Source: handbook 70, Shelves.
    class ColourPoints
      # One colour family (handbook 80, Look).
      FAMILY = 20
      THREE = 3

      # @param met [Array<Array(String, Float, Float)>] colour, where it is, across and up
      # @return [Array<ColourPoints>] in the order they are met
      def self.of(met)
        met.each_with_object([]) do |(colour, x, y), found|
          family = found.find { |one| ColourDifference.of(one.colour, colour) <= FAMILY }
          found << (family = new(colour)) unless family
          family.met(x, y)
        end
      end

      attr_reader :colour, :points

      def initialize(colour)
        @colour = colour
        @points = []
      end

      def met(across, up)
        @points |= [[across, up]]
      end

      # The three that span most, two where there are no more.
      #
      # @return [Array<Array(Float, Float)>]
      def corners
        @corners ||= if points.size < THREE
                       points
                     else
                       points.combination(THREE).max_by do |three|
                         ColourPoints.area(three)
                       end
                     end
      end

      # Of the widest triangle, square metres.
      def area_m2
        points.size < THREE ? 0.0 : ColourPoints.area(corners)
      end

      def self.area(three)
        (ax, ay), (bx, by), (cx, cy) = three
        (((bx - ax) * (cy - ay)) - ((cx - ax) * (by - ay))).abs / 2.0
      end
    end
  end
end
