# frozen_string_literal: true

module DeckBough
  # Prints a mass as a person reads it off a label.
  #
  #   DeckBough::Mass.print(2.5, "metric")    # => "2.50 kg"
  #   DeckBough::Mass.print(0.25, "imperial") # => "8.8 oz"
  module Mass
    POUND = 0.45359237
    OUNCES = 16

    # Nothing that hangs is heavier; larger numbers are told as what they are.
    HEAVIEST = 1e9
    BEYOND = { "metric" => "over 1000000 t", "imperial" => "over 1000000 tons" }.freeze

    module_function

    # @param units ["metric", "imperial"]
    # @return [String] grams or ounces below half a kilogram or a pound
    def print(kilograms, units)
      return "#{'−' if kilograms.negative?}#{BEYOND.fetch(units)}" if kilograms.abs > HEAVIEST

      return print_pounds(kilograms / POUND) if units == "imperial"

      kilograms.abs < 0.4995 ? "#{(kilograms * 1000).round} g" : format("%.2f kg", kilograms)
    end

    def print_pounds(pounds)
      pounds.abs < 0.9995 ? format("%.1f oz", pounds * OUNCES).sub(".0 ", " ") : format("%.1f lb", pounds)
    end
    private_class_method :print_pounds
  end
end
