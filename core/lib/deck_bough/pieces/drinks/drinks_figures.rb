# frozen_string_literal: true

module DeckBough
  # The single figures the bench of a drink corner shows large, each with the sheet of its working.
  class DrinksFigures
    include FigureSheets

    # @return [Hash{String => Hash}]
    def sheets
      { "jars" => jars, "lasts" => lasts, "ribbon" => ribbon, "minutes" => work.sheet }
    end

    # @return [Work]
    def work
      @work ||= DrinksWork.of(@reckoning)
    end

    private

    def entries
      { jars: [@reckoning.jars.size, "jars", "jars"],
        gap: @reckoning.empty? ? nil : [@reckoning.gap_m, "m", "jars"],
        first_out: @reckoning.first_out && [@reckoning.first_out, "days", "lasts"],
        refills: [@reckoning.jars.sum(&:refills), "refills", "lasts"],
        ribbon: @reckoning.bows? ? [@reckoning.ribbon_m, "m", "ribbon"] : nil,
        minutes: [work.minutes, "minutes", "minutes"] }
    end

    def jars
      count = @reckoning.jars.size
      wide = @reckoning.jars.sum { |jar| jar.said[:across_m] }
      between = step("What is left, shared over the gaps",
                     "(#{long(@reckoning.place[:length_m])} − #{long(wide)}) ÷ #{count + 1}", "gap_m",
                     @reckoning.gap_m, "m")
      WorkingSheet.of("Jars side by side", [], @house, more: [between])
    end

    def lasts
      each = @reckoning.jars.select(&:lasts).map do |jar|
        said = jar.said
        sum = "(#{Figure.print(jar.on_show)} + #{Figure.print(said[:in_store])}) ÷ #{Figure.print(said[:a_day])}"
        step(jar.name.sub(/\A./, &:upcase), sum, "lasts", jar.lasts, "days")
      end
      again = @reckoning.jars.map do |jar|
        step("#{jar.name.sub(/\A./, &:upcase)}, filled again", "what is used beyond what is in it, by what it holds",
             "refills", jar.refills, "refills")
      end
      WorkingSheet.of("How long it lasts", [], @house, more: [*each, *again])
    end

    def ribbon
      each = @reckoning.bows? ? @reckoning.jars.map { |jar| round(jar) } : []
      WorkingSheet.of("Ribbon round the jars", @reckoning.bows? ? [@reckoning.bow] : [], @house, more: each)
    end

    def round(jar)
      across = jar.said[:across_m]
      step(jar.name.sub(/\A./, &:upcase), "π × #{long(across)} + #{long(@reckoning.bow[:length_m])}", "ribbon_m",
           (Math::PI * across) + @reckoning.bow[:length_m], "m")
    end
  end
end
