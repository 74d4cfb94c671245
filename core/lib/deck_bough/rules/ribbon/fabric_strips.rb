# frozen_string_literal: true

module DeckBough
  module Rules
    module Ribbon
      # Strips from a cut of cloth, laid along it or across, whichever gives more.
      #   Catalogue.answer("ribbon.fabric_strips", { "cloth_width_m" => 1.4, "cloth_length_m" => 3,
      #     "strip_width_m" => 0.35, "strip_length_m" => 1.5 }).outputs
      #   # => { strips: 8, direction: "along" }
      class FabricStrips < Rule
        # 1.4 ÷ 0.35 in floats may fall a hair under 4; the fourth strip is still there.
        HAIR = 1e-9

        declare id: "ribbon.fabric_strips", title: "Strips of cloth", handbook: "40 Cloth instead of ribbon",
                inputs: [
                  Input.number(:cloth_width_m, "Width of the cloth", "m", 0.05..10, why: "Cloth has a width."),
                  Input.number(:cloth_length_m, "Length of the cloth", "m", 0.05..200, why: "Cloth has a length."),
                  Input.number(:strip_width_m, "Width of a strip", "m", 0.005..5, why: "A strip has a width."),
                  Input.number(:strip_length_m, "Length of a strip", "m", 0.02..200, why: "A strip has a length.")
                ],
                outputs: { strips: "strips", direction: "choice" }

        def call
          { strips: [along, across].max, direction: across > along ? "across" : "along" }
        end

        def working(outputs)
          [between("Along the cloth", sum(:cloth_width_m, :cloth_length_m), :along, along, "strips"),
           between("Across the cloth", sum(:cloth_length_m, :cloth_width_m), :across, across, "strips"),
           step("The better of the two", "#{along} or #{across}", :strips, outputs),
           step("Laid", "#{along} or #{across}", :direction, outputs)]
        end

        def findings(outputs)
          outputs[:strips].zero? ? [finding(:cloth_too_small)] : []
        end

        private

        def along
          fit(given[:cloth_width_m], given[:cloth_length_m])
        end

        def across
          fit(given[:cloth_length_m], given[:cloth_width_m])
        end

        def fit(side, run)
          ((side / given[:strip_width_m]) + HAIR).floor * ((run / given[:strip_length_m]) + HAIR).floor
        end

        def sum(side, run)
          "#{long(given[side])} ÷ #{long(given[:strip_width_m])}, down × #{long(given[run])} ÷ " \
            "#{long(given[:strip_length_m])}, down"
        end
      end
    end
  end
end
