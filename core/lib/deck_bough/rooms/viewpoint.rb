# frozen_string_literal: true

module DeckBough
  module Rooms
    # A place of a home that people look from.
    #
    #   Inputs.check(Rooms::Viewpoint::DECLARED, { "name" => "Sofa", "kind" => "sofa", "x_m" => 2.4, "y_m" => 2.2 })
    module Viewpoint
      KINDS = %w[door sofa sink seat photograph other].freeze
      SEATED = %w[sofa seat].freeze
      DECLARED = [
        Input.text(:name, "Name", 1..60), Input.choice(:kind, "Where one looks from", KINDS),
        Input.number(:x_m, "To the right", "m", 0..100), Input.number(:y_m, "To the back", "m", 0..100),
        Input.number(:heading_deg, "Looks towards", "degrees", -180..180, default: 0),
        Input.number(:eye_m, "Eye above the floor", "m", 0.3..2.5, default: nil, default_says: "seated or standing",
                                                                   why: "An eye is above the floor.")
      ].freeze
      # From a door one stands so far inside it.
      INSIDE_M = 0.3

      module_function

      # @return [Float] metres
      def eye_m(viewpoint, house)
        viewpoint[:eye_m] || house[SEATED.include?(viewpoint[:kind]) ? "view.eye_seated" : "view.eye_standing"]
      end

      # @return [Sight::Eye]
      def eye(viewpoint, house)
        Sight::Eye.new(x: viewpoint[:x_m], y: viewpoint[:y_m], z: eye_m(viewpoint, house),
                       heading_deg: viewpoint[:heading_deg], cone_deg: house["view.cone"])
      end

      # Places that a plan offers by itself: inside each door and passage, and on each sofa.
      #
      # @param plan [FloorPlan]
      # @return [Array<Hash>] name, kind, x_m, y_m, heading_deg
      def offered(plan)
        ways = plan.openings.reject { |opening| opening[:kind] == "window" }
        sofas = plan.things.select { |thing| thing[:kind] == "sofa" }
        found = ways.map { |way| at_door(plan, way) } + sofas.map { |sofa| on_sofa(plan, sofa) }
        found.uniq { |one| one[:name] }
      end

      def at_door(plan, way)
        wall = plan.wall_or_first(way[:wall])
        offer(way[:name].empty? ? "Door in the #{wall.name.downcase}" : way[:name], "door",
              wall.at(way[:left_m] + (way[:width_m] / 2), INSIDE_M), wall.inward)
      end

      # Whoever sits there looks where the room is wider.
      def on_sofa(plan, sofa)
        wall = plan.wall_or_first(sofa[:wall])
        here = wall.at(sofa[:at_m], sofa[:out_m])
        away = [plan.middle[0] - here[0], plan.middle[1] - here[1]]
        into = (away[0] * wall.inward[0]) + (away[1] * wall.inward[1])
        offer(sofa[:name], "sofa", here, into.negative? ? wall.inward.map(&:-@) : wall.inward)
      end

      def offer(name, kind, point, towards)
        x, y = point.map { |metres| metres.clamp(0.0, 100.0).round(3) }
        { name: name[0, 60], kind: kind, x_m: x, y_m: y,
          heading_deg: (Math.atan2(towards[0], -towards[1]) * 180 / Math::PI).round(1) }
      end
      private_class_method :at_door, :on_sofa, :offer
    end
  end
end
