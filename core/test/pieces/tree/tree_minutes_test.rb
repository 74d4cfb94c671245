# frozen_string_literal: true

require_relative "../../core_test"

class TreeMinutesTest < CoreTest
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
