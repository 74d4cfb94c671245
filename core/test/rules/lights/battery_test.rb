# frozen_string_literal: true

require_relative "../../core_test"

class LightsBatteryTest < CoreTest
  def cells(hours_per_set: 100, hours_per_day: 6, days: 40, **rest)
    answer("lights.battery", hours_per_set: hours_per_set, hours_per_day: hours_per_day, days: days, **rest)
  end

  def test_sets_last_the_season_and_one_fewer_would_not
    PropCheck.forall(PropCheck::Generators.choose(1..400), PropCheck::Generators.choose(1..24),
                     PropCheck::Generators.choose(1..90)) do |set, day, days|
      told = cells(hours_per_set: set, hours_per_day: day, days: days)

      assert_operator told[:sets] * set, :>=, day * days
      assert_operator (told[:sets] - 1) * set, :<, day * days
    end
  end

  def test_a_set_that_ends_with_the_last_hour_is_enough
    assert_equal 1, cells(hours_per_set: 24, hours_per_day: 8, days: 3)[:sets]
    assert_equal 24, cells(units: 4)[:cells]
    assert_equal %w[cells_changed], codes(cells)
  end
end
