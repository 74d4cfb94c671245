# frozen_string_literal: true

module DeckBough
  # How light a colour is to the eye, L* of CIE Lab: 0 black to 100 white.
  #
  #   Lightness.of("#ffffff") # => 100.0
  #   Lightness.of("#24524a") # => 31.7
  module Lightness
    UNKNOWN = 50.0

    module_function

    # @param colour [String, nil] "#rrggbb"; middling when there is none
    def of(colour)
      colour&.match?(/\A#\h{6}\z/) ? Lab.of(colour).lightness : UNKNOWN
    end
  end
end
