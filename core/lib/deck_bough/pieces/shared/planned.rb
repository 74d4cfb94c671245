# frozen_string_literal: true

module DeckBough
  # What every plan can be asked for beside itself: one working, its ledger's lines, what the season desk wants. Its
  # portrait each kind draws itself.
  #
  # Part of a plan that has `chosen?` and, privately, `sheets`, `ledger`, `figures` and the `cautions` that follow from
  # rules.
  module Planned
    # @return [Hash, nil] the sheet behind a figure or a line
    def working(key)
      sheets[key]
    end

    # @return [Array<Hash>] the ledger's lines, for lists over many pieces
    def lines
      chosen? ? ledger.lines.map(&:to_h) : []
    end

    # What the season desk wants to know, without drawing or placing anything.
    #
    # @return [Hash] as PlanSummary tells it
    def summary
      return PlanSummary::NONE unless chosen?

      PlanSummary.of(ledger: ledger, cautions: cautions, minutes: figures.work.minutes)
    end
  end
end
