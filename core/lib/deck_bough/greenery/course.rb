# frozen_string_literal: true

module DeckBough
  module Greenery
    # A line in the upright plane, measured along itself: straight, hanging or round.
    #
    #   Greenery::Course.straight([0, 1.2], [1.5, 1.2]).at(0.75) # => [0.75, 1.2]
    #
    # Metres; x to the right, y up from the floor. The outer side is the left of whoever walks along it.
    class Course
      PARTS = 48

      attr_reader :length

      def self.straight(from, to)
        new([from, to])
      end

      # A garland hanging between two points, its middle `sag` below the straight line.
      def self.hanging(from, to, sag)
        points = (0..PARTS).map do |i|
          t = i.fdiv(PARTS)
          [from[0] + (t * (to[0] - from[0])), from[1] + (t * (to[1] - from[1])) - (4 * sag * t * (1 - t))]
        end
        new(points, Parabola.arc_between(to[0] - from[0], to[1] - from[1], sag))
      end

      # A ring seen a little from below: it goes once round, greens standing up all the way.
      def self.ring(middle, diameter)
        points = (0..PARTS).map do |i|
          turn = 2 * Math::PI * i / PARTS
          [middle[0] - (diameter / 2 * Math.cos(turn)), middle[1] + (diameter / 2 * FORESHORTENED * Math.sin(turn))]
        end
        new(points, Math::PI * diameter, upright: true)
      end
      FORESHORTENED = 0.3

      # @param length [Float] the true length, where the points only come close to it
      def initialize(points, length = nil, upright: false)
        @points = points
        @upright = upright
        @ends = points.each_cons(2).reduce([0.0]) do |sums, ((x, y), (to_x, to_y))|
          sums << (sums.last + Math.hypot(to_x - x, to_y - y))
        end
        @length = length || @ends.last
      end

      # @return [Array(Float, Float)] x and y
      def at(along_m)
        i, part = segment(along_m)
        (x, y), (to_x, to_y) = @points[i, 2]
        [x + (part * (to_x - x)), y + (part * (to_y - y))]
      end

      # @return [Array(Float, Float)] the direction of the outer (on a shelf: upper) side, of length 1
      def outward(along_m)
        return [0.0, 1.0] if @upright

        (x, y), (to_x, to_y) = @points[segment(along_m).first, 2]
        long = Math.hypot(to_x - x, to_y - y)
        [-(to_y - y) / long, (to_x - x) / long]
      end

      private

      def segment(along_m)
        drawn = along_m.clamp(0, @length) * @ends.last / @length
        i = [@ends.bsearch_index { |sum| sum > drawn } || @ends.size, @ends.size - 1].min - 1
        i = [i, 0].max
        [i, (drawn - @ends[i]) / (@ends[i + 1] - @ends[i])]
      end
    end
  end
end
