# frozen_string_literal: true

module DeckBough
  module Rules
    module Table
      # A runner for a table: it hangs over both ends and is as wide as a part of the table.
      #
      #   Catalogue.answer("table.runner",
      #                    { "table_length_m" => 2, "table_width_m" => 0.9, "overhang_m" => 0.2 }).outputs
      #   # => { length_m: 2.4, width_m: 0.3 }
      class Runner < Rule
        declare id: "table.runner", title: "Table runner", handbook: "70 Tables",
                inputs: [Input.number(:table_length_m, "Table, long", "m", 0.3..20, why: "A table has a length."),
                         Input.number(:table_width_m, "Table, wide", "m", 0.2..6, why: "A table has a width."),
                         Input.number(:overhang_m, "Over each end", "m", 0..1.5)],
                outputs: { length_m: "m", width_m: "m" },
                constants: %w[table.runner_share table.overhang_low table.overhang_high]

        def call
          { length_m: given[:table_length_m] + (2 * given[:overhang_m]),
            width_m: given[:table_width_m] * house["table.runner_share"] }
        end

        def findings(_outputs)
          low = house["table.overhang_low"]
          high = house["table.overhang_high"]
          return [] if given[:overhang_m].between?(low, high)

          [finding(:overhang_unusual, low_m: low, high_m: high)]
        end

        def working(outputs)
          [step("The table and both ends", "#{long(given[:table_length_m])} + 2 × #{long(given[:overhang_m])}",
                :length_m, outputs),
           step("Part of the table's width", "#{long(given[:table_width_m])} × #{figure(house['table.runner_share'])}",
                :width_m, outputs)]
        end
      end
    end
  end
end
