# frozen_string_literal: true

module DeckBough
  module Looks
    # A colour in a word or two, for who does not see it and for what has no name yet.
    #
    #   Looks::ColourWords.of("#24524a") # => "dark green"
    #   Looks::ColourWords.of("#ece8dd") # => "warm white"
    module ColourWords
      # Hue angles in CIELAB up to which a word goes, degrees.
      HUES = [[20, "pink"], [45, "red"], [72, "orange"], [105, "yellow"], [190, "green"], [220, "teal"], [290, "blue"],
              [330, "violet"], [360, "pink"]].freeze
      GREY = 7.0
      LEAN = 2.0

      module_function

      # @param colour [String] "#rrggbb"
      # @return [String]
      def of(colour)
        lab = Lab.of(colour)
        return grey(lab) if lab.chroma < GREY || (lab.lightness > 88 && lab.chroma < 12)

        hue = HUES.find { |till, _| Math.atan2(lab.b, lab.a) * 180 / Math::PI % 360 <= till }.last
        shade(lab, hue)
      end

      # Dark oranges and reds are browns and plums to the eye.
      def shade(lab, hue)
        return lab.lightness < 30 ? "dark brown" : "brown" if %w[orange yellow].include?(hue) && lab.lightness < 45
        return "plum" if hue == "pink" && lab.lightness < 40

        "#{depth(lab)}#{hue}"
      end

      def depth(lab)
        return "dark " if lab.lightness < 38
        return "pale " if lab.lightness > 75 && lab.chroma < 35

        lab.chroma < 20 ? "soft " : ""
      end

      def grey(lab)
        return "black" if lab.lightness < 15

        side = if lab.lean.abs <= LEAN then ""
               else lab.lean.positive? ? "warm " : "cool "
               end
        "#{side}#{grey_word(lab.lightness)}"
      end

      def grey_word(lightness)
        return "white" if lightness > 88

        lightness < 38 ? "dark grey" : "grey"
      end
      private_class_method :shade, :depth, :grey, :grey_word
    end
  end
end
