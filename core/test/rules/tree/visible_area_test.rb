# frozen_string_literal: true

require_relative "../../core_test"

class VisibleAreaTest < CoreTest
  CONE = { height_m: 2.4, spread_m: 1.4, arc_deg: 360 }.freeze

  def area(**changes)
    answer("tree.visible_area", **CONE, **changes)[:area_m2]
  end

  def test_grows_with_the_square_of_size_and_in_step_with_the_arc
    assert_in_delta 4 * area(hem_m: 0.24), area(height_m: 4.8, spread_m: 2.8, hem_m: 0.48), 1e-9
    assert_in_delta area / 2, area(arc_deg: 180), 1e-9
  end

  def test_a_rounded_tree_has_more_surface_and_a_hollow_one_less
    assert_operator area(p: 0.85), :>, area
    assert_operator area(p: 1.3), :<, area
  end

  def test_the_hem_is_kept_within_its_band
    { 0.9 => 0.15, 2.4 => 0.24, 4.5 => 0.35 }.each do |height, hem|
      assert_in_delta hem, answer("tree.visible_area", height_m: height, spread_m: 0.6, arc_deg: 360)[:hem_m], 1e-9
    end
  end

  def test_a_hem_above_the_tip_is_named
    fault = faults_of("tree.visible_area", **CONE, hem_m: 2.4).first

    assert_equal %w[hem_m hem_above_tree], [fault.input, fault.code]
  end
end
