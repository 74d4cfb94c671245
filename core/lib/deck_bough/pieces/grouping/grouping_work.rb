# frozen_string_literal: true

module DeckBough
  # What there is to do on a grouping: make room, build it by what it stands on, fill its vessel, step back.
  #
  #   GroupingWork.of(reckoning).minutes
  module GroupingWork
    RULES = { "table" => "minutes.grouping_table", "shelf" => "minutes.grouping_shelf" }.freeze
    USUAL = "minutes.grouping"

    module_function

    # @return [Work]
    def of(reckoning)
      work = Work.new(reckoning.house, high: high(reckoning), units: reckoning.units)
      work.add("site", "Make room", reckoning.lifted.size, "minutes.make_room", high: 0)
      work.add("build", "Build the group", reckoning.things.empty? ? 0 : 1,
               RULES.fetch(reckoning.surface.kind, USUAL))
      work.add("fill", "Fill the vessel", reckoning.fill && reckoning.fill.ball_count.positive? ? 1 : 0,
               "minutes.vessel_fill")
      work.add("build", "Pot the small trees: sacking cut, wedged, moss", reckoning.pots.all.size, "minutes.pot")
      work.add("step_back", "Step back and mend", reckoning.things.empty? ? 0 : 1, "minutes.step_back", high: 0)
      work.add("snow", "Lay the snow last of all, and clear up after it", reckoning.snow ? 1 : 0, "minutes.snow",
               high: 0)
      work
    end

    # All of it, where it stands above the ladder line.
    def high(reckoning)
      reckoning.surface.height_m > reckoning.house["tree.ladder"] ? 1 : 0
    end
    private_class_method :high
  end
end
