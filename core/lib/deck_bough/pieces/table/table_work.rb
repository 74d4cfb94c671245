# frozen_string_literal: true

module DeckBough
  # What there is to do on a table: lay and dress it, tie bows, lights along the runner, step back.
  #
  #   TableWork.of(reckoning).minutes
  module TableWork
    module_function

    # @return [Work]
    def of(reckoning)
      work = Work.new(reckoning.house, units: reckoning.units)
      work.add("runner", "Fairy lights along the runner", reckoning.lit? ? reckoning.runner_length_m : 0,
               "minutes.garland_lights")
      work.add("setting", "Bows on the napkins", reckoning.bows.zero? ? 0 : reckoning.bows + reckoning.spares,
               "minutes.bow")
      work.add("centre", "Dress the table", dressed?(reckoning) ? 1 : 0, "minutes.grouping_table")
      work.add("centre", "Pot the small trees: sacking cut, wedged, moss", reckoning.pots.all.size, "minutes.pot")
      work.add("step_back", "Step back and mend", dressed?(reckoning) ? 1 : 0, "minutes.step_back")
      work
    end

    def dressed?(reckoning)
      reckoning.runner? || reckoning.layers.any? || reckoning.things.any?
    end
    private_class_method :dressed?
  end
end
