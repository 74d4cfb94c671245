# frozen_string_literal: true

module DeckBough
  # What a wall of wreaths takes: the lines of each look as often as it hangs, one line for all of a kind.
  class WallLedger
    include LedgerSheets

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= told([*bought, *there].sort_by.with_index { |line, i| [WallPlan::STEPS.index(line.step), i] })
    end

    private

    def bought
      counted.group_by { |line, _, _| [line.kind, line.style&.id || line.label, line.own] }
             .map { |_, those| together(those) }
    end

    # Hooks that stay are the home's own.
    def there
      anchors = @reckoning.staying.compact
      anchors.group_by(&:kind).map do |kind, those|
        places = those.map(&:place).uniq.first(3).join(", ")
        own("there:#{kind}", "hang", "#{those.first.title}, there since #{those.map(&:since).min}", need: those.size,
                                                                                                    sum: places)
      end
    end

    # @return [Array<Array(LedgerLine, Hash, Integer)>] a line of one wreath, its sheet, how many there are
    def counted
      @reckoning.looks.flat_map do |look|
        ledger = WreathLedger.new(look.reckoning)
        sheets = ledger.sheets
        ledger.lines.map { |line| [line, sheets.fetch(line.sheet), look.count] }
      end
    end

    def together(those)
      line, sheet, = those.first
      need = those.sum { |one, _, count| one.need * count } - already(line)
      LedgerLine.new(kind: line.kind, step: step_of(line.step), style: line.style, label: line.label, own: line.own,
                     need: need, spares: spares(line, need), uses: uses(those),
                     sheet: whole(line, sheet, those, need))
    end

    def uses(those)
      uses_of(those.flat_map { |one, _, count| one.steps.map { |step, need| [step_of(step), need * count] } })
    end

    # Fixings that are there already are none to bring.
    def already(line)
      line.kind == "fixing" ? @reckoning.staying.compact.size : 0
    end

    # A wreath's size is said with the wreaths here.
    def step_of(step)
      step == "size" ? "wreaths" : step
    end

    # Spare strings are for all of them, not for each.
    def spares(line, need)
      line.kind == "light" ? (need / @house["lights.spare_per"].to_f).ceil : line.spares
    end

    # The working of the first of them, then how many there are.
    def whole(line, sheet, those, need)
      unit = line.kind == "ribbon" ? "m" : "pieces"
      there = already(line).positive? ? " − #{already(line)} there already" : ""
      sum = those.map { |one, _, count| "#{count} × #{amount(one.need, unit)}" }.join(" + ") + there
      all = note("All of them", sum, "need", need, unit).to_h
      @sheets ||= {}
      @sheets[line.sheet] = { **sheet, steps: [*steps(line, sheet), all] }
      line.sheet
    end

    # What a wreath's width says of its host goes for one alone.
    def steps(line, sheet)
      line.step == "size" && !@reckoning.place.openings? ? [] : sheet[:steps]
    end

    def amount(need, unit)
      unit == "m" ? @reckoning.jotting.long(need) : Figure.print(need)
    end
  end
end
