# frozen_string_literal: true

module DeckBough
  # What a wreath takes, line by line, each with the sheet of its working.
  class WreathLedger
    include LedgerSheets

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<LedgerLine>]
    def lines
      @lines ||= told([*base, *stems, *elements, *star, *ribbon, *lights, *fixing])
    end

    private

    # The wreath or ring itself, or what it is made of.
    def base
      ring = @reckoning.ring
      label = { "bought" => "Wreath", "enriched" => "Wreath, to enrich", "frame" => "Wire frame",
                "hoop" => "Hoop" }.fetch(@reckoning.settings[:greens][:making])
      across = length(ring.outer_m)
      whole = LedgerLine.new(kind: "wreath", step: "size", style: @reckoning.ring_style, label: "#{label}, #{across}",
                             need: 1, sheet: keep("ring", "#{label}, #{across} across", @reckoning.size_answers,
                                                  more: [note("One", "as measured", "need", 1)]))
      [whole, *bundles]
    end

    def bundles
      count = @reckoning.bundle_count
      return [] if count.zero?

      hoop = @reckoning.settings[:greens][:making] == "hoop"
      said = hoop ? "Ready bundles on a third of a hoop" : "All round the frame"
      [LedgerLine.new(kind: "stem", step: "greens", style: @reckoning.bundle_style, label: "Bundles of greens",
                      need: count,
                      sheet: keep("bundles", "Bundles of greens", [@reckoning.bundles],
                                  more: [note(said, count.to_s, "need", count, "bundles")]))]
    end

    def stems
      @reckoning.stems.group_by(&:style).map do |style, those|
        count = those.sum { |one| one.places.size }
        sum = those.map { |one| one.places.size.to_s }.join(" + ")
        LedgerLine.new(kind: "stem", step: "greens", style: style, need: count,
                       sheet: keep("stem:#{style.id}", style.name, [],
                                   more: [note("Stems over all arcs", sum, "need", count, "stems")]))
      end
    end

    # What stands on the sites and between them; sites nothing was chosen for are wanted all the same.
    def elements
      chosen = @reckoning.elements.group_by(&:style).map do |style, those|
        on, between = those.partition(&:site).map(&:size)
        sum = [("#{on} on sites" if on.positive?), ("#{between} between" if between.positive?)].compact.join(" + ")
        LedgerLine.new(kind: style.kind, step: "layers", style: style, need: those.size,
                       sheet: keep("element:#{style.id}", style.name, @reckoning.site_answers,
                                   more: [note("Styles take turns", sum, "need", those.size)]))
      end
      @reckoning.settings[:layers][:picks].empty? ? [empty_sites, *chosen] : chosen
    end

    def empty_sites
      LedgerLine.new(kind: "pick", step: "layers", label: "Picks, no style chosen", need: @reckoning.sites,
                     sheet: keep("sites", "Sites on the ring", @reckoning.site_answers,
                                 more: [note("All arcs", "sum", "need", @reckoning.sites, "sites")]))
    end

    # A word or a figure is brought along; how large it is follows from the ring.
    def star
      case @reckoning.settings[:star][:kind]
      when "word"
        said = @reckoning.settings[:star][:words].strip
        [own("word", "star", "Word#{" “#{said}”" unless said.empty?}, #{length(@reckoning.word_width_m)}, three ties",
             sum: "across the opening to the middle of the ring")]
      when "figure" then [own("figure", "star", "Figure, #{length(@reckoning.bow_width_m)}",
                              sum: "a third of the wreath")]
      else []
      end
    end

    # Hanger and bow, each of its ribbon; where they are of one, together.
    def ribbon
      parts = [["hang", @reckoning.hanger_style, @reckoning.hanger, "Hanger"],
               ["star", @reckoning.star_style, @reckoning.bow, "Bow"]].select { |part| part[2] }
      parts.group_by { |_, style, _, _| style&.id }.map do |id, those|
        style = those.first[1]
        long = those.sum { |part| part[2][:length_m] }
        more = those.map { |_, _, answer, says| note(says, "", "length_m", answer[:length_m], "m") }
        LedgerLine.new(kind: "ribbon", step: those.first[0], style: style, label: "Ribbon, no style chosen",
                       need: long, uses: uses_of(those.map { |step, _, answer, _| [step, answer[:length_m]] }),
                       sheet: keep("ribbon:#{id}", style&.name || "Ribbon", those.map { |part| part[2] },
                                   more: [*more, note("All of it", "sum", "need_m", long, "m")]))
      end
    end

    def lights
      answer = @reckoning.lights or return []
      label = "Lights, #{@reckoning.string_style&.bulbs || @reckoning.settings[:lights][:bulbs_per_string]} a string"
      [LedgerLine.new(kind: "light", step: "lights", style: @reckoning.string_style, label: label,
                      need: answer[:strings], spares: answer[:spare_strings],
                      sheet: keep("lights", "Strings of lights", [answer]))]
    end

    # What stays is the home's own.
    def there(anchor)
      own("fixing", "hang", "#{anchor.title}, there since #{anchor.since}", sum: anchor.place)
    end

    def fixing
      return [] unless @reckoning.held?
      return [there(@reckoning.staying)] if @reckoning.staying

      [LedgerLine.new(kind: "fixing", step: "hang", style: @reckoning.fixing_style, label: @reckoning.holding.title,
                      need: 1, sheet: keep("fixing", @reckoning.holding.title, [],
                                           more: [note("One", "one wreath", "need", 1)]))]
    end
  end
end
