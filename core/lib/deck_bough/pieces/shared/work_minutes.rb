# frozen_string_literal: true

module DeckBough
  # Steps of a working of minutes: so much at once, or so many at a rate of the house.
  #
  # Part of a reckoning of minutes that keeps its house rules in @house. Source: handbook 90, Minutes.
  module WorkMinutes
    private

    def part(says, sum, minutes)
      WorkingStep.new(says: says, sum: sum, gives: "minutes", value: minutes.to_f, unit: "minutes")
    end

    def each(says, count, rate)
      part(says, "#{Figure.print(count, 2)} × #{Figure.print(@house[rate])}", count * @house[rate])
    end
  end
end
