# frozen_string_literal: true

module DeckBough
  # The single figures the bench of a wall shows large, each with the sheet of its working.
  class WallFigures
    def initialize(reckoning, ledger)
      @reckoning = reckoning
      @ledger = ledger
      @house = reckoning.house
    end

    # @return [Hash{Symbol => Hash}] { value:, unit:, sheet: } by name
    def call
      entries.compact.transform_values { |value, unit, sheet| { value: value, unit: unit, sheet: sheet } }
    end

    # @return [Hash{String => Hash}]
    def sheets
      { "wall" => wall, "weight" => weight, "sites" => sites, "ribbon" => ribbon, "minutes" => work.sheet }
    end

    # @return [Work]
    def work
      @work ||= WallWork.of(@reckoning)
    end

    private

    def entries
      heaviest = @reckoning.heaviest
      { count: [@reckoning.rings.size, "wreaths", "wall"], across: [@reckoning.across_m, "m", "wall"],
        **between, middle: [@reckoning.place.middle_m, "m", "wall"],
        weight: [@reckoning.kg, "kg", "weight"], heaviest: heaviest && [heaviest.kg, "kg", "weight"],
        may: heaviest&.held? ? [heaviest.may_kg, "kg", "weight"] : nil,
        ribbon: [ribbon_m, "m", "ribbon"], sites: [site_counts.sum, "sites", "sites"],
        minutes: [work.minutes, "minutes", "minutes"] }
    end

    # What is free between the nearest two, or how far they lap.
    def between
      clear = @reckoning.clear_m or return {}
      clear.negative? ? { lap: [-clear, "m", "wall"] } : { gap: [clear, "m", "wall"] }
    end

    def site_counts
      @reckoning.looks.map { |look| look.count * look.reckoning.sites }
    end

    def ribbon_m
      @ledger.lines.select { |line| line.kind == "ribbon" }.sum(&:need)
    end

    def step(says, sum, gives, value, unit)
      WorkingStep.new(says: says, sum: sum, gives: gives, value: value, unit: unit)
    end

    def jotting
      @reckoning.jotting
    end

    # Centres are a list; the sheet tells how many there are, and the rest of its figures.
    def wall
      sheet = WorkingSheet.of("Where they hang", [@reckoning.laid], @house, more: [across, *gap])
      { **sheet, steps: sheet[:steps].map do |told|
        %w[centres left_out].include?(told[:gives]) ? { **told, **counted(told[:gives].to_sym) } : told
      end }
    end

    def counted(name)
      { value: @reckoning.laid[name].size, unit: "wreaths" }
    end

    def across
      step("From the first edge to the last", "centres and half of each", "across_m", @reckoning.across_m, "m")
    end

    def gap
      clear = @reckoning.clear_m or return []
      if clear.negative?
        return [step("The nearest two lap", "half of each less centre to centre", "lap_m", -clear,
                     "m")]
      end

      [step("Between the nearest two", "centre to centre less half of each", "clear_m", clear, "m")]
    end

    def weight
      each = @reckoning.looks.map do |look|
        step("#{look.count} of #{jotting.long(look.reckoning.ring.outer_m)}",
             "#{look.count} × #{jotting.heavy(look.reckoning.kg)}", "kg", look.count * look.reckoning.kg, "kg")
      end
      WorkingSheet.of("Weight", [], @house, constants: %w[wreath.kg_per_m2 garland.rated_share],
                                            more: [*each, step("All together", "sum", "kg", @reckoning.kg, "kg"),
                                                   *may])
    end

    def may
      heaviest = @reckoning.heaviest
      return [] unless heaviest&.held?

      [step("What holds one may carry its share of the rated load",
            "#{Figure.print(@house['garland.rated_share'])} × #{jotting.heavy(heaviest.rated_kg)}", "may_kg",
            heaviest.may_kg, "kg")]
    end

    def sites
      each = @reckoning.looks.map do |look|
        step("#{look.count} of #{jotting.long(look.reckoning.ring.outer_m)}",
             "#{look.count} × #{look.reckoning.sites}", "sites", look.count * look.reckoning.sites, "sites")
      end
      WorkingSheet.of("Sites on all of them", @reckoning.looks.flat_map { |look| look.reckoning.site_answers }, @house,
                      constants: ["wreath.spacing_#{@reckoning.settings[:layers][:spacing]}"],
                      more: [*each, step("All together", "sum", "sites", site_counts.sum, "sites")])
    end

    def ribbon
      lines = @ledger.lines.select { |line| line.kind == "ribbon" }
      each = lines.map do |line|
        step(line.style&.name || line.label, "hangers and bows of all of them", "ribbon_m", line.need, "m")
      end
      WorkingSheet.of("Ribbon for all of them", [], @house,
                      more: [*each, step("All together", "sum", "ribbon_m", ribbon_m, "m")])
    end
  end
end
