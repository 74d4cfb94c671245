# frozen_string_literal: true

module DeckBough
  module Rules
    module Tree
      # Whether a tree goes in: under the ceiling, on the floor, past the people.
      #   Catalogue.answer("tree.fit", { "ceiling_m" => 3.10, "height_m" => 2.40, "spread_m" => 1.40 })[:height]
      #   # => "ok"
      #
      # walkway_m is the width of the way in front of the free depth; a tree deeper than its place takes from it.
      # The floor is unknown until free width and depth are both known, unless the one that is known is already too
      # small.
      class Fit < Rule
        declare id: "tree.fit", title: "Fit of a tree in its place", handbook: "10 Fit",
                inputs: [
                  Given::CEILING, Given::HEIGHT, Given::SPREAD, Given::RISER, Given::TOPPER_RISE, Given::FREE_WIDTH,
                  Given::FREE_DEPTH, Input.number(:walkway_m, "Walkway", "m", 0..50, default: nil),
                  Input.number(:wall_m, "Wall", "m", 0.1..100, default: nil, why: "A wall has a width.")
                ],
                outputs: { tip_gap_m: "m", air_gap_m: "m", share: "× ceiling", height: "verdict", floor: "verdict" },
                constants: %w[tree.tip_gap tree.tip_gap_low tree.air_gap tree.give tree.walkway tree.wall_share
                              tree.share_low tree.share_high]

        # Lengths come from subtraction; a gap of exactly 0.20 m must not fail by the last bit.
        HAIR = 1e-9

        def call
          { tip_gap_m: tip_gap, air_gap_m: air_gap, share: share, height: height_verdict, floor: floor_verdict }
        end

        def working(outputs)
          stand = "#{long(given[:ceiling_m])} − #{long(given[:riser_m])} − #{long(given[:height_m])}"
          topped = "#{long(given[:riser_m])} + #{long(given[:height_m])} + #{long(given[:topper_rise_m])}"
          [step("Gap above the tip: ceiling less riser less height", stand, :tip_gap_m, outputs),
           step("Air above the topper", "#{long(tip_gap)} − #{long(given[:topper_rise_m])}", :air_gap_m, outputs),
           step("Proportion: riser, tree and topper over the ceiling", "(#{topped}) ÷ #{long(given[:ceiling_m])}",
                :share, outputs),
           step("Height: ok from #{read_off(house['tree.tip_gap'])} of gap and #{read_off(house['tree.air_gap'])} of " \
                "air, crowded " \
                "from #{read_off(house['tree.tip_gap_low'])}", "#{long(tip_gap)} and #{long(air_gap)}", :height,
                outputs),
           step("Floor: the spread within free width and depth, give #{figure(house['tree.give'] * 100)} %, walkway " \
                "at least " \
                "#{read_off(house['tree.walkway'])}", floor_sum, :floor, outputs)]
        end

        def findings(outputs)
          [*height_findings(outputs), *proportion_findings(outputs), *floor_findings(outputs), *wall_findings]
        end

        private

        def tip_gap
          given[:ceiling_m] - given[:riser_m] - given[:height_m]
        end

        def air_gap
          tip_gap - given[:topper_rise_m]
        end

        def share
          (given[:riser_m] + given[:height_m] + given[:topper_rise_m]).fdiv(given[:ceiling_m])
        end

        def height_verdict
          return "ok" if at_least?(tip_gap, house["tree.tip_gap"]) && at_least?(air_gap, house["tree.air_gap"])
          return "crowded" if at_least?(tip_gap, house["tree.tip_gap_low"]) && at_least?(air_gap, 0)

          "too_tall"
        end

        def floor_verdict
          return "too_wide" if over_by > give + HAIR || walkway_narrow?
          return "unknown" if given[:free_width_m].nil? || given[:free_depth_m].nil?

          over_by > HAIR ? "squeezed" : "ok"
        end

        def room
          [given[:free_width_m], given[:free_depth_m]].compact.min
        end

        def over_by
          room ? given[:spread_m] - room : 0
        end

        def give
          house["tree.give"] * given[:spread_m]
        end

        def walkway_left
          return nil if given[:walkway_m].nil?

          taken = given[:free_depth_m] ? [given[:spread_m] - given[:free_depth_m], 0].max : 0
          given[:walkway_m] - taken
        end

        def walkway_narrow?
          !walkway_left.nil? && !at_least?(walkway_left, house["tree.walkway"])
        end

        def at_least?(length, wanted)
          length >= wanted - HAIR
        end

        def floor_sum
          said = room ? "#{long(given[:spread_m])} in #{long(room)}" : "free width and depth not both given"
          walkway_left ? "#{said}; walkway left #{long(walkway_left)}" : said
        end

        def height_findings(outputs)
          case outputs[:height]
          when "crowded" then [finding(:crowded, tip_gap_m: tip_gap, wanted_m: house["tree.tip_gap"])]
          when "too_tall"
            over = [house["tree.tip_gap_low"] - tip_gap, -air_gap].max
            [finding(:too_tall, over_m: over, least_m: house["tree.tip_gap_low"])]
          else []
          end
        end

        def proportion_findings(outputs)
          return [] unless outputs[:height] == "ok"

          said = { percent: (share * 100).round, low: (house["tree.share_low"] * 100).round,
                   high: (house["tree.share_high"] * 100).round }
          return [finding(:small_for_room, **said)] if share < house["tree.share_low"] - HAIR

          share > house["tree.share_high"] + HAIR ? [finding(:tall_for_room, **said)] : []
        end

        def floor_findings(outputs)
          found = []
          if walkway_narrow?
            found << finding(:walkway_narrow, left_m: [walkway_left, 0].max, wanted_m: house["tree.walkway"])
          end
          found << finding(:too_wide, over_m: over_by) if over_by > give + HAIR
          found << finding(:squeezed, over_m: over_by) if outputs[:floor] == "squeezed"
          found
        end

        def wall_findings
          return [] if given[:wall_m].nil? || given[:spread_m] <= given[:wall_m] * house["tree.wall_share"]

          [finding(:takes_over_wall, spread_m: given[:spread_m], wall_m: given[:wall_m])]
        end
      end
    end
  end
end
