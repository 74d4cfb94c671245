# frozen_string_literal: true

require_relative "../core_test"

class RecipeTest < CoreTest
  def recipe(**changed)
    Stock::Recipe.new(batch: 4, active_minutes: 40, drying_minutes: 0, **changed)
  end

  DAY = Date.new(2026, 11, 28)

  def test_batches_come_to_at_least_what_is_wanted
    assert_equal([1, 1, 2, 3], [1, 4, 4.5, 12].map { |count| recipe.batches(count) })
  end

  def test_what_dries_overnight_is_begun_the_day_before
    assert_equal DAY, recipe.start_by(DAY, 4)
    assert_equal DAY - 1, recipe(drying_minutes: 720).start_by(DAY, 4)
    assert_equal DAY - 2, recipe(drying_minutes: 1441).start_by(DAY, 4)
  end

  def test_more_than_half_a_day_of_work_is_begun_earlier
    assert_equal DAY, recipe.start_by(DAY, 24)
    assert_equal DAY - 1, recipe.start_by(DAY, 25)
    assert_equal DAY - 3, recipe(house: HouseRules.with("stock.making_minutes" => 60)).start_by(DAY, 24)
  end

  def test_cost_and_what_can_be_made_come_of_the_materials
    materials = [{ quantity: 3.2, price_cents: 1180, pack_size: 9, on_hand: 7.4 },
                 { quantity: 0.5, price_cents: 340, pack_size: 1, on_hand: 5 }]

    assert_equal [147, 2], [recipe(materials: materials).cost_cents, recipe(materials: materials).possible]
    assert_nil recipe(materials: [{ **materials[0], price_cents: nil }]).cost_cents
    assert_equal [nil, nil], [recipe.cost_cents, recipe.possible]
  end
end
