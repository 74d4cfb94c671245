# frozen_string_literal: true

module DeckBough
  # What of a room's survey wreaths could hang on together: its walls, with their windows where they have several alike.
  #
  #   WallHosts.of(Rooms::FloorPlan.of(width_m: 4, depth_m: 3, ceiling_left_m: 2.5, plan: nil)).first.says
  #   # => { width_m: 4.0, height_m: 2.5 }
  module WallHosts
    # What is measured of a wall of wreaths.
    WIDTHS_M = 0.3..12
    HIGHEST_M = 6.0
    MOST_OPENINGS = 12
    # Windows that differ by less are alike.
    ALIKE_M = 0.05

    module_function

    # @param plan [Rooms::FloorPlan]
    # @return [Array<Host>]
    def of(plan)
      plan.walls.select { |wall| WIDTHS_M.cover?(wall.length) }.map do |wall|
        high = [plan.ceiling_at(wall.from), plan.ceiling_at(wall.to), HIGHEST_M].min
        Host.new(name: wall.name, wall: wall.key, at_m: wall.length / 2, group: :wall,
                 says: { width_m: wall.length, height_m: high.to_f, **windows(plan, wall) })
      end
    end

    def windows(plan, wall)
      found = plan.openings_of(wall).select { |opening| opening[:kind] == "window" }.sort_by { |one| one[:left_m] }
      return {} unless found.size.between?(2, MOST_OPENINGS) && alike?(found)

      gaps = found.each_cons(2).map { |one, other| other[:left_m] - one[:left_m] - one[:width_m] }
      { opening: "window", openings: found.size, opening_width_m: found.first[:width_m],
        opening_height_m: found.first[:height_m], opening_floor_m: found.first[:floor_m],
        between_m: (gaps.sum / gaps.size).clamp(0.0, 4.0).round(3) }
    end

    def alike?(windows)
      %i[width_m height_m floor_m].all? { |name| windows.map { |one| one[name] }.minmax.reduce(:-).abs < ALIKE_M }
    end
    private_class_method :windows, :alike?
  end
end
