# frozen_string_literal: true

require_relative "../core_test"

class StepCautionTest < CoreTest
  def told(key, high: false) = Days::HomeSteps::Told.new(key: key, high: high)

  def caution(key, high: false, units: "metric")
    Days::StepCaution.of_step(told(key, high: high), house: HouseRules.default, units: units)&.code
  end

  def test_a_ladder_comes_before_anything_else
    assert_equal "ladder", caution("lights", high: true)
    assert_equal "test_lights", caution("lights")
    assert_equal "run_hooks", caution("anchors")
    assert_nil caution("ornaments")
  end

  def test_heights_are_told_in_the_persons_units
    told = told("crown", high: true)

    assert_includes Days::StepCaution.of_step(told, house: HouseRules.default, units: "imperial").message, "6 ft 7 in"
    assert_includes Days::StepCaution.of_breakable(1.2192, units: "imperial").message, "4 ft"
  end
end
