# frozen_string_literal: true

module DeckBough
  module Wreaths
    # Of rings that overlap: which lies over which, and how much of each is still seen.
    #
    #   Wreaths::Layering.best([[0, 0, 0.3], [1, 0, 0.3]]).seen # => [1.0, 1.0]
    #
    # Rings as Arrangement gives them; each hides what is behind all of its round. Tried: from left to right, mirrored,
    # and the small ones behind; best is what hides least of the largest, then least of any. Source: handbook 60, Sets
    # and walls.
    Layering = Struct.new(:layers, :seen, keyword_init: true)

    class << Layering
      # A round is looked at in so many places of equal area.
      CIRCLES = 20
      SPOKES = 60
      private_constant :CIRCLES, :SPOKES

      # @return [Layering] layer of each (0 at the back) and the share of each that is seen
      def best(rings)
        star = rings.each_index.max_by { |i| [rings[i][2], -i] }
        orders(rings).map { |layers| new(layers: layers, seen: seen(rings, layers)) }
                     .max_by { |told| [told.seen[star].round(6), told.seen.min.round(6), told.layers.map(&:-@)] }
      end

      private

      def orders(rings)
        all = rings.each_index.to_a
        by_size = all.sort_by { |i| [rings[i][2], i] }
        [all, all.reverse, all.map { |i| by_size.index(i) }].uniq
      end

      def seen(rings, layers)
        rings.each_index.map do |i|
          over = rings.each_index.select { |other| layers[other] > layers[i] && meet?(rings[i], rings[other]) }
          over.empty? ? 1.0 : free(rings[i], rings.values_at(*over))
        end
      end

      def meet?(one, other)
        Math.hypot(one[0] - other[0], one[1] - other[1]) < ((one[2] + other[2]) / 2.0) - 1e-9
      end

      def free(ring, over)
        across, up, diameter = ring
        hidden = places.count do |x, y|
          over.any? do |x_over, y_over, other|
            (((across + (x * diameter)) - x_over)**2) + (((up + (y * diameter)) - y_over)**2) < (other / 2.0)**2
          end
        end
        1 - (hidden / places.size.to_f)
      end

      # Of a round of diameter 1.
      def places
        @places ||= Array.new(CIRCLES) { |i| Math.sqrt((i + 0.5) / CIRCLES) / 2 }.flat_map do |radius|
          Array.new(SPOKES) do |i|
            angle = 2 * Math::PI * (i + 0.5) / SPOKES
            [radius * Math.cos(angle), radius * Math.sin(angle)]
          end
        end.freeze
      end
    end
  end
end
