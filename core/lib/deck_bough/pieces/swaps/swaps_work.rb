# frozen_string_literal: true

module DeckBough
  # What there is to do on swaps: soft things changed, pictures changed, scents set, step back.
  #
  #   SwapsWork.of(reckoning).minutes
  module SwapsWork
    module_function

    # @return [Work]
    def of(reckoning)
      work = Work.new(reckoning.house, units: reckoning.units)
      work.add("soft", "Soft things changed", reckoning.swaps.sum(&:count), "minutes.soft_swap")
      work.add("art", "Pictures changed", reckoning.frames.size, "minutes.art_swap")
      work.add("scent", "Scents set out", reckoning.settings[:scent][:scents].size, "minutes.scent")
      work.add("step_back", "Step back and mend", reckoning.empty? ? 0 : 1, "minutes.step_back")
      work
    end
  end
end
