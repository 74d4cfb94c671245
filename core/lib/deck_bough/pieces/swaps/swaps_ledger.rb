# frozen_string_literal: true

module DeckBough
  # What swaps take: what comes in, inserts that are not there yet, sheets that are still to be printed.
  class SwapsLedger
    include LedgerSheets

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= told([*soft, *inserts, *sheets_of_paper])
    end

    private

    # One line for all of a kind, in the order they were said.
    def soft
      @reckoning.swaps.group_by { |swap| swap.style ? swap.style.id : swap.said[:what] }.map do |key, those|
        first = those.first
        name = @reckoning.named(first).sub(/\A./, &:upcase)
        need = those.sum(&:count)
        LedgerLine.new(kind: first.style&.kind || "decor", step: "soft", style: first.style,
                       label: "#{name}, none chosen", need: need,
                       sheet: keep("soft:#{key}", name, [], more: [note("As they lie", where(those), "need", need)]))
      end
    end

    def where(those)
      those.map { |swap| "#{swap.count} #{swap.seat}".strip }.join(" + ")
    end

    def inserts
      @reckoning.inserts.sort.map do |wide, count|
        label = "Insert of #{length(wide)}"
        LedgerLine.new(kind: "decor", step: "soft", label: label, need: count,
                       sheet: keep("insert:#{wide}", label, [],
                                   more: [note("Of cushions whose insert is not there", "", "need", count)]))
      end
    end

    def sheets_of_paper
      open = @reckoning.frames.reject { |frame| frame.said[:printed] }
      open.group_by { |frame| frame.said.values_at(:paper_wide_m, :paper_high_m) }.map do |(wide, high), those|
        label = "Paper, #{length(wide)} × #{length(high)}"
        LedgerLine.new(kind: "decor", step: "art", label: label, need: those.size,
                       sheet: keep("paper:#{wide}:#{high}", label, [],
                                   more: [note("One each", those.map { |frame| @reckoning.framed(frame) }.join(" + "),
                                               "need", those.size)]))
      end
    end
  end
end
