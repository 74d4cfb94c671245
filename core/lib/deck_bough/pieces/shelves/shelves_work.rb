# frozen_string_literal: true

module DeckBough
  # What there is to do on shelves: dress them, and once again; hang the garland; step back.
  #
  #   ShelvesWork.of(reckoning).minutes
  module ShelvesWork
    module_function

    # @return [Work]
    def of(reckoning)
      work = Work.new(reckoning.house, high: high(reckoning), units: reckoning.units)
      rule = reckoning.unit.tray? ? "minutes.grouping" : "minutes.grouping_shelf"
      what = reckoning.unit.tray? ? "tray" : "shelves"
      work.add("dress", "Dress the #{what}, and once again", reckoning.empty? ? 0 : reckoning.house["minutes.twice"],
               rule)
      work.add("garland", "Hang the garland", reckoning.garland_m, "minutes.garland_hang")
      work.add("step_back", "Step back and mend", reckoning.empty? ? 0 : 1, "minutes.step_back", high: 0)
      work
    end

    # Of the bays those above the ladder line.
    def high(reckoning)
      bays = reckoning.bays.reject(&:quiet?)
      return 0 if bays.empty?

      bays.count { |one| one.bay.foot_m > reckoning.house["tree.ladder"] } / bays.size.to_f
    end
    private_class_method :high
  end
end
