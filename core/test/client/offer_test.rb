# frozen_string_literal: true

require_relative "../core_test"

class OfferTest < CoreTest
  TOLD = { materials_cents: 4000, stock_cents: 60_000, minutes: 810.4, down_minutes: 320, boxes: 2 }.freeze
  TERMS = { hourly_cents: 3600, mark_up_percent: 20, tax_percent: 20, store_percent: 25, storage_cents: 900,
            discount_percent: 10, deposit_percent: 30 }.freeze

  def test_each_line_is_what_its_figures_say
    told = Client::Offer.of(TOLD, TERMS)

    assert_equal({ "bought" => 4800, "store" => 15_000, "dressing" => 48_600, "taking_down" => 19_200,
                   "storage" => 1800 }, told[:lines].to_h { |line| line.values_at(:key, :cents) })
    assert_equal 810, told[:lines].find { |line| line[:key] == "dressing" }[:minutes]
    assert_equal [8940, 16_092, 96_552, 28_966, 67_586],
                 told.values_at(:discount_cents, :tax_cents, :total_cents, :deposit_cents, :balance_cents)
  end

  def test_what_comes_to_nothing_is_no_line
    told = Client::Offer.of({ **TOLD, boxes: 0, stock_cents: 0 }, TERMS)

    assert_equal(%w[bought dressing taking_down], told[:lines].map { |line| line[:key] })
  end

  def test_it_adds_up_to_the_cent_whatever_is_asked
    chance = Random.new(11)
    200.times do
      told = Client::Offer.of(TOLD.transform_values { chance.rand(0..99_999) },
                              TERMS.transform_values { chance.rand(0..700) / 7.0 }
                                   .merge(hourly_cents: chance.rand(0..9999), storage_cents: chance.rand(0..999)))
      sum = told[:lines].sum { |line| line[:cents] }

      assert_equal told[:total_cents], sum - told[:discount_cents] + told[:tax_cents]
      assert_equal told[:total_cents], told[:deposit_cents] + told[:balance_cents]
    end
  end

  def test_another_version_counts_only_what_is_more_or_less_of_it
    told = Client::Offer.counted(TOLD, [{ minutes: -60, stock_cents: -5000 }, { minutes: 10, materials_cents: 300 }])

    assert_equal({ materials_cents: 4300, stock_cents: 55_000, minutes: 760.4, down_minutes: 320, boxes: 2 }, told)
    assert_equal 0, Client::Offer.counted(TOLD, [{ minutes: -900 }])[:minutes]
  end
end
