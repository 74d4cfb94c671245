# frozen_string_literal: true

module DeckBough
  module Shelving
    # Where the things of one tier stand by themselves: in a ring about the post as near to the rim as the widest lets
    # them, each by as much of the circle as it takes up, the tallest at the back. One alone on the uppermost stands in
    # its middle.
    #
    #   Shelving::Ring.new(bay, [["candle", "middle", 0.08, 0.2]]).places
    #
    # Metres from the middle of the tier, to the right and to the front.
    class Ring
      FULL = 2 * Math::PI

      # @param bay [Bay] a tier
      # @param things [Array<Array(String, String, Float, Float)>] form, slot, across, height
      def initialize(bay, things)
        @bay = bay
        @things = things
      end

      # @return [Array<Array(Float, Float)>] in the order they were given
      def places
        return [[0.0, 0.0]] if @things.size == 1 && @bay.uppermost?

        angle = -(turns[order.first] || 0) / 2.0
        found = order.to_h do |i|
          middle = angle + (turns[i] / 2.0)
          angle += turns[i] + between
          [i, at(middle)]
        end
        @things.each_index.map { |i| found.fetch(i) }
      end

      # How much of the circle they take up; over one there is no room for all.
      def taken
        return @things.first[2] / 2.0 / @bay.usable_m if @things.size == 1 && @bay.uppermost?
        return Float::INFINITY if @things.any? && radius <= 0

        turns.sum / FULL
      end

      # Whether all have a place inside the rim and beside the post.
      def fits?
        taken <= 1 + 1e-9 && (@bay.uppermost? || @things.all? do |thing|
          thing[2] <= @bay.usable_m - Bay::POST_M + 1e-9
        end)
      end

      private

      # Middles stand so far out.
      def radius
        @radius ||= @bay.usable_m - (widest / 2.0)
      end

      def widest
        @things.map { |thing| thing[2] }.max
      end

      # Of the circle, for a thing as wide as it is at that radius.
      def turns
        @turns ||= @things.map { |thing| 2 * Math.asin((thing[2] / 2.0 / [radius, thing[2] / 2.0].max).clamp(0, 1)) }
      end

      def between
        [FULL - turns.sum, 0].max / @things.size
      end

      # The tallest first: at the back, where the angle is nothing.
      def order
        @order ||= @things.each_index.sort_by { |i| [-@things[i][3], i] }
      end

      def at(angle)
        out = [radius, 0].max
        [(out * Math.sin(angle)).round(6), (-out * Math.cos(angle)).round(6)]
      end
    end
  end
end
