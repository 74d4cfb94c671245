# frozen_string_literal: true

module DeckBough
  # What a drink corner takes: its jars, ribbon round them, what stands under and behind.
  class DrinksLedger
    include LedgerSheets

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= told([*jars, *ribbon, *ground])
    end

    private

    def jars
      @reckoning.jars.group_by(&:style).map do |style, those|
        label = "Jars, none chosen"
        each = note("One for each", those.map(&:name).join(", "), "need", those.size)
        LedgerLine.new(kind: style&.kind || "decor", step: "jars", style: style, label: label, need: those.size,
                       sheet: keep("jar:#{style&.id || 'none'}", style&.name || label, [], more: [each]))
      end
    end

    def ribbon
      return [] unless @reckoning.bows?

      style = @reckoning.styles[@reckoning.settings[:dress][:bow_style]]
      need = @reckoning.ribbon_m
      all = note("Round each, and a bow", "see each jar", "need", need, "m")
      [LedgerLine.new(kind: "ribbon", step: "dress", style: style, label: "Ribbon, none chosen", need: need,
                      sheet: keep("bows", style&.name || "Ribbon round the jars", [@reckoning.bow], more: [all]))]
    end

    def ground
      return [] if @reckoning.empty?

      place = @reckoning.place
      under = own("under", "place", place[:under].capitalize, sum: "under the jars")
      place[:behind] == "nothing" ? [under] : [under, own("behind", "place", "#{place[:behind].capitalize} behind")]
    end
  end
end
