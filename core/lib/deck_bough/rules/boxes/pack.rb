# frozen_string_literal: true

module DeckBough
  module Rules
    module Boxes
      # Which things go into which box: groups together where they fit one, breakables in light boxes, fewest boxes.
      #
      #   Catalogue.answer("boxes.pack", { "items" => [{ "id" => "balls", "litres" => 12, "kg" => 3 }],
      #     "boxes" => [{ "id" => "1", "litres" => 40 }] })[:boxes]
      #   # => [{ id: "1", items: ["balls"], litres: 12, kg: 3 }]
      class Pack < Rule
        MOST_ITEMS = 2_000
        MOST_BOXES = 300

        ITEM = [Input.text(:id, "Thing", 1..64),
                Input.number(:litres, "Litres", "litres", 0.001..2_000, why: "A thing takes some room."),
                Input.number(:kg, "Weight", "kg", 0..500),
                Input.text(:group, "Group", 0..120, default: nil),
                Input.flag(:breakable, "Breakable", default: false)].freeze
        BOX = [Input.text(:id, "Box", 1..64),
               Input.number(:litres, "Litres", "litres", 0.5..2_000, why: "A box has some room."),
               Input.number(:most_kg, "At most", "kg", 0.5..100, default: nil, default_says: "15")].freeze

        declare id: "boxes.pack", title: "Packing boxes", handbook: "80 Stock",
                inputs: [Input.list(:items, "Things", ITEM, 0..MOST_ITEMS),
                         Input.list(:boxes, "Boxes", BOX, 0..MOST_BOXES)],
                outputs: { boxes: "list", unpacked: "list", lower_bound: "boxes" },
                constants: %w[boxes.most_kg boxes.breakable_kg]

        def call
          refuse_twice(:items)
          refuse_twice(:boxes)
          { boxes: packing.call.map(&:to_h), unpacked: packing.unpacked, lower_bound: packing.lower_bound }
        end

        def findings(outputs)
          left = outputs[:unpacked].size
          left.zero? ? [] : [finding(:left_unpacked, count: left)]
        end

        def working(outputs)
          [step("What does not fit any box, or finds none left", "#{outputs[:unpacked].size} of " \
                                                                 "#{given[:items].size} things", :unpacked, outputs),
           step("No fewer boxes can do", "#{figure(given[:items].sum { |item| item[:litres] })} litres, " \
                                         "#{heavy(given[:items].sum { |item| item[:kg] })}", :lower_bound, outputs),
           step("Groups together, breakables in boxes up to #{heavy(house['boxes.breakable_kg'])}",
                "#{outputs[:boxes].size} boxes against at least #{outputs[:lower_bound]}", :boxes, outputs)]
        end

        private

        def packing
          @packing ||= DeckBough::Boxes::Packing.new(given[:items], boxes, house["boxes.breakable_kg"])
        end

        def boxes
          given[:boxes].map { |box| { **box, most_kg: box[:most_kg] || house["boxes.most_kg"] } }
        end

        def refuse_twice(list)
          twice = given[list].map { |one| one[:id] }.tally.find { |_, count| count > 1 } or return
          refuse(:named_twice, list, name: twice.first)
        end
      end
    end
  end
end
