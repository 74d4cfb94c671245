# frozen_string_literal: true

module DeckBough
  # The tables of a room's survey that one could sit at.
  #
  #   TableHosts.of(Rooms::FloorPlan.of(width_m: 4, depth_m: 3, ceiling_left_m: 2.5, plan: nil)) # => []
  module TableHosts
    LENGTHS_M = 0.4..8
    WIDTHS_M = 0.3..4
    # Lower than this nobody sits at it.
    LOWEST_M = 0.55
    HIGHEST_M = 1.2

    module_function

    # @param plan [Rooms::FloorPlan]
    # @return [Array<Host>]
    def of(plan)
      plan.things.filter_map do |thing|
        high = thing[:floor_m] + thing[:height_m]
        wide, long = thing.values_at(:width_m, :depth_m).sort
        next unless thing[:kind] == "table" && high.between?(LOWEST_M, HIGHEST_M) && LENGTHS_M.cover?(long) &&
                    WIDTHS_M.cover?(wide)

        Host.thing(plan, thing, :table, shape: "rectangle", length_m: long, width_m: wide, height_m: high)
      end
    end
  end
end
