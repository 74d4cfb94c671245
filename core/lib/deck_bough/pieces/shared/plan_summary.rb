# frozen_string_literal: true

module DeckBough
  # What the season desk wants to know of a piece, without any drawing.
  #
  #   PlanSummary.of(ledger: ledger, cautions: cautions, minutes: 95.0)[:short_lines] # => 2
  module PlanSummary
    # Of a piece that was not measured yet.
    NONE = { chosen: false, short_lines: 0, buy_cents: 0, unpriced: 0, stock_cents: 0, stops: 0, cautions: 0,
             minutes: 0, worst: nil, wreaths: 0 }.freeze

    module_function

    # @param ledger [#lines, #totals]
    # @param cautions [Array<Hash>] worst first
    # @return [Hash] chosen, short_lines, buy_cents, unpriced, stock_cents, stops, cautions, minutes, worst (message or
    #   nil), wreaths
    def of(ledger:, cautions:, minutes:)
      by_severity = cautions.group_by { |caution| caution[:severity] }.transform_values(&:size)
      serious = cautions.find { |caution| caution[:severity] != "info" }
      { chosen: true, short_lines: ledger.lines.count { |line| line.short.positive? },
        **ledger.totals.slice(:buy_cents, :unpriced, :stock_cents),
        stops: by_severity.fetch("stop", 0), cautions: by_severity.fetch("caution", 0), minutes: minutes,
        worst: serious&.fetch(:message),
        wreaths: ledger.lines.select { |line| line.kind == "wreath" }.sum(&:need) }
    end

    # A summary of a piece some of whose settings could not be read: that is its first worry.
    #
    # @param told [Array<String>] what could not be read, in the studio's units
    def unread(summary, told)
      return summary if told.empty?

      told = Finding.of(:unreadable, what: told.first)
      summary.merge(cautions: summary[:cautions] + 1, worst: summary[:stops].positive? ? summary[:worst] : told.message)
    end

    # Of a piece that no plan can be made from.
    #
    # @param error [UnplannableError]
    # @param units ["metric", "imperial"] of the studio
    def unplannable(error, units)
      failed(Finding.of(:unplannable, what: error.faults.first.told(units)))
    end

    # Of a piece whose plan breaks: our fault, told like any other worry while everything else goes on.
    def broken
      failed(Finding.of(:broken))
    end

    def failed(finding)
      NONE.merge(chosen: true, cautions: 1, worst: finding.message)
    end
    private_class_method :failed
  end
end
