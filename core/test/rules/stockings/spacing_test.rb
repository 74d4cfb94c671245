# frozen_string_literal: true

require_relative "../../core_test"

class SpacingTest < CoreTest
  def spacing(count, clear: 1.5, width: 0.2)
    answer("stockings.spacing", clear_m: clear, count: count, width_m: width)
  end

  def test_gaps_and_stockings_fill_the_length
    told = spacing(4)

    assert_in_delta 1.5, (4 * 0.2) + (5 * told[:gap_m])
    assert_equal(told[:centres_m].map { |centre| (1.5 - centre).round(9) }.reverse,
                 told[:centres_m].map { |centre| centre.round(9) })
  end

  def test_too_many_are_told_with_how_many_fit
    assert_empty codes(spacing(6))
    assert_equal ["stockings_tight"], codes(spacing(7))
    assert_includes spacing(9).findings.first.message, "6 fit here"
  end
end
