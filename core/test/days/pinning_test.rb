# frozen_string_literal: true

require_relative "../core_test"

class PinningTest < CoreTest
  HOURS = [[540, 720, "quay"], [750, 900, "loft"]].freeze

  def test_she_is_there_where_one_stretch_in_that_home_holds_it
    assert Days::Pinning.holds?(HOURS, 540, 720, "quay")
    refute Days::Pinning.holds?(HOURS, 700, 760, "quay")
    refute Days::Pinning.holds?(HOURS, 760, 800, "quay")
    refute Days::Pinning.holds?(HOURS, 530, 560, "quay")
  end

  def test_what_is_fixed_is_one_steps_and_the_rest_stays
    assert_equal [[540, 600, "quay"], [600, 720, "pin"], [750, 900, "loft"]],
                 Days::Pinning.cut(HOURS, [[600, 720, "pin"]])
    assert_equal [[540, 560, "one"], [560, 600, "quay"], [600, 610, "two"], [610, 720, "quay"], [750, 900, "loft"]],
                 Days::Pinning.cut(HOURS, [[600, 610, "two"], [540, 560, "one"]])
  end

  def test_what_lies_outside_or_over_another_changes_nothing
    assert_equal HOURS, Days::Pinning.cut(HOURS, [[700, 760, "pin"]])
    assert_equal Days::Pinning.cut(HOURS, [[600, 660, "one"]]),
                 Days::Pinning.cut(HOURS, [[600, 660, "one"], [650, 700, "two"]])
  end
end
