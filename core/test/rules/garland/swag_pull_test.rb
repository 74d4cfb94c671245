# frozen_string_literal: true

require_relative "../../core_test"

class SwagPullTest < CoreTest
  def pull(sag, **rest)
    answer("garland.swag_pull", span_m: 1.1, sag_m: sag, kg_per_m: 0.8, **rest)
  end

  def test_the_flatter_never_pulls_less
    pulls = [0.4, 0.3, 0.2, 0.1, 0.05, 0.01].map { |sag| pull(sag)[:end_n] }

    assert_equal pulls.sort, pulls
  end

  def test_down_and_sideways_make_the_pull
    told = pull(0.2)

    assert_in_delta Math.hypot(told[:vertical_n], told[:horizontal_n]), told[:end_n]
    assert_in_delta 2 * told[:vertical_n], told[:middle_n]
  end

  def test_twice_as_heavy_pulls_twice
    assert_in_delta 2 * pull(0.2)[:end_rated_kg], pull(0.2, kg_per_m: 1.6)[:end_rated_kg], 1e-9
  end
end
