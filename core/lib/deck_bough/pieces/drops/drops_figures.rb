# frozen_string_literal: true

module DeckBough
  # The single figures the bench of hanging things shows large, each with the sheet of its working.
  class DropsFigures
    include FigureSheets

    # @return [Hash{String => Hash}]
    def sheets
      { "drops" => drops, "line" => line, "under" => under, "weight" => weight, "minutes" => work.sheet }
    end

    # @return [Work]
    def work
      @work ||= DropsWork.of(@reckoning)
    end

    private

    def entries
      { count: [@reckoning.lines.size, "lines", "drops"], line: [@reckoning.line_m, "m", "line"],
        under: [@reckoning.under_m, "m", "under"], heaviest: [@reckoning.heaviest.kg, "kg", "weight"],
        may: [@reckoning.may_kg, "kg", "weight"], minutes: [work.minutes, "minutes", "minutes"] }
    end

    def drops
      each = @reckoning.lines.map do |one|
        step("Line #{one.number}", one.style&.name || "", "drop_m", one.drop_m, "m")
      end
      WorkingSheet.of("How far each comes down", [@reckoning.drops], @house, more: each)
    end

    def line
      count = @reckoning.lines.size
      drops = @reckoning.lines.sum(&:drop_m)
      WorkingSheet.of("Line for all of them", [], @house, constants: %w[hang.knot],
                                                          more: [step("All drops and a knot at each end",
                                                                      "#{long(drops)} + 2 × #{count} × " \
                                                                      "#{long(@house['hang.knot'])}", "line_m",
                                                                      @reckoning.line_m, "m")])
    end

    def under
      low = @reckoning.lines.max_by(&:low_m)
      WorkingSheet.of("How high the lowest hangs", [], @house, constants: %w[hang.headroom],
                                                               more: [step("From the hooks down to its lower edge",
                                                                           "#{long(@reckoning.hooks_m)} − " \
                                                                           "#{long(low.low_m)}", "under_m",
                                                                           @reckoning.under_m, "m")])
    end

    def weight
      heaviest = @reckoning.heaviest
      jot = @reckoning.jotting
      WorkingSheet.of("What a hook carries", [], @house, constants: %w[garland.rated_share], more: [
                        step("The heaviest line", "#{heaviest.balls} on line #{heaviest.number}", "kg", heaviest.kg,
                             "kg"),
                        step("A hook may carry its share of the rated load",
                             "#{Figure.print(@house['garland.rated_share'])} × #{jot.heavy(@reckoning.rated_kg)}",
                             "may_kg", @reckoning.may_kg, "kg")
                      ])
    end
  end
end
