# frozen_string_literal: true

module DeckBough
  # One line of a ledger: what is needed, what is on hand, what is short and what that costs.
  #
  #   LedgerLine.for(style, need: 16, spares: 2, sheet: "ornaments:glass").to_h
  #   # => { …, need: 16, spares: 2, have: 12, short: 6, spares_short: 2, packs: 1, buy_cents: 1450, … }
  #
  # Quantities are pieces, ribbon metres. own: the home's own, never bought. A line without a style is needed but not
  # yet chosen: nothing is on hand, no price. uses: where one line serves several steps, how much in each. before: what
  # lines of the same style above it take and lack.
  LedgerLine = Struct.new(:kind, :step, :style, :label, :need, :spares, :sheet, :own, :uses, :before,
                          keyword_init: true) do
    def initialize(style: nil, spares: 0, label: nil, own: false, uses: {}, before: { taken: 0, short: 0 }, **)
      super
      freeze
    end

    # What is on hand is there once: where a piece takes a style in several lines, each has what those above it leave.
    #
    # @param lines [Array<LedgerLine>]
    # @return [Array<LedgerLine>]
    def self.in_turn(lines)
      passed = {}
      lines.map do |line|
        next line if line.own || line.style.nil?

        told = passed.key?(line.style.id) ? line.after(passed[line.style.id]) : line
        passed[line.style.id] = told.passed
        told
      end
    end

    # What a run sheet lays out and what a log learns from, step by step.
    #
    # @param lines [Array<Hash>] as to_h tells them
    # @return [Array<Hash>] lines, one for each step that takes some
    def self.by_step(lines)
      lines.flat_map do |line|
        next [line] unless line[:uses]

        left = line[:have]
        line[:uses].each_with_index.map do |(step, need), at|
          spares = at.zero? ? line[:spares] : 0
          short = [(need + spares - left).round(6), 0].max
          left = [left - need - spares, 0].max
          { **line.except(:uses), step: step, need: need, spares: spares, short: short,
                                  spares_short: [short, spares].min }
        end
      end
    end

    # @param lines [Array<LedgerLine>]
    # @return [Hash] buy_cents, stock_cents, and how many short lines have no price
    def self.totals(lines)
      rows = lines.map(&:to_h)
      { buy_cents: rows.sum { |row| row[:buy_cents] || 0 }, stock_cents: rows.sum { |row| row[:stock_cents] },
        unpriced: rows.count { |row| row[:short].positive? && row[:buy_cents].nil? } }
    end

    # On hand, and what lies cut for this piece; what the home has of its own is there.
    def have
      return need if own

      style ? [(style.for_piece - before[:taken]).round(6), 0].max : 0
    end

    # @return [LedgerLine] the same below lines of its style that take and lack so much
    def after(before)
      LedgerLine.new(**members.zip(to_a).to_h, before: before)
    end

    # For the next line of its style.
    def passed
      { taken: before[:taken] + need + spares, short: before[:short] + short }
    end

    # How much each step takes of it.
    def steps
      uses.size < 2 ? { step => need } : uses
    end

    # Free of the last bit that subtraction leaves on metres.
    def short
      [(need + spares - have).round(6), 0].max
    end

    # What a piece keeps of stock for its dates.
    #
    # @param lines [Array<Hash>] as to_h tells them
    # @param cut [Hash{String => Numeric}] by style, what lies cut for it already
    # @return [Hash{String => Hash}] by style: whole, what it takes of it; wanted, what of that is to come from stock
    def self.claims(lines, cut = {})
      of_styles = lines.reject { |line| line[:own] || line[:style].nil? }.group_by { |line| line[:style] }
      of_styles.to_h do |style, of_it|
        whole = of_it.sum { |line| line[:need] + line[:spares] }.round(6)
        [style, { whole: whole, wanted: [(whole - cut.fetch(style, 0)).round(6), 0].max }]
      end
    end

    # How much of what is short are spares only: the piece can be dressed without them.
    def spares_short
      [short, spares].min
    end

    # A pack opened for a line above it serves this one too.
    def packs
      style ? packs_of(before[:short] + short) - packs_of(before[:short]) : nil
    end

    # @return [Integer, nil] nil where nobody knows the price
    def buy_cents
      return 0 if own

      style&.price_cents ? packs * style.price_cents : nil
    end

    def to_h
      { kind: kind, step: step, style: style&.id, label: style&.name || label, colour: style&.colour,
        unit: kind == "ribbon" ? "m" : "pieces", own: own, need: need, spares: spares, have: have,
        elsewhere: style ? style.elsewhere : 0, short: short, spares_short: spares_short, packs: packs,
        pack_size: style&.pack_size, buy_cents: buy_cents,
        left_over: left_over, stock_cents: style ? style.worth([need + spares, have].min) : 0, sheet: sheet,
        **(uses.size > 1 ? { uses: uses } : {}) }
    end

    private

    def packs_of(count)
      (count.round(6) / style.pack_size.to_f).ceil
    end

    # Of all packs opened so far.
    def left_over
      return 0 unless style && short.positive?

      lacking = before[:short] + short
      ((packs_of(lacking) * style.pack_size) - lacking).round(6)
    end
  end
end
