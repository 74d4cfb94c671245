# frozen_string_literal: true

module DeckBough
  # What of a room's survey things could hang over: its tables and the boards of its windows.
  #
  #   DropsHosts.of(Rooms::FloorPlan.of(width_m: 4, depth_m: 3, ceiling_left_m: 2.5, plan: nil)) # => []
  module DropsHosts
    LENGTHS_M = 0.1..12

    module_function

    # @param plan [Rooms::FloorPlan]
    # @return [Array<Host>]
    def of(plan)
      tables = plan.things.select { |thing| thing[:kind] == "table" }.map do |thing|
        long, wide = thing.values_at(:width_m, :depth_m).sort.reverse
        Host.thing(plan, thing, :place, over: "table", length_m: long, depth_m: [wide / 2.0, 4].min,
                                        below_m: thing[:floor_m] + thing[:height_m])
      end
      (tables + windows(plan)).select { |host| LENGTHS_M.cover?(host.says[:length_m]) && host.says[:below_m] <= 3 }
    end

    def windows(plan)
      plan.openings.select { |opening| opening[:kind] == "window" }.map do |opening|
        Host.opening(plan, opening, :place, over: "sill", length_m: opening[:width_m], depth_m: 0,
                                            below_m: opening[:floor_m])
      end
    end
    private_class_method :windows
  end
end
