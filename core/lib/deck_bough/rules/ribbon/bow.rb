# frozen_string_literal: true

module DeckBough
  module Rules
    module Ribbon
      # Ribbon in one bow.
      #   Catalogue.answer("ribbon.bow", { "loops" => 10, "loop_m" => 0.197, "tails" => 3,
      #     "tail_m" => 0.736 })[:length_m]
      #   # => 6.448
      class Bow < Rule
        declare id: "ribbon.bow", title: "Ribbon in a bow", handbook: "40 Ribbon, bows and picks",
                inputs: [
                  Input.whole(:loops, "Loops", "loops", 1..60, why: "A bow has loops."),
                  Input.number(:loop_m, "Loop length", "m", 0.02..2, why: "A loop has a length."),
                  Input.whole(:tails, "Tails", "tails", 0..20), Given::TAIL
                ],
                outputs: { length_m: "m" },
                constants: %w[ribbon.bow_pinch ribbon.bow_knot]

        def call
          { length_m: (given[:loops] * ((2 * given[:loop_m]) + house["ribbon.bow_pinch"])) +
            (given[:tails] * given[:tail_m]) + house["ribbon.bow_knot"] }
        end

        def working(outputs)
          [step("Loops out and back with a pinch, tails, and the knot",
                "#{given[:loops]} × (2 × #{long(given[:loop_m])} + #{long(house['ribbon.bow_pinch'])}) + " \
                "#{given[:tails]} × " \
                "#{long(given[:tail_m])} + #{long(house['ribbon.bow_knot'])}", :length_m, outputs)]
        end
      end
    end
  end
end
