# frozen_string_literal: true

module DeckBough
  module Rules
    module Bowl
      # How many balls of one size a round vessel takes: the narrower it is for them, the more room stays void.
      #
      #   Catalogue.answer("bowl.fill", { "ball_mm" => 70, "vessel_mm" => 220, "litres" => 12.2 })[:count] # => 34
      class Fill < Rule
        declare id: "bowl.fill", title: "Filling a vessel", handbook: "70 Vessels",
                inputs: [Input.number(:ball_mm, "Ball", "mm", 3..600, why: "A ball has a size."),
                         Input.number(:vessel_mm, "Vessel, inside", "mm", 10..3_000, why: "A vessel has a width."),
                         Input.number(:litres, "Filled to", "litres", 0.01..2_000, why: "It holds something.")],
                outputs: { count: "balls", void_share: "share" }

        def call
          { count: fits? ? DeckBough::Vessels::Voids.count(given[:litres], given[:ball_mm], void) : 0, void_share: void }
        end

        def findings(_outputs)
          fits? ? [] : [finding(:ball_too_large)]
        end

        def working(outputs)
          [step("Share that stays void, by how much wider the vessel is than a ball",
                "0.39 + 1.74 ÷ (#{figure(given[:vessel_mm])} ÷ #{figure(given[:ball_mm])} + 1.14)²", :void_share,
                outputs),
           step("What is left, in balls", "(1 − #{figure(void)}) × #{figure(given[:litres])} litres ÷ " \
                                          "#{figure(DeckBough::Vessels::Voids.ball_litres(given[:ball_mm]))} litres",
                :count, outputs)]
        end

        private

        def void
          DeckBough::Vessels::Voids.share(given[:vessel_mm], given[:ball_mm])
        end

        def fits?
          given[:ball_mm] <= given[:vessel_mm]
        end
      end
    end
  end
end
