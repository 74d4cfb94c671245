# frozen_string_literal: true

module DeckBough
  # What stockings in a row take: themselves, what is on each, stuffing, and what holds each.
  class StockingsLedger
    include LedgerSheets

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= @reckoning.empty? ? [] : told([*stockings, *trims, *stuffing, hooks])
    end

    private

    def stockings
      @reckoning.hung.group_by(&:style).map do |style, those|
        label = "Stockings, none chosen"
        key = "stocking:#{style&.id || 'none'}"
        whose = those.map { |one| @reckoning.named(one) }.join(", ")
        one = note("One for each", whose, "need", those.size)
        LedgerLine.new(kind: style&.kind || "decor", step: "stockings", style: style, label: label, need: those.size,
                       sheet: keep(key, style&.name || label, [], more: [one]))
      end
    end

    def trims
      return [] if said[:trim] == "none"

      style = @reckoning.styles[said[:trim_style]]
      need, answers, unit = @reckoning.bows? ? ribbon : [@reckoning.count, [], "pieces"]
      label = @reckoning.bows? ? "Ribbon of the bows, none chosen" : "Picks, none chosen"
      [LedgerLine.new(kind: @reckoning.bows? ? "ribbon" : "pick", step: "stockings", style: style, label: label,
                      need: need, sheet: keep("trim", style&.name || label, answers,
                                              more: [note("One on each", count_of, "need", need, unit)]))]
    end

    def ribbon
      [(@reckoning.count * @reckoning.bow[:length_m]).round(6), [@reckoning.bow], "m"]
    end

    def count_of
      @reckoning.bows? ? "#{@reckoning.count} × #{length(@reckoning.bow[:length_m])}" : @reckoning.count.to_s
    end

    def stuffing
      if @reckoning.settings[:fill][:stuffed]
        [own("stuffing", "fill", "Tissue to stuff them",
             sum: "for their shape")]
      else
        []
      end
    end

    def hooks
      style = @reckoning.fixing_style
      title = Greenery::Fixings::BY_NAME.fetch(@reckoning.fixing).title
      count = @reckoning.count
      LedgerLine.new(kind: "fixing", step: "hang", style: style, label: title, need: count,
                     sheet: keep("hooks", style&.name || title, [], more: [note("One for each", "", "need", count)]))
    end

    def said
      @reckoning.settings[:stockings]
    end
  end
end
