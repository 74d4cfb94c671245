# frozen_string_literal: true

require_relative "../../core_test"

class TipAngleTest < CoreTest
  def test_a_riser_never_makes_it_steadier
    angles = [0, 0.2, 0.4, 0.8].map do |riser|
      answer("tree.tip_angle", support_width_m: 0.5, riser_m: riser, height_m: 2.1)[:tip_angle_deg]
    end

    assert_equal angles.sort.reverse, angles
  end

  def test_warns_under_the_house_angle
    assert_includes codes(answer("tree.tip_angle", support_width_m: 0.3, height_m: 2.4)), "tips_over"
    assert_empty codes(answer("tree.tip_angle", support_width_m: 0.6, height_m: 2.4))
  end
end
