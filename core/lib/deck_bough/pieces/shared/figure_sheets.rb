# frozen_string_literal: true

module DeckBough
  # What figures of every kind read off a reckoning share: each with its unit and the sheet of its working, and steps of
  # a working.
  #
  # Part of figures that give, privately, `entries`: name → [value, unit, sheet], nil where there is none.
  module FigureSheets
    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Hash{Symbol => Hash}] { value:, unit:, sheet: } by name
    def call
      entries.compact.transform_values { |value, unit, sheet| { value: value, unit: unit, sheet: sheet } }
    end

    private

    def step(says, sum, gives, value, unit)
      WorkingStep.new(says: says, sum: sum, gives: gives, value: value, unit: unit)
    end

    def long(metres)
      @reckoning.jotting.long(metres)
    end
  end
end
