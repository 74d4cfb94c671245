# frozen_string_literal: true

module DeckBough
  # The arc of a loop or swag: a parabola over a chord.
  #
  #   Parabola.arc(0.119, 0.165).round(4) # => 0.3612
  #
  # Source: handbook 40, Tucked loops; 50, Swags. Metres.
  module Parabola
    module_function

    # The same between ends of different height: the garland hangs `stand` below the middle of the straight line.
    #
    #   Parabola.arc_between(0.119, 0, 0.165).round(4) # => 0.3612
    #
    # @param across [Float] between the ends, along the floor
    # @param up [Float] how much higher the right end is
    def arc_between(across, up, stand)
      return Math.hypot(across, up) if stand.zero?

      slope = up.fdiv(across)
      bend = 4.0 * stand / across
      (length_to(slope + bend) - length_to(slope - bend)) * across / (2 * bend)
    end

    # The arc of y = x²/2 from its lowest point to where its slope is this.
    def length_to(slope)
      ((slope * Math.sqrt(1 + (slope**2))) + Math.asinh(slope)) / 2
    end
    private_class_method :length_to

    # @param chord [Float] between the ends, above 0
    # @param stand [Float] how far the middle stands off (or sags), 0 for a straight line
    def arc(chord, stand)
      return chord.to_f if stand.zero?

      (Math.sqrt((chord**2) + (16 * (stand**2))) / 2) + ((chord**2) / (8.0 * stand) * Math.asinh(4.0 * stand / chord))
    end
  end
end
