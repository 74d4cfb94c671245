# frozen_string_literal: true

module DeckBough
  # One thing to do on a piece: how much of it, at which rate of the house, and how much of it from a ladder.
  #
  #   Task.new(step: "ornaments", title: "Ornaments", house_rule: "minutes.ornament", count: 100, rate: 0.6).minutes
  #   # => 60.0
  #
  # It carries the house rule of its rate, so that what it really took can correct that rule. rate: minutes for one;
  # high: share of it above the ladder line, more: share of time that takes beyond. Source: handbook 90, Minutes.
  Task = Struct.new(:step, :title, :house_rule, :count, :rate, :high, :more, keyword_init: true) do
    def initialize(high: 0, more: 0, **)
      super
      freeze
    end

    # Minutes if all of it were done from the floor.
    def flat_minutes
      (count * rate).to_f
    end

    def minutes
      flat_minutes * (1 + (high * more))
    end

    def to_h
      { step: step, title: title, house_rule: house_rule, count: count, high: high, minutes: minutes }
    end
  end
end
