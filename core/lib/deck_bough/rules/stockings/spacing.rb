# frozen_string_literal: true

module DeckBough
  module Rules
    module Stockings
      # Where stockings hang so that the gaps between them and at both ends are equal.
      #   Catalogue.answer("stockings.spacing", { "clear_m" => 1.867, "count" => 1, "width_m" => 0.185 })[:centres_m]
      #   # => [0.9335]
      class Spacing < Rule
        declare id: "stockings.spacing", title: "Stockings along a mantel", handbook: "50 Mantel as a whole",
                inputs: [Input.number(:clear_m, "Clear length", "m", 0.05..50, why: "They need room to hang."),
                         Input.whole(:count, "Stockings", "stockings", 1..60, why: "There is one at least."),
                         Input.number(:width_m, "Width of one", "m", 0.02..2, why: "A stocking has a width.")],
                outputs: { gap_m: "m", centres_m: "m" }, constants: %w[stockings.gap]

        def call
          { gap_m: gap,
            centres_m: Array.new(given[:count]) { |i| gap + (given[:width_m] / 2.0) + (i * (given[:width_m] + gap)) } }
        end

        def findings(outputs)
          if outputs[:gap_m] < house["stockings.gap"]
            [finding(:stockings_tight, least_m: house["stockings.gap"], fits: fits)]
          else
            []
          end
        end

        def working(outputs)
          count = given[:count]
          width = long(given[:width_m])
          [step("What is left, shared over the gaps",
                "(#{long(given[:clear_m])} − #{count} × #{width}) ÷ #{count + 1}", :gap_m, outputs),
           step("Centres from the left: gap and half a stocking, then one of each",
                "#{long(gap)} + #{width} ÷ 2 + i × (#{width} + #{long(gap)})",
                :centres_m, outputs)]
        end

        private

        def gap
          (given[:clear_m] - (given[:count] * given[:width_m])) / (given[:count] + 1.0)
        end

        # How many would hang with the least gap.
        def fits
          least = house["stockings.gap"]
          [((given[:clear_m] - least) / (given[:width_m] + least)).floor, 0].max
        end
      end
    end
  end
end
