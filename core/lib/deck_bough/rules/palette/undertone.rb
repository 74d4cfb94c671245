# frozen_string_literal: true

module DeckBough
  module Rules
    module Palette
      # Whether a white, a grey or a metal leans to the warm or the cool side.
      #
      #   Catalogue.answer("palette.undertone", { "colour" => "#ece8dd" })[:undertone] # => "warm"
      class Undertone < Rule
        declare id: "palette.undertone", title: "Undertone of a white or a metal", handbook: "75 Undertone",
                inputs: [Input.colour(:colour, "Colour")],
                outputs: { u: "u", chroma: "C*", undertone: "choice" },
                constants: %w[palette.low_chroma palette.undertone]

        def call
          { u: lab.lean, chroma: lab.chroma, undertone: undertone }
        end

        def working(outputs)
          [step("How far it is from grey", "√(#{figure(lab.a)}² + #{figure(lab.b)}²)", :chroma, outputs),
           step("Its yellow and half its red", "#{figure(lab.b)} + 0.5 × #{figure(lab.a)}", :u, outputs),
           step("Under a chroma of #{figure(house['palette.low_chroma'])}: warm above " \
                "#{figure(house['palette.undertone'])}, cool below −#{figure(house['palette.undertone'])}",
                figure(outputs[:u]), :undertone, outputs)]
        end

        private

        def lab
          @lab ||= Lab.of(given[:colour])
        end

        def undertone
          return "coloured" if lab.chroma >= house["palette.low_chroma"]
          return "neutral" if lab.lean.abs <= house["palette.undertone"]

          lab.lean.positive? ? "warm" : "cool"
        end
      end
    end
  end
end
