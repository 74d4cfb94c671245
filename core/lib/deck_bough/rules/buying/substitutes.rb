# frozen_string_literal: true

module DeckBough
  module Rules
    module Buying
      # What stands in for a thing: of its kind, about its size, near to its colour; best first.
      #
      #   Catalogue.answer("buying.substitutes", {
      #     "wanted" => { "kind" => "ornament", "size_mm" => 80, "colour" => "#6b2e4f" },
      #     "items" => [{ "id" => "a", "kind" => "ornament", "size_mm" => 76, "colour" => "#6b2e4f" }] })[:items]
      #   # => [{ id: "a", delta_e: 0.0, size_percent: 5.0, score: 1.6666666666666667 }]
      class Substitutes < Rule
        MOST_ITEMS = 5_000
        WANTED = [Input.text(:kind, "Kind", 1..40),
                  Input.number(:size_mm, "Size", "mm", 1..20_000, why: "A thing has a size."),
                  Input.colour(:colour, "Colour")].freeze

        declare id: "buying.substitutes", title: "Plan B", handbook: "80 Buying",
                inputs: [Input.object(:wanted, "Wanted", WANTED),
                         Input.list(:items, "Things", [Input.text(:id, "Thing", 1..64), *WANTED], 0..MOST_ITEMS)],
                outputs: { items: "list" },
                constants: %w[buying.substitute_size buying.substitute_colour buying.substitute_size_weight]

        def call
          { items: alike.sort_by { |item| [item[:score], item[:id]] } }
        end

        def working(outputs)
          [between("Of the same kind, within #{figure(100 * house['buying.substitute_size'])} % of the size",
                   "#{figure(given[:wanted][:size_mm])} mm", :of_the_size, of_the_size.size, "things"),
           step("Colour nearer than #{figure(house['buying.substitute_colour'])}; colour difference and " \
                "size difference ÷ #{figure(house['buying.substitute_size_weight'])}",
                "#{outputs[:items].size} of #{of_the_size.size}", :items, outputs)]
        end

        private

        def alike
          of_the_size.filter_map do |item|
            delta_e = ColourDifference.of(given[:wanted][:colour], item[:colour])
            next unless delta_e < house["buying.substitute_colour"]

            percent = percent(item)
            { id: item[:id], delta_e: delta_e, size_percent: percent,
              score: delta_e + (percent / house["buying.substitute_size_weight"]) }
          end
        end

        def of_the_size
          @of_the_size ||= given[:items].select do |item|
            item[:kind] == given[:wanted][:kind] && percent(item) <= 100 * house["buying.substitute_size"]
          end
        end

        # Free of the last bit, so that what is just as much larger is still in.
        def percent(item)
          wanted = given[:wanted][:size_mm]
          (100.0 * (item[:size_mm] - wanted).abs / wanted).round(9)
        end
      end
    end
  end
end
