# frozen_string_literal: true

module DeckBough
  module Rules
    module Table
      # How many sit at a table.
      #
      #   Catalogue.answer("table.places", { "shape" => "rectangle", "length_m" => 2.4, "width_m" => 0.9 })[:places]
      #   # => 10
      class Places < Rule
        declare id: "table.places", title: "Places at a table", handbook: "70 Tables",
                inputs: [Input.choice(:shape, "Table", %w[rectangle round]),
                         Input.number(:length_m, "Long", "m", 0.3..20, default: nil),
                         Input.number(:width_m, "Wide", "m", 0.2..6, default: nil),
                         Input.number(:diameter_m, "Across", "m", 0.3..6, default: nil)],
                outputs: { places: "places" }, constants: %w[table.place table.end_place]

        ASKED = { "rectangle" => %i[length_m width_m], "round" => %i[diameter_m] }.freeze

        def call
          lacking = ASKED.fetch(given[:shape]).find { |name| given[name].nil? }
          refuse(:table_unmeasured, lacking, title: title(lacking)) if lacking
          { places: round? ? whole(Math::PI * given[:diameter_m]) : (2 * whole(given[:length_m])) + ends }
        end

        def working(outputs)
          place = long(house["table.place"])
          sum = if round?
                  "π × #{long(given[:diameter_m])} ÷ #{place}"
                else
                  "2 × #{long(given[:length_m])} ÷ #{place} + #{ends}"
                end
          says = round? ? "Whole places round the edge" : "Whole places along both sides, and at ends wide enough"
          [step(says, sum, :places, outputs)]
        end

        private

        def round?
          given[:shape] == "round"
        end

        # Free of the last bit: three places of 0.60 m fit 1.80 m.
        def whole(metres)
          (metres / house["table.place"]).round(9).floor
        end

        def ends
          given[:width_m] >= house["table.end_place"] ? 2 : 0
        end

        def title(name)
          self.class.declaration.inputs.find { |input| input.name == name }.title
        end
      end
    end
  end
end
