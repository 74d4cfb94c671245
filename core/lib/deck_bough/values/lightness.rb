# frozen_string_literal: true

module DeckBough
  # How light a colour is to the eye, L* of CIE Lab: 0 black to 100 white.
  #
  #   Lightness.of("#ffffff") # => 100.0
  #   Lightness.of("#24524a") # => 31.7
  module Lightness
    # Their share of what the eye takes for light.
    SHARES = [0.2126, 0.7152, 0.0722].freeze
    UNKNOWN = 50.0

    module_function

    # @param colour [String, nil] "#rrggbb"; middling when there is none
    def of(colour)
      return UNKNOWN unless colour&.match?(/\A#\h{6}\z/)

      light = colour.scan(/\h\h/).zip(SHARES).sum { |part, share| linear(part.hex / 255.0) * share }
      light > 0.008856 ? (116 * Math.cbrt(light)) - 16 : 903.3 * light
    end

    def linear(part)
      part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055)**2.4
    end
    private_class_method :linear
  end
end
