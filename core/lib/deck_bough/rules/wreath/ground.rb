# frozen_string_literal: true

module DeckBough
  module Rules
    module Wreath
      # Whether a wreath reads against the door or wall behind it.
      #
      #   Catalogue.answer("wreath.ground", { "greens" => "#2f5d4a", "ground" => "#3b6062" })[:reads] # => "dull"
      class Ground < Rule
        declare id: "wreath.ground", title: "A wreath against its ground",
                handbook: "60 Will it read against its ground",
                inputs: [Input.colour(:greens, "Colour of the greens"), Input.colour(:ground, "Colour behind them")],
                outputs: { delta_l: "L*", delta_c: "C*", reads: "choice" },
                constants: %w[wreath.ground_lightness wreath.ground_chroma]

        def call
          { delta_l: (greens.lightness - ground.lightness).abs, delta_c: (greens.chroma - ground.chroma).abs,
            reads: reads }
        end

        def findings(outputs)
          outputs[:reads] == "dull" ? [finding(:wreath_dull)] : []
        end

        def working(outputs)
          [step("How much lighter one is than the other",
                "#{figure(greens.lightness)} − #{figure(ground.lightness)}", :delta_l, outputs),
           step("How much more colour one has", "#{figure(greens.chroma)} − #{figure(ground.chroma)}", :delta_c,
                outputs),
           step("Dull where both are near", "under #{figure(house['wreath.ground_lightness'])} and under " \
                                            "#{figure(house['wreath.ground_chroma'])}", :reads, outputs)]
        end

        private

        def greens
          @greens ||= Lab.of(given[:greens])
        end

        def ground
          @ground ||= Lab.of(given[:ground])
        end

        def reads
          near = (greens.lightness - ground.lightness).abs < house["wreath.ground_lightness"]
          alike = (greens.chroma - ground.chroma).abs < house["wreath.ground_chroma"]
          near && alike ? "dull" : "well"
        end
      end
    end
  end
end
