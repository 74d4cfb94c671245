# frozen_string_literal: true

require_relative "../server_test"

class HouseRulesRoutesTest < ServerTest
  def constant(answer, key)
    answer["chapters"].flat_map { |chapter| chapter["constants"] }.find { |told| told["key"] == key }
  end

  def setup
    sign_in
  end

  def test_a_changed_rule_reaches_the_plans_of_this_studio_and_a_reset_takes_it_back
    changed = ask(:put, "/api/house-rules/ornaments.per_m2_balanced", { value: 40, was: 20 })

    assert_equal [40, 20, true], constant(changed, "ornaments.per_m2_balanced").values_at("value", "default", "changed")
    assert_equal 200, ask(:post, "/api/pieces/#{quay_tree['id']}/plan", {})["figures"]["ornaments"]["value"]
    ask(:delete, "/api/house-rules/ornaments.per_m2_balanced")

    assert_equal 100, ask(:post, "/api/pieces/#{quay_tree['id']}/plan", {})["figures"]["ornaments"]["value"]
  end

  def test_what_is_said_beside_a_dial_follows_the_studios_rule_and_its_units
    said = -> { ask(:get, "/api/hints")["hints"]["survey/place/walkway_m"] }

    assert_equal "At least 76 cm must stay to pass", said.call
    ask(:put, "/api/house-rules/tree.walkway", { value: 0.9144, was: 0.76 })
    ask(:patch, "/api/studio", { version: 1, units: "imperial" })

    assert_equal "At least 3 ft must stay to pass", said.call
  end

  def test_a_change_made_on_an_old_value_gets_both_and_saves_nothing
    ask(:put, "/api/house-rules/tree.tip_gap", { value: 0.25, was: 0.2 })
    stale = ask(:put, "/api/house-rules/tree.tip_gap", { value: 0.3, was: 0.2 }, status: 409)

    assert_equal [{ "value" => 0.25 }, { "value" => 0.3 }], stale.values_at("current", "yours")
    assert_in_delta 0.25, constant(ask(:get, "/api/house-rules"), "tree.tip_gap")["value"]
  end

  def test_a_value_out_of_range_or_a_rule_that_is_none_is_refused
    assert_includes ask(:put, "/api/house-rules/tree.tip_gap", { value: 9, was: 0.2 }, status: 422)["detail"],
                    "0.05 to 0.6"
    ask(:put, "/api/house-rules/tree.smell", { value: 1, was: 1 }, status: 404)
  end

  def test_an_assistant_reads_but_does_not_change
    as(ASSISTANT) do
      ask(:get, "/api/house-rules")
      ask(:put, "/api/house-rules/tree.tip_gap", { value: 0.25, was: 0.2 }, status: 403)
      ask(:delete, "/api/house-rules/tree.tip_gap", status: 403)
    end
  end

  def test_a_trial_shows_the_effect_and_stores_nothing
    figures = ask(:post, "/api/house-rules/trial", { changes: { "lights.per_m2_classic" => 330 } })["figures"]
    bulbs = figures.find { |figure| figure["name"] == "bulbs" }

    assert_in_delta 2 * bulbs["before"], bulbs["after"], 1
    refute constant(ask(:get, "/api/house-rules"), "lights.per_m2_classic")["changed"]
    ask(:post, "/api/house-rules/trial", { changes: { "lights.per_m2_classic" => -1 } }, status: 422)
  end
end
