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
          [between("Weight to the eye: outline × (0.5 + darkness)", given[:items].first(4).map do |item|
            long(weight(item), 2)
          end.join(" + "), :weight_m2, total, "m2"),
           step("Leverage about the middle, over weight × half the length",
                "#{long(leverage, 3)} ÷ (#{long(total, 2)} × #{long(half)})", :value, outputs),
           step("Even up to #{figure(house['balance.mirrored'])}", figure(value), :side, outputs)]
        end

        # A large thing weighs, and a dark one.
        def self.weight(item)
          item[:area_m2] * (0.5 + 1 - (item[:lightness] / 100.0))
        end

        private

        def half
          given[:length_m] / 2.0
        end

        def weight(item)
          Mantel.weight(item)
        end

        def total
          given[:items].sum(0.0) { |item| weight(item) }
        end

        def leverage
          given[:items].sum(0.0) { |item| weight(item) * (item[:at_m] - half) }
        end

        def value
          total.zero? ? 0.0 : leverage / (total * half)
        end

        def side
          return "even" if value.abs <= house["balance.mirrored"]

          value.positive? ? "right" : "left"
        end
      end
    end
  end
end
