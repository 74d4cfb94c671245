# frozen_string_literal: true

require_relative "../../core_test"

class BuyingRulesTest < CoreTest
  def order_by(wanted_on, lead_days, today: "2026-11-19", **more)
    Catalogue.answer("buying.order_by", { "wanted_on" => wanted_on, "lead_days" => lead_days, "today" => today,
                                          **more.transform_keys(&:to_s) })
  end

  def test_ordered_so_long_before_that_it_comes_with_two_days_to_spare
    assert_equal ["2026-11-23", false], order_by("2026-11-28", 3).outputs.values_at(:order_by_on, :late)
  end

  def test_a_row_of_closed_days_is_stepped_over
    closed = %w[2026-11-21 2026-11-22 2026-11-23]

    assert_equal "2026-11-20", order_by("2026-11-28", 3, closed: closed)[:order_by_on]
  end

  def test_the_last_day_is_in_time_and_the_one_after_late
    refute order_by("2026-11-28", 3, today: "2026-11-23")[:late]
    assert order_by("2026-11-28", 3, today: "2026-11-24")[:late]
  end

  def test_counted_over_a_leap_day_and_the_turn_of_a_year
    assert_equal "2028-02-28", order_by("2028-03-02", 1)[:order_by_on]
    assert_equal "2027-02-27", order_by("2027-03-02", 1)[:order_by_on]
    assert_equal "2026-12-30", order_by("2027-01-04", 3)[:order_by_on]
  end

  def test_the_studio_sets_its_own_slack
    house = HouseRules.with("buying.slack_days" => 4)
    day = Catalogue.answer("buying.order_by", { "wanted_on" => "2026-11-28", "lead_days" => 3,
                                                "today" => "2026-11-19" }, house: house)

    assert_equal "2026-11-21", day[:order_by_on]
    assert_equal "2026-11-25", order_by("2026-11-28", 3, slack_days: 0)[:order_by_on]
  end

  def test_a_day_that_is_none_is_named
    error = assert_raises(InputError) { order_by("2026-02-30", 3) }

    assert_match(/Wanted on: “2026-02-30” is no day/, error.message)
    assert_raises(InputError) { order_by("2026-11-28", 3, closed: %w[yesterday!]) }
  end

  def make_or_buy(buy, **more)
    Catalogue.answer("buying.make_or_buy", { "buy_cents" => buy, "parts_cents" => 700, "minutes" => 30,
                                             "hourly_cents" => 3_000, **more.transform_keys(&:to_s) })
  end

  def test_made_where_it_costs_less_bought_where_it_costs_the_same
    assert_equal %w[make buy], [make_or_buy(2_201)[:cheaper], make_or_buy(2_200)[:cheaper]]
    assert_equal 2_200, make_or_buy(1)[:make_cents]
  end

  def test_drying_decides_whether_there_is_time
    assert make_or_buy(1, drying_minutes: 720, minutes_left: 750)[:in_time]
    late = make_or_buy(1, drying_minutes: 720, minutes_left: 749)

    refute late[:in_time]
    assert_match(/dry 1 minutes too late/, late.findings.first.message)
  end

  def substitutes(*items)
    named = items.map do |id, size, colour, kind|
      { "id" => id, "kind" => kind || "ornament", "size_mm" => size, "colour" => colour }
    end
    Catalogue.answer("buying.substitutes",
                     { "wanted" => { "kind" => "ornament", "size_mm" => 80, "colour" => "#6b2e4f" },
                       "items" => named })[:items]
  end

  def test_what_is_alike_best_first
    found = substitutes(["larger", 92, "#6b2e4f"], ["same", 80, "#6b2e4f"], ["redder", 80, "#7a2e48"])

    assert_equal(%w[same larger redder], found.map { |item| item[:id] })
    assert_in_delta 5.0, found[1][:score], 1e-9
    assert_in_delta ColourDifference.of("#6b2e4f", "#7a2e48"), found[2][:delta_e], 1e-9
  end

  def test_another_kind_size_or_colour_does_not_stand_in
    assert_empty substitutes(["pick", 80, "#6b2e4f", "pick"], ["large", 92.1, "#6b2e4f"], ["green", 80, "#2f5d4a"])
    assert_equal(%w[small], substitutes(["small", 68, "#6b2e4f"]).map { |item| item[:id] })
  end
end
