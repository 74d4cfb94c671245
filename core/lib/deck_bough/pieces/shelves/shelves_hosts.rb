# frozen_string_literal: true

module DeckBough
  # What of a room's survey has shelves: shelf units and cabinets.
  #
  #   ShelvesHosts.of(Rooms::FloorPlan.of(width_m: 4, depth_m: 3, ceiling_left_m: 2.5, plan: nil)) # => []
  module ShelvesHosts
    KINDS = %w[shelf cabinet].freeze
    WIDTHS_M = 0.2..6
    HEIGHTS_M = 0.3..3
    DEPTHS_M = 0.08..1.0
    HIGHEST_M = 2.4

    module_function

    # @param plan [Rooms::FloorPlan]
    # @return [Array<Host>]
    def of(plan)
      plan.things.filter_map do |thing|
        next unless KINDS.include?(thing[:kind]) && WIDTHS_M.cover?(thing[:width_m]) &&
                    HEIGHTS_M.cover?(thing[:height_m]) && thing[:floor_m] <= HIGHEST_M

        Host.thing(plan, thing, :unit, shape: "bays", width_m: thing[:width_m], height_m: thing[:height_m],
                                       floor_m: thing[:floor_m],
                                       depth_m: thing[:depth_m].clamp(DEPTHS_M.begin, DEPTHS_M.end))
      end
    end
  end
end
