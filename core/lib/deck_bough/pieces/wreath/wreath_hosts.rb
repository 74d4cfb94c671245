# frozen_string_literal: true

module DeckBough
  # What of a room's survey a wreath could hang on: doors, windows, mirrors, cabinet doors, the wall over a mantel.
  #
  #   WreathHosts.of(Rooms::FloorPlan.of(width_m: 4, depth_m: 3, ceiling_left_m: 2.5, plan: nil)) # => []
  module WreathHosts
    # A door wider than this has two leaves.
    PAIR_FROM_M = 1.1
    # What a wreath's place may measure: what is larger is no host for one.
    WIDEST_M = 6
    HIGHEST_M = 4
    THINGS = { "mirror" => "mirror", "cabinet" => "cabinet" }.freeze

    module_function

    # @param plan [Rooms::FloorPlan]
    # @return [Array<Host>]
    def of(plan)
      [*openings(plan), *things(plan)].select do |host|
        host.says[:width_m] <= WIDEST_M && (host.says[:height_m] || 1) <= HIGHEST_M
      end
    end

    def openings(plan)
      plan.openings.reject { |opening| opening[:kind] == "passage" }.map do |opening|
        Host.opening(plan, opening, :place, host: leaf(opening), **opening.slice(:width_m, :height_m, :floor_m))
      end
    end

    def leaf(opening)
      return "window" if opening[:kind] == "window"

      opening[:width_m] > PAIR_FROM_M ? "pair" : "door"
    end

    def things(plan)
      hosts = plan.things.select { |thing| THINGS.key?(thing[:kind]) }.map do |thing|
        Host.thing(plan, thing, :place, host: THINGS.fetch(thing[:kind]), **thing.slice(:width_m, :height_m, :floor_m))
      end
      mantels = plan.things.select { |thing| thing[:kind] == "mantel" }.map do |thing|
        Host.thing(plan, thing, :place, host: "mantel_wall", width_m: thing[:width_m],
                                        floor_m: thing[:floor_m] + thing[:height_m])
      end
      hosts + mantels
    end
    private_class_method :openings, :leaf, :things
  end
end
