# frozen_string_literal: true

module DeckBough
  # What a run takes, line by line, each with the sheet of its working.
  class RunLedger
    include LedgerSheets

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= told([*garlands, *stems, *lights, *accents, *ribbon, *fixings, *standing])
    end

    private

    # Stockings, and what stands on the shelf.
    def standing
      mantel = @reckoning.settings[:mantel]
      things = mantel[:things].each_with_index.map do |thing, i|
        own("thing:#{i}", "mantel", "#{thing[:name]}, #{length(thing[:height_m])} high")
      end
      count = @reckoning.stockings ? mantel[:stockings] : 0
      return things if count.zero?

      [own("stockings", "mantel", "Stockings", need: count, sum: "as chosen"), *things]
    end

    # Pieces of each garland over all the stretches it lies on.
    def garlands
      @reckoning.bodies.flat_map { |body| body.counts.keys }.uniq.map do |id|
        style = @reckoning.garland(id)
        laid = @reckoning.bodies.select { |body| body.counts.key?(id) }
        more = laid.flat_map do |body|
          [note("#{stretch(body)}: garland it takes", garland_sum(body), "garland_m", body.garland_m, "m"),
           pieces_note(body, id)]
        end
        LedgerLine.new(kind: "garland", step: "body", style: style.id && style, label: style.name,
                       need: laid.sum { |body| body.counts[id] },
                       sheet: keep("garland:#{id}", style.name, [], more: more))
      end
    end

    def pieces_note(body, id)
      long = @reckoning.garland(id).length_m || RunGreenery::PLAIN.length_m
      says = if body.from_offcut
               "Out of what was cut off"
             else
               "Pieces of #{figure(long)}, each join takes #{figure(@house['garland.join'])}"
             end
      note(says, "#{body.counts[id]} × #{figure(long)}", "need", body.counts[id])
    end

    def stretch(body)
      passes = body.passes > 1 ? ", #{body.passes} passes" : ""
      "From #{figure(body.from_m)} to #{figure(body.to_m)} #{@reckoning.jotting.unit}#{passes}"
    end

    def garland_sum(body)
      long = (body.to_m - body.from_m) * body.passes
      "#{figure(long)} × #{Figure.print(long.zero? ? 1.0 : body.garland_m / long, 2)}"
    end

    def stems
      @reckoning.stems.group_by(&:style).map do |style, those|
        count = those.sum { |one| one.places.size }
        sum = those.map { |one| one.places.size.to_s }.join(" + ")
        LedgerLine.new(kind: "stem", step: "rise_and_trail", style: style, need: count,
                       sheet: keep("stem:#{style.id}", style.name, [],
                                   more: [note("Stems over all stretches", sum, "need", count, "stems")]))
      end
    end

    def lights
      answer = @reckoning.lights or return []
      LedgerLine.new(kind: "light", step: "lights", style: @reckoning.string_style,
                     label: "Lights, #{@reckoning.bulbs_per_string} a string",
                     need: answer[:strings], spares: answer[:spare_strings],
                     sheet: keep("lights", "Strings of lights", [answer])).then { |line| [line] }
    end

    def accents
      @reckoning.accents.map do |style, count|
        LedgerLine.new(kind: style.kind, step: "accents", style: style, need: count,
                       sheet: keep("accent:#{style.id}", style.name, [],
                                   more: [note("As chosen", count.to_s, "need", count)]))
      end
    end

    def ribbon
      count, each_m, says = @reckoning.ribbon_parts
      return [] if count.zero?

      long = count * each_m
      sheet = keep("ribbon", @reckoning.ribbon_style&.name || "Ribbon", [],
                   more: [note(says.capitalize, "#{count} × #{figure(each_m)}", "need_m", long, "m")])
      [LedgerLine.new(kind: "ribbon", step: "ribbon", style: @reckoning.ribbon_style, label: "Ribbon, no style chosen",
                      need: long, sheet: sheet)]
    end

    def fixings
      return [] unless @reckoning.held?

      there = @reckoning.staying.compact
      count = wanted_fixings
      doubled = @reckoning.anchors.select { |anchor| anchor[:fixings] > 1 }
      sum = ["#{@reckoning.anchors.size} anchors",
             *doubled.map { |anchor| "#{anchor[:fixings] - 1} more at #{anchor[:number]}" }].join(" + ")
      sum += " − #{all_fixings - count} there already" if there.any?
      sheet = keep("anchors", "Anchors", [@reckoning.anchor_rule],
                   more: [note("One at each anchor, more where it carries more than it may", sum, "need", count)])
      [*fixings_there(there),
       LedgerLine.new(kind: "fixing", step: "anchors", style: @reckoning.fixing_style, label: @reckoning.fixing.title,
                      need: count, sheet: sheet)]
    end

    def all_fixings
      @reckoning.anchors.sum { |anchor| anchor[:fixings] }
    end

    # What is there already holds its anchor alone.
    def wanted_fixings
      @reckoning.anchors.zip(@reckoning.staying).sum { |anchor, there| there ? 0 : anchor[:fixings] }
    end

    # Hooks that stay are the home's own.
    def fixings_there(there)
      return [] if there.empty?

      titles = there.map(&:title).tally.map { |title, count| "#{count} × #{title.downcase}" }
      [own("there", "anchors", "Hooks and nails there since #{there.map(&:since).min}", need: there.size,
                                                                                        sum: titles.join(", "))]
    end

    def figure(metres)
      @reckoning.jotting.long(metres, 1, 2)
    end
  end
end
