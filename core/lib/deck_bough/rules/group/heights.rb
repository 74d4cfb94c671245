# frozen_string_literal: true

module DeckBough
  module Rules
    module Group
      # Heights of a group from its tallest on down.
      #
      #   Catalogue.answer("group.heights", { "tallest_m" => 0.48, "count" => 3 })[:heights_m].map { |m| m.round(3) }
      #   # => [0.48, 0.36, 0.264]
      class Heights < Rule
        declare id: "group.heights", title: "Heights of a group", handbook: "70 Building a group",
                inputs: [Input.number(:tallest_m, "Tallest", "m", 0.02..4, why: "A group has something tall."),
                         Input.whole(:count, "Things", "things", 1..40, why: "One stands there at least.")],
                outputs: { heights_m: "m" }, constants: %w[group.second group.third group.next]

        def call
          { heights_m: heights }
        end

        def findings(_outputs)
          given[:count] > 1 && given[:count].even? ? [finding(:group_even, count: given[:count])] : []
        end

        def working(outputs)
          tallest = long(given[:tallest_m])
          [step("The tallest, then #{figure(house['group.second'])} and #{figure(house['group.third'])} of it, then " \
                "#{figure(house['group.next'])} of the one before",
                "#{tallest}, #{tallest} × #{figure(house['group.second'])}, " \
                "#{tallest} × #{figure(house['group.third'])} …", :heights_m, outputs)]
        end

        private

        def heights
          first = [1, house["group.second"], house["group.third"]].map { |share| given[:tallest_m] * share }
          (given[:count] - first.size).times { first << (first.last * house["group.next"]) }
          first.first(given[:count])
        end
      end
    end
  end
end
