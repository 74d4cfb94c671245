# frozen_string_literal: true

module DeckBough
  # A number with its unit, to be said in whichever units the person reads.
  #
  #   Measure.new(3.6576, "m").told("imperial") # => "12 ft"
  #   Measure.new(0.5, "kg").told("metric")     # => "0.5 kg"
  Measure = Struct.new(:number, :unit) do
    def initialize(*)
      super
      freeze
    end

    # @param units ["metric", "imperial"]
    def told(units)
      return format("%.2f", number / 100.0) if unit == "cents"
      return plainly unless units == "imperial"

      jotting = Jotting.new(units)
      case unit
      when "m" then Length.print(number, units)
      when "m2" then "#{jotting.long(number, 2)} ft²"
      when "kg" then Mass.print(number, units)
      when "g" then Mass.print(number / 1000.0, units)
      when "mm" then Length.print(number / 1000.0, units)
      else plainly
      end
    end

    private

    def plainly
      return "#{Figure.print(number)}°" if unit == "degrees"

      "#{Figure.print(number)} #{unit.sub(/\Am2\z/, 'm²')}".strip
    end
  end
  # From one measure to another.
  #
  #   MeasureSpan.new(0.3, 12, "m").told("metric") # => "0.3 m to 12 m"
  MeasureSpan = Struct.new(:low, :high, :unit) do
    def told(units)
      [low, high].map { |number| Measure.new(number, unit).told(units) }.join(" to ")
    end
  end
end
