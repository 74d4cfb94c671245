# frozen_string_literal: true

module DeckBough
  # What a tree takes, line by line, each with the sheet of its working.
  class TreeLedger
    include LedgerSheets

    # Spares beside the tree's own need follow from the rules: breakable ornaments, one string in ten.
    def initialize(reckoning)
      @reckoning = reckoning
      @shares = reckoning.shares
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= [*ornaments, lights, *globes, *cells, *ribbon, *garland, *picks].reject do |line|
        line.need.zero? && line.spares.zero?
      end
    end

    private

    def jotting
      @reckoning.jotting
    end

    def ornaments
      counts = @reckoning.hanging.counts
      return [unchosen_ornaments] if counts.empty?

      @reckoning.ornament_styles.map do |style|
        count = counts.fetch(style.id)
        spares = if style.breakable && !style.keepsake && count.positive?
                   Rules::Ornaments::ByFoot.spares(count, @house)
                 else
                   0
                 end
        LedgerLine.new(kind: "ornament", step: "ornaments", style: style, need: count, spares: spares,
                       sheet: ornament_sheet(style, count, spares))
      end
    end

    def unchosen_ornaments
      LedgerLine.new(kind: "ornament", step: "ornaments", label: "Ornaments, no style chosen",
                     need: @reckoning.ornament_total,
                     sheet: keep("ornaments", "Ornaments", [@reckoning.by_cover]))
    end

    def ornament_sheet(style, count, spares)
      even = @reckoning.settings[:ornaments][:count_by] == "foot"
      answers = even ? [@reckoning.by_foot] : [(@reckoning.by_cover if by_cover?), @reckoning.mix].compact
      says = even ? "#{style.name}: one for each foot" : "#{style.name}: its part of the #{@shares.size_of(style)} ones"
      shared = @shares.counts.fetch(style.id)
      more = [note(says, "#{shared} of #{@reckoning.ornament_total}", "need", shared)]
      if count != shared
        more << note("Less what is crossed out or has no place, with what was added", "#{shared} → #{count}", "need",
                     count)
      end
      if spares.positive?
        more << note("Spares, because it breaks", "#{Figure.print(@house['ornaments.spare_share'] * 100)} %, at " \
                                                  "least " \
                                                  "#{@house['ornaments.spare_low']}", "spares", spares)
      end
      keep("ornaments:#{style.id}", style.name, answers, more: more)
    end

    def by_cover?
      @reckoning.settings[:ornaments][:count_by] == "cover"
    end

    def lights
      count = @reckoning.lights
      sheet = keep("lights", "Strings of lights", [@reckoning.area, count],
                   others: [{ says: "By the foot it would be", value: count[:by_height], unit: "bulbs" }])
      LedgerLine.new(kind: "light", step: "lights", style: @reckoning.string_style, need: count[:strings],
                     spares: count[:spare_strings], sheet: sheet,
                     label: "Lights, #{@reckoning.bulbs_per_string} a string")
    end

    # Round bulbs are counted by the string like the small ones.
    def globes
      return [] if @reckoning.globes.zero?

      style = @reckoning.globe_style
      each = style&.bulbs || 1
      count = (@reckoning.globes.to_f / each).ceil
      school = @reckoning.settings[:lights][:globes]
      sum = "#{jotting.long(@house["lights.globe_#{school}"], -2)} × #{jotting.long(@reckoning.area[:area_m2], 2)}"
      more = [note("Globes: to the #{jotting.unit}² × visible surface", sum, "globes", @reckoning.globes, "bulbs"),
              note("Strings, rounded up", "#{@reckoning.globes} ÷ #{each}", "need", count, "strings")]
      [LedgerLine.new(kind: "light", step: "lights", style: style, need: count, label: "Globes, loose",
                      sheet: keep("globes", "Globes", [@reckoning.area], more: more))]
    end

    def cells
      answer = @reckoning.battery or return []
      [LedgerLine.new(kind: "light", step: "lights", label: "Cells for candles and battery sets", need: answer[:cells],
                      sheet: keep("battery", "Cells for the season", [answer]))]
    end

    def garland
      pieces = @reckoning.garland_pieces or return []
      [LedgerLine.new(kind: "garland", step: "ribbon", style: @reckoning.garland_style,
                      label: "Garland, no style chosen", need: pieces[:pieces],
                      sheet: keep("tree_garland", "Garland on the tree", [@reckoning.garland, pieces]))]
    end

    # Crown and body may use the same ribbon: one line for each ribbon, all its uses in one sheet.
    def ribbon
      uses = [*crown_use, *body_uses, *fill_use].group_by { |use| use[:style] }
      uses.map do |style, parts|
        key = "ribbon:#{style&.id}"
        LedgerLine.new(kind: "ribbon", step: parts.first[:step], style: style, need: parts.sum { |part| part[:length] },
                       label: "Ribbon, no style chosen", sheet: keep(key, style&.name || "Ribbon",
                                                                     parts.filter_map { |part| part[:answer] },
                                                                     more: parts.map { |part| part[:note] }))
      end
    end

    def crown_use
      bow = @reckoning.crown_bow
      long = @reckoning.streamers_m
      style = @reckoning.crown_style
      uses = []
      if bow
        uses << use(style, "crown", bow[:length_m], bow, "Bow for the crown", "1 × #{jotting.long(bow[:length_m])}",
                    "crown_m")
      end
      if long.positive?
        said = @reckoning.settings[:crown]
        uses << use(style, "crown", long, nil, "Streamers", "#{said[:streamers]} × #{jotting.long(said[:streamer_m])}",
                    "streamers_m")
      end
      uses
    end

    # Tucks that fill what absent ornaments leave, and those mended by hand: as long as a piece of the body.
    def fill_use
      count = @reckoning.hanging.fill_count("ribbon")
      return [] if count.zero?

      each = @reckoning.tuck_piece
      sum = "#{count} × #{jotting.long(each[:piece_m])}"
      [use(@reckoning.filling_ribbon, "step_back", count * each[:piece_m], each, "Tucks that fill empty spots", sum,
           "fill_m")]
    end

    def use(style, step, length, answer, says, sum, gives)
      { style: style, step: step, length: length, answer: answer, note: note(says, sum, gives, length, "m") }
    end

    def body_uses
      answer = @reckoning.ribbon or return []
      styles = @reckoning.ribbon_styles
      styles = [nil] if styles.empty?
      units, each_m, noun = body_parts(answer)
      styles.zip(@reckoning.ribbon_counts(units, each_m)).map do |style, count|
        length = units == 1 && styles.size > 1 ? each_m / styles.size : count * each_m
        use(style, "ribbon", length, answer, "This ribbon's part: #{count} of #{units} #{noun}",
            "#{count} × #{jotting.long(each_m)}", "need_m")
      end
    end

    # How the body's ribbon divides: how many parts, how long each, and what they are called.
    def body_parts(answer)
      [*@reckoning.ribbon_parts,
       { "tuck" => "pieces", "cascade" => "streams", "bows" => "bows" }.fetch(
         answer ? @reckoning.settings[:ribbon][:method] : "", "spiral"
       )]
    end

    def picks
      styles = @reckoning.pick_styles
      total = @reckoning.picks_total
      if styles.empty?
        return [LedgerLine.new(kind: "pick", step: "picks", label: "Picks, no style chosen", need: total,
                               sheet: keep("picks", "Picks", [@reckoning.picks]))]
      end

      styles.zip(LargestRemainder.share(total, styles.map { 1 })).map do |style, count|
        sheet = keep("picks:#{style.id}", style.name, [@reckoning.picks],
                     more: [note("Shared over #{styles.size} styles", "#{total} ÷ #{styles.size}", "need", count,
                                 "picks")])
        LedgerLine.new(kind: "pick", step: "picks", style: style, need: count, sheet: sheet)
      end
    end
  end
end
