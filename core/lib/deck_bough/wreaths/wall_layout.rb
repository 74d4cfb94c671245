# frozen_string_literal: true

module DeckBough
  module Wreaths
    # Wreaths on a wall: where each hangs, and which do not fit. As few as may be are left out, and of those that would
    # do the smallest.
    #
    #   Wreaths::WallLayout.new(wall_width_m: 1, wall_height_m: 1, arrangement: "row", gap_m: 0)
    #                      .laid([0.6, 0.6]) # leaves out [1]
    #
    # Metres from left and floor. It tries at most as many arrangements as there are pairs of wreaths. Source: handbook
    # 60, Sets and walls.
    class WallLayout
      # What lies about a wall's middle for the rings of some numbers.
      Laid = Struct.new(:places, :left_out, :layering, :overlap, keyword_init: true)

      # By so much less they overlap until enough of each is seen.
      LESS = 0.01

      # @param centre_m [Numeric, nil] what the group is centred on; the wall's middle
      # @param middle_height_m [Numeric, nil] likewise
      def initialize(wall_width_m:, wall_height_m:, arrangement:, gap_m:, overlap: 0, centre_m: nil,
                     middle_height_m: nil, seen_least: 0.0)
        @wide = wall_width_m
        @high = wall_height_m
        @arrangement = arrangement
        @gap = gap_m
        @overlap = overlap
        @centre = centre_m || (wall_width_m / 2.0)
        @middle = middle_height_m || (wall_height_m / 2.0)
        @seen_least = seen_least
      end

      # @param diameters [Array<Numeric>]
      # @return [Laid] places: [left, floor, diameter] of those that fit; left_out: numbers of the others
      def laid(diameters)
        overlap = @overlap
        loop do
          told = with_overlap(diameters, overlap)
          return told if told.layering.seen.all? { |share| share >= @seen_least } || overlap.zero?

          overlap = [(overlap - LESS).round(6), 0].max
        end
      end

      private

      def with_overlap(diameters, overlap)
        left_out = left_out(diameters, overlap)
        kept = diameters.each_with_index.reject { |_, i| left_out.include?(i) }.map(&:first)
        rings = arranged(kept, overlap)
        Laid.new(places: rings.map { |across, up, diameter| [@centre + across, @middle + up, diameter] },
                 left_out: left_out, layering: rings.empty? ? Layering.new(layers: [], seen: []) : Layering.best(rings),
                 overlap: overlap)
      end

      # The largest go first; of the last one to go the smallest is taken that will do.
      def left_out(diameters, overlap)
        by_size = diameters.each_index.sort_by { |i| [-diameters[i], -i] }
        return [] if fits?(diameters, [], overlap)

        (0...diameters.size).each do |count|
          gone = by_size.first(count)
          others = by_size.drop(count).sort_by { |i| [diameters[i], -i] }
          last = others.find { |i| fits?(diameters, [*gone, i], overlap) }
          return [*gone, last].sort if last
        end
        diameters.each_index.to_a
      end

      def fits?(diameters, without, overlap)
        kept = diameters.each_with_index.reject { |_, i| without.include?(i) }.map(&:first)
        arranged(kept, overlap).all? do |across, up, diameter|
          within?(@centre + across, diameter, @wide) && within?(@middle + up, diameter, @high)
        end
      end

      def within?(at, diameter, length)
        at.between?((diameter / 2.0) - 1e-9, length - (diameter / 2.0) + 1e-9)
      end

      def arranged(diameters, overlap)
        Arrangement.of(@arrangement, diameters, gap_m: @gap, overlap: overlap)
      end
    end
  end
end
