# frozen_string_literal: true

module DeckBough
  # What a tree takes, line by line, each with the sheet of its working.
  class TreeLedger
    # Spares beside the tree's own need follow from the rules: breakable ornaments, one string in ten.
    def initialize(reckoning, shares)
      @reckoning = reckoning
      @shares = shares
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= [*ornaments, lights, *ribbon, *picks].reject { |line| line.need.zero? && line.spares.zero? }
    end

    # @return [Hash{String => Hash}] WorkingSheet by the key its line names
    def sheets
      lines
      @sheets
    end

    def totals
      rows = lines.map(&:to_h)
      { buy_cents: rows.sum { |row| row[:buy_cents] || 0 }, stock_cents: rows.sum { |row| row[:stock_cents] },
        unpriced: rows.count { |row| row[:short].positive? && row[:buy_cents].nil? } }
    end

    private

    def keep(key, title, answers, more: [], others: [])
      @sheets ||= {}
      @sheets[key] = WorkingSheet.of(title, answers, @house, more: more, others: others)
      key
    end

    def ornaments
      counts = @shares.counts
      return [unchosen_ornaments] if counts.empty?

      @reckoning.ornament_styles.map do |style|
        count = counts.fetch(style.id)
        spares = style.breakable && count.positive? ? Rules::Ornaments::ByFoot.spares(count, @house) : 0
        LedgerLine.new(kind: "ornament", step: "ornaments", style: style, need: count, spares: spares,
                       sheet: ornament_sheet(style, count, spares))
      end
    end

    def unchosen_ornaments
      LedgerLine.new(kind: "ornament", step: "ornaments", label: "Ornaments, no style chosen", need: @reckoning.ornament_total,
                     sheet: keep("ornaments", "Ornaments", [@reckoning.by_cover]))
    end

    def ornament_sheet(style, count, spares)
      even = @reckoning.settings[:ornaments][:count_by] == "foot"
      answers = even ? [@reckoning.by_foot] : [(@reckoning.by_cover if by_cover?), @reckoning.mix].compact
      says = even ? "#{style.name}: one for each foot" : "#{style.name}: its part of the #{@shares.size_of(style)} ones"
      more = [note(says, "#{count} of #{@reckoning.ornament_total}", "need", count)]
      if spares.positive?
        more << note("Spares, because it breaks", "#{Figure.print(@house['ornaments.spare_share'] * 100)} %, at least " \
                                                  "#{@house['ornaments.spare_low']}", "spares", spares)
      end
      keep("ornaments:#{style.id}", style.name, answers, more: more)
    end

    def by_cover?
      @reckoning.settings[:ornaments][:count_by] == "cover"
    end

    def note(says, sum, gives, value, unit = "pieces")
      WorkingStep.new(says: says, sum: sum, gives: gives, value: value, unit: unit)
    end

    def lights
      count = @reckoning.lights
      sheet = keep("lights", "Strings of lights", [@reckoning.area, count],
                   others: [{ says: "By the foot it would be", value: count[:by_height], unit: "bulbs" }])
      LedgerLine.new(kind: "light", step: "lights", style: @reckoning.string_style, need: count[:strings],
                     spares: count[:spare_strings], sheet: sheet, label: "Lights, #{@reckoning.bulbs_per_string} a string")
    end

    # Crown and body may use the same ribbon: one line for each ribbon, all its uses in one sheet.
    def ribbon
      uses = [*crown_use, *body_uses].group_by { |use| use[:style] }
      uses.map do |style, parts|
        key = "ribbon:#{style&.id}"
        LedgerLine.new(kind: "ribbon", step: parts.first[:step], style: style, need: parts.sum { |part| part[:length] },
                       label: "Ribbon, no style chosen", sheet: keep(key, style&.name || "Ribbon", parts.map { |part| part[:answer] },
                                                                     more: parts.map { |part| part[:note] }))
      end
    end

    def crown_use
      bow = @reckoning.crown_bow or return []
      [{ style: @reckoning.crown_style, step: "crown", length: bow[:length_m], answer: bow,
         note: note("Bow for the crown", "1 × #{Figure.print(bow[:length_m])}", "crown_m", bow[:length_m], "m") }]
    end

    def body_uses
      answer = @reckoning.ribbon or return []
      styles = @reckoning.ribbon_styles
      styles = [nil] if styles.empty?
      units, each_m, noun = body_parts(answer)
      styles.zip(LargestRemainder.share(units, styles.map { 1 })).map do |style, count|
        length = units == 1 && styles.size > 1 ? each_m / styles.size : count * each_m
        { style: style, step: "ribbon", length: length, answer: answer,
          note: note("This ribbon's part: #{count} of #{units} #{noun}", "#{count} × #{Figure.print(each_m)}", "need_m", length, "m") }
      end
    end

    # How the body's ribbon divides: how many parts, how long each, and what they are called.
    def body_parts(answer)
      case @reckoning.settings[:ribbon][:method]
      when "tuck" then [answer[:pieces], answer[:piece_m], "pieces"]
      when "cascade" then [@reckoning.streams, answer[:length_m] / @reckoning.streams, "streams"]
      when "bows" then [@reckoning.settings[:ribbon][:bows], answer[:length_m], "bows"]
      else [1, answer[:length_m], "spiral"]
      end
    end

    def picks
      styles = @reckoning.pick_styles
      total = @reckoning.picks[:total]
      if styles.empty?
        return [LedgerLine.new(kind: "pick", step: "picks", label: "Picks, no style chosen", need: total,
                               sheet: keep("picks", "Picks", [@reckoning.picks]))]
      end

      styles.zip(LargestRemainder.share(total, styles.map { 1 })).map do |style, count|
        sheet = keep("picks:#{style.id}", style.name, [@reckoning.picks],
                     more: [note("Shared over #{styles.size} styles", "#{total} ÷ #{styles.size}", "need", count, "picks")])
        LedgerLine.new(kind: "pick", step: "picks", style: style, need: count, sheet: sheet)
      end
    end
  end
end
