# frozen_string_literal: true

require_relative "../core_test"

class BuildingTest < CoreTest
  GARLANDS = [["fir", 0.2, 0.5, 5], ["cedar", 0.15, 0.4, 2]].map do |style, loft, weight, pieces|
    Greenery::Building::Garland.new(style: style, loft_m: loft, kg_per_m: weight, piece_m: 1.8, pieces: pieces,
                                    join_m: 0.1, joint_m: 0.18)
  end
  GROWN = [["spruce", 0.35, 0.0, "needle", 9], ["trail", 0.0, 0.3, "scale", 9], ["leaf", 0.25, 0.1, "broadleaf", 9],
           ["twig", 0.3, 0.2, "twig", 4]].freeze
  STEMS = GROWN.map do |style, rise, trail, texture, have|
    Greenery::Building::Stem.new(style: style, rise_m: rise, trail_m: trail, spread_m: 0.3, kg: 0.05, texture: texture,
                                 on_hand: have)
  end

  def outline(shape, low: 0.14, high: 0.36)
    Greenery::Outline.new(shape: shape, low_m: low, high_m: high, run_m: 4.0)
  end

  def build(wanted, **rest)
    Greenery::Building.new(run_m: 4.0, wanted: wanted, garlands: GARLANDS, stems: STEMS, **rest).call
  end

  def compared(built, wanted)
    garlands, stems = [GARLANDS, STEMS].map { |kinds| kinds.to_h { |kind| [kind.style, kind] } }
    items = built[:bodies].map do |body|
      { kind: "body", loft_m: garlands[body[:style]].loft_m, kg_per_m: garlands[body[:style]].kg_per_m,
        **body.slice(:from_m, :to_m, :passes) }
    end +
            built[:stems].flat_map { |stem| Greenery::Closing.even(stems[stem[:style]], stem[:at_m], stem[:at_m], 1) }
    profile = Greenery::Profile.new(run_m: 4.0, items: items)
    [Greenery::Comparison.new(profile, wanted, low: 0.85, high: 1.25), profile]
  end

  def test_comes_close_to_every_outline
    %w[level crest ends crescent waterfall].each do |shape|
      wanted = outline(shape)
      comparison, = compared(build(wanted), wanted)

      assert_operator comparison.fullness, :>=, 0.93, shape
    end
  end

  def test_more_than_its_base_alone_gives
    wanted = outline("waterfall")
    built = build(wanted)
    base, = compared({ bodies: built[:bodies].first(1), stems: [] }, wanted)
    whole, = compared(built, wanted)

    assert_operator whole.fullness, :>, base.fullness + 0.05
  end

  def test_never_more_than_there_is_nor_heavier_than_it_may_be
    built = build(outline("level", high: 0.6), most_kg: 3.0)
    used = built[:stems].map { |stem| stem[:style] }.tally
    _, profile = compared(built, outline("level"))

    STEMS.each { |stem| assert_operator used.fetch(stem.style, 0), :<=, stem.on_hand }
    GARLANDS.each do |garland|
      metres = built[:bodies].select { |body| body[:style] == garland.style }
                             .sum { |body| (body[:to_m] - body[:from_m]) * body[:passes] }

      assert_operator metres, :<=, (garland.pieces * garland.piece_m) + 1e-9
    end
    assert_operator built[:kg], :<=, 3.0
    assert_in_delta profile.kg, built[:kg], 0.1
  end

  def test_mixes_greens
    textures = build(outline("level", high: 0.45))[:stems].map { |stem| stem[:style] }.uniq

    assert_operator textures.size, :>=, 3
  end

  def test_the_same_stock_gives_the_same_layers
    assert_equal build(outline("crest")), build(outline("crest"))
  end

  def test_without_any_stock_it_builds_nothing
    built = Greenery::Building.new(run_m: 4.0, wanted: outline("level"), garlands: [], stems: []).call

    assert_equal({ bodies: [], stems: [], kg: 0.0 }, built)
  end
end
