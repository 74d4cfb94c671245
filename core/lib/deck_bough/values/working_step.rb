# frozen_string_literal: true

module DeckBough
  # One line of a working: the rule in words, the arithmetic with its numbers, what it gives.
  #
  #   WorkingStep.new(says: "Half the spread", sum: "1.40 ÷ 2", gives: "radius_m", value: 0.7, unit: "m")
  WorkingStep = Struct.new(:says, :sum, :gives, :value, :unit, keyword_init: true) do
    def initialize(**)
      super
      freeze
    end

    def to_h
      super.merge(gives: gives.to_s)
    end
  end

  # Prints a number for a sum the way a person would jot it down.
  #
  #   Figure.print(2.85802) # => "2.858"
  #   Figure.print(240)     # => "240"
  module Figure
    module_function

    def print(number, digits = 3)
      return number.to_s if number.is_a?(Integer)

      said = format("%.#{digits}f", number)
      said.include?(".") ? said.sub(/\.?0+\z/, "") : said
    end
  end
end
