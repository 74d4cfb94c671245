# frozen_string_literal: true

require_relative "../../core_test"

class TreeWorkTest < CoreTest
  def minutes(**groups)
    plan(dressed(**groups))[:figures][:minutes][:value]
  end

  def steps(**groups)
    plan(dressed(**groups))[:sheets]["minutes"][:steps]
  end

  def test_the_steps_add_up_to_the_whole
    *parts, whole = steps

    assert_in_delta parts.sum { |step| step[:value] }, whole[:value]
    assert_in_delta whole[:value], minutes
  end

  def test_every_task_carries_the_house_rule_of_its_rate_and_a_step_of_the_bench
    told = plan(dressed(measure: { height_m: 3.4 }, foot: { kind: "skirt" }))

    tasks = told[:tasks]

    assert_in_delta told[:figures][:minutes][:value], tasks.sum { |task| task[:minutes] }, 1e-9
    assert_equal %w[minutes.bow minutes.fluff_full minutes.foot minutes.lights_per_100 minutes.ornament minutes.pick
                    minutes.step_back minutes.tuck], tasks.map { |task| task[:house_rule] }.sort
    assert_empty(tasks.map { |task| task[:step] } - told[:steps])
    assert(tasks.all? { |task| task[:high].positive? != (task[:step] == "step_back") })
  end

  def test_the_rule_of_a_task_moves_that_task_alone
    mine, plain = [{ "minutes.ornament" => 1.2 }, {}].map do |changes|
      tasks = plan(dressed, house: HouseRules.with(changes))[:tasks]
      tasks.to_h { |task| [task[:house_rule], task[:minutes]] }
    end

    assert_in_delta 2 * plain["minutes.ornament"], mine["minutes.ornament"]
    assert_equal plain.except("minutes.ornament"), mine.except("minutes.ornament")
  end

  def test_the_working_of_minutes_names_its_house_rules
    tall, short = [3.4, 1.5].map do |height|
      sheet = plan(dressed(measure: { height_m: height }))[:sheets]["minutes"]
      sheet[:house_rules].map { |rule| rule[:key] }
    end

    assert_equal ["minutes.high_share"], tall - short
    assert_includes short, "minutes.ornament"
  end

  def test_slimmer_trees_are_fluffed_faster
    of = ->(shape) { steps(measure: { height_m: 2.4, shape: shape }).first[:value] }

    assert_in_delta 10.0 / 7, of.call("classic") / of.call("slim")
    assert_in_delta 2.0, of.call("full") / of.call("pencil")
  end

  def test_bulbs_already_on_the_tree_take_no_time
    assert_in_delta 824 * 0.08, minutes - minutes(lights: { working_bulbs: 824 }), 12
    refute(steps(lights: { working_bulbs: 900 }).any? { |step| step[:says].start_with?("Lights") })
  end

  def test_only_what_lies_above_the_ladder_line_takes_longer
    high = ->(**groups) { steps(**groups).find { |step| step[:says].start_with?("Above the ladder") } }

    assert_nil high.call(measure: { height_m: 1.9 })
    refute_nil high.call(measure: { height_m: 1.9, riser_m: 0.3 })
    low, tall = [2.2, 3.4].map { |height| high.call(measure: { height_m: height })[:value] }

    assert_operator low, :<, tall
  end

  def test_each_way_of_ribbon_has_its_own_rate
    rate = ->(method, says) { steps(ribbon: { method: method }).find { |step| step[:says].start_with?(says) }[:value] }

    assert_in_delta 25 * 1.5, rate.call("tuck", "Tucked pieces")
    assert_in_delta 9 * 6, rate.call("cascade", "Cascades")
    assert_in_delta 9 * 4, rate.call("bows", "Bows")
    assert_operator rate.call("spiral", "Spiral"), :>, 6
    refute(steps(ribbon: { method: "none" },
                 crown: { kind: "star" }).any? { |step| step[:says].match?(/ribbon|bow|cascade/i) })
  end

  def test_nothing_at_the_foot_saves_its_minutes
    assert_in_delta 15, minutes - minutes(foot: { kind: "none" }), 1
  end
end
