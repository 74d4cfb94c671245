# frozen_string_literal: true

require_relative "../../core_test"

class RibbonTwoPartBowTest < CoreTest
  def test_longer_ears_and_tails_take_more_and_both_strips_are_counted
    small = answer("ribbon.two_part_bow", ear_m: 0.3, tail_m: 0.6)
    large = answer("ribbon.two_part_bow", ear_m: 0.4, tail_m: 0.7)

    assert_in_delta small[:tails_strip_m] + small[:ears_strip_m], small[:length_m]
    assert_in_delta 0.4, large[:ears_strip_m] - small[:ears_strip_m]
    assert_in_delta 0.2, large[:tails_strip_m] - small[:tails_strip_m]
  end
end
