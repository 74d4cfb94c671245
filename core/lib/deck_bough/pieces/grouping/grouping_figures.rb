# frozen_string_literal: true

module DeckBough
  # The single figures the bench of a grouping shows large, each with the sheet of its working.
  class GroupingFigures
    include FigureSheets

    # @return [Hash{String => Hash}]
    def sheets
      { "site" => site, "free" => free, "heights" => heights, "hides" => hides, "under" => under, "fill" => fill,
        "snow" => snow, "minutes" => work.sheet }.compact
    end

    # @return [Work]
    def work
      @work ||= GroupingWork.of(@reckoning)
    end

    private

    def entries
      { sites: [@reckoning.sites[:sites_m].size, "sites", "site"], site: [@reckoning.site_m, "m", "site"],
        free: [@reckoning.free_share, "share", "free"],
        things: [@reckoning.things.size, "things", "heights"],
        tallest: @reckoning.tallest_m && [@reckoning.tallest_m, "m", "heights"],
        steps: @reckoning.line.any? ? [@reckoning.steps, "heights", "heights"] : nil,
        **hidden, under: @reckoning.under_m && [@reckoning.under_m, "m", "under"], **filled,
        snow: @reckoning.snow && [@reckoning.snow.litres, "litres", "snow"],
        minutes: [work.minutes, "minutes", "minutes"] }
    end

    def hidden
      answer = @reckoning.hiding&.answer or return {}
      { hidden_to: [answer[:hidden_to_m] - @reckoning.surface.height_m, "m", "hides"],
        riser: answer[:hides] ? nil : [answer[:riser_m], "m", "hides"] }
    end

    def filled
      fill = @reckoning.fill or return {}
      { litres: [fill.litres, "litres", "fill"], balls: [fill.ball_count, "balls", "fill"],
        fill_share: fill.mixed && [fill.share, "share", "fill"],
        strings: fill.lights? ? [fill.strings, "strings", "fill"] : nil }
    end

    def snow
      snow = @reckoning.snow or return nil
      WorkingSheet.of("Snow in the trays", [], @house,
                      more: [step("What of the trays nothing stands on", "each tray less what stands in it", "area_m2",
                                  snow.area_m2, "m2"),
                             step("As deep as it lies", "that area × how deep it lies", "litres", snow.litres,
                                  "litres")])
    end

    def site
      said = @reckoning.settings[:site][:at_m]
      where = said ? "as it was put" : "the first of the sites, else the middle"
      WorkingSheet.of("Where the group stands", [@reckoning.sites], @house,
                      more: [step("Its middle", where, "site_m", @reckoning.site_m, "m")])
    end

    def free
      width, length = [@reckoning.site_width_m, @reckoning.surface.length_m].map { |metres| long(metres) }
      WorkingSheet.of("What stays free", [], @house, constants: %w[group.free_share group.width],
                                                     more: [step("What the group does not take up",
                                                                 "1 − #{width} ÷ #{length}", "free_share",
                                                                 @reckoning.free_share, "share")])
    end

    def heights
      told = @reckoning.line.map do |thing|
        parts = [thing.base_m, thing.riser_m, thing.height_m].reject(&:zero?).map { |metres| long(metres) }
        step(@reckoning.named(thing).capitalize, parts.join(" + "), "top_m", thing.top_m, "m")
      end
      WorkingSheet.of("Heights of the group", [@reckoning.heights].compact, @house, more: told)
    end

    def hides
      answer = @reckoning.hiding&.answer or return nil
      high = @reckoning.surface.height_m
      above = step("Above the surface", "#{long(answer[:hidden_to_m])} − #{long(high)}", "hidden_to_m",
                   answer[:hidden_to_m] - high, "m")
      WorkingSheet.of("What the socket is hidden by", [answer], @house, more: [above])
    end

    def under
      return unless @reckoning.under_m

      WorkingSheet.of("Air above the group", [], @house,
                      more: [step("Clear height less the highest thing under it",
                                  "#{long(@reckoning.surface.said[:clear_m])} − " \
                                  "#{long(@reckoning.surface.said[:clear_m] - @reckoning.under_m)}",
                                  "under_m", @reckoning.under_m, "m")])
    end

    def fill
      fill = @reckoning.fill or return nil
      volume = step("What the vessel takes", volume_sum(fill.vessel), "litres", fill.litres, "litres")
      each = fill.sizes.map do |size|
        step(size.style.name, "#{Figure.print(size.mm)} mm", "count", size.count, "balls")
      end
      WorkingSheet.of("What is in the vessel", [fill.mixed].compact, @house, more: [volume, *each])
    end

    def volume_sum(vessel)
      across, deep, filled = [vessel.across_m, vessel.deep_m, vessel.filled_m].map { |metres| long(metres) }
      case vessel.shape
      when "box" then "#{across} × #{deep} × #{filled}"
      when "bowl" then "π × #{filled} × (3 × (#{across} ÷ 2)² + #{filled}²) ÷ 6"
      when "cylinder" then "π × (#{across} ÷ 2)² × #{filled}"
      else "as it was measured"
      end
    end
  end
end
