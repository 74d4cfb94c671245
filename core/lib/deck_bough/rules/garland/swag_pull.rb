# frozen_string_literal: true

module DeckBough
  module Rules
    module Garland
      # How hard a swag pulls at its anchors: the flatter, the harder.
      #   Catalogue.answer("garland.swag_pull", { "span_m" => 1.071, "sag_m" => 0.47,
      #     "kg_per_m" => 0.979 })[:end_rated_kg]
      #   # => 1.67557
      #
      # Between equal neighbours the sideways pulls cancel and the anchor carries the weight of one span.
      class SwagPull < Rule
        NEWTON = 9.81
        declare id: "garland.swag_pull", title: "Pull of a swag", handbook: "50 Anchors and loads",
                inputs: [Input.number(:span_m, "Span", "m", 0.1..12, why: "A swag hangs between two points."),
                         Input.number(:sag_m, "Sag", "m", 0.005..4, why: "Without any sag it would pull without end."),
                         Input.number(:kg_per_m, "Weight of a metre", "kg", 0..50)],
                outputs: { vertical_n: "N", horizontal_n: "N", end_n: "N", middle_n: "N", end_rated_kg: "kg" },
                constants: %w[garland.rated_share]

        def call
          { vertical_n: weight / 2, horizontal_n: horizontal, end_n: pull, middle_n: weight,
            end_rated_kg: pull / NEWTON / house["garland.rated_share"] }
        end

        def working(outputs)
          span = long(given[:span_m])
          sag = long(given[:sag_m])
          [between("Weight of one span", weight_sum, :weight_n, weight,
                   "N"),
           step("Straight down at each end", "#{force(weight)} ÷ 2", :vertical_n, outputs),
           step("Sideways: the flatter, the harder", "#{force(weight)} × #{span} ÷ (8 × #{sag})", :horizontal_n,
                outputs),
           step("An end anchor carries both", "√(#{force(weight / 2)}² + #{force(horizontal)}²)", :end_n, outputs),
           step("Between equal neighbours", force(weight), :middle_n, outputs),
           step("Rated load an end anchor wants",
                "#{force(pull)} ÷ #{rated_divisor}", :end_rated_kg, outputs)]
        end

        private

        # A pound is a force to whoever reads pounds; a kilogram is not.
        def force(newtons)
          jotting.imperial? ? heavy(newtons / NEWTON) : figure(newtons)
        end

        def weight_sum
          return "#{heavy(given[:kg_per_m] * Length::FOOT)} × #{long(arc)}" if jotting.imperial?

          "#{figure(given[:kg_per_m])} × #{figure(arc)} × #{NEWTON}"
        end

        def rated_divisor
          share = figure(house["garland.rated_share"])
          jotting.imperial? ? share : "#{NEWTON} ÷ #{share}"
        end

        def arc
          Parabola.arc(given[:span_m], given[:sag_m])
        end

        def weight
          given[:kg_per_m] * arc * NEWTON
        end

        def horizontal
          weight * given[:span_m] / (8.0 * given[:sag_m])
        end

        def pull
          Math.hypot(weight / 2, horizontal)
        end
      end
    end
  end
end
