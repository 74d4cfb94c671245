# frozen_string_literal: true

module DeckBough
  # What of a room's survey a group could stand on: tables, cabinets, shelves, consoles, boards of windows.
  #
  #   GroupingHosts.of(Rooms::FloorPlan.of(width_m: 4, depth_m: 3, ceiling_left_m: 2.5, plan: nil)) # => []
  module GroupingHosts
    SURFACES = { "table" => "table", "cabinet" => "counter", "console" => "console", "shelf" => "shelf" }.freeze
    LENGTHS_M = 0.2..12
    DEPTHS_M = 0.08..3.0
    HIGHEST_M = 2.6
    # The board of a window nobody measured.
    BOARD_M = 0.15

    module_function

    # @param plan [Rooms::FloorPlan]
    # @return [Array<Host>]
    def of(plan)
      hosts = plan.things.filter_map { |thing| thing(plan, thing) } + plan.openings.filter_map { |one| sill(plan, one) }
      hosts.select { |host| LENGTHS_M.cover?(host.says[:length_m]) && host.says[:height_m] <= HIGHEST_M }
    end

    def thing(plan, thing)
      surface = SURFACES[thing[:kind]] or return nil
      Host.thing(plan, thing, :surface, surface: surface, length_m: thing[:width_m],
                                        depth_m: thing[:depth_m].clamp(DEPTHS_M.begin, DEPTHS_M.end),
                                        height_m: thing[:floor_m] + thing[:height_m])
    end

    def sill(plan, opening)
      return unless opening[:kind] == "window"

      Host.opening(plan, opening, :surface, surface: "sill", length_m: opening[:width_m], depth_m: BOARD_M,
                                            height_m: opening[:floor_m])
    end
    private_class_method :thing, :sill
  end
end
