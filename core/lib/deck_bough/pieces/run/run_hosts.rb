# frozen_string_literal: true

module DeckBough
  # What of a room's survey greens could lie or hang on: mantels, boards of windows, tables, shelves, frames of doors
  # and ways through, mirrors.
  #
  #   RunHosts.of(Rooms::FloorPlan.of(width_m: 4, depth_m: 3, ceiling_left_m: 2.5, plan: nil)) # => []
  module RunHosts
    LEDGES = %w[cabinet shelf console bench].freeze
    # The board of a window nobody measured.
    BOARD_M = 0.15
    # So much a run takes.
    LONGEST_M = 60
    HIGHEST_M = 6

    module_function

    # @param plan [Rooms::FloorPlan]
    # @return [Array<Host>]
    def of(plan)
      hosts = plan.things.filter_map { |thing| thing(plan, thing) } + plan.openings.map { |one| opening(plan, one) }
      hosts.select { |host| host.says[:length_m].between?(0.2, LONGEST_M) && host.says.fetch(:side_m, 0) <= HIGHEST_M }
    end

    def thing(plan, thing)
      top = thing[:floor_m] + thing[:height_m]
      lies = { length_m: thing[:width_m], depth_m: thing[:depth_m], height_m: top }
      case thing[:kind]
      when "mantel" then Host.thing(plan, thing, :survey, kind: "mantel", **lies)
      when "table" then Host.thing(plan, thing, :survey, kind: "table", **lies)
      when *LEDGES then Host.thing(plan, thing, :survey, kind: "ledge", **lies)
      when "mirror" then Host.thing(plan, thing, :survey, kind: "mirror", length_m: thing[:width_m],
                                                          side_m: thing[:height_m], height_m: thing[:floor_m])
      end
    end

    def opening(plan, opening)
      long = { length_m: opening[:width_m] }
      if opening[:kind] == "window"
        Host.opening(plan, opening, :survey, kind: "ledge", depth_m: BOARD_M, height_m: opening[:floor_m], **long)
      else
        Host.opening(plan, opening, :survey, kind: "frame", side_m: opening[:height_m], height_m: 0, **long)
      end
    end
    private_class_method :thing, :opening
  end
end
