# frozen_string_literal: true

module DeckBough
  module Rules
    module Ribbon
      # A statement bow of two strips: the tails, and the ears tied over them.
      #
      #   Catalogue.answer("ribbon.two_part_bow", { "ear_m" => 0.3, "tail_m" => 0.6 })[:ears_strip_m].round(2) # => 1.35
      class TwoPartBow < Rule
        declare id: "ribbon.two_part_bow", title: "Two-part bow", handbook: "40 Bow",
                inputs: [Input.number(:ear_m, "Ear", "m", 0.02..2, why: "An ear has a length."), Given::TAIL],
                outputs: { tails_strip_m: "m", ears_strip_m: "m", length_m: "m" },
                constants: %w[ribbon.bow_overlap]

        def call
          { tails_strip_m: tails, ears_strip_m: ears, length_m: tails + ears }
        end

        def working(outputs)
          overlap = long(house["ribbon.bow_overlap"])
          [step("Strip of the tails: twice a tail and the tie", "2 × #{long(given[:tail_m])} + #{overlap}",
                :tails_strip_m, outputs),
           step("Strip of the ears: there and back twice, and the overlap", "4 × #{long(given[:ear_m])} + #{overlap}",
                :ears_strip_m, outputs),
           step("Both", "#{long(tails)} + #{long(ears)}", :length_m, outputs)]
        end

        private

        def tails
          (2 * given[:tail_m]) + house["ribbon.bow_overlap"]
        end

        def ears
          (4 * given[:ear_m]) + house["ribbon.bow_overlap"]
        end
      end
    end
  end
end
