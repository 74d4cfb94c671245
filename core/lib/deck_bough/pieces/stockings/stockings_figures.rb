# frozen_string_literal: true

module DeckBough
  # The single figures the bench of stockings shows large, each with the sheet of its working.
  class StockingsFigures
    include FigureSheets

    # @return [Hash{String => Hash}]
    def sheets
      { "spacing" => spacing, "toe" => toe, "weight" => weight, "minutes" => work.sheet }
    end

    # @return [Work]
    def work
      @work ||= StockingsWork.of(@reckoning)
    end

    private

    def entries
      { count: [@reckoning.count, "stockings", "spacing"],
        gap: @reckoning.spacing && [@reckoning.spacing[:gap_m], "m", "spacing"], toe: [@reckoning.toe_m, "m", "toe"],
        filled: [@reckoning.heaviest_kg, "kg", "weight"], may: [@reckoning.may_kg, "kg", "weight"],
        minutes: [work.minutes, "minutes", "minutes"] }
    end

    def spacing
      each = @reckoning.hung.map do |one|
        step(@reckoning.named(one).sub(/\A./, &:upcase), "from the left end", "at_m", one.at_m, "m")
      end
      WorkingSheet.of("Where each hangs", [@reckoning.spacing].compact, @house, more: each)
    end

    def toe
      lowest = @reckoning.toe_m + @reckoning.settings[:stockings][:long_m]
      WorkingSheet.of("How low they come", [], @house, more: [
                        step("From the lowest hook down to the toe",
                             "#{long(lowest)} − #{long(@reckoning.settings[:stockings][:long_m])}", "toe_m",
                             @reckoning.toe_m, "m")
                      ])
    end

    def weight
      jot = @reckoning.jotting
      filled = @reckoning.settings[:fill][:filled_kg]
      WorkingSheet.of("What a hook carries", [], @house, constants: %w[garland.rated_share], more: [
                        step("The heaviest, and what is in it",
                             "#{jot.heavy(@reckoning.heaviest_kg - filled)} + #{jot.heavy(filled)}", "kg",
                             @reckoning.heaviest_kg, "kg"),
                        step("A hook may carry its share of the rated load",
                             "#{Figure.print(@house['garland.rated_share'])} × #{jot.heavy(@reckoning.rated_kg)}",
                             "may_kg", @reckoning.may_kg, "kg")
                      ])
    end
  end
end
