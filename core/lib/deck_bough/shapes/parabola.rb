# frozen_string_literal: true

module DeckBough
  # The arc of a loop or swag: a parabola over a chord.
  #
  #   Parabola.arc(0.119, 0.165).round(4) # => 0.3612
  #
  # Source: handbook 40, Tucked loops; 50, Swags. Metres.
  module Parabola
    module_function

    # @param chord [Float] between the ends, above 0
    # @param stand [Float] how far the middle stands off (or sags), 0 for a straight line
    def arc(chord, stand)
      return chord.to_f if stand.zero?

      (Math.sqrt((chord**2) + (16 * (stand**2))) / 2) + ((chord**2) / (8.0 * stand) * Math.asinh(4.0 * stand / chord))
    end
  end
end
