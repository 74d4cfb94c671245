# frozen_string_literal: true

module DeckBough
  # A colour as the eye orders it: CIE Lab, from sRGB under D65. lightness 0 black to 100 white; chroma is how far it is
  # from grey.
  #
  #   Lab.of("#2f5d4a").lightness.round(1) # => 35.9
  Lab = Struct.new(:lightness, :a, :b) do
    def chroma
      Math.hypot(a, b)
    end

    # To the warm side above nothing, to the cool side below (handbook 75, Undertone).
    def lean
      b + (0.5 * a)
    end

    # As near as a screen comes to it.
    #
    # @return [String] "#rrggbb"
    def hex
      Lab.hex(self)
    end
  end

  # How a colour written as "#rrggbb" becomes one (rule catalogue, Colours).
  class << Lab
    WHITE = [0.95047, 1.0, 1.08883].freeze
    FROM_RGB = [[0.4124564, 0.3575761, 0.1804375], [0.2126729, 0.7151522, 0.0721750],
                [0.0193339, 0.1191920, 0.9503041]].freeze
    # Below this share of white the scale is straight.
    DARK = (6.0 / 29)**3
    TO_RGB = [[3.2404542, -1.5371385, -0.4985314], [-0.9692660, 1.8760108, 0.0415560],
              [0.0556434, -0.2040259, 1.0572252]].freeze
    private_constant :WHITE, :FROM_RGB, :TO_RGB, :DARK

    # @param colour [String] "#rrggbb"
    # @return [Lab]
    def of(colour)
      rgb = LinearLight.of(colour)
      x, y, z = FROM_RGB.zip(WHITE).map { |row, white| scaled(row.zip(rgb).sum { |share, part| share * part } / white) }
      new((116 * y) - 16, 500 * (x - y), 200 * (y - z))
    end

    #   Lab.hex(Lab.of("#d3a02a")) # => "#d3a02a"
    def hex(lab)
      y = (lab.lightness + 16) / 116
      xyz = [y + (lab.a / 500), y, y - (lab.b / 200)].zip(WHITE).map { |part, white| unscaled(part) * white }
      LinearLight.hex(TO_RGB.map { |row| row.zip(xyz).sum { |share, part| share * part } })
    end

    private

    def unscaled(part)
      part > 6.0 / 29 ? part**3 : (part - (4.0 / 29)) * 3 * ((6.0 / 29)**2)
    end

    def scaled(share)
      share > DARK ? Math.cbrt(share) : (share / (3 * ((6.0 / 29)**2))) + (4.0 / 29)
    end
  end
end
