# frozen_string_literal: true

module DeckBough
  module Greenery
    # How much of its rise or trail a stem has beside its middle: 1 there, nothing at half the spread, smooth between.
    #
    #   Greenery::Swell.at(0.25) # => 0.5
    #
    # Source: handbook 50, Rise, Body, Trail.
    module Swell
      module_function

      # @param part [Float] how far from its middle, in spreads
      def at(part)
        part.abs <= 0.5 ? (1 + Math.cos(2 * Math::PI * part)) / 2 : 0.0
      end
    end
  end
end
