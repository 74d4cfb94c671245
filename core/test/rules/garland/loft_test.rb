# frozen_string_literal: true

require_relative "../../core_test"

class LoftTest < CoreTest
  def loft(*lofts, fluffed: true)
    answer("garland.loft", layers: lofts.map { |loft| { loft_m: loft, fluffed: fluffed } })[:loft_m]
  end

  def test_two_equal_garlands_are_not_twice_as_thick_and_four_are
    assert_in_delta 0.2 * Math.sqrt(2), loft(0.2, 0.2)
    assert_in_delta 0.4, loft(0.2, 0.2, 0.2, 0.2)
  end

  def test_a_flat_one_is_thinner
    assert_in_delta 0.12, loft(0.2, fluffed: false)
  end

  def test_order_does_not_matter_and_more_is_never_thinner
    assert_in_delta loft(0.1, 0.3, 0.2), loft(0.3, 0.2, 0.1), 1e-12
    assert_operator loft(0.1, 0.3), :>, loft(0.3)
  end
end
