# frozen_string_literal: true

module DeckBough
  # The single figures the run bench shows large, each with the sheet of its working.
  class RunFigures
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
      found = { "run" => run_sheet, "fullness" => fullness_sheet, "weight" => weight_sheet,
                "loft" => WorkingSheet.of("Loft together", [loft].compact, @house), "minutes" => work.sheet }
      found["swag"] = WorkingSheet.of("Pull of a swag", [@reckoning.swag_pull], @house) if @reckoning.swag_pull
      found["anchor_rule"] = WorkingSheet.of("Anchors", [@reckoning.anchor_rule], @house) if @reckoning.anchor_rule
      found["stockings"] = WorkingSheet.of("Stockings", [@reckoning.stockings], @house) if @reckoning.stockings
      found["balance"] = WorkingSheet.of("Balance of the mantel", [@reckoning.balance], @house) if @reckoning.balance
      found["bulbs"] = WorkingSheet.of("Bulbs", [@reckoning.lights], @house) if @reckoning.lights
      found["accents"] = WorkingSheet.of("Accents", [], @house, more: [accent_step])
      found
    end

    # @return [Work]
    def work
      @work ||= RunWork.of(@reckoning)
    end

    private

    def entries
      { run: [@reckoning.path.length, "m", "run"], garland: [@reckoning.bodies.sum(&:garland_m), "m", "run"],
        fullness: [@reckoning.profile[:fullness], "share", "fullness"], weight: [@reckoning.kg, "kg", "weight"],
        loft: loft && [loft[:loft_m], "m", "loft"], minutes: [work.minutes, "minutes", "minutes"],
        accent_share: [@reckoning.accent_share, "share", "accents"],
        greens: [@reckoning.greens.size, "greens", "weight"],
        textures: [@reckoning.greenery_styles.filter_map(&:texture).uniq.size, "textures", "weight"], **held, **mantel,
        **light }
    end

    def held
      return {} unless @reckoning.held?

      worst = @reckoning.anchors.max_by { |anchor| anchor[:kg] }
      pull = @reckoning.swag_pull
      { anchors: [@reckoning.anchors.size, "anchors", "anchor_rule"], may: [@reckoning.may_kg, "kg", "anchor_rule"],
        worst_anchor: [worst[:kg], "kg", pull ? "swag" : "anchor_rule"], swag_end: pull && [pull[:end_n], "N", "swag"],
        swag_rated: pull && [pull[:end_rated_kg], "kg", "swag"] }.compact
    end

    def mantel
      { balance: @reckoning.balance && [@reckoning.balance[:value], "lean", "balance"],
        stocking_gap: @reckoning.stockings && [@reckoning.stockings[:gap_m], "m", "stockings"] }.compact
    end

    def light
      if @reckoning.lights
        { bulbs: [@reckoning.lights[:need], "bulbs", "bulbs"],
          strings: [@reckoning.lights[:strings], "strings", "bulbs"] }
      else
        {}
      end
    end

    def loft
      return nil if @reckoning.bodies.empty?

      @loft ||= @reckoning.ask("garland.loft", layers: @reckoning.bodies.flat_map do |body|
        Array.new(body.passes) do
          { loft_m: body.item[:loft_m], fluffed: body.fluffed }
        end
      end.first(60))
    end

    def step(says, sum, gives, value, unit)
      WorkingStep.new(says: says, sum: sum, gives: gives, value: value, unit: unit)
    end

    def run_sheet
      parts = @reckoning.path.parts.map do |part|
        step(part.name.capitalize, jotting.long(part.length), "part_m", part.length, "m")
      end
      swag = @reckoning.path.swags.empty? ? [] : [swag_rule]
      WorkingSheet.of("Length of the run", swag, @house,
                      more: [*parts, step("All parts", "sum", "run_m", @reckoning.path.length, "m")])
    end

    def swag_rule
      said = @reckoning.settings[:length]
      from, to = @reckoning.path.main.map { |place| @reckoning.path.at(place) }
      @reckoning.ask("garland.swag", spans: said[:spans], span_m: (to[0] - from[0]) / said[:spans], sag_m: said[:sag_m])
    end

    # Samples and stretches are lists; the sheet tells how many there are.
    def fullness_sheet
      sheet = WorkingSheet.of("Fullness of the outline", [@reckoning.profile], @house)
      counted = { "samples" => "samples", "short" => "stretches", "over" => "stretches" }
      { **sheet, steps: sheet[:steps].map do |told|
        if counted.key?(told[:gives])
          { **told, value: @reckoning.profile[told[:gives].to_sym].size, unit: counted[told[:gives]] }
        else
          told
        end
      end }
    end

    def weight_sheet
      layers = @reckoning.bodies.map do |body|
        step(body.style.name, "#{jotting.long(body.garland_m, 1, 2)} #{jotting.unit} of it", "kg",
             body.item[:kg_per_m] * body.passes * (body.to_m - body.from_m), "kg")
      end +
               @reckoning.stems.map do |stems|
                 step(stems.style.name, "#{stems.places.size} × #{jotting.heavy(stems.stem.kg)}", "kg",
                      stems.places.size * stems.stem.kg, "kg")
               end
      more = [*layers,
              step("Lights, accents and ribbon, even along the run", jotting.heavy(@reckoning.extras_kg), "kg",
                   @reckoning.extras_kg, "kg"),
              step("All together", "sum", "kg", @reckoning.kg, "kg")]
      WorkingSheet.of("Weight", [], @house, more: more)
    end

    def accent_step
      count = @reckoning.accents.sum { |_, each| each }
      step("Outlines of all accents over the outline of the greens",
           "#{count} pieces on #{jotting.long(@reckoning.greenery_area, 2)} #{jotting.unit}²",
           "accent_share", @reckoning.accent_share, "share")
    end

    def jotting
      @reckoning.jotting
    end
  end
end
