# frozen_string_literal: true

module DeckBough
  # What weighs more to the eye along a mantel or a wall, as on a beam held at its middle: large and dark things weigh,
  # far out they weigh more (handbook 50 Mantel as a whole, 75 Wall balance).
  #
  #   Beam.new(span_m: 2.0, items: [{ at_m: 1.5, area_m2: 0.2, lightness: 40 }]).value # => 0.5
  Beam = Struct.new(:span_m, :items, keyword_init: true) do
    def half
      span_m / 2.0
    end

    # Outline × (0.5 + darkness), square metres.
    def weight(item)
      item[:area_m2] * (0.5 + 1 - (item[:lightness] / 100.0))
    end

    def total
      items.sum(0.0) { |item| weight(item) }
    end

    def leverage
      items.sum(0.0) { |item| weight(item) * (item[:at_m] - half) }
    end

    # −1 (all at the left end) to 1; 0 with nothing on it.
    def value
      total.zero? ? 0.0 : leverage / (total * half)
    end
  end
end
