# frozen_string_literal: true

module DeckBough
  # How different two colours look, by CIEDE2000: under 10 of one family, over 20 plainly another (handbook 80, Look).
  #
  #   ColourDifference.of("#d3a02a", "#d3a02a") # => 0.0
  #   ColourDifference.between(Lab.new(50, 2.6772, -79.7751), Lab.new(50, 0, -82.7485)).round(4) # => 2.0425
  module ColourDifference
    POWER = 25.0**7
    FULL = 2 * Math::PI

    module_function

    # @param first, second [String] "#rrggbb"
    # @return [Float]
    def of(first, second)
      between(Lab.of(first), Lab.of(second))
    end

    # @param first, second [Lab]
    # @return [Float]
    def between(first, second)
      chroma = (first.chroma + second.chroma) / 2
      stretched = 1 + (0.5 * (1 - Math.sqrt((chroma**7) / ((chroma**7) + POWER))))
      weigh(polar(first, stretched), polar(second, stretched))
    end

    # Lightness, chroma and hue, with greens and reds stretched near grey.
    def polar(lab, stretched)
      a = lab.a * stretched
      hue = a.zero? && lab.b.zero? ? 0.0 : Math.atan2(lab.b, a) % FULL
      [lab.lightness, Math.hypot(a, lab.b), hue]
    end

    def weigh((light, chroma, hue), (light2, chroma2, hue2))
      grey = (chroma * chroma2).zero?
      mean = [(light + light2) / 2, (chroma + chroma2) / 2, grey ? hue + hue2 : mean_hue(hue, hue2)]
      turn = grey ? 0.0 : turn(hue, hue2)
      by_light = (light2 - light) / light_scale(mean[0])
      by_chroma = (chroma2 - chroma) / (1 + (0.045 * mean[1]))
      by_hue = 2 * Math.sqrt(chroma * chroma2) * Math.sin(turn / 2) / (1 + (0.015 * mean[1] * hue_scale(mean[2])))
      Math.sqrt([(by_light**2) + (by_chroma**2) + (by_hue**2) + (rotation(mean) * by_chroma * by_hue), 0].max)
    end

    def turn(hue, hue2)
      by = hue2 - hue
      return by if by.abs <= Math::PI

      by.positive? ? by - FULL : by + FULL
    end

    def mean_hue(hue, hue2)
      sum = hue + hue2
      return sum / 2 if (hue - hue2).abs <= Math::PI

      sum < FULL ? (sum + FULL) / 2 : (sum - FULL) / 2
    end

    def light_scale(mean)
      off = (mean - 50)**2
      1 + (0.015 * off / Math.sqrt(20 + off))
    end

    def hue_scale(mean)
      1 - (0.17 * Math.cos(mean - degrees(30))) + (0.24 * Math.cos(2 * mean)) +
        (0.32 * Math.cos((3 * mean) + degrees(6))) - (0.20 * Math.cos((4 * mean) - degrees(63)))
    end

    # Blues lean: where they differ in chroma and hue at once.
    def rotation((_, chroma, hue))
      lean = degrees(30) * Math.exp(-((((hue / Math::PI * 180) - 275) / 25)**2))
      -Math.sin(2 * lean) * 2 * Math.sqrt((chroma**7) / ((chroma**7) + POWER))
    end

    def degrees(number)
      number * Math::PI / 180
    end
    private_class_method :polar, :weigh, :turn, :mean_hue, :light_scale, :hue_scale, :rotation, :degrees
  end
end
