# frozen_string_literal: true

module DeckBough
  # The single figures the wreath bench shows large, each with the sheet of its working.
  class WreathFigures
    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Hash{Symbol => Hash}] { value:, unit:, sheet: } by name
    def call
      entries.compact.transform_values { |value, unit, sheet| { value: value, unit: unit, sheet: sheet } }
    end

    # @return [Hash{String => Hash}]
    def sheets
      found = { "size" => WorkingSheet.of("Size of the wreath", @reckoning.size_answers, @house, more: opening),
                "ground" => WorkingSheet.of("Against its ground", [@reckoning.ground], @house),
                "fullness" => fullness, "sites" => sites, "weight" => weight, "minutes" => work.sheet }
      found["hook"] = hook if @reckoning.hook
      found["hanger"] = WorkingSheet.of("Hanger ribbon", [@reckoning.hanger], @house) if @reckoning.hanger
      found["bow"] = WorkingSheet.of("Bow", [@reckoning.bow], @house, more: [bow_width]) if @reckoning.bow
      found["bulbs"] = WorkingSheet.of("Bulbs", [@reckoning.lights], @house) if @reckoning.lights
      found["strip"] = WorkingSheet.of("Strip of the hoop", [@reckoning.strip], @house) if @reckoning.strip
      found
    end

    # @return [Work]
    def work
      @work ||= WreathWork.of(@reckoning)
    end

    private

    def entries
      elements = @reckoning.elements
      { **band,
        outer: [@reckoning.ring.outer_m, "m", "size"], inner: [@reckoning.ring.inner_m, "m", "size"],
        centre: [@reckoning.centre_m, "m", "size"], delta_l: [@reckoning.ground[:delta_l], "L*", "ground"],
        fullness: [@reckoning.profile[:fullness], "share", "fullness"], sites: [@reckoning.sites, "sites", "sites"],
        between: [elements.count { |element| !element.site }, "pieces", "sites"],
        weight: [@reckoning.kg, "kg", "weight"], may: @reckoning.held? ? [@reckoning.may_kg, "kg", "weight"] : nil,
        hook_floor: [@reckoning.hook_floor_m, "m", @reckoning.hook ? "hook" : "size"],
        hanger: @reckoning.hanger && [@reckoning.hanger[:length_m], "m", "hanger"],
        bow: @reckoning.bow && [@reckoning.bow_width_m, "m", "bow"],
        strip: @reckoning.strip && [@reckoning.strip[:length_m], "m", "strip"],
        bulbs: @reckoning.lights && [@reckoning.lights[:need], "bulbs", "bulbs"],
        minutes: [work.minutes, "minutes", "minutes"] }
    end

    # Of what lies the opening that it wants, of what hangs the band its host carries.
    def band
      return { opening: [@reckoning.least_opening_m, "m", "size"] } if @reckoning.lying?

      { low: [@reckoning.size[:low_m], "m", "size"], high: [@reckoning.size[:high_m], "m", "size"] }
    end

    def opening
      return [] unless @reckoning.lying?

      [step("Round the base, free of it",
            "#{jotting.long(@reckoning.place[:width_m])} + #{jotting.long(@house['wreath.lying_clear'])}", "opening_m",
            @reckoning.least_opening_m, "m")]
    end

    def step(says, sum, gives, value, unit)
      WorkingStep.new(says: says, sum: sum, gives: gives, value: value, unit: unit)
    end

    def jotting
      @reckoning.jotting
    end

    def bow_width
      step("Across: its share of the wreath",
           "#{Figure.print(@house['wreath.bow_share'])} × #{jotting.long(@reckoning.ring.outer_m)}", "bow_m",
           @reckoning.bow_width_m, "m")
    end

    # Where it goes on the leaf, measured from the floor.
    def hook
      WorkingSheet.of("Hook of a pair of doors", [@reckoning.hook], @house,
                      more: [step("Above the floor: the centre and that",
                                  "#{jotting.long(@reckoning.centre_m)} + #{jotting.long(@reckoning.hook[:above_m])}",
                                  "hook_m", @reckoning.hook_floor_m, "m")])
    end

    # Samples and arcs are lists; the sheet tells how many there are.
    def fullness
      sheet = WorkingSheet.of("Fullness round the ring", [@reckoning.profile], @house)
      counted = { "samples" => "samples", "short" => "arcs", "over" => "arcs" }
      { **sheet, steps: sheet[:steps].map do |told|
        unit = counted[told[:gives]]
        unit ? { **told, value: @reckoning.profile[told[:gives].to_sym].size, unit: unit } : told
      end }
    end

    def sites
      WorkingSheet.of("Sites on the ring", @reckoning.site_answers, @house,
                      constants: ["wreath.spacing_#{@reckoning.settings[:layers][:spacing]}"],
                      more: [step("All arcs", "sum", "sites", @reckoning.sites, "sites")])
    end

    def weight
      rest = @reckoning.kg - @reckoning.ring_kg
      held = @reckoning.held? ? [may] : []
      WorkingSheet.of("Weight", [], @house, constants: %w[wreath.kg_per_m2 garland.rated_share],
                                            more: [step("The wreath itself", ring_sum, "kg", @reckoning.ring_kg, "kg"),
                                                   step("What is put on it", jotting.heavy(rest), "kg", rest, "kg"),
                                                   step("All together", "sum", "kg", @reckoning.kg, "kg"), *held])
    end

    def ring_sum
      return "as weighed" if @reckoning.ring_style&.mass_g

      "#{jotting.long(@reckoning.ring.middle_m)} × #{jotting.long(@reckoning.body_m)} of greens"
    end

    def may
      step("It may carry its share of the rated load",
           "#{Figure.print(@house['garland.rated_share'])} × #{jotting.heavy(@reckoning.rated_kg)}", "may_kg",
           @reckoning.may_kg, "kg")
    end
  end
end
