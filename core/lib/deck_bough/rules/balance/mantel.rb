# frozen_string_literal: true

module DeckBough
  module Rules
    module Balance
      # Which side of a mantel weighs more to the eye: large and dark things weigh, far out they weigh more.
      #   Catalogue.answer("balance.mantel", { "length_m" => 2.0, "items" => [{ "at_m" => 1.5, "area_m2" => 0.2,
      #     "lightness" => 40 }] })[:value]
      #   # => 0.5
      #
      # value −1 (all at the left end) to 1; side is "even" as long as a mirrored mantel may be so.
      class Mantel < Rule
        ITEM = [Input.number(:at_m, "At", "m", 0..50), Input.number(:area_m2, "Outline", "m2", 0..20),
                Input.number(:lightness, "Lightness", "L*", 0..100)].freeze
        declare id: "balance.mantel", title: "Balance of a mantel", handbook: "50 Mantel as a whole",
                inputs: [Input.number(:length_m, "Length", "m", 0.1..50, why: "A mantel has a length."),
                         Input.list(:items, "What stands there", ITEM, 0..200)],
                outputs: { value: "share", side: "side" }, constants: %w[balance.mirrored]

        def call
          { value: value, side: side }
        end

        def working(outputs)
          [between("Weight to the eye: outline × (0.5 + darkness)",
                   given[:items].first(4).map { |item| long(beam.weight(item), 2) }.join(" + "),
                   :weight_m2, beam.total, "m2"),
           step("Leverage about the middle, over weight × half the length",
                "#{long(beam.leverage, 3)} ÷ (#{long(beam.total, 2)} × #{long(beam.half)})", :value, outputs),
           step("Even up to #{figure(house['balance.mirrored'])}", figure(value), :side, outputs)]
        end

        private

        def beam
          @beam ||= Beam.new(span_m: given[:length_m], items: given[:items])
        end

        def value
          beam.value
        end

        def side
          return "even" if value.abs <= house["balance.mirrored"]

          value.positive? ? "right" : "left"
        end
      end
    end
  end
end
