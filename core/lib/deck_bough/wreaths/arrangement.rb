# frozen_string_literal: true

module DeckBough
  module Wreaths
    # Several rings beside one another, about the middle of all of them: in a row, in two, staggered, or round the
    # largest. Each is [across, up, diameter], in the order they were given.
    #
    #   Wreaths::Arrangement.of("row", [0.3, 0.3], gap_m: 0.1).map { |across, _, _| across.round(3) } # => [-0.2, 0.2]
    #
    # Metres. Overlap is the share of the smaller one that lies over its neighbour; then there is no gap. Source:
    # handbook 60, Sets and walls.
    class Arrangement
      KINDS = %w[row two_rows staggered cluster].freeze

      def self.of(kind, diameters, gap_m:, overlap: 0)
        return [] if diameters.empty?

        new(diameters, gap_m, overlap).centred(kind)
      end

      def initialize(diameters, gap_m, overlap)
        @diameters = diameters
        @gap = gap_m
        @overlap = overlap
      end

      # The box round all of them has its middle at nothing.
      def centred(kind)
        placed = send(kind)
        across, up = [0, 1].map do |axis|
          [placed.map { |ring| ring[axis] - (ring[2] / 2.0) }.min, placed.map do |ring|
            ring[axis] + (ring[2] / 2.0)
          end.max].sum / 2
        end
        placed.map { |x, y, diameter| [x - across, y - up, diameter] }
      end

      private

      # From edge to edge of two neighbours; less than nothing where they overlap.
      def between(one, other)
        @overlap.positive? ? -@overlap * [one, other].min : @gap
      end

      def row
        in_a_row(@diameters, 0.0)
      end

      def in_a_row(diameters, up)
        left = 0.0
        placed = diameters.each_with_index.map do |diameter, i|
          left += between(diameters[i - 1], diameter) if i.positive?
          left += diameter
          [left - (diameter / 2.0), up, diameter]
        end
        placed.map { |across, _, diameter| [across - (left / 2), up, diameter] }
      end

      def two_rows
        upper, lower = halves
        return row if lower.empty?

        up = (upper.max / 2.0) + between(upper.max, lower.max) + (lower.max / 2.0)
        in_a_row(upper, up) + in_a_row(lower, 0.0)
      end

      def halves
        upper = (@diameters.size / 2.0).ceil
        [@diameters.first(upper), @diameters.drop(upper)]
      end

      # The lower ones hang between the upper ones, as near as those are to each other.
      def staggered
        upper, lower = halves
        largest = @diameters.max
        pitch = largest + between(largest, largest)
        up = pitch * Math.sqrt(3) / 2
        upper.each_with_index.map { |diameter, i| [i * pitch, up, diameter] } +
          lower.each_with_index.map { |diameter, i| [(i + 0.5) * pitch, 0.0, diameter] }
      end

      # Clockwise from the top, none nearer to its neighbours than to the largest.
      def cluster
        star = @diameters.index(@diameters.max)
        others = @diameters.size - 1
        return [[0.0, 0.0, @diameters[star]]] if others.zero?

        away = distance(@diameters[star], @diameters.each_with_index.reject do |_, i|
          i == star
        end.map(&:first).max, others)
        turn = -1
        @diameters.each_with_index.map do |diameter, i|
          next [0.0, 0.0, diameter] if i == star

          angle = 2 * Math::PI * (turn += 1) / others
          [away * Math.sin(angle), away * Math.cos(angle), diameter]
        end
      end

      def distance(star, largest, others)
        beside_star = (star / 2.0) + between(star, largest) + (largest / 2.0)
        return beside_star if others < 2

        [beside_star, (largest + between(largest, largest)) / (2 * Math.sin(Math::PI / others))].max
      end
    end
  end
end
