# frozen_string_literal: true

module DeckBough
  # What there is to do with stockings in a row: hooks set, each hung, bows tied, step back.
  #
  #   StockingsWork.of(reckoning).minutes
  module StockingsWork
    module_function

    # @return [Work]
    def of(reckoning)
      count = reckoning.count
      high = reckoning.hung.any? { |one| one.hook_m > reckoning.house["tree.ladder"] } ? 1 : 0
      work = Work.new(reckoning.house, high: high, units: reckoning.units)
      work.add("hang", "Hooks set", count, "minutes.garland_anchor")
      work.add("fill", "Hung, stuffed, turned one way", count, "minutes.stocking")
      work.add("stockings", "Bows or picks on them", reckoning.settings[:stockings][:trim] == "none" ? 0 : count,
               "minutes.stocking_trim", high: 0)
      work.add("step_back", "Step back and mend", count.zero? ? 0 : 1, "minutes.step_back", high: 0)
      work
    end
  end
end
