# frozen_string_literal: true

module DeckBough
  # What a tree takes, line by line, each with the sheet of its working.
  class TreeLedger
    include LedgerSheets

    # What burns on cells is emptied of them before it is put away.
    CELLS = "Cells for candles and battery sets"

    # Spares beside the tree's own need follow from the rules: breakable ornaments, one string in ten.
    def initialize(reckoning)
      @reckoning = reckoning
      @shares = reckoning.shares
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= told([*ornaments, lights, *globes, *cells, *ribbon, *garland, *picks, *standing])
    end

    private

    def jotting
      @reckoning.jotting
    end

    def ornaments
      counts = @reckoning.hanging.counts
      return [unchosen_ornaments] if counts.empty?

      @reckoning.hung_styles.map do |style|
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
      shared = @shares.counts.fetch(style.id, 0)
      more = [note(says, "#{shared} of #{@reckoning.ornament_total}", "need", shared)]
      if count != shared
        more << note("Less what is crossed out or has no place, with what was added or stands in",
                     "#{shared} → #{count}", "need", count)
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

    # The tree itself, what crowns it and what hides its foot.
    def standing
      measure = @reckoning.measure
      said = @reckoning.settings
      kind = measure[:kind] == "real" ? "real" : measure[:shape]
      riser = measure[:riser_m]
      [own("tree", "measure", "Tree, #{kind}, #{length(measure[:height_m])}"),
       (own("riser", "measure", "Riser, #{length(riser)}") if riser.positive?),
       (own("topper", "crown", "#{said[:crown][:kind].capitalize} for the crown") if crowned?(said[:crown])),
       (own("foot", "foot", foot(said[:foot][:kind])) unless said[:foot][:kind] == "none")].compact
    end

    # Bows are counted in ribbon.
    def crowned?(crown)
      crown[:topper] != "none" && !RibbonReckoning::BOWS.include?(crown[:kind])
    end

    def foot(kind)
      "#{kind.capitalize}, #{length(@reckoning.spread * @reckoning.settings[:foot][:cover_share])} across"
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
      [LedgerLine.new(kind: "light", step: "lights", label: CELLS, need: answer[:cells],
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
                       uses: uses_of(parts.map { |part| part.values_at(:step, :length) }),
                       label: "Ribbon, no style chosen",
                       sheet: keep(key, style&.name || "Ribbon", parts.filter_map { |part| part[:answer] },
                                   more: parts.map { |part| part[:note] }))
      end
    end

    def crown_use
      titles = { "bow" => "Bow for the crown", "streamer" => "Streamers" }
      @reckoning.crown_cuts.map do |what, lengths|
        bow = what == "bow" ? @reckoning.crown_bow : nil
        use(@reckoning.crown_style, "crown", lengths, bow, titles.fetch(what), "crown_m")
      end
    end

    # Tucks that fill what absent ornaments leave, and those mended by hand: as long as a piece of the body.
    def fill_use
      lengths = @reckoning.fill_cuts
      return [] if lengths.empty?

      [use(@reckoning.filling_ribbon, "step_back", lengths, @reckoning.tuck_piece, "Tucks that fill empty spots",
           "fill_m")]
    end

    # Cut by the class: so many of each length, rounded up.
    def use(style, step, lengths, answer, says, gives)
      sum = lengths.tally.map { |length, count| "#{count} × #{jotting.long(length)}" }.join(" + ")
      step_up = Length.print(@reckoning.cut_length(0.01), @reckoning.units)
      { style: style, step: step, length: lengths.sum, answer: answer,
        note: note("#{says}, cut to whole #{step_up}", sum, gives, lengths.sum, "m") }
    end

    def body_uses
      answer = @reckoning.ribbon or return []
      cuts = @reckoning.body_cuts
      all = cuts.sum { |_, lengths| lengths.size }
      cuts.map do |style, lengths|
        use(style, "ribbon", lengths, answer,
            "This ribbon's part: #{lengths.size} of #{all} #{noun}#{instead(style)}", "need_m")
      end
    end

    # What it takes over from ribbons that ran out.
    def instead(style)
      taken = @reckoning.ribbon_shares.stood_in.select { |one| one[:style] == style }
      taken.map { |one| ", #{length(one[:length_m])} of it in place of #{one[:instead_of].name}, which ran out" }.join
    end

    # What the parts of the body's ribbon are called.
    def noun
      { "tuck" => "pieces", "cascade" => "streams", "bows" => "bows",
        "spiral" => "spirals" }.fetch(@reckoning.settings[:ribbon][:method])
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
