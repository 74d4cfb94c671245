# frozen_string_literal: true

module DeckBough
  # What ledgers of every kind of piece share: the sheet of each line, steps of a working, and the totals.
  #
  # Part of a ledger that gives lines and keeps its house rules in @house.
  module LedgerSheets
    # @return [Hash{String => Hash}] WorkingSheet by the key its line names
    def sheets
      lines
      @sheets || {}
    end

    def totals
      LedgerLine.totals(lines)
    end

    private

    def keep(key, title, answers, more: [], others: [])
      @sheets ||= {}
      @sheets[key] = WorkingSheet.of(title, answers, @house, more: more, others: others)
      key
    end

    def note(says, sum, gives, value, unit = "pieces")
      WorkingStep.new(says: says, sum: sum, gives: gives, value: value, unit: unit)
    end
  end
end
