# frozen_string_literal: true

module DeckBough
  # The single figures the bench of a table shows large, each with the sheet of its working.
  class TableFigures
    include FigureSheets

    # @return [Hash{String => Hash}]
    def sheets
      { "places" => places, "room" => room, "line" => line, "depth" => depth, "sight" => sight, "meal" => meal,
        "minutes" => work.sheet }.compact
    end

    # @return [Work]
    def work
      @work ||= TableWork.of(@reckoning)
    end

    private

    def entries
      { places: [@reckoning.places[:places], "places", "places"], guests: [@reckoning.guests, "guests", "places"],
        apart: [@reckoning.board.apart_m(@reckoning.guests), "m", "room"], **runner,
        depth: [@reckoning.least_room.depth_m, "m", "depth"], things: [@reckoning.things.size, "things", "meal"],
        tallest: @reckoning.tallest && [@reckoning.tallest.top_m, "m", "sight"], **seen,
        leaves: [@reckoning.leaving.size, "things", "meal"], clear: [clear, "minutes", "meal"],
        minutes: [work.minutes, "minutes", "minutes"] }
    end

    def runner
      return {} unless @reckoning.runner?

      { runner: [@reckoning.runner_length_m, "m", "line"], runner_width: [@reckoning.runner_width_m, "m", "line"],
        strings: @reckoning.lit? ? [@reckoning.strings, "strings", "line"] : nil }
    end

    # Up to where who sits opposite is hidden; nothing is below the top.
    def seen
      hidden = @reckoning.hidden(@reckoning.staying)
      { hidden: hidden && [[hidden.meets_m, 0].max, "m", "sight"] }
    end

    # Minutes to clear the middle for a meal.
    def clear
      @reckoning.leaving.size * @house["minutes.make_room"]
    end

    def places
      said = @reckoning.settings[:table][:guests]
      WorkingSheet.of("Places", [@reckoning.places], @house,
                      more: [step("Guests", said ? "as they come" : "as many as sit", "guests", @reckoning.guests,
                                  "guests")])
    end

    def room
      apart = @reckoning.board.apart_m(@reckoning.guests)
      sum = if @reckoning.round?
              "π × #{long(@reckoning.length_m)} ÷ #{@reckoning.guests}"
            else
              "#{long(@reckoning.length_m)} ÷ #{[@reckoning.board.along(@reckoning.guests).first, 1].max}"
            end
      WorkingSheet.of("Room for each guest", [], @house,
                      constants: %w[table.place], more: [step("Along the fuller side", sum, "apart_m", apart, "m")])
    end

    def line
      return unless @reckoning.runner?

      from, to = @reckoning.runner_ends.map { |metres| long(metres) }
      WorkingSheet.of("The runner", @reckoning.greens? ? [] : [@reckoning.runner], @house,
                      constants: @reckoning.greens? ? %w[table.place_depth table.runner_share] : [],
                      more: [step("From end to end, from the left end of the table", "#{to} − (#{from})", "length_m",
                                  @reckoning.runner_length_m, "m"),
                             step("As wide as it lies", wide, "width_m", @reckoning.runner_width_m, "m")])
    end

    def wide
      return "as it was said" if @reckoning.settings[:runner][:width_m]
      return "part of the table's width" unless @reckoning.greens?

      "#{long(@reckoning.width_m)} − 2 × #{long(@reckoning.depth_wanted)}, at least a garland"
    end

    def depth
      room = @reckoning.least_room
      nearest = step("The place with least: place #{room.seat}",
                     "from the edge to #{room.up_to || 'the middle of the table'}", "depth_m", room.depth_m, "m")
      WorkingSheet.of("Room before a guest, a meal on the table", [], @house, constants: %w[table.place_depth],
                                                                              more: [nearest])
    end

    def sight
      those = @reckoning.staying
      heights = those.map { |thing| step(@reckoning.named(thing).capitalize, "", "top_m", thing.top_m, "m") }
      WorkingSheet.of("Seeing each other over the table", [], @house, constants: %w[table.eye table.centre_high],
                                                                      more: [*heights, *over])
    end

    def over
      hidden = @reckoning.hidden(@reckoning.staying) or return []
      eye, high, away, wide = [@house["table.eye"], hidden.thing.top_m, hidden.away_m, @reckoning.width_m]
                              .map { |metres| long(metres) }
      [step("Over #{@reckoning.named(hidden.thing)} the line from the eye ends opposite at",
            "#{high} − (#{eye} − #{high}) × #{away} ÷ (#{wide} − #{away})", "hidden_to_m", hidden.meets_m, "m")]
    end

    def meal
      told = @reckoning.leaving.map do |thing|
        step("#{@reckoning.named(thing).capitalize} leaves", "", "top_m", thing.top_m, "m")
      end
      each = Figure.print(@house["minutes.make_room"])
      cleared = step("To clear it", "#{@reckoning.leaving.size} × #{each}", "minutes", clear, "minutes")
      WorkingSheet.of("For a meal", [], @house, constants: %w[minutes.make_room table.centre_high],
                                                more: [*told, cleared])
    end
  end
end
