# frozen_string_literal: true

require_relative "../../core_test"

class FitTest < CoreTest
  def fit(**inputs)
    answer("tree.fit", ceiling_m: 2.7, height_m: 2.4, spread_m: 1.4, **inputs)
  end

  def test_height_turns_at_the_house_gaps
    { 2.60 => "ok", 2.5999 => "crowded", 2.50 => "crowded", 2.4999 => "too_tall" }.each do |ceiling, verdict|
      assert_equal verdict, fit(ceiling_m: ceiling)[:height], ceiling
    end
  end

  def test_the_topper_needs_its_own_air
    { 0.25 => "ok", 0.26 => "crowded", 0.30 => "crowded", 0.31 => "too_tall" }.each do |rise, verdict|
      assert_equal verdict, fit(topper_rise_m: rise)[:height], rise
    end
  end

  def test_a_riser_takes_from_the_gap
    assert_in_delta 0.05, fit(riser_m: 0.25)[:tip_gap_m]
    assert_includes codes(fit(riser_m: 0.25)), "too_tall"
  end

  def test_the_floor_turns_where_branches_stop_giving
    { 1.4 => "ok", 1.39 => "squeezed", 1.288 => "squeezed", 1.287 => "too_wide" }.each do |width, verdict|
      assert_equal verdict, fit(free_width_m: width, free_depth_m: 2)[:floor], width
    end
  end

  def test_the_floor_is_unknown_until_both_measures_are_there_unless_one_is_already_too_small
    assert_equal "unknown", fit[:floor]
    assert_equal "unknown", fit(free_width_m: 2)[:floor]
    assert_equal "too_wide", fit(free_width_m: 1)[:floor]
  end

  def test_a_tree_deeper_than_its_place_takes_from_the_walkway
    floor = { free_width_m: 2, free_depth_m: 1.35 }

    assert_equal "squeezed", fit(**floor, walkway_m: 0.82)[:floor]
    narrow = fit(**floor, walkway_m: 0.80)

    assert_equal "too_wide", narrow[:floor]
    assert_includes codes(narrow), "walkway_narrow"
  end

  def test_tells_proportion_and_wall
    assert_includes codes(fit(ceiling_m: 3.4)), "small_for_room"
    assert_empty codes(fit(ceiling_m: 2.9))
    assert_includes codes(fit(ceiling_m: 2.9, wall_m: 4.1)), "takes_over_wall"
    refute_includes codes(fit(ceiling_m: 2.9, wall_m: 4.3)), "takes_over_wall"
  end
end
