# frozen_string_literal: true

require_relative "core_test"

class HouseRulesTest < CoreTest
  def test_every_constant_is_told_in_full_and_lies_in_its_range
    HouseRules::CONSTANTS.each_value do |constant|
      assert_includes constant.low..constant.high, constant.value, constant.key
      [constant.title, constant.why, constant.unit].each { |text| refute_empty text.to_s, constant.key }
    end
  end

  def test_a_change_is_laid_over_the_default_only
    house = HouseRules.with("lights.per_m2_classic" => 200)

    assert_equal 200, house["lights.per_m2_classic"]
    assert_equal 85, house["lights.per_m2_soft"]
    assert_equal 165, HouseRules.default["lights.per_m2_classic"]
  end

  def test_what_cannot_be_is_refused_by_name
    unknown = assert_raises(HouseRuleError) { HouseRules.with("lights.hum" => 1) }
    absurd = assert_raises(HouseRuleError) { HouseRules.with("tree.tip_gap" => 9) }

    assert_equal :house_rule_unknown, unknown.code
    assert_includes absurd.message, "Free above the tip"
  end

  def test_a_misspelt_key_is_our_own_bug
    assert_raises(KeyError) { HouseRules.default["tree.tipgap"] }
  end
end
