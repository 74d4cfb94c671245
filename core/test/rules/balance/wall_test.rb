# frozen_string_literal: true

require_relative "../../core_test"

# What a whole wall weighs to the left and to the right.
class WallBalanceTest < CoreTest
  def balance(*items, width: 4.0)
    answer("balance.wall",
           width_m: width, items: items.map { |at, area, light| { at_m: at, area_m2: area, lightness: light } })
  end

  def test_even_one_sided_leaning
    { 2.1 => %w[even even], 2.3 => %w[one_sided right], 3.2 => %w[leaning right],
      1.6 => %w[one_sided left], 0.5 => %w[leaning left] }.each do |at, told|
      assert_equal told, balance([at, 1.0, 40]).outputs.values_at(:verdict, :side), at.to_s
    end
    assert_equal [0.0, "even"], balance.outputs.values_at(:value, :verdict)
    assert_equal ["wall_leaning"], codes(balance([3.5, 1.0, 40]))
  end

  def test_mirrored_rooms_give_mirrored_balance_and_order_never_matters
    chance = Random.new(4)
    40.times do
      items = Array.new(5) { [chance.rand * 4, 0.1 + chance.rand, chance.rand(100)] }
      told = balance(*items)[:value]

      assert_in_delta told, -balance(*items.map { |at, *rest| [4.0 - at, *rest] })[:value], 1e-9
      assert_in_delta told, balance(*items.shuffle(random: chance))[:value], 1e-9
      assert_operator told.abs, :<=, 1
    end
  end
end
