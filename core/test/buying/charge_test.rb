# frozen_string_literal: true

require_relative "../core_test"

class ChargeTest < CoreTest
  def test_each_part_is_whole_cents_and_the_total_their_sum
    chance = Random.new(11)
    80.times do
      told = Buying::Charge.of({ materials_cents: chance.rand(0..90_000), minutes: chance.rand(0..4000) / 3.0 },
                               hourly_cents: chance.rand(0..9_999), mark_up_percent: chance.rand(0..300) / 7.0,
                               tax_percent: chance.rand(0..25))

      assert(told.values.all?(Integer))
      assert_equal told[:total_cents], told.except(:total_cents).values.sum
    end
  end

  def test_a_tenth_of_a_per_cent_counts
    told = Buying::Charge.of({ materials_cents: 10_000, minutes: 0 }, hourly_cents: 1, mark_up_percent: 7.7,
                                                                      tax_percent: 0)

    assert_equal 770, told[:mark_up_cents]
  end
end
