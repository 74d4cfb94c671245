# frozen_string_literal: true

require_relative "../core_test"

# What goes after the day, and what stays.
class StripTest < CoreTest
  def verdict(piece: "grouping", said: nil, **thing)
    Seasons::Strip.new({ kind: "decor", season: "holiday", **thing }, piece: piece, said: said).verdict
  end

  def assert_stays(why, **thing) = assert_equal([true, why], verdict(**thing).to_a)

  def assert_goes(why, **thing) = assert_equal([false, why], verdict(**thing).to_a)

  def test_greens_cones_candles_and_white_lights_stay
    assert_stays "greens", kind: "garland", colour: "#2f5d4b"
    assert_stays "greens", kind: "stem", colour: "#8fa89a", texture: "broadleaf"
    assert_stays "cones", kind: "ornament", texture: "cone", colour: "#7a5a3a"
    assert_stays "cones", kind: "ornament", material: "cone", colour: "#8a5f3c"
    assert_stays "candles", shape: "candle", colour: "#efe6d2"
    assert_stays "candles", shape: "lantern"
    assert_stays "white_lights", kind: "light", colour: "#f2d9a0"
  end

  def test_words_figures_and_red_go
    assert_goes "figures", shape: "figure"
    assert_goes "figures", shape: "stocking", colour: "#e3dccb"
    assert_goes "figures", kind: "ribbon", colour: "#e7e2d6"
    assert_goes "red", kind: "stem", texture: "berry", colour: "#a3202a"
    assert_goes "red", shape: "cloth", colour: "#8c1f2c"
    assert_goes "rest", kind: "ornament", colour: "#33547a"
    assert_goes "rest", kind: "light", colour: "#2a3c9a"
  end

  def test_amber_olive_and_plum_are_no_red
    ["#c07f1e", "#6f7443", "#6b2e4f", "#d3a02a", "#b5651d"].each do |colour|
      assert_stays "greens", kind: "stem", colour: colour
    end
  end

  def test_what_holds_things_and_cushions_stay
    assert_stays "holds", shape: "bowl"
    assert_stays "cushions", shape: "cloth", colour: "#e3dccb"
  end

  def test_a_drink_corner_stays_but_for_its_figures
    assert_stays "drink_corner", piece: "drinks", kind: "decor"
    assert_goes "figures", piece: "drinks", shape: "figure"
  end

  def test_what_is_on_a_tree_goes_with_it
    assert_goes "tree", piece: "tree", kind: "light", colour: "#f2d9a0"
    assert_goes "tree", piece: "tree", kind: "ornament", texture: "cone"
  end

  def test_a_tag_decides_before_the_eye_and_the_person_before_both
    assert_stays "tagged", piece: "tree", shape: "figure", season: "winter"
    assert_stays "tagged", colour: "#8c1f2c", season: "all_year"
    assert_equal [false, "said"], verdict(kind: "garland", season: "winter", said: false).to_a
    assert_equal [true, "said"], verdict(shape: "figure", said: true).to_a
  end

  def test_a_keepsake_goes_back_to_its_box
    assert_goes "keepsake", kind: "garland", keepsake: true, season: "winter"
  end

  def test_what_fastens_stays_as_long_as_what_it_holds
    hook = { kind: "fixing", season: "holiday" }
    green = { kind: "garland", season: "holiday" }
    both = Seasons::Strip.of_piece([green, hook], piece: "run", said: [nil, nil])

    assert_equal [[true, "greens"], [true, "fastens"]], both.map(&:to_a)
    assert_equal [[false, "said"], [false, "rest"]],
                 Seasons::Strip.of_piece([green, hook], piece: "run", said: [false, nil]).map(&:to_a)
    assert_equal [false, "said"], Seasons::Strip.of_piece([green, hook], piece: "run", said: [nil, false]).last.to_a
  end
end
