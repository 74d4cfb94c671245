# frozen_string_literal: true

require_relative "../core_test"

# What the ticks of a home tell of the minutes of the house.
class FromTicksTest < CoreTest
  DAY = Time.utc(2026, 11, 28)
  HOUSE = HouseRules.default

  def task(step, rule, count, high: 0)
    Task.new(step: step, title: step, house_rule: "minutes.#{rule}", count: count, rate: HOUSE["minutes.#{rule}"],
             high: high, more: HOUSE["minutes.high_share"]).to_h
  end

  TASKS = [["ornaments", "ornament", 100], ["picks", "pick", 40], ["foot", "foot", 1]].freeze

  def rooms(tasks) = [{ id: "snug", name: "Snug", pieces: [{ id: "tree", name: "Tree", kind: "tree", tasks: tasks }] }]

  def steps(tasks) = Days::HomeSteps.new("house", rooms(tasks), house: HOUSE, order: "arrival").all

  def up(minute, step, by: "Bram")
    Days::Act.new(key: "#{minute} #{step} #{by}", kind: "up", step: step, by: by, at: DAY + (minute * 60),
                  minute: minute)
  end

  def told(*visits, tasks: TASKS.map { |one| task(*one) }, done: nil, paces: {})
    held = visits.each_with_index.map do |acts, i|
      Logbook::FromTicks::Held.new(id: "visit #{i}", from_min: 540, lunch: nil, acts: acts.sort_by(&:at))
    end
    all = steps(tasks)
    known = { visits: held, done: done || all.map { |one| one.step.id }, paces: paces, tasks: { "tree" => tasks } }
    Logbook::FromTicks.new(all, known, house: HOUSE).told
  end

  def summed_up(*visits, **more) = told(*visits, **more).map { |one| [one.steps, one.minutes.round(3)] }

  def test_each_step_is_told_with_its_work
    one, two = told([up(614, "tree/ornaments"), up(635, "tree/picks")])

    assert_equal [["tree/ornaments"], 74.0, "visit 0", ["Bram"]], [one.steps, one.minutes, one.visit, one.by]
    assert_equal([["minutes.ornament", 100, 0]], one.parts.map { |part| part.to_h.values })
    assert_equal [["tree/picks"], 21.0], [two.steps, two.minutes]
  end

  def test_what_is_not_done_tells_nothing
    assert_equal [[["tree/picks"], 21.0]],
                 summed_up([up(614, "tree/ornaments"), up(635, "tree/picks")], done: ["tree/picks"])
  end

  def test_what_was_ticked_in_one_go_is_told_together
    assert_equal [[["tree/ornaments", "tree/picks"], 95.0]],
                 summed_up([up(634, "tree/ornaments"), up(635, "tree/picks")])
  end

  def test_so_is_what_was_ticked_first_in_one_go
    assert_equal([["tree/foot", "tree/picks"]],
                 told([up(541, "tree/foot"), up(600, "tree/picks")]).map { |one| one.steps.sort })
  end

  def test_work_on_two_days_is_one_job_of_the_later
    all = told([up(560, "tree/ornaments")], [up(590, "tree/ornaments")])

    assert_equal [["tree/ornaments"]], all.map(&:steps)
    assert_in_delta 70, all.first.minutes
    assert_equal "visit 1", all.first.visit
  end

  def test_two_who_tick_side_by_side_both_worked
    assert_in_delta 140, told([up(610, "tree/ornaments"), up(610, "tree/ornaments", by: "Ida")]).first.minutes
  end

  def test_what_two_do_on_the_ladder_took_as_long_as_it_took
    tasks = [task("ornaments", "ornament", 100, high: 1)]
    all = told([up(609, "tree/ornaments"), up(609, "tree/ornaments", by: "Ida")], tasks: tasks)

    assert_in_delta 69, all.first.minutes
    assert_equal 1, all.first.parts.first.high
  end

  def test_a_hoop_is_told_by_the_hands_of_both
    tasks = [task("hang", "wreath_hoop", 1)]

    assert_in_delta 40, told([up(560, "tree/hang")], tasks: tasks).first.minutes
  end

  def test_a_room_has_rules_of_its_own
    all = told([up(580, "snug/clear"), up(605, "snug/lay_out"), up(630, "snug/clean_up")],
               tasks: [*TASKS.map { |one| task(*one) }, task("foot", "snow", 1)])

    assert_equal([["minutes.clear_room"], ["minutes.lay_out"], %w[minutes.clean_up minutes.shedding]],
                 all.map { |one| one.parts.map(&:rule) })
    assert_equal [40.0, 25.0, 25.0], all.map(&:minutes)
  end

  def test_steps_that_are_gone_from_the_plan_tell_nothing
    assert_empty told([up(580, "other/foot")])
  end
end
