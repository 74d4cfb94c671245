# frozen_string_literal: true

module DeckBough
  # What there is to do with hanging things: a hook for each, balls on their strands, step back.
  #
  #   DropsWork.of(reckoning).minutes
  module DropsWork
    module_function

    # @return [Work]
    def of(reckoning)
      work = Work.new(reckoning.house, high: reckoning.hooks_m > reckoning.house["tree.ladder"] ? 1 : 0,
                                       units: reckoning.units)
      hung = reckoning.lines.select(&:style)
      work.add("hang", "Hooks set", reckoning.lines.size, "minutes.garland_anchor")
      work.add("things", "Things on their lines", hung.sum(&:balls), "minutes.ornament", high: 0)
      work.add("step_back", "Step back and mend", hung.empty? ? 0 : 1, "minutes.step_back", high: 0)
      work
    end
  end
end
