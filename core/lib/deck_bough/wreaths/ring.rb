# frozen_string_literal: true

module DeckBough
  module Wreaths
    # The ring of a wreath: everything stands on the circle halfway between its edges. Hours are the clock's, 12 at the
    # top. Metres. Source: handbook 60, Dressing, Hanging.
    #
    #   Wreaths::Ring.new(outer_m: 0.6, inner_m: 0.3).middle_m.round(4) # => 1.4137
    Ring = Struct.new(:outer_m, :inner_m, keyword_init: true) do
      # From the centre to the middle of the ring.
      def radius_m
        (outer_m + inner_m) / 4.0
      end

      # All round, along the middle.
      def middle_m
        2 * Math::PI * radius_m
      end

      # Without its opening, square metres.
      def area_m2
        Math::PI * ((outer_m**2) - (inner_m**2)) / 4
      end

      # How thick the ring itself is.
      def thickness_m
        (outer_m - inner_m) / 2.0
      end

      # Where an hour is along the middle, clockwise from the top.
      def along(hour)
        (hour % 12) / 12.0 * middle_m
      end

      # The short way between two hours.
      def between(hour, other)
        apart = ((hour - other) % 12).abs
        [apart, 12 - apart].min / 12.0 * middle_m
      end

      # How far above the centre the middle of the ring is, so far to the side; nil beyond the ring.
      def above(offset_m)
        offset_m > radius_m + 1e-9 ? nil : Math.sqrt([(radius_m**2) - (offset_m**2), 0].max)
      end
    end
  end
end
