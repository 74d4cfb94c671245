# frozen_string_literal: true

require_relative "../../core_test"

class CountTest < CoreTest
  def count(**inputs)
    answer("lights.count", area_m2: 5.0, height_m: 2.4, school: "classic", bulbs_per_string: 100, **inputs)
  end

  def test_more_surface_never_needs_fewer
    needs = [0.5, 1, 2, 4, 4.01, 8].map { |area| count(area_m2: area)[:strings] }

    assert_equal needs.sort, needs
  end

  def test_working_bulbs_count_and_never_make_it_negative
    assert_equal([9, 4, 0], [0, 500, 9_000].map { |working| count(working_bulbs: working)[:strings] })
    assert_includes codes(count(working_bulbs: 9_000)), "all_lit"
    assert_equal 0, count(working_bulbs: 9_000)[:spare_strings]
  end

  def test_says_when_the_plain_rule_overcounts
    assert_includes codes(count(area_m2: 2.0)), "plain_rule_overcounts"
    refute_includes codes(count), "plain_rule_overcounts"
  end
end
