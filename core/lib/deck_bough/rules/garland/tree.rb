# frozen_string_literal: true

module DeckBough
  module Rules
    module Garland
      # Bead, bell, felt or paper garland going round a tree in swags between turns.
      #
      #   Catalogue.answer("garland.tree", { "area_m2" => 5.0, "pitch_m" => 0.46 })[:length_m] # => 12.5
      class Tree < Rule
        declare id: "garland.tree", title: "Garland round a tree", handbook: "40 Ribbon, bows and picks",
                inputs: [Given::AREA,
                         Input.number(:pitch_m, "Pitch along the slant", "m", 0.05..3, why: "Turns lie apart.")],
                outputs: { length_m: "m" }, constants: %w[garland.round_tree]

        def call
          { length_m: house["garland.round_tree"] * given[:area_m2] / given[:pitch_m] }
        end

        def working(outputs)
          [step("Visible surface ÷ pitch, and what the swags between turns take",
                "#{figure(house['garland.round_tree'])} × #{long(given[:area_m2], 2)} ÷ " \
                "#{long(given[:pitch_m])}", :length_m, outputs)]
        end
      end
    end
  end
end
