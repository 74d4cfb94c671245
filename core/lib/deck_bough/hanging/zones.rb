# frozen_string_literal: true

module DeckBough
  module Hanging
    # The surface cut across into zones by who may hang where, and how many of each bearing go into each.
    #
    # Breakable ones hang above the reach line, heavy ones below the top of the foliage, nothing in the crown's own band
    # (handbook 30, rules 4, 5 and 7). Each zone takes its share of the surface as far as its bearings allow; what has
    # no place at all is told, never squeezed in.
    class Zones
      Zone = Struct.new(:low_m, :high_m, :breakable, :heavy, :natural, :room, keyword_init: true) do
        def takes?(bearing)
          (breakable || !bearing[0]) && (heavy || !bearing[1])
        end
      end

      # A row of a perfect honeycomb takes √3/2 of its width.
      # Breakables hang above the reach line, not on it.
      ABOVE = 0.001
      HONEYCOMB = Math.sqrt(3) / 2
      # Those with the least choice are placed first; breakable and heavy ones have the least of all.
      ORDER = [[true, true], [false, true], [true, false], [false, false]].freeze

      attr_reader :zones

      # @param surface [TreeSurface]
      # @param ornaments [Array<Ornament>] without the keepsakes' own rule
      # @param reach_m [Float] above the stand of the tree; 0 when nobody reaches
      def initialize(surface:, ornaments:, reach_m:, house:)
        @surface = surface
        @ornaments = ornaments
        @reach = reach_m
        @house = house
        @zones = cut
      end

      # The crown's own band begins here; on a very small tree it takes no more than half.
      def self.top(surface, house)
        [surface.height - house["ornaments.crown_band"], surface.hem + (surface.foliage / 2)].max
      end

      # Heavy ones hang below this height.
      def self.heavy_line(surface, house)
        surface.height - (house["ornaments.heavy_top"] * surface.foliage)
      end

      # @param counts [Hash{bearing => Integer}] how many there are of each bearing
      # @param room [Array<Integer>] how many sites each zone has; what physically fits unless given
      # @return [Array<Hash{bearing => Integer}>] how many of each go into each zone, lowest first
      def allot(counts, room: zones.map(&:room))
        taken = zones.map { Hash.new(0) }
        total = counts.values.sum
        shares = zones.map { |zone| zone.natural * total }
        ORDER.each do |bearing|
          left = counts.fetch(bearing, 0)
          left = fill(taken, room, bearing, left) { |i| [shares[i] - taken[i].values.sum, 0].max }
          fill(taken, room, bearing, left) { |i| room[i] - taken[i].values.sum }
        end
        taken
      end

      private

      # Spreads up to `count` over the zones that take it, by what is wanted of each and never over its room.
      #
      # @return [Integer] how many found no place
      def fill(taken, room, bearing, count)
        wanted = zones.each_with_index.map do |zone, i|
          zone.takes?(bearing) ? yield(i).clamp(0, room[i] - taken[i].values.sum) : 0
        end
        parts = LargestRemainder.share([count, wanted.sum.ceil].min, wanted) unless wanted.sum.zero?
        (parts || []).each_with_index do |part, i|
          part = [part, room[i] - taken[i].values.sum].min
          taken[i][bearing] += part
          count -= part
        end
        count
      end

      def cut
        heights = [@surface.hem, *lines, self.class.top(@surface, @house)].uniq.sort
        weights = heights.each_cons(2).map { |low, high| weight(low, high) }
        heights.each_cons(2).zip(weights).map do |(low, high), weight|
          middle = (low + high) / 2
          Zone.new(low_m: low, high_m: high, breakable: middle >= @reach,
                   heavy: middle < self.class.heavy_line(@surface, @house),
                   natural: weight / weights.sum, room: room(low, high))
        end
      end

      def lines
        found = []
        found << (@reach + ABOVE) if @ornaments.any?(&:breakable)
        found << self.class.heavy_line(@surface, @house) if @ornaments.any?(&:heavy)
        found.select { |line| line > @surface.hem && line < self.class.top(@surface, @house) }
      end

      # Surface over the square of the wanted spacing: how many sites a band gets before anything is forbidden.
      def weight(low, high)
        steps = 24
        Array.new(steps) do |i|
          from = low + ((high - low) * i / steps)
          to = low + ((high - low) * (i + 1) / steps)
          @surface.share_between(from, to) / (Spacing.relative(@surface, (from + to) / 2, @house)**2)
        end.sum
      end

      # How many fit when they all but touch.
      def room(low, high)
        count = @ornaments.sum(&:count)
        return 0 if count.zero?

        mean = @ornaments.sum { |ornament| ornament.count * ornament.diameter_mm } / count / 1000.0
        apart = @house["ornaments.closest"] * mean
        (@surface.area * @surface.share_between(low, high) / (HONEYCOMB * apart * apart)).floor
      end
    end

    # Smaller spacing at the top, wider below (handbook 30): relative to that at the tip.
    module Spacing
      module_function

      def relative(surface, height_m, house)
        down = (surface.height - height_m) / surface.foliage
        1 + ((house["ornaments.widening"] - 1) * down)
      end
    end
  end
end
