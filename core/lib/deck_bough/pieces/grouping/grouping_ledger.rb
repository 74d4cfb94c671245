# frozen_string_literal: true

module DeckBough
  # What a grouping takes: its things, the vessel, what is in it, its lights.
  class GroupingLedger
    include LedgerSheets
    include StandingLines

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= told([*things, *risers("build"), *balls, *lights, *moss("build"), *snow])
    end

    private

    # One line for all of a kind, in the order they were said.
    def things
      @reckoning.things.group_by { |thing| [thing.style&.id, thing.style ? nil : thing.form.name] }.map do |_, those|
        first = those.first
        key = "thing:#{first.style&.id || first.form.name}"
        LedgerLine.new(kind: first.style&.kind || "decor", step: step_of(first), style: first.style, need: those.size,
                       label: "#{Messages.sentence('things', first.form.name, {}).capitalize}, none chosen",
                       sheet: keep(key, @reckoning.named(first).capitalize, [],
                                   more: [note("As it is built", places(those), "need", those.size)]))
      end
    end

    def step_of(thing)
      thing.form.filled? ? "fill" : "build"
    end

    def places(those)
      those.map { |thing| Messages.sentence("slots", thing.slot, {}) }.tally
           .map { |slot, count| count > 1 ? "#{count} × #{slot}" : slot }.join(" + ")
    end

    def snow
      snow = @reckoning.snow or return []
      bags_of("snow", "snow", "Snow, bags of a litre", snow.litres,
              "what of the trays stays free × #{length(snow.deep_m)}")
    end

    def balls
      fill = @reckoning.fill or return []
      fill.sizes.map do |size|
        LedgerLine.new(kind: size.style.kind, step: "fill", style: size.style, need: size.count,
                       sheet: keep("fill:#{size.style.id}", size.style.name, [fill.mixed],
                                   more: [note("Of this size", "as it goes in, or by hand", "need", size.count)]))
      end
    end

    def lights
      fill = @reckoning.fill
      return [] unless fill&.lights?

      style = @reckoning.styles[fill.said[:lights]]
      litres = GroupingFill::LITRES_A_STRING
      [LedgerLine.new(kind: "light", step: "fill", style: style, label: "Fairy lights, none chosen", need: fill.strings,
                      sheet: keep("strings", "Fairy lights in the vessel", [],
                                  more: [note("One for every #{litres} litres, rounded up",
                                              "#{Figure.print(fill.litres, 1)} ÷ #{litres}", "need", fill.strings)]))]
    end
  end
end
