# frozen_string_literal: true

module DeckBough
  # A colour of a screen as the light it sends: red, green and blue from 0 to 1, each twice as much for twice the light.
  #
  #   LinearLight.hex(LinearLight.of("#d3a02a")) # => "#d3a02a"
  module LinearLight
    module_function

    # @param colour [String] "#rrggbb"
    # @return [Array<Float>] red, green, blue
    def of(colour)
      colour.scan(/\h\h/).map do |part|
        share = part.hex / 255.0
        share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055)**2.4
      end
    end

    # The nearest colour a screen has: what lies beyond is cut off.
    #
    # @return [String] "#rrggbb"
    def hex(light)
      parts = light.map do |share|
        share <= 0.0031308 ? 12.92 * share : (1.055 * (share**(1 / 2.4))) - 0.055
      end
      format("#%02x%02x%02x", *parts.map { |part| (255 * part).round.clamp(0, 255) })
    end
  end
end
