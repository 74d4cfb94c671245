# frozen_string_literal: true

module DeckBough
  # What there is to do on a drink corner: make room, build it, tie bows, step back.
  #
  #   DrinksWork.of(reckoning).minutes
  module DrinksWork
    module_function

    # @return [Work]
    def of(reckoning)
      work = Work.new(reckoning.house, units: reckoning.units)
      work.add("place", "Make room", reckoning.lifted.size, "minutes.make_room")
      work.add("jars", "Build the corner", reckoning.empty? ? 0 : 1, "minutes.drink_corner")
      work.add("dress", "Bows on the jars", reckoning.bows? ? reckoning.jars.size : 0, "minutes.bow")
      work.add("step_back", "Step back and mend", reckoning.empty? ? 0 : 1, "minutes.step_back")
      work
    end
  end
end
