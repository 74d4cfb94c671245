# frozen_string_literal: true

module DeckBough
  module Rules
    module Ornaments
      # The hanging map: where every ornament goes and in which order, with its evenness measured from the sites.
      #
      #   Catalogue.answer("ornaments.map", { "tree" => { "height_m" => 2.4, "spread_m" => 1.4, "arc_deg" => 360 },
      #     "styles" => [{ "id" => "bell", "count" => 40, "diameter_mm" => 60 }] })[:sites].size
      #   # => 40
      #
      # Heights are above the stand, angles degrees from the front, depth a share of the radius, clock 6 in front and 12
      # behind. It chooses no styles and no counts.
      class Map < Rule
        MOST = 2_000
        FOUND = { "reach" => :unplaced_reach, "reach_heavy" => :unplaced_reach_heavy, "room" => :unplaced_room }.freeze
        TREE = [Given::HEIGHT, Given::SPREAD,
                Input.number(:hem_m, "Hem", "m", 0..5, default: nil, default_says: "a tenth of the height"),
                Input.number(:arc_deg, "Dressed arc", "degrees", 10..360, why: "Some of the tree is seen."),
                Input.number(:p, "Roundness", "exponent", 0.6..1.4, default: 1.0)].freeze
        STYLE = [Input.text(:id, "Style", 1..64), Input.whole(:count, "Count", "pieces", 0..MOST),
                 Input.number(:diameter_mm, "Size", "mm", 5..600, why: "An ornament has a size."),
                 Input.number(:mass_g, "Weight", "g", 0..5_000, default: 0),
                 Input.text(:colour, "Colour", 1..40, default: nil),
                 Input.flag(:breakable, "Breakable", default: false),
                 Input.flag(:keepsake, "Keepsake", default: false)].freeze

        declare id: "ornaments.map", title: "Hanging map", handbook: "30 The hanging map",
                inputs: [
                  Input.object(:tree, "Tree", TREE), Input.list(:styles, "Styles", STYLE, 1..60),
                  Input.choice(:pattern, "Pattern", Hanging::HangingMap::PATTERNS, default: "scatter"),
                  Input.number(:reach_m, "Reach line", "m", 0..12, default: 0),
                  Input.number(:riser_m, "Riser", "m", 0..3, default: 0),
                  Input.whole(:seed, "Seed", "number", 0..2_147_483_647, default: 1)
                ],
                outputs: { sites: "list", evenness: "object", unplaced: "list" },
                constants: %w[tree.hem_share tree.hem_low tree.hem_high tree.tier ornaments.hero_from
                              ornaments.large_from ornaments.medium_from ornaments.heavy_from ornaments.heavy_top
                              ornaments.deep_depth_low ornaments.deep_depth_high ornaments.medium_depth_low
                              ornaments.medium_depth_high ornaments.small_depth_low ornaments.small_depth_high
                              ornaments.eye_low ornaments.eye_high ornaments.front ornaments.widening ornaments.pair_low
                              ornaments.pair_high ornaments.closest ornaments.crown_band tree.lopsided tree.heavy_half]

        def initialize(...)
          super
          too_many = given[:styles].sum { |style| style[:count] }
          refuse(:too_many_hung, :styles, count: too_many, most: MOST) if too_many > MOST
          twice = given[:styles].map { |style| style[:id] }.tally.find { |_, count| count > 1 }
          refuse(:style_twice, :styles, id: twice.first) if twice
          hem = surface.hem
          height = surface.height
          return if hem < height

          refuse(:hem_above_tree, :tree, hem: read_off(hem), height: read_off(height), most: read_off(height))
        end

        def call
          map.call
        end

        def working(outputs)
          placed = outputs[:sites].size
          wanted = given[:styles].sum { |style| style[:count] }
          near = outputs[:evenness][:whole]
          [step("Near-even sites on the surface laid flat, closer at the top; every style dealt far from itself; " \
                "largest first and deepest",
                "#{placed} of #{wanted} placed, pattern #{given[:pattern]}, seed #{given[:seed]}", :sites, outputs),
           step("Evenness: mean distance to the nearest over 0.5 ÷ √(#{placed} ÷ #{long(surface.area, 2)}); 1 is " \
                "chance, 2.149 a honeycomb",
                near ? figure(near) : "too few to say", :evenness, outputs),
           step("What has no place, and why", "#{wanted - placed} of #{wanted}", :unplaced, outputs)]
        end

        def findings(outputs)
          [*told(outputs[:unplaced]), *aside(outputs[:sites])]
        end

        # What has no place, without placing anything.
        #
        # @return [Array<Hash>] style, count, reason
        def unplaced
          map.unplaced
        end

        # The same as findings: all but where keepsakes hang.
        #
        # @return [Array<Finding>]
        def wishes
          told(unplaced)
        end

        private

        def told(unplaced)
          unplaced.group_by { |one| one[:reason] }.map do |reason, all|
            finding(FOUND.fetch(reason), count: all.sum { |one| one[:count] }, reach_m: given[:reach_m])
          end
        end

        # Keepsakes that hang as near to eye level as there was a place.
        def aside(sites)
          kept = given[:styles].select { |style| style[:keepsake] }.map { |style| style[:id] }
          count = sites.count { |site| kept.include?(site[:style]) && !seen?(site) }
          return [] if count.zero?

          [finding(:keepsakes_aside, count: count, eye_low_m: house["ornaments.eye_low"],
                                     eye_high_m: house["ornaments.eye_high"])]
        end

        def seen?(site)
          Hanging::Keepsakes.seen?(site[:height_m], site[:angle_deg], riser_m: given[:riser_m], house: house)
        end

        def surface
          @surface ||= TreeSurface.new(**given[:tree],
                                       hem_m: given[:tree][:hem_m] ||
                                              TreeSurface.default_hem(given[:tree][:height_m], house))
        end

        # Lines are given from the floor; the map counts from the stand.
        def map
          @map ||= Hanging::HangingMap.new(surface: surface, styles: given[:styles], pattern: given[:pattern],
                                           seed: given[:seed], house: house,
                                           reach_m: [given[:reach_m] - given[:riser_m], 0].max,
                                           riser_m: given[:riser_m])
        end
      end
    end
  end
end
