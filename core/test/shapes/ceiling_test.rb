# frozen_string_literal: true

require_relative "../core_test"

class CeilingTest < CoreTest
  SLOPE = DeckBough::Ceiling.new(left_m: 2.2, right_m: 3.6, width_m: 7.0)

  def test_the_lowest_ceiling_above_the_spread_counts_on_either_slope
    assert_in_delta 2.5, SLOPE.lowest_above(2.0, 1.0)
    assert_in_delta 2.5, Ceiling.new(left_m: 3.6, right_m: 2.2, width_m: 7.0).lowest_above(5.0, 1.0)
  end

  def test_a_flat_one_is_the_same_everywhere
    assert_predicate flat_ceiling, :flat?
    assert_in_delta 3.1, flat_ceiling.lowest_above(0.2, 1.4)
  end
end
