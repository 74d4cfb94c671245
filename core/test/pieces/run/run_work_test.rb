# frozen_string_literal: true

require_relative "../../core_test"

class RunWorkTest < CoreTest
  FIR = Style.new(id: "fir", kind: "garland", name: "Fir garland", length_m: 1.8, loft_m: 0.2, mass_g: 900, on_hand: 4,
                  texture: "needle")
  LEAF = Style.new(id: "leaf", kind: "stem", name: "Leaf spray", rise_m: 0.3, spread_m: 0.3, mass_g: 40, on_hand: 12)
  CONE = Style.new(id: "cone", kind: "ornament", name: "Cone", diameter_mm: 80, mass_g: 60, on_hand: 9)
  PLACE = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 3.4, right_m: 3.4, width_m: 5.0))
  BODY = { bodies: [{ style: "fir" }] }.freeze

  def told(house: HouseRules.default, survey: {}, **groups)
    settings = { survey: { length_m: 2.0, depth_m: 0.2, height_m: 1.2, **survey }, body: BODY, **groups }
    RunPlan.new(settings: JSON.parse(JSON.generate(settings)), surroundings: PLACE, styles: [FIR, LEAF, CONE],
                house: house).call
  end

  def tasks(**rest)
    told(**rest)[:tasks].to_h { |task| [task[:title], task] }
  end

  def test_all_tasks_together_are_the_minutes_and_belong_to_a_step
    plan = told(rise_and_trail: { stems: [{ style: "leaf", count: 6 }] }, accents: { accents: [{ style: "cone",
                                                                                                 count: 3 }] })

    assert_in_delta plan[:figures][:minutes][:value], plan[:tasks].sum { |task| task[:minutes] }, 1e-9
    assert_empty(plan[:tasks].map { |task| task[:step] } - plan[:steps])
    assert_equal plan[:sheets]["minutes"][:steps].last[:value], plan[:figures][:minutes][:value]
  end

  def test_each_is_as_many_as_there_are_at_its_own_rate
    done = tasks(rise_and_trail: { stems: [{ style: "leaf", count: 6 }] }, accents: { accents: [{ style: "cone",
                                                                                                  count: 3 }] })
    house = HouseRules.default

    assert_equal ["minutes.garland_layer", 6], done["Stems layered in"].values_at(:house_rule, :count)
    assert_in_delta 6 * house["minutes.garland_layer"], done["Stems layered in"][:minutes]
    assert_equal ["minutes.ornament", 3], done["Accents"].values_at(:house_rule, :count)
    assert_in_delta done["Garland hung"][:count] * house["minutes.garland_hang"],
                    done["Garland hung"][:minutes]
  end

  def test_what_was_not_fluffed_is_not_fluffed
    fluffed, pressed = [true, false].map { |said| tasks(body: { bodies: [{ style: "fir", fluffed: said }] }) }

    assert fluffed.key?("Garland fluffed")
    refute pressed.key?("Garland fluffed")
  end

  def test_ribbon_takes_the_time_of_its_way
    { "none" => nil, "weave" => "minutes.tuck", "loops" => "minutes.tuck", "bows" => "minutes.bow" }
      .each do |method, rule|
      task = tasks(ribbon: { method: method }, body: { bodies: [{ style: "fir" }, { style: "fir" }] })["Ribbon"]
      rule.nil? ? assert_nil(task, method) : assert_equal(rule, task&.fetch(:house_rule), method)
    end
  end

  def test_above_the_ladder_line_all_of_it_takes_longer_but_the_look_from_the_door
    low, high = [1.2, 2.3].map { |height| tasks(survey: { height_m: height, kind: "ledge" }) }
    more = HouseRules.default["minutes.high_share"]

    low.each_key.reject { |title| title == "Step back and mend" }.each do |title|
      assert_in_delta low[title][:minutes] * (1 + more), high[title][:minutes], 1e-9, title
    end
    assert_equal low["Step back and mend"], high["Step back and mend"]
  end

  def test_a_house_rule_moves_its_own_tasks_alone
    mine = tasks(house: HouseRules.with("minutes.garland_hang" => 10))
    plain = tasks

    assert_in_delta 2 * plain["Garland hung"][:minutes], mine["Garland hung"][:minutes]
    assert_equal plain.except("Garland hung"), mine.except("Garland hung")
  end
end
