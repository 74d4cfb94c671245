# frozen_string_literal: true

module DeckBough
  module Wreaths
    # The outline wanted round a ring, as a thickness at every hour.
    #
    #   Wreaths::RingOutline.new(shape: "crescent", low_m: 0.1, high_m: 0.3, from_h: 7, to_h: 1).at(10.0) # => 0.3
    #
    # Source: handbook 60, Fullness round the ring.
    class RingOutline
      SHAPES = %w[even crescent].freeze

      # @param from_h, to_h [Numeric] of a crescent, clockwise
      def initialize(shape:, high_m:, low_m: 0, from_h: nil, to_h: nil)
        @shape = shape
        @high = high_m
        @low = low_m
        @from = from_h
        # From an hour to the same one it goes all round.
        @arc = if shape == "crescent"
                 ((to_h - from_h) % 12).then { |arc| arc.zero? ? 12 : arc }
               end
      end

      # @return [Float] the thickness wanted
      def at(hour)
        return @high.to_f if @shape == "even"

        part = ((hour - @from) % 12) / @arc.to_f
        part > 1 ? @low.to_f : @low + ((@high - @low) * Math.sqrt([1 - (((2 * part) - 1)**2), 0].max))
      end
    end
  end
end
