# frozen_string_literal: true

module DeckBough
  # What hanging things take: the things themselves, line, and what holds each.
  class DropsLedger
    include LedgerSheets

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= told([*things, line, hooks])
    end

    private

    def things
      hung = @reckoning.lines.select(&:style)
      return [empty] if hung.empty?

      hung.group_by(&:style).map do |style, those|
        strands = those.select { |one| one.said[:what] == "strand" }
        need = those.sum(&:balls)
        LedgerLine.new(kind: style.kind, step: "things", style: style, need: need,
                       sheet: keep("thing:#{style.id}", style.name, [],
                                   more: [*strands.map { |one| strand(one) },
                                          note("All of it", sum(those - strands, strands), "need", need)]))
      end
    end

    def strand(one)
      spacing = @reckoning.jotting.long(one.said[:spacing_m])
      note("On strand #{one.number}", "#{@reckoning.jotting.long(one.drop_m)} ÷ #{spacing}, rounded down, + 1", "balls",
           one.balls)
    end

    def sum(singles, strands)
      [("#{singles.size} alone" if singles.any?),
       ("#{strands.sum(&:balls)} on #{strands.size} strands" if strands.any?)].compact.join(" + ")
    end

    def empty
      count = @reckoning.lines.size
      LedgerLine.new(kind: "ornament", step: "things", label: "What hangs, none chosen", need: count,
                     sheet: keep("things", "What hangs", [], more: [note("One a line", "", "need", count)]))
    end

    # Clear line is bought by the spool, and there is always some.
    def line
      own("line", "drops", "Clear line",
          sum: "all drops, and a knot at each end of every line")
    end

    def hooks
      style = @reckoning.fixing_style
      title = Greenery::Fixings::BY_NAME.fetch(@reckoning.fixing).title
      count = @reckoning.lines.size
      LedgerLine.new(kind: "fixing", step: "hang", style: style, label: title, need: count,
                     sheet: keep("hooks", style&.name || title, [], more: [note("One a line", "", "need", count)]))
    end
  end
end
