# frozen_string_literal: true

module DeckBough
  # What of a room's survey a drink corner could stand on: cabinets, consoles, tables, shelves.
  #
  #   DrinksHosts.of(Rooms::FloorPlan.of(width_m: 4, depth_m: 3, ceiling_left_m: 2.5, plan: nil)) # => []
  module DrinksHosts
    KINDS = %w[cabinet console table shelf].freeze
    LENGTHS_M = 0.2..5
    DEPTHS_M = 0.1..1.2
    HIGHEST_M = 1.6

    module_function

    # @param plan [Rooms::FloorPlan]
    # @return [Array<Host>]
    def of(plan)
      plan.things.filter_map do |thing|
        high = thing[:floor_m] + thing[:height_m]
        next unless KINDS.include?(thing[:kind]) && LENGTHS_M.cover?(thing[:width_m]) && high <= HIGHEST_M

        Host.thing(plan, thing, :place, length_m: thing[:width_m], height_m: high,
                                        depth_m: thing[:depth_m].clamp(DEPTHS_M.begin, DEPTHS_M.end))
      end
    end
  end
end
