# frozen_string_literal: true

module DeckBough
  # One kind of ornament, ribbon, light, pick, garland, stem or fixing, with what the studio has of it.
  #
  # on_hand and need are pieces, except ribbon: metres. For a plan on_hand is what is free for its piece; elsewhere is
  # what other pieces keep of it on the same dates. cut is what was cut for the piece that is planned and lies ready
  # for it: it is no longer on hand, and no longer short. length_m is that of a piece of garland; loft_m its thickness
  # once fluffed; across_m and opening_m those of a wreath or ring; rise, reach, trail and spread say how far a stem
  # stands up, comes forward, hangs and fills. rolls are the lengths of a ribbon's rolls and offcuts; shape says
  # what a piece of decor is, riser_height_m by how much one lifts what stands on it. A pack is
  # pack_size pieces (or metres on a roll) for price_cents. What is retired is offered no longer, and stays where it is
  # used.
  Style = Struct.new(:id, :kind, :name, :colour, :diameter_mm, :material, :breakable, :pack_size, :price_cents,
                     :on_hand,
                     :bulbs, :lit_length_m, :mass_g, :keepsake, :watts, :max_run, :length_m, :loft_m, :rise_m, :reach_m,
                     :trail_m, :spread_m, :texture, :two_way, :rated_kg, :belongs_with, :width_mm, :wire, :retired,
                     :cut, :elsewhere, :across_m, :opening_m, :rolls, :shape, :riser_height_m,
                     keyword_init: true) do
    def initialize(on_hand: 0, cut: 0, elsewhere: 0, pack_size: 1, breakable: false, keepsake: false, two_way: false,
                   retired: false, **)
      super
      freeze
    end

    # @return [Style] with other values for some fields
    def with(**changed)
      Style.new(**to_h, **changed)
    end

    # What this piece may count on: on hand, and what lies cut for it.
    def for_piece
      (on_hand + cut).round(6)
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
  Style::KINDS = %w[ornament ribbon light pick garland stem fixing wreath tree decor tool].freeze
  Style::TEXTURES = %w[needle scale broadleaf fern berry cone twig flower].freeze
  Style::WIRE = %w[wired unwired].freeze
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
    Input.number(:length_m, "Length of a piece", "m", 0.2..50, default: nil, why: "A piece has a length."),
    Input.number(:loft_m, "Loft", "m", 0.005..2, default: nil, why: "A garland has a thickness."),
    Input.number(:rise_m, "Rise", "m", 0..4, default: nil), Input.number(:reach_m, "Reach", "m", 0..4, default: nil),
    Input.number(:trail_m, "Trail", "m", 0..6, default: nil),
    Input.number(:spread_m, "Spread", "m", 0.02..10, default: nil, why: "A stem fills some width."),
    Input.choice(:texture, "Texture", Style::TEXTURES, default: nil),
    Input.flag(:two_way, "Tips both ways", default: false),
    Input.number(:rated_kg, "Rated load", "kg", 0.01..500, default: nil, why: "Its label names a load."),
    Input.text(:belongs_with, "Belongs with", 0..120, default: nil),
    Input.number(:width_mm, "Width", "mm", 3..500, default: nil, why: "A ribbon has a width."),
    Input.number(:across_m, "Across", "m", 0.04..3, default: nil, why: "A ring has a size."),
    Input.number(:opening_m, "Opening", "m", 0..2.9, default: nil),
    Input.choice(:wire, "Edges", Style::WIRE, default: nil), Input.flag(:retired, "Retired", default: false),
    Input.number(:on_hand, "On hand", "", 0..100_000, default: 0)
  ].freeze
end
