# frozen_string_literal: true

require_relative "../core_test"

# Times that were told, as jobs of the house rules they are of.
class JobTest < CoreTest
  def part(rule, base, high: 0) = Logbook::Part.new(rule: "minutes.#{rule}", base: base, high: high)

  def timed(took, *parts, **more) = Logbook::Timed.new(id: parts.hash, took: took, parts: parts, **more)

  def jobs(*times, house: HouseRules.default) = Logbook::Job.all(times, house)

  def test_the_pace_of_who_did_it_is_taken_out_first
    slow = jobs(timed(84.0, part("ornament", 100), pace: 1.4)).first

    assert_in_delta 60, slow.planned
    assert_in_delta 60, slow.took
    assert_equal "told", slow.how
  end

  def test_so_is_the_ladder
    half = jobs(timed(60 * 1.075, part("ornament", 100, high: 0.5))).first

    assert_in_delta 60, half.planned
    assert_in_delta 1, half.ratio
  end

  def test_a_ladder_lengthens_no_ribbon
    laid = Logbook::Part.new(rule: "ribbon.billow_soft", base: 10, high: 1)

    assert_in_delta 14.0 / 12, jobs(Logbook::Timed.new(id: 1, took: 14.0, parts: [laid])).first.ratio
  end

  def test_against_what_the_house_plans_today
    house = HouseRules.with("minutes.ornament" => 0.75)

    assert_in_delta 0.8, jobs(timed(60.0, part("ornament", 100)), house: house).first.ratio
  end

  def test_a_time_of_two_kinds_of_work_is_shared_out_by_what_others_say
    both = timed(90.0, part("ornament", 100), part("pick", 20))
    bow, pick = jobs(timed(90.0, part("ornament", 100)), timed(45.0, part("ornament", 50)), both).last(2)

    assert_in_delta 1.45, bow.ratio, 0.05
    assert_operator pick.ratio, :<, 1
    assert_in_delta 90, bow.took + pick.took
    assert_equal %w[solved solved], [bow, pick].map(&:how)
  end

  def test_what_takes_no_time_by_the_house_is_compared_with_nothing
    house = HouseRules.with("minutes.foot" => 0)

    assert_empty jobs(timed(12.0, part("foot", 1)), house: house)
    assert_equal(["minutes.pick"], jobs(timed(12.0, part("foot", 1), part("pick", 4)), house: house).map(&:rule))
  end

  def test_parts_of_one_rule_are_one_job
    one = jobs(timed(70.0, part("ornament", 50), part("ornament", 50, high: 1)))

    assert_equal 1, one.size
    assert_equal "told", one.first.how
    assert_in_delta 70.0 / 64.5, one.first.ratio
  end

  def test_what_does_not_count_says_nothing_of_the_others
    both = timed(90.0, part("ornament", 100), part("pick", 20))
    odd = timed(600.0, part("ornament", 100), left_out: "the lift stood still")
    shared = jobs(both, odd).first(2)

    assert_equal jobs(both).map(&:took), shared.map(&:took)
    assert_equal "the lift stood still", jobs(both, odd).last.left_out
  end
end
