# frozen_string_literal: true

module DeckBough
  module Rules
    module Lights
      # Sets of cells for battery lights or flameless candles over a season, and how often they are changed.
      #   Catalogue.answer("lights.battery", { "hours_per_set" => 100, "hours_per_day" => 6, "days" => 40,
      #     "units" => 4 })[:cells]
      #   # => 24
      #
      # A timer keeps the hours of a day honest.
      class Battery < Rule
        # 3 × 8 h in a set of 24 h divides to a hair over 1; that hair is not a second set.
        HAIR = 1e-9

        declare id: "lights.battery", title: "Cells for the season", handbook: "20 Battery lights and candles",
                inputs: [
                  Input.number(:hours_per_set, "Hours of a set of cells", "h", 0.5..20_000,
                               why: "A set lasts some time."),
                  Input.number(:hours_per_day, "Hours a day", "h", 0.1..24,
                               why: "Lights that are never on need no cells."),
                  Input.whole(:days, "Days", "days", 1..366, why: "The season has days."),
                  Input.whole(:cells_per_set, "Cells of a set", "cells", 1..24, default: 2),
                  Input.whole(:units, "Sets of lights or candles", "pieces", 1..2_000,
                              default: 1, why: "There must be one to light.")
                ],
                outputs: { sets: "sets", changes: "changes", days_per_set: "days", cells: "cells" }

        def call
          { sets: sets, changes: sets - 1, days_per_set: given[:hours_per_set].fdiv(given[:hours_per_day]),
            cells: sets * given[:cells_per_set] * given[:units] }
        end

        def working(outputs)
          [step("A set lasts so many days", "#{figure(given[:hours_per_set])} ÷ #{figure(given[:hours_per_day])}",
                :days_per_set, outputs),
           step("Sets for the season, rounded up",
                "#{figure(given[:hours_per_day])} × #{given[:days]} ÷ #{figure(given[:hours_per_set])}", :sets,
                outputs),
           step("The first set is in from the start", "#{sets} − 1", :changes, outputs),
           step("Cells to buy", "#{sets} × #{given[:cells_per_set]} × #{given[:units]}", :cells, outputs)]
        end

        def findings(outputs)
          if outputs[:changes].positive?
            [finding(:cells_changed, changes: outputs[:changes], days: outputs[:days_per_set].floor)]
          else
            []
          end
        end

        private

        def sets
          ((given[:hours_per_day] * given[:days]).fdiv(given[:hours_per_set]) - HAIR).ceil
        end
      end
    end
  end
end
