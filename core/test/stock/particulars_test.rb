# frozen_string_literal: true

require_relative "../core_test"

# What is known of things, how they wear, and the room they take.
class ParticularsTest < CoreTest
  def faults(kind, given)
    Stock::Particulars.check(kind, given)
    []
  rescue InputError => e
    e.faults.map { |fault| [fault.path.first, fault.code] }
  end

  def test_each_kind_is_asked_what_matters_to_it_and_refuses_the_rest
    assert_empty faults("ribbon", { "drape" => "supple" })
    assert_equal [%w[drape unknown]], faults("light", { "drape" => "supple" })
    assert_equal [%w[dead_percent unknown]], faults("ornament", { "dead_percent" => 3 })
    Style::KINDS.each { |kind| assert_empty faults(kind, {}), kind }
    assert_equal Stock::Particulars::INPUTS.map(&:name), Stock::Particulars.check("tool", {}).keys
  end

  def test_days_are_days_and_what_may_go_back_says_until_when
    assert_equal [%w[bought_on not_a_day]], faults("pick", { "bought_on" => "2026-02-30" })
    assert_equal [%w[decide_by not_a_day]], faults("pick", { "decide_by" => "soon" })
    assert_equal [%w[decide_by decide_by_missing]], faults("pick", { "tag" => "may_go_back" })
    assert_empty faults("pick", { "tag" => "may_go_back", "decide_by" => "2026-12-05" })
  end

  def wear(**given)
    Stock::Wear.new(season: 2026, **given)
  end

  def test_cost_per_season_is_by_what_it_should_last_until_it_lasted_longer
    bought = Date.new(2023, 11, 18)

    assert_equal 50, wear(price_cents: 1200, pack_size: 6, bought_on: bought).cost_cents
    assert_equal 33, wear(price_cents: 1200, pack_size: 6, bought_on: bought, expected: 6).cost_cents
    assert_equal 50, wear(price_cents: 1200, pack_size: 6, bought_on: bought, expected: 2).cost_cents
    assert_nil wear(bought_on: bought).cost_cents
    assert_nil wear(price_cents: 1200).cost_cents
    assert_equal([[2023, 200], [2024, 100], [2025, 67], [2026, 50], [2027, 40]],
                 wear(price_cents: 1200, pack_size: 6, bought_on: bought, expected: 5)
                   .by_season.map { |one| one.values_at(:year, :cents) })
  end

  def test_what_is_bought_in_january_belongs_to_the_season_before
    assert_equal 2025, Stock::Wear.season_of(Date.new(2026, 1, 9))
    assert_equal 2, wear(bought_on: Date.new(2026, 1, 9)).used
  end

  def test_another_one_is_due_by_age_or_by_dead_bulbs
    refute_predicate wear(bought_on: Date.new(2023, 11, 1), expected: 6), :due?
    assert_predicate wear(bought_on: Date.new(2021, 11, 1), expected: 6), :due?
    assert_predicate wear(dead_percent: 25), :due?
    refute_predicate wear(dead_percent: 24.9), :due?
    assert_predicate wear(dead_percent: 10, house: HouseRules.with("stock.dead_percent" => 10)), :due?
    refute_predicate wear, :due?
  end

  def test_litres_and_kilograms_are_those_measured_else_those_of_the_kind
    assert_in_delta 7, Stock::Bulk.litres({ kind: "decor", litres: 7 })
    assert_in_delta 0.216, Stock::Bulk.litres({ kind: "ornament", diameter_mm: 60 })
    assert_in_delta 1.8 * 0.04 * 0.3 * 1000, Stock::Bulk.litres({ kind: "garland", length_m: 1.8, loft_m: 0.2 })
    assert_in_delta 0.09 * 0.12 * 1000, Stock::Bulk.litres({ kind: "wreath", across_m: 0.3 })
    Style::KINDS.each { |kind| assert_operator Stock::Bulk.litres({ kind: kind }), :>, 0, kind }
    assert_in_delta 0.4, Stock::Bulk.kilograms({ kind: "decor" })
    assert_in_delta 0.062, Stock::Bulk.kilograms({ kind: "ornament", diameter_mm: 100, mass_g: 62 })
  end

  def test_years_without_a_keepsake_are_missing_up_to_this_season
    assert_equal [2020, 2023], Stock::KeepsakeYears.missing([2019, 2021, 2022], 2023)
    assert_empty Stock::KeepsakeYears.missing([2023], 2023)
    assert_empty Stock::KeepsakeYears.missing([nil], 2023)
    assert_operator Stock::KeepsakeYears.missing([1800], 2023).size, :<=, Stock::KeepsakeYears::MOST
  end

  def test_the_sweep_asks_what_matters_to_the_thing
    asked = lambda do |boxes = [], owner: nil, **thing|
      Stock::Sweep.questions({ kind: "pick", parts: [], **thing }, boxes, owner: owner).map { |one| one[:id] }
    end

    assert_empty asked.call
    assert_equal %w[keepsake], asked.call(keepsake_of: "Corin Aske")
    assert_equal ["owner", "inside", "parts", "belongs", "box 3", "box 9"],
                 asked.call([3, 9], owner: "Corin Aske", kind: "tree", parts: %w[stand], belongs_with: "the basket")
  end
end
