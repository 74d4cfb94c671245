# frozen_string_literal: true

require_relative "../core_test"

class ClockTest < CoreTest
  def test_minutes_are_told_by_the_clock_of_their_own_day
    assert_equal(%w[0:00 9:05 23:59 9:05], [0, 545, 1439, 1440 + 545].map { |minutes| Days::Clock.told(minutes) })
  end
end
