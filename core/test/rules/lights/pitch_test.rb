# frozen_string_literal: true

require_relative "../../core_test"

class PitchTest < CoreTest
  def test_twice_the_lights_lie_half_as_far_apart
    one = answer("lights.pitch", area_m2: 5, slant_m: 2.3, lit_length_m: 20)
    two = answer("lights.pitch", area_m2: 5, slant_m: 2.3, lit_length_m: 40)

    assert_in_delta one[:pitch_m], 2 * two[:pitch_m]
    assert_in_delta 2 * one[:turns], two[:turns]
  end

  def test_tells_bare_bands_only_beyond_the_house_pitch
    refute answer("lights.pitch", area_m2: 3.5, slant_m: 2.3, lit_length_m: 10)[:bare_bands]
    assert answer("lights.pitch", area_m2: 3.51, slant_m: 2.3, lit_length_m: 10)[:bare_bands]
  end
end
