# frozen_string_literal: true

require_relative "../../core_test"

class SpiralTest < CoreTest
  def length(**inputs)
    answer("ribbon.spiral", area_m2: 5, pitch_m: 0.5, billow: "soft", **inputs)[:length_m]
  end

  def test_half_the_pitch_takes_twice_the_ribbon_and_so_does_twice_the_surface
    assert_in_delta 2 * length, length(pitch_m: 0.25)
    assert_in_delta 2 * length, length(area_m2: 10)
  end

  def test_a_fuller_billow_takes_more
    lengths = %w[flat soft full].map { |billow| length(billow: billow) }

    assert_equal lengths.sort, lengths
    assert_in_delta 1.4 / 1.05, lengths.last / lengths.first
  end
end
