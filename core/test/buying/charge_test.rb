# frozen_string_literal: true

require_relative "../core_test"

class OverSeasonsTest < CoreTest
  DEAR = { name: "Glass", price_cents: 4800, pack_size: 4, seasons_expected: 10 }.freeze
  CHEAP = { name: "Foil", price_cents: 1200, pack_size: 4, seasons_expected: 2 }.freeze

  def advice(thing, *others)
    Buying::OverSeasons.of(thing, others)&.message
  end

  def test_a_dear_base_that_lasts_beats_a_cheap_one
    assert_match(/Foil costs 3.00 each and 1.50 a season. Glass costs 12.00 each, and 1.20 a season/,
                 advice({ **CHEAP, role: "base" }, DEAR))
    assert_nil advice({ **DEAR, role: "base" }, CHEAP)
  end

  def test_of_what_changes_every_year_the_price_now_counts
    assert_match(/Foil would do for 3.00 instead of 12.00 each/, advice({ **DEAR, role: "change" }, CHEAP))
    assert_nil advice({ **CHEAP, role: "change" }, DEAR)
  end

  def test_nothing_is_said_of_what_is_not_known
    assert_nil advice({ **CHEAP, price_cents: nil }, DEAR)
    assert_nil advice({ **CHEAP, seasons_expected: nil }, DEAR)
    assert_nil advice(CHEAP, { **DEAR, seasons_expected: nil }, { **DEAR, price_cents: nil })
  end
end

class ChargeTest < CoreTest
  def test_work_is_priced_by_the_whole_minutes_that_are_told
    assert_equal Buying::Charge.work(811, 3600), Buying::Charge.work(810.5, 3600)
    assert_equal 48_600, Buying::Charge.work(810.4, 3600)
  end

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
