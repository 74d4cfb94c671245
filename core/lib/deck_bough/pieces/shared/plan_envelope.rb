# frozen_string_literal: true

module DeckBough
  # What every plan says in the same words, whatever its kind: the kind, whether it is measured, its settings and steps,
  # figures, ledger with totals, cautions, tasks, drawing. What only one kind has comes beside these.
  #   PlanEnvelope.of(kind: "run", chosen: false, settings: settings, steps: steps, drawing: { room: room })[:ledger]
  #   # => []
  module PlanEnvelope
    module_function

    # @param ledger [#lines, #totals, nil] nil before anything is measured
    # @param sheets [Hash, nil] workings by key; nil leaves them out, to be asked for one by one
    # @return [Hash] JSON-ready
    def of(kind:, chosen:, settings:, steps:, drawing:, figures: {}, sheets: {}, ledger: nil, cautions: [], tasks: [],
           **own)
      { kind: kind, chosen: chosen, settings: settings, steps: steps, figures: figures, sheets: sheets,
        ledger: ledger ? ledger.lines.map(&:to_h) : [], totals: ledger ? ledger.totals : LedgerLine.totals([]),
        cautions: cautions, tasks: tasks.map(&:to_h), drawing: drawing, **own }.compact
    end
  end
end
