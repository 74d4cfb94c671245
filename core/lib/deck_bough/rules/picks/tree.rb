# frozen_string_literal: true

module DeckBough
  module Rules
    module Picks
      # Picks for the body of a tree and the ring behind its topper.
      #
      #   Catalogue.answer("picks.tree", { "area_m2" => 2.84, "cover" => "balanced", "crown" => 5 }).outputs
      #   # => { body: 14, total: 19 }
      class Tree < Rule
        COVERS = %w[airy balanced lush].freeze

        declare id: "picks.tree", title: "Picks", handbook: "40 Picks",
                inputs: [Given::AREA, Input.choice(:cover, "Cover", COVERS),
                         Input.choice(:crown, "Ring behind the topper", [0, 5, 7, 9])],
                outputs: { body: "picks", total: "picks" },
                constants: COVERS.map { |cover| "picks.per_m2_#{cover}" }

        def call
          { body: body, total: body + given[:crown] }
        end

        def working(outputs)
          [step("Body: #{given[:cover]}, to the #{jotting.unit}² × visible surface, rounded",
                "#{long(per_m2, -2)} × #{long(given[:area_m2], 2)}", :body,
                outputs),
           step("With the ring behind the topper", "#{body} + #{given[:crown]}", :total, outputs)]
        end

        private

        def per_m2
          house["picks.per_m2_#{given[:cover]}"]
        end

        def body
          (per_m2 * given[:area_m2]).round
        end
      end
    end
  end
end
