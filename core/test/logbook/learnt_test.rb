# frozen_string_literal: true

require_relative "../core_test"

# Which house rules the log may correct.
class LearntTest < CoreTest
  def test_work_is_told_in_minutes_and_what_is_used_in_its_own_unit
    assert_equal "minutes", Logbook::Learnt.quantity("minutes.ornament")
    assert_equal "each", Logbook::Learnt.per("minutes.ornament")
    assert_equal "per ft", Logbook::Learnt.per("minutes.fluff_slim")
    assert_equal "", Logbook::Learnt.per("minutes.foot")
    assert_equal "m", Logbook::Learnt.quantity("ribbon.billow_full")
    assert_equal "pieces", Logbook::Learnt.quantity("ornaments.per_m2_airy")
    assert_equal "bulbs", Logbook::Learnt.quantity("lights.per_m2_soft")
  end

  def test_waits_ways_and_shares_are_no_work
    %w[minutes.hook_wait minutes.crossing minutes.high_share minutes.twice tree.tip_gap log.least_jobs].each do |key|
      refute Logbook::Learnt.learnt?(key), key
    end
    assert Logbook::Learnt.learnt?("minutes.clean_up")
  end

  def test_all_of_them_are_house_rules
    assert_empty Logbook::Learnt.keys - HouseRules::CONSTANTS.keys
    refute_includes Logbook::Learnt.keys.map { |key| Logbook::Learnt.per(key) }, nil
  end
end
