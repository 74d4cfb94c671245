# frozen_string_literal: true

module DeckBough
  # The tasks of a piece together: their minutes, and the sheet that tells them.
  #
  #   work = Work.new(HouseRules.default, high: 0.2)
  #   work.add("ornaments", "Ornaments", 100, "minutes.ornament")
  #   work.minutes # => 61.8
  #
  # Source: handbook 90, Minutes. It does not plan visits.
  class Work
    HIGH = "minutes.high_share"

    attr_reader :tasks

    # @param high [Numeric] share of the work that lies above the ladder line
    # @param units ["metric", "imperial"] how the sheet says lengths
    def initialize(house, high: 0, units: "metric")
      @house = house
      @high = high
      @jotting = Jotting.new(units)
      @tasks = []
    end

    # What comes to nothing is no task.
    #
    # @param high [Numeric] where it is not the share of all work
    def add(step, title, count, house_rule, high: @high)
      return if count.zero?

      @tasks << Task.new(step: step, title: title, house_rule: house_rule, count: count, rate: @house[house_rule],
                         high: high, more: @house[HIGH])
    end

    def minutes
      @tasks.sum(&:minutes)
    end

    # @return [Hash] as WorkingSheet tells it
    def sheet
      WorkingSheet.of("Minutes", [], @house, constants: rules,
                                             more: [*@tasks.map { |task| told(task) }, *from_ladder, all])
    end

    private

    def rules
      [*@tasks.map(&:house_rule), (HIGH if @high.positive?)].compact.uniq
    end

    def told(task)
      step(task.title, "#{count_of(task)} × #{rate_of(task)}", task.flat_minutes)
    end

    def count_of(task)
      by_length?(task) ? "#{@jotting.long(task.count, 1, 2)} #{@jotting.unit}" : Figure.print(task.count, 2)
    end

    def rate_of(task)
      by_length?(task) ? @jotting.long(task.rate, -1) : Figure.print(task.rate)
    end

    def by_length?(task)
      HouseRules::CONSTANTS.fetch(task.house_rule).unit == "minutes per m"
    end

    def from_ladder
      high = @tasks.select { |task| task.high.positive? }
      return [] if high.empty?

      flat = high.sum(&:flat_minutes)
      [step("Above the ladder line: share of the work there × #{Figure.print(@house[HIGH] * 100)} % more",
            "#{Figure.print(@high)} × #{Figure.print(flat, 0)} × #{Figure.print(@house[HIGH])}",
            high.sum(&:minutes) - flat)]
    end

    def all
      step("All together", "sum", minutes)
    end

    def step(says, sum, minutes)
      WorkingStep.new(says: says, sum: sum, gives: "minutes", value: minutes, unit: "minutes")
    end
  end
end
