# frozen_string_literal: true

require_relative "../core_test"

# What the jobs of one rule teach, and when something is proposed.
class LessonTest < CoreTest
  KEY = "minutes.ornament"

  def lesson(ratios, key: KEY, house: HouseRules.default)
    jobs = ratios.each_with_index.map do |ratio, i|
      Logbook::Job.new(timed: i, rule: key, planned: 60.0, took: 60.0 * ratio, how: "told")
    end
    Logbook::Lesson.new(key, jobs, house)
  end

  def test_plainly_slower_jobs_propose_a_value_in_few_digits
    told = lesson([1.35, 1.548, 1.284, 1.117, 1.21])

    assert_equal "suggests", told.state
    assert_in_delta 0.77, told.suggested
    assert_in_delta 1.284, told.answer[:factor]
  end

  def test_so_do_plainly_quicker_ones
    assert_in_delta 9.1, lesson([0.91, 0.88, 0.92, 0.9, 0.93], key: "minutes.fluff_full").suggested
  end

  def test_four_jobs_are_few_however_plain
    assert_equal "few", lesson([1.3] * 4).state
    assert_equal "few", lesson([]).state
    assert_nil lesson([]).suggested
  end

  def test_a_small_change_is_left_as_it_is
    assert_equal "as_it_is", lesson([1.04] * 9).state
    assert_equal "as_it_is", lesson([1.05, 1.05, 1.05, 1.05, 1.05]).state
  end

  def test_what_scatters_widely_is_too_wide_to_say
    assert_equal "too_wide", lesson([0.4, 0.7, 1.06, 1.5, 2.0]).state
  end

  def test_what_lies_on_both_sides_may_be_chance
    assert_equal "chance", lesson([0.95, 1.08, 1.1, 1.11, 1.12]).state
    assert_equal "suggests", lesson([0.95, 1.08, 1.1, 1.11, 1.12, 1.1, 1.09, 1.12]).state
  end

  def test_how_often_chance_alone_leaves_them_so
    assert_in_delta 0.0625, lesson([1.2] * 5).by_chance
    assert_in_delta 0.375, lesson([1.2, 1.2, 1.2, 1.2, 0.9]).by_chance
    assert_in_delta 1.0, lesson([1.0] * 5).by_chance
  end

  def test_a_value_stays_within_what_a_studio_may_set
    assert_in_delta 5, lesson([20.0] * 5).suggested
    assert_in_delta 1, lesson([1.0], key: "ribbon.billow_flat").suggested || 1
  end

  def test_a_job_far_from_the_others_is_named_and_still_counts
    told = lesson([1.2, 1.22, 1.25, 1.19, 1.21, 3.5])

    assert_equal [5], told.far.map(&:timed)
    assert_equal 6, told.counting.size
  end

  def test_a_job_left_out_does_not_count
    jobs = lesson([1.2] * 5).jobs
    out = Logbook::Job.new(timed: 9, rule: KEY, planned: 60.0, took: 600.0, how: "told", left_out: "the cat")
    told = Logbook::Lesson.new(KEY, [*jobs, out], HouseRules.default)

    assert_equal 5, told.counting.size
    assert_empty told.far
  end

  def test_once_accepted_it_teaches_nothing_more
    house = HouseRules.with(KEY => 0.74)
    jobs = [1.2, 1.25, 1.22, 1.24, 1.26].map do |ratio|
      Logbook::Timed.new(id: ratio, took: 60 * ratio, parts: [Logbook::Part.new(rule: KEY, base: 100)])
    end

    assert_equal "as_it_is", Logbook::Lesson.new(KEY, Logbook::Job.all(jobs, house), house).state
  end
end
