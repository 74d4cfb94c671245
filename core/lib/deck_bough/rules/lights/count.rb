# frozen_string_literal: true

module DeckBough
  module Rules
    module Lights
      # How many bulbs and strings, by surface (used) and by the foot (shown beside it).
      #
      #   Catalogue.answer("lights.count", { "area_m2" => 3.283, "height_m" => 1.713, "school" => "classic",
      #                                      "bulbs_per_string" => 100 })[:strings] # => 6
      #
      # Bulbs already on the tree count only when they work.
      class Count < Rule
        SCHOOLS = %w[soft classic bright blaze].freeze

        declare id: "lights.count", title: "Bulbs and strings", handbook: "20 How many bulbs",
                inputs: [
                  Given::AREA, Given::HEIGHT, Input.choice(:school, "School", SCHOOLS),
                  Input.whole(:working_bulbs, "Working bulbs on the tree", "bulbs", 0..50_000, default: 0),
                  Input.whole(:bulbs_per_string, "Bulbs per string", "bulbs", 1..5_000, why: "A string has bulbs.")
                ],
                outputs: { by_surface: "bulbs", by_height: "bulbs", need: "bulbs", strings: "strings",
                           spare_strings: "strings" },
                constants: SCHOOLS.flat_map { |school| ["lights.per_m2_#{school}", "lights.per_ft_#{school}"] } +
                           %w[lights.spare_per lights.overcount]

        def call
          { by_surface: by_surface, by_height: by_height, need: by_surface, strings: strings,
            spare_strings: (strings.to_f / house["lights.spare_per"]).ceil }
        end

        def working(outputs)
          [step("By surface: bulbs to the #{jotting.unit}² × visible surface",
                "#{long(per_m2, -2)} × #{long(given[:area_m2], 2)}",
                :by_surface, outputs),
           step("By the foot, the plain rule: bulbs per foot × height",
                "#{figure(per_ft)} × #{figure(feet(given[:height_m]), 2)} ft",
                :by_height, outputs),
           step("Surface is used", figure(by_surface), :need, outputs),
           step("Strings: what is missing over bulbs per string, rounded up",
                "(#{by_surface} − #{given[:working_bulbs]}) ÷ #{given[:bulbs_per_string]}", :strings, outputs),
           step("One spare per #{figure(house['lights.spare_per'])} strings",
                "#{strings} ÷ #{figure(house['lights.spare_per'])}, up",
                :spare_strings, outputs)]
        end

        def findings(outputs)
          found = []
          found << finding(:all_lit) if outputs[:strings].zero?
          if by_height > by_surface * house["lights.overcount"]
            found << finding(:plain_rule_overcounts, by_height: by_height)
          end
          found
        end

        private

        def per_m2
          house["lights.per_m2_#{given[:school]}"]
        end

        def per_ft
          house["lights.per_ft_#{given[:school]}"]
        end

        def by_surface
          (per_m2 * given[:area_m2]).round
        end

        def by_height
          (per_ft * feet(given[:height_m])).round
        end

        def strings
          [((by_surface - given[:working_bulbs]).to_f / given[:bulbs_per_string]).ceil, 0].max
        end
      end
    end
  end
end
