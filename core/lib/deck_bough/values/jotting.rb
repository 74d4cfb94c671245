# frozen_string_literal: true

module DeckBough
  # Prints the numbers of a sum in the person's units, as bare as she would jot them down: feet and pounds, or metres
  # and kilograms. What comes of the sum is printed by whoever shows it.
  #
  #   Jotting.new("imperial").long(3.048)   # => "10"
  #   Jotting.new("imperial").long(17.2, -2) # => "1.598"
  #
  # The second is so many to the square metre.
  class Jotting
    # @param units ["metric", "imperial"]
    def initialize(units)
      @units = units
    end

    def imperial?
      @units == "imperial"
    end

    # @param power [Integer] 1 for metres, 2 for square metres, -2 for how many to the square metre
    def long(number, power = 1, digits = 3)
      imperial? ? Figure.print(number / (Length::FOOT**power).to_f, digits) : Figure.print(number, digits)
    end

    def heavy(kilograms, digits = 3)
      Figure.print(imperial? ? kilograms / Mass::POUND : kilograms, digits)
    end

    # @return [String] "m" or "ft"
    def unit
      imperial? ? "ft" : "m"
    end
  end
end
