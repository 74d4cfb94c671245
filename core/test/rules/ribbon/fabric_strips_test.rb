# frozen_string_literal: true

require_relative "../../core_test"

class RibbonFabricStripsTest < CoreTest
  def strips(width, length, strip_width: 0.35, strip_length: 1.5)
    answer("ribbon.fabric_strips",
           cloth_width_m: width, cloth_length_m: length, strip_width_m: strip_width, strip_length_m: strip_length)
  end

  def test_the_better_direction_is_taken_and_turning_the_cloth_changes_nothing
    assert_equal [8, "along"], strips(1.4, 3.0).outputs.values
    assert_equal 8, strips(3.0, 1.4)[:strips]
    assert_equal "across", strips(3.0, 1.4)[:direction]
  end

  def test_cloth_that_is_too_small_gives_none_and_says_so
    assert_equal %w[cloth_too_small], codes(strips(0.3, 1.0))
  end
end
