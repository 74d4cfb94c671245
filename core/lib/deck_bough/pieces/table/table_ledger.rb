# frozen_string_literal: true

module DeckBough
  # What a table takes: its runner, what lies at each place with its spares, bows, what stands along the middle, lights.
  class TableLedger
    include LedgerSheets
    include StandingLines

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= told([*runner, *layers, *bows, *things, *risers("centre"), *moss("centre"), *lights])
    end

    private

    # Cloth is one runner, or so much of a ribbon; greens come in pieces, or by the metre where none is chosen.
    def runner
      return [] unless @reckoning.runner?

      style = @reckoning.styles[said[:style]]
      need, sum = runner_need(style)
      label = @reckoning.greens? ? "Greens along the middle, none chosen" : "Runner, none chosen"
      [LedgerLine.new(kind: style&.kind || (@reckoning.greens? ? "garland" : "decor"), step: "runner", style: style,
                      label: label, need: need,
                      sheet: keep("runner", style&.name || label, rule,
                                  more: [note("As it lies", sum, "need", need, style&.metres? ? "m" : "pieces")]))]
    end

    def rule
      @reckoning.greens? ? [] : [@reckoning.runner]
    end

    def runner_need(style)
      long = @reckoning.runner_length_m
      return [long.round(6), length(long)] if style&.metres?
      return [1, "one"] unless @reckoning.greens? && style&.length_m

      [(long / style.length_m).ceil, "#{length(long)} ÷ #{length(style.length_m)}, rounded up"]
    end

    def layers
      @reckoning.layers.map do |one|
        spares = one.own ? 0 : @reckoning.spares
        title = Messages.sentence("layers", one.layer, {}).capitalize
        LedgerLine.new(kind: one.style&.kind || "decor", step: "setting", style: one.style, own: one.own,
                       label: one.own ? title : "#{title}, none chosen", need: guests, spares: spares,
                       sheet: keep("layer:#{one.layer}", one.style&.name || title, [],
                                   more: [each_guest, *(one.own ? [] : [spare(spares)])]))
      end
    end

    def each_guest
      note("One for each guest", "", "need", guests)
    end

    def spare(spares)
      each = Figure.print(@house["table.spare_in"])
      note("Spares, one in #{each}, rounded up", "#{guests} ÷ #{each}", "spares", spares)
    end

    def bows
      return [] if @reckoning.bows.zero?

      need, spares = [@reckoning.bows, @reckoning.spares].map { |count| (count * @reckoning.bow[:length_m]).round(6) }
      [LedgerLine.new(kind: "ribbon", step: "setting", style: @reckoning.styles[setting[:bow_style]],
                      label: "Ribbon of the bows, none chosen", need: need, spares: spares,
                      sheet: keep("bows", "Bows on the napkins", [@reckoning.bow], more: tied(need, spares)))]
    end

    def tied(need, spares)
      each = length(@reckoning.bow[:length_m])
      [note("One a napkin", "#{@reckoning.bows} × #{each}", "need", need, "m"),
       note("And for spares", "#{@reckoning.spares} × #{each}", "spares", spares, "m")]
    end

    # One line for all of a kind, in the order they were said.
    def things
      @reckoning.things.group_by { |thing| [thing.style&.id, thing.style ? nil : thing.form.name] }.map do |_, those|
        first = those.first
        LedgerLine.new(kind: first.style&.kind || "decor", step: "centre", style: first.style, need: those.size,
                       label: "#{Messages.sentence('things', first.form.name, {}).capitalize}, none chosen",
                       sheet: keep("thing:#{first.style&.id || first.form.name}", @reckoning.named(first).capitalize,
                                   [], more: [note("Along the middle", "", "need", those.size)]))
      end
    end

    def lights
      return [] unless @reckoning.lit?

      style = @reckoning.styles[said[:lights]]
      lit = style&.lit_length_m
      sum = lit ? "#{length(@reckoning.runner_length_m)} ÷ #{length(lit)}, rounded up" : "one"
      [LedgerLine.new(kind: "light", step: "runner", style: style, label: "Fairy lights, none chosen",
                      need: @reckoning.strings,
                      sheet: keep("strings", "Fairy lights along the middle", [],
                                  more: [note("As far as the runner lies", sum, "need", @reckoning.strings)]))]
    end

    def guests
      @reckoning.guests
    end

    def said
      @reckoning.settings[:runner]
    end

    def setting
      @reckoning.settings[:setting]
    end
  end
end
