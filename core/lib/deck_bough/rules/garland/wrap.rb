# frozen_string_literal: true

module DeckBough
  module Rules
    module Garland
      # Garland wound round a rail or rod: a helix.
      #   Catalogue.answer("garland.wrap", { "length_m" => 3.454, "diameter_m" => 0.265,
      #     "pitch_m" => 0.444 })[:length_m]
      #   # => 7.3399
      #
      # The diameter is that of the rail and the garland's loft together.
      class Wrap < Rule
        declare id: "garland.wrap", title: "Garland wrapped round", handbook: "50 Length",
                inputs: [Input.number(:length_m, "Length of the rail", "m", 0.1..60, why: "A rail has a length."),
                         Input.number(:diameter_m, "Rail and loft together", "m", 0.005..3,
                                      why: "What is wound round has a thickness."),
                         Input.number(:pitch_m, "Pitch", "m", 0.05..5, why: "A turn goes along the rail.")],
                outputs: { length_m: "m" }

        def call
          { length_m: given[:length_m] * Math.sqrt(1 + ((Math::PI * given[:diameter_m] / given[:pitch_m])**2)) }
        end

        def working(outputs)
          sum = "#{long(given[:length_m])} × √(1 + (π × #{long(given[:diameter_m])} ÷ #{long(given[:pitch_m])})²)"
          [step("Length of a helix: each turn goes round and along", sum, :length_m, outputs)]
        end
      end
    end
  end
end
