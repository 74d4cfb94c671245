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

    # What is none of is no line.
    def told(lines)
      LedgerLine.in_turn(lines.reject { |line| line.need.zero? && line.spares.zero? })
    end

    # @param parts [Array<Array(String, Numeric)>] a step, how much it takes
    def uses_of(parts)
      parts.group_by(&:first).transform_values { |of_it| of_it.sum(&:last) }
    end

    def keep(key, title, answers, more: [], others: [])
      @sheets ||= {}
      @sheets[key] = WorkingSheet.of(title, answers, @house, more: more, others: others)
      key
    end

    # What belongs to the home and is brought out, not bought.
    def own(key, step, label, need: 1, sum: "as measured")
      LedgerLine.new(kind: "thing", step: step, label: label, need: need, own: true,
                     sheet: keep(key, label, [], more: [note("The home's own", sum, "need", need)]))
    end

    def length(metres)
      Length.print(metres, @reckoning.units)
    end

    def note(says, sum, gives, value, unit = "pieces")
      WorkingStep.new(says: says, sum: sum, gives: gives, value: value, unit: unit)
    end
  end
end
