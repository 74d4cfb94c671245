# frozen_string_literal: true

require_relative "../../core_test"

class BuyingPacksTest < CoreTest
  def buy(need, *packs)
    Catalogue.answer("buying.packs", { "need" => need, "packs" => packs.map { |pack| pack.transform_keys(&:to_s) } })
  end

  # Every way there is, one after the other.
  def by_force(need, packs)
    most = packs.map { |pack| [(need / pack[:size].to_f).ceil, pack[:available] || 99].min }
    ways = most.map { |count| (0..count).to_a }.then { |first, *rest| first.product(*rest) }
    told = ways.map { |counts| [cents(counts, packs), sum(counts, packs), counts.sum] }
    told.select { |_, size, _| size >= need }.min
  end

  def cents(counts, packs)
    counts.zip(packs).sum { |count, pack| count * pack[:price_cents] }
  end

  def sum(counts, packs)
    counts.zip(packs).sum { |count, pack| count * pack[:size] }
  end

  def test_no_way_of_all_there_are_is_better
    chance = Random.new(26)
    150.times do
      packs = Array.new(chance.rand(1..3)) do
        { size: chance.rand(1..9), price_cents: chance.rand(1..12) * 25,
          available: chance.rand < 0.5 ? nil : chance.rand(0..4) }
      end
      need = chance.rand(1..40)
      bought = buy(need, *packs)
      best = by_force(need, packs) or next refute(bought[:enough])

      assert_equal best, [bought[:total_cents], need + bought[:over], bought[:counts].sum], "#{need} of #{packs}"
    end
  end

  def test_a_large_need_is_as_exact_as_a_small_one
    packs = [{ size: 7, price_cents: 500 }, { size: 3, price_cents: 230 }, { size: 10, price_cents: 690, available: 4 }]
    small = buy(145, *packs)
    large = buy(145 + 70_000, *packs)

    assert_equal([10_000, 0, 0], large[:counts].zip(small[:counts]).map { |more, few| more - few })
  end

  def test_at_the_same_price_the_least_is_left_over_then_the_fewest_packs_are_carried
    assert_equal [0, 1], buy(6, { size: 9, price_cents: 400 }, { size: 7, price_cents: 400 })[:counts]
    assert_equal [0, 2], buy(6, { size: 8, price_cents: 400 }, { size: 3, price_cents: 200 })[:counts]
    assert_equal [0, 1], buy(6, { size: 3, price_cents: 200 }, { size: 6, price_cents: 400 })[:counts]
  end

  def test_what_is_not_enough_is_told_and_all_of_it_taken
    bought = buy(20, { size: 6, price_cents: 100, available: 2 })

    assert_equal [[2], 200, 0, false], bought.outputs.values_at(:counts, :total_cents, :over, :enough)
    assert_match(/all packs there are do not come to what is needed/, bought.findings.first.message)
  end

  def test_rolls_are_packs_of_metres
    assert_equal [[3], 2.57], buy(27.43, { size: 10, price_cents: 780 }).outputs.values_at(:counts, :over)
  end

  def test_packs_nobody_could_compare_are_refused
    error = assert_raises(InputError) do
      buy(90_000, { size: 9.14, price_cents: 1, available: 90_000 }, { size: 7.77, price_cents: 1, available: 90_000 })
    end

    assert_match(/cannot be reckoned/, error.message)
  end
end
