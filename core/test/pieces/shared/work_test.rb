# frozen_string_literal: true

require_relative "../../core_test"

class WorkTest < CoreTest
  HOUSE = HouseRules.default

  def work(high: 0)
    Work.new(HOUSE, high: high).tap do |work|
      work.add("ornaments", "Ornaments", 100, "minutes.ornament")
      work.add("picks", "Picks", 0, "minutes.pick")
      work.add("step_back", "Step back and mend", 1, "minutes.step_back", high: 0)
    end
  end

  def test_what_comes_to_nothing_is_no_task
    assert_equal %w[Ornaments] + ["Step back and mend"], work.tasks.map(&:title)
  end

  def test_minutes_are_the_sum_of_all_tasks
    assert_in_delta 70, work.minutes
    assert_in_delta 70 + (60 * 0.2 * HOUSE["minutes.high_share"]), work(high: 0.2).minutes
  end

  def test_the_sheet_tells_every_task_and_sums_up_to_the_same
    *parts, all = work(high: 0.5).sheet[:steps]

    assert_equal(["100 × 0.6", "1 × 10", "0.5 × 60 × 0.15"], parts.map { |step| step[:sum] })
    assert_in_delta work(high: 0.5).minutes, all[:value]
    assert_in_delta all[:value], parts.sum { |step| step[:value] }, 1e-9
  end

  def test_the_sheet_names_the_house_rules_it_used_each_once
    assert_equal(%w[minutes.ornament minutes.step_back], work.sheet[:house_rules].map { |rule| rule[:key] })
    assert_includes work(high: 0.1).sheet[:house_rules].map { |rule| rule[:key] }, "minutes.high_share"
  end

  def test_from_the_floor_a_task_takes_no_more_than_its_rate
    PropCheck.forall(PropCheck::Generators.choose(1..500), PropCheck::Generators.choose(0..100)) do |count, high|
      task = Task.new(step: "picks", title: "Picks", house_rule: "minutes.pick", count: count, rate: 0.5,
                      high: high / 100.0, more: 0.15)

      assert_in_delta count * 0.5, task.flat_minutes
      assert_operator task.minutes, :>=, task.flat_minutes
      assert_operator task.minutes, :<=, (task.flat_minutes * 1.15) + 1e-9
    end
  end
end
