# frozen_string_literal: true

module DeckBough
  module Rules
    module Garland
      # Bulbs and strings along a garland, by school.
      #   Catalogue.answer("garland.lights", { "run_m" => 2.7, "school" => "classic",
      #     "bulbs_per_string" => 50 })[:need]
      #   # => 135
      class Lights < Rule
        SCHOOLS = %w[soft classic bright].freeze
        declare id: "garland.lights", title: "Lights along a garland", handbook: "20 How they go on",
                inputs: [Input.number(:run_m, "Run", "m", 0.05..200, why: "A run has a length."),
                         Input.choice(:school, "How much light", SCHOOLS),
                         Input.whole(:bulbs_per_string, "Bulbs per string", "bulbs", 1..5_000,
                                     why: "A string has a bulb.")],
                outputs: { need: "bulbs", strings: "strings", spare_strings: "strings" },
                constants: SCHOOLS.map { |school| "garland.bulbs_#{school}" } + %w[lights.spare_per]

        def call
          { need: need, strings: strings, spare_strings: (strings / house["lights.spare_per"].to_f).ceil }
        end

        def working(outputs)
          [step("Bulbs to the #{jotting.imperial? ? 'foot' : 'metre'} (#{given[:school]}) × run, rounded",
                "#{long(per_metre, -1)} × #{long(given[:run_m])}",
                :need, outputs),
           step("Strings, rounded up", "#{need} ÷ #{given[:bulbs_per_string]}", :strings, outputs),
           step("One spare in #{figure(house['lights.spare_per'])}",
                "⌈#{strings} ÷ #{figure(house['lights.spare_per'])}⌉", :spare_strings, outputs)]
        end

        private

        def per_metre
          house["garland.bulbs_#{given[:school]}"]
        end

        def need
          (per_metre * given[:run_m]).round
        end

        def strings
          (need / given[:bulbs_per_string].to_f).ceil
        end
      end
    end
  end
end
