# frozen_string_literal: true

module DeckBough
  # One kind of ornament, ribbon, light or pick, with what the studio has of it.
  #
  # on_hand and need are pieces, except ribbon: metres. A pack is pack_size pieces (or metres on a roll) for price_cents.
  Style = Struct.new(:id, :kind, :name, :colour, :diameter_mm, :material, :breakable, :pack_size, :price_cents, :on_hand,
                     :bulbs, :lit_length_m, :mass_g, :keepsake, :watts, :max_run, keyword_init: true) do
    def initialize(on_hand: 0, pack_size: 1, breakable: false, keepsake: false, **)
      super
      freeze
    end

    def metres?
      kind == "ribbon"
    end

    # What so much of it is worth, in cents.
    def worth(quantity)
      price_cents ? (price_cents * quantity / pack_size.to_f).round : 0
    end
  end

  # What may be said of a style; stock is counted in pieces, ribbon in metres.
  Style::KINDS = %w[ornament ribbon light pick].freeze
  Style::INPUTS = [
    Input.text(:name, "Name", 1..120), Input.choice(:kind, "Kind", Style::KINDS),
    Input.text(:colour, "Colour", 7..7, default: nil), Input.number(:diameter_mm, "Size", "mm", 5..600, default: nil),
    Input.text(:material, "Material", 1..40, default: nil), Input.flag(:breakable, "Breakable", default: false),
    Input.number(:pack_size, "Pack", "", 0.1..5_000, default: 1, why: "A pack holds something."),
    Input.whole(:price_cents, "Price of a pack", "cents", 0..10_000_000, default: nil),
    Input.whole(:bulbs, "Bulbs on a string", "bulbs", 1..5_000, default: nil),
    Input.number(:lit_length_m, "Lit length", "m", 0.1..500, default: nil),
    Input.number(:mass_g, "Weight", "g", 0..5_000, default: nil), Input.flag(:keepsake, "Keepsake", default: false),
    Input.number(:watts, "Watts of a string", "W", 0.05..3_000, default: nil, why: "A string draws something."),
    Input.whole(:max_run, "Joined end to end, at most", "strings", 1..500, default: nil, why: "One is always allowed."),
    Input.number(:on_hand, "On hand", "", 0..100_000, default: 0)
  ].freeze
end
