# frozen_string_literal: true

module DeckBough
  module Rules
    module Garland
      # The thickness of garlands lying together: bulk adds by cross-section.
      #   Catalogue.answer("garland.loft", { "layers" => [{ "loft_m" => 0.379, "fluffed" => false }] })[:loft_m]
      #   # => 0.2274
      class Loft < Rule
        LAYER = [Input.number(:loft_m, "Loft", "m", 0.005..2, why: "A garland has a thickness."),
                 Input.flag(:fluffed, "Fluffed", default: true)].freeze
        declare id: "garland.loft", title: "Loft of garlands together", handbook: "50 Loft and fullness",
                inputs: [Input.list(:layers, "Layers", LAYER, 1..60)], outputs: { loft_m: "m" },
                constants: %w[garland.unfluffed]

        def call
          { loft_m: Math.sqrt(lofts.sum { |loft| loft**2 }) }
        end

        def working(outputs)
          [step("Cross-sections add: root of the sum of squares",
                "√(#{lofts.map { |loft| "#{long(loft)}²" }.join(' + ')})", :loft_m, outputs)]
        end

        private

        def lofts
          given[:layers].map { |layer| layer[:loft_m] * (layer[:fluffed] ? 1 : house["garland.unfluffed"]) }
        end
      end
    end
  end
end
