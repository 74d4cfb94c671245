# frozen_string_literal: true

module DeckBough
  # The single figures the bench of shelves shows large, each with the sheet of its working.
  class ShelvesFigures
    include FigureSheets

    # @return [Hash{String => Hash}]
    def sheets
      { "bays" => bays, "quiet" => quiet, "colours" => colours, "aside" => aside, "garland" => garland,
        "minutes" => work.sheet }.compact
    end

    # @return [Work]
    def work
      @work ||= ShelvesWork.of(@reckoning)
    end

    private

    def entries
      tray = @reckoning.unit.tray?
      { bays: [@reckoning.bays.size, tray ? "tiers" : "bays", "bays"],
        things: [@reckoning.things.size, "things", "bays"],
        quiet: tray ? nil : [@reckoning.quiet, "bays", "quiet"],
        colours: [@reckoning.colours.size, "colours", "colours"],
        aside: tray ? [@reckoning.aside_m, "m", "aside"] : nil,
        garland: @reckoning.garland? ? [@reckoning.garland_m, "m", "garland"] : nil,
        minutes: [work.minutes, "minutes", "minutes"] }
    end

    def bays
      each = @reckoning.bays.map do |one|
        step(one_of(one), "wide #{long(one.bay.wide_m)}, things #{one.things.size}", "high_m", one.high_m, "m")
      end
      WorkingSheet.of(@reckoning.unit.tray? ? "Tiers" : "Bays", [], @house, more: each)
    end

    def one_of(one)
      "Highest in #{@reckoning.told(one.bay)}"
    end

    def quiet
      return if @reckoning.unit.tray?

      count = @reckoning.bays.size
      share = Figure.print(@house["shelves.quiet"], 2)
      WorkingSheet.of("Bays that stay quiet", [], @house,
                      constants: %w[shelves.quiet],
                      more: [step("Wanted, rounded down", "#{count} × #{share}", "wanted", @reckoning.quiet_wanted,
                                  "bays"),
                             step("Nothing stands in", "counted", "quiet", @reckoning.quiet, "bays")])
    end

    def colours
      each = @reckoning.colours.map do |one|
        step("#{Looks::ColourWords.of(one.colour).capitalize} #{one.colour}", "different #{places} it stands in",
             "points", one.points.size, places)
      end
      WorkingSheet.of("Where each colour is met", [], @house, more: each)
    end

    def places
      @reckoning.unit.tray? ? "tiers" : "bays"
    end

    def aside
      return unless @reckoning.unit.tray?

      how = "by weight where all is weighed, else by size"
      WorkingSheet.of("How far the tray pulls to one side", [], @house,
                      more: [step("Middle of all weights, from the post", how, "aside_m", @reckoning.aside_m, "m")])
    end

    def garland
      return unless @reckoning.garland?

      drop = @reckoning.settings[:garland][:drop_m]
      WorkingSheet.of("Garland over the shelves", [@reckoning.swag], @house,
                      more: [step("And down both sides", "#{long(@reckoning.swag[:length_m])} + 2 × #{long(drop)}",
                                  "length_m", @reckoning.garland_m, "m")])
    end
  end
end
