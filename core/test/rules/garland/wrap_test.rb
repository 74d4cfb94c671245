# frozen_string_literal: true

require_relative "../../core_test"

class WrapTest < CoreTest
  def wrap(**inputs)
    answer("garland.wrap", length_m: 4.6, diameter_m: 0.2, pitch_m: 0.5, **inputs)[:length_m]
  end

  def test_a_closer_pitch_or_a_thicker_rail_takes_more
    assert_operator wrap(pitch_m: 0.4), :>, wrap
    assert_operator wrap(diameter_m: 0.3), :>, wrap
    assert_operator wrap(pitch_m: 5), :>=, 4.6
  end

  def test_twice_the_rail_takes_twice_the_garland
    assert_in_delta 2 * wrap, wrap(length_m: 9.2), 1e-9
  end
end
