# frozen_string_literal: true

module DeckBough
  module Rules
    module Wreath
      # The strip a hoop is bent from, and whether its wood takes the bend.
      #
      #   Catalogue.answer("wreath.hoop_strip", { "diameter_m" => 0.693 })[:length_m] # => 2.22712
      class HoopStrip < Rule
        declare id: "wreath.hoop_strip", title: "Strip for a hoop", handbook: "60 Dressing",
                inputs: [Input.number(:diameter_m, "Diameter", "m", 0.02..5, why: "A hoop has a size."),
                         Input.number(:overlap_m, "Overlap", "m", 0..1, default: nil, default_says: "0.05"),
                         Input.number(:thickness_m, "Thickness of the wood", "m", 0.0001..0.1,
                                      default: nil, why: "Wood has a thickness.")],
                outputs: { length_m: "m", bend: "choice" },
                constants: %w[wreath.hoop_overlap wreath.bend_dry wreath.bend_soaked]

        def call
          { length_m: (Math::PI * given[:diameter_m]) + overlap, bend: bend }
        end

        def findings(outputs)
          case outputs[:bend]
          when "soak" then [finding(:hoop_soak)]
          when "no" then [finding(:hoop_breaks, most_m: given[:diameter_m] / house["wreath.bend_soaked"])]
          else []
          end
        end

        def working(outputs)
          [step("Round the hoop, and lapped", "π × #{long(given[:diameter_m])} + #{long(overlap)}", :length_m, outputs),
           step("Thin enough for its bend", bend_sum, :bend, outputs)]
        end

        private

        def overlap
          given[:overlap_m] || house["wreath.hoop_overlap"]
        end

        def bend
          thickness = given[:thickness_m] or return nil
          return "dry" if thickness <= (given[:diameter_m] / house["wreath.bend_dry"]) + 1e-12

          thickness <= (given[:diameter_m] / house["wreath.bend_soaked"]) + 1e-12 ? "soak" : "no"
        end

        def bend_sum
          return "no thickness given" unless given[:thickness_m]

          "#{long(given[:diameter_m])} ÷ #{long(given[:thickness_m])}, dry from " \
            "#{figure(house['wreath.bend_dry'])}, soaked from #{figure(house['wreath.bend_soaked'])}"
        end
      end
    end
  end
end
