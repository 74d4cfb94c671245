# frozen_string_literal: true

module DeckBough
  # What shelves take: their things, a garland over them and its nail.
  class ShelvesLedger
    include LedgerSheets

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= told([*things, *garland])
    end

    private

    # One line for all of a kind, in the order they were said.
    def things
      @reckoning.things.group_by { |thing| [thing.style&.id, thing.style ? nil : thing.form.name] }.map do |_, those|
        first = those.first
        LedgerLine.new(kind: first.style&.kind || "decor", step: "dress", style: first.style, need: those.size,
                       label: "#{Messages.sentence('things', first.form.name, {}).capitalize}, none chosen",
                       sheet: keep("thing:#{first.style&.id || first.form.name}", @reckoning.named(first).capitalize,
                                   [], more: [note("As it is dressed", where(those), "need", those.size)]))
      end
    end

    def where(those)
      those.map { |thing| @reckoning.told(@reckoning.bay_of(thing).bay) }.tally
           .map { |bay, count| count > 1 ? "#{count} × #{bay}" : bay }.join(" + ")
    end

    # Greens come in pieces, or by the metre where none is chosen.
    def garland
      return [] unless @reckoning.garland?

      style = @reckoning.styles[@reckoning.settings[:garland][:style]]
      need, sum = need_of(style)
      label = "Garland over the shelves, none chosen"
      [LedgerLine.new(kind: style&.kind || "garland", step: "garland", style: style, label: label, need: need,
                      sheet: keep("garland", style&.name || label, [@reckoning.swag],
                                  more: [note("As it hangs", sum, "need", need, style&.metres? ? "m" : "pieces")])),
       LedgerLine.new(kind: "fixing", step: "garland", label: "Nail at the top centre", need: 1,
                      sheet: keep("nail", "Nail at the top centre", [], more: [note("One", "", "need", 1)]))]
    end

    def need_of(style)
      long = @reckoning.garland_m
      return [long, length(long)] if style&.metres?
      return [1, "one, as long as it is"] unless style&.length_m

      [(long / style.length_m).ceil, "#{length(long)} ÷ #{length(style.length_m)}, rounded up"]
    end
  end
end
