# frozen_string_literal: true

module DeckBough
  # How a wreath hangs: its ribbon, its hook, what holds it, and what it weighs.
  #
  # Part of WreathReckoning.
  module WreathHanging
    # Round a candle or lantern it lies and hangs on nothing.
    def lying?
      place[:host] == "lying"
    end

    def hanger_kind
      return "none" if lying?

      settings[:hang][:hanger] || USUAL_HANGER.fetch(place[:host])
    end

    USUAL_HANGER = { "door" => "real", "pair" => "false", "window" => "false", "cabinet" => "taped",
                     "mirror" => "false", "mantel_wall" => "false", "object" => "none",
                     "lying" => "none" }.freeze

    # From the top of what it hangs on to the top of the ring; no less than nothing.
    def drop_m
      [place[:floor_m] + place[:height_m] - centre_m - (ring.outer_m / 2), 0.0].max
    end

    # @return [Answer, nil] how much ribbon the hanger takes
    def hanger
      return nil if hanger_kind == "none"

      @hanger ||= ask("wreath.hanger", kind: hanger_kind, drop_m: drop_m, visible_m: drop_m,
                                       thickness_m: [ring.thickness_m, 1.0].min, door_height_m: place[:height_m])
    end

    def hanger_style
      styles[settings[:hang][:ribbon]]
    end

    # @return [Answer, nil] how far above the centre the hook of a pair of doors goes
    def hook
      return nil unless place[:host] == "pair"

      @hook ||= ask("wreath.hook", outer_m: ring.outer_m, inner_m: ring.inner_m, offset_m: settings[:hang][:offset_m])
    end

    # Above the floor: where the ring passes, or its inner edge at the top.
    def hook_floor_m
      centre_m + (hook ? hook[:above_m] : ring.radius_m)
    end

    # From the middle of what it hangs on; to the left less than nothing.
    def hook_across_m
      return 0.0 unless hook

      settings[:hang][:leaf] == "left" ? -settings[:hang][:offset_m] : settings[:hang][:offset_m]
    end

    # A taped hanger carries by itself; a real one hangs over the door.
    def held?
      !lying? && !%w[taped real].include?(hanger_kind)
    end

    def holding
      said = settings[:hang][:fixing]
      return Wreaths::Holding::BY_NAME.fetch(said) if said

      Wreaths::Holding.usual(place[:host], no_nails: surroundings.no_nails)
    end

    # A hook that is there already and holds it; nothing else was said to.
    #
    # @return [StayingAnchor, nil]
    def staying
      return nil if !held? || settings[:hang][:fixing] || settings[:hang][:style]

      @staying ||= StayingAnchors.holding(tried_first, [[hook_left_m, hook_floor_m, kg]], house).first
    end

    # From the left edge of what it hangs on.
    def hook_left_m
      (place[:width_m] / 2.0) + hook_across_m
    end

    # A good one within reach of the eye, that would hold it if it hung a little higher or lower.
    NEARLY = 0.3

    # @return [StayingAnchor, nil]
    def nearly
      return nil if staying || !held? || settings[:hang][:fixing] || settings[:hang][:style]

      surroundings.anchors.select { |one| one.good && one.floor_m && one.may_kg(house) >= kg }
                  .select { |one| (one.floor_m - hook_floor_m).abs <= NEARLY }
                  .min_by { |one| (one.floor_m - hook_floor_m).abs }
    end

    # On doors and walls whatever is at that height; what is of this wreath and was never measured holds it anyway.
    def tried_first
      surroundings.anchors.map do |anchor|
        anchor.own && !anchor.measured? ? StayingAnchor.new(**anchor.to_h, floor_m: hook_floor_m) : anchor
      end
    end

    def fixing_style
      styles[settings[:hang][:style]]
    end

    # Half of what its label says.
    def may_kg
      rated_kg * house["garland.rated_share"]
    end

    def rated_kg
      staying&.rated_kg || rated_of_kind
    end

    def rated_of_kind
      return house[StayingAnchor::RATED.fetch(staying.kind)] if staying

      settings[:hang][:rated_kg] || fixing_style&.rated_kg || house[holding.house_rule]
    end

    def kg
      ring_kg + greens_kg + elements.sum { |element| kg_of(element.style, LIGHT) } + lights_kg
    end

    # What nobody weighed: a bundle, a stem or pick, a string of lights.
    BUNDLE = 0.06
    LIGHT = 0.02
    STRING = 0.1

    # A ring nobody weighed: greens of its body where it bears some.
    def ring_kg
      return ring_style.mass_g / WreathReckoning::GRAMS if ring_style&.mass_g

      ring.middle_m * (green_arc.last / 12) * body_m * house["wreath.kg_per_m2"]
    end

    def greens_kg
      (bundle_count * kg_of(bundle_style, BUNDLE)) +
        stems.sum { |those| those.places.size * kg_of(those.style, LIGHT) }
    end

    def lights_kg
      lights ? lights[:strings] * kg_of(string_style, STRING) : 0
    end

    def kg_of(style, plain)
      style&.mass_g ? style.mass_g / WreathReckoning::GRAMS : plain
    end
  end
end
