# frozen_string_literal: true

module DeckBough
  module Logbook
    # What was told of some work: how much it took altogether, and of what it was made.
    #
    #   Logbook::Timed.new(id: "t", took: 84, pace: 1.4, parts: []).plain # => 60.0
    #
    # took: minutes as the clock told them, or so much of a thing; pace: of who did it, times the usual; parts: Array of
    # Part; left_out: why it does not count, nil where it does. Source: handbook 90, Log.
    Timed = Struct.new(:id, :took, :pace, :parts, :left_out, keyword_init: true) do
      def initialize(pace: 1, left_out: nil, **)
        super
        freeze
      end

      # As it would have been at the usual pace.
      def plain
        took / pace.to_f
      end
    end

    # So much of what one house rule tells the rate of; high: share of it above the ladder line.
    Part = Struct.new(:rule, :base, :high, keyword_init: true) do
      def initialize(high: 0, **)
        super
        freeze
      end

      # What the house would plan for it from the floor.
      def flat(house)
        base * house[rule]
      end

      # What the house plans for it.
      def planned(house)
        flat(house) * above(house)
      end

      # Times as long because of the ladder.
      def above(house)
        Learnt.work?(rule) ? 1 + (high * house["minutes.high_share"]) : 1
      end
    end
  end
end
