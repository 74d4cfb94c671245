# frozen_string_literal: true

require_relative "../core_test"

class BuyingTest < CoreTest
  TODAY = Date.new(2026, 11, 19)
  DAYS = Buying::OrderDays.new(today: TODAY)

  def claim(id, wanted, first = nil, last = nil)
    Stock::Claim.new(id: id, wanted: wanted, first_day: first, last_day: last)
  end

  def test_of_pieces_whose_dates_overlap_all_that_each_lacks_is_bought
    claims = [claim("tree", 8, 1, 9), claim("swag", 3, 5, 20), claim("door", 6, 9, 12)]
    shares = Stock::Reservation.of(7, claims)
    lacking = claims.sum { |one| one.wanted - shares.fetch(one.id).held }

    assert_equal lacking, Buying::Gathering.to_buy(claims, on_hand: 7)
  end

  def test_one_after_the_other_uses_the_same
    assert_equal 5, Buying::Gathering.to_buy([claim("a", 5, 1, 3), claim("b", 4, 4, 8)], on_hand: 0)
    assert_equal 0, Buying::Gathering.to_buy([], on_hand: 2)
    assert_equal 3, Buying::Gathering.to_buy([claim("a", 5, 1, 3)], on_hand: 4, spare: 2)
  end

  # Bought that much, first come first served leaves nobody short; with one less somebody is.
  def test_it_is_the_least_that_leaves_nobody_short
    chance = Random.new(7)
    200.times do
      claims = Array.new(chance.rand(1..6)) do |i|
        first = chance.rand(1..12)
        claim(i, chance.rand(0..6), chance.rand < 0.1 ? nil : first,
              chance.rand < 0.1 ? nil : first + chance.rand(0..6))
      end
      there = chance.rand(0..8)
      more = Buying::Gathering.to_buy(claims, on_hand: there)

      assert_predicate short(claims, there + more), :empty?
      refute_predicate short(claims, there + more - 1), :empty? if more.positive?
    end
  end

  def short(claims, there)
    shares = Stock::Reservation.of(there, claims)
    claims.select { |one| shares.fetch(one.id).held < one.wanted }
  end

  def test_cents_are_split_without_losing_any
    split = Buying::Gathering.split(1001, { "hall" => 1, "snug" => 1, "long room" => 1 })

    assert_equal [334, 334, 333], split.values
  end

  def shop(**more)
    Buying::Supplier.new(id: "shop", name: "Halyard Trimmings", **more)
  end

  def test_what_is_ordered_on_a_closed_day_goes_out_on_the_next_open_one
    sundays = shop(lead_days: 3, closed_weekdays: [7], closed_on: [Date.new(2026, 11, 23)])

    assert_equal Date.new(2026, 11, 27), sundays.arrives(Date.new(2026, 11, 22))
    assert_equal Date.new(2028, 2, 29), shop(lead_days: 1).arrives(Date.new(2028, 2, 28))
  end

  def test_a_shop_is_ordered_at_before_its_closed_days
    sundays = shop(lead_days: 4, closed_weekdays: [6, 7])

    assert_equal "2026-11-20", sundays.order_by(Date.new(2026, 11, 28), today: TODAY)[:order_by_on]
  end

  def quote(need, packs, **more)
    Buying::Quote.new(need, shop(**more), packs, wanted_on: Date.new(2026, 11, 28), days: DAYS)
  end

  def test_a_quote_is_packs_price_and_days
    told = quote(6, [{ size: 4, price_cents: 1480 }], lead_days: 8).to_h

    assert_equal({ supplier: "shop", packs: [{ size: 4, price_cents: 1480, count: 2 }], cents: 2960, over: 2,
                   enough: true, order_by_on: "2026-11-18", late: true, arrives_on: "2026-11-27" }, told)
  end

  def test_without_a_price_packs_are_counted_all_the_same
    told = quote(6.1, [{ size: 2, price_cents: nil }]).to_h

    assert_equal [4, nil, 1.9], [told[:packs].first[:count], told[:cents], told[:over]]
  end

  def test_packs_that_cannot_all_be_compared_are_taken_in_the_cheapest_size
    odd = [{ size: 9.14, price_cents: 100, available: 90_000 }, { size: 7.77, price_cents: 90, available: 90_000 }]

    assert_equal [{ size: 9.14, price_cents: 100, count: 9847 }], quote(90_000, odd).to_h[:packs]
    assert_equal 400_000, quote(400_000, [{ size: 1, price_cents: 2 }]).to_h[:packs].first[:count]
  end

  def test_who_has_enough_in_time_comes_before_who_is_cheap
    dear = quote(6, [{ size: 6, price_cents: 4000 }])
    late = quote(6, [{ size: 6, price_cents: 1000 }], lead_days: 30)
    few = quote(6, [{ size: 3, price_cents: 500, available: 1 }])

    assert_equal [dear, late, few], [few, late, dear].sort_by(&:rank)
  end

  def line(to_buy: 9, **more)
    Buying::Line.new(to_buy: to_buy, wanted_on: Date.new(2026, 11, 28), days: DAYS,
                     own_pack: { size: 4, price_cents: 1480 }, **more)
  end

  def told(line)
    [line.to_order, line.quote.cents]
  end

  def test_what_is_on_its_way_is_not_ordered_again
    assert_equal [5.0, 2960], told(line(coming: 4))
    assert_equal [0.0, 0], told(line(coming: 12))
  end

  def test_somebody_who_said_where_buys_there_also_where_nobody_was_asked
    suppliers = { "a" => Buying::Supplier.new(id: "a", name: "A"), "b" => Buying::Supplier.new(id: "b", name: "B") }
    offers = { "a" => [{ size: 10, price_cents: 900 }] }

    assert_equal "a", line(suppliers: suppliers, offers: offers).quote.supplier.id
    there = line(suppliers: suppliers, offers: offers, bought_at: "b").quote

    assert_equal ["b", 4440], [there.supplier.id, there.cents]
    assert_equal "a", line(suppliers: suppliers, offers: offers, bought_at: "gone").quote.supplier.id
    assert_nil line.quote.supplier.id
  end

  def any_shop(id, chance)
    Buying::Supplier.new(id: id, name: "Shop #{id}", lead_days: chance.rand(0..9),
                         closed_weekdays: (1..7).to_a.sample(chance.rand(0..4), random: chance),
                         closed_on: Array.new(chance.rand(0..6)) { TODAY + chance.rand(-10..30) })
  end

  # Ordered on the day that is told it comes with the slack to spare, and no later open day would do.
  def test_the_order_day_is_the_last_open_one_that_leaves_the_slack
    chance = Random.new(11)
    200.times do
      shop = any_shop("a", chance)
      wanted = TODAY + chance.rand(5..40)
      day = Date.iso8601(shop.order_by(wanted, today: TODAY)[:order_by_on])
      latest = wanted - shop.lead_days - 2

      assert shop.open?(day), "#{day} of #{shop.inspect}"
      assert_operator shop.arrives(day) + 2, :<=, wanted
      assert_empty(((day + 1)..latest).select { |later| shop.open?(later) })
    end
  end

  # Nobody else has enough in time for less; where nobody has, nobody else has enough for less.
  def test_nobody_is_better_than_who_is_taken
    chance = Random.new(12)
    200.times do
      suppliers = %w[a b c].to_h { |id| [id, any_shop(id, chance)] }
      offers = suppliers.transform_values do
        Array.new(chance.rand(1..2)) do
          { size: chance.rand(1..6), price_cents: chance.rand(1..12) * 50,
            available: [nil, chance.rand(0..4)].sample(random: chance) }
        end
      end
      line = line(suppliers: suppliers, offers: offers)
      taken = line.quote
      better = line.quotes.select { |one| one.in_time? && (!taken.in_time? || one.cents < taken.cents) }

      assert_empty better.map(&:to_h), "rather than #{taken.to_h}"
      next if taken.in_time? || !taken.enough?

      assert_empty(line.quotes.select { |one| one.enough? && one.cents < taken.cents })
    end
  end

  def test_what_is_paid_is_the_packs_that_are_shown_times_their_price
    offers = { "a" => [{ size: 4, price_cents: 1480 }, { size: 10, price_cents: 3000, available: 1 }] }
    told = line(to_buy: 23, suppliers: { "a" => shop }, offers: offers).quote.to_h

    cents = told[:packs].sum { |pack| pack[:count] * pack[:price_cents] }
    pieces = told[:packs].sum { |pack| pack[:count] * pack[:size] }

    assert_equal [told[:cents], told[:over]], [cents, pieces - 23]
  end

  def coupon(id, percent, **more)
    Buying::Coupon.new(id: id, percent: percent, **more)
  end

  def test_the_best_coupon_is_used_and_only_that
    coupons = [coupon("whole", 10), coupon("line", 25, on: "line"), coupon("gone", 90, until_on: TODAY - 1),
               coupon("from", 50, least_cents: 5_000)]
    used = Buying::Coupon.best(coupons, [1480, 3240], on_day: TODAY)

    assert_equal ["line", [0, 810]], [used.coupon.id, used.off]
    assert_equal "whole", Buying::Coupon.best(coupons.first(2), [1000, 1000, 1000], on_day: TODAY).coupon.id
  end

  def test_what_a_coupon_takes_off_adds_up
    used = Buying::Coupon.best([coupon("whole", 33.3)], [333, 333, 334], on_day: TODAY)

    assert_equal 333, used.off.sum
    assert_nil Buying::Coupon.best([coupon("whole", 10)], [0], on_day: TODAY)
  end

  def test_what_is_written_down_of_a_shop_and_a_coupon_is_checked
    error = assert_raises(InputError) { Buying::Supplier.check("name" => "Shop", "closed_on" => %w[2026-11-31 2026-12-01]) }

    assert_equal "closed_on/0", error.faults.first.path.join("/")
    assert_raises(InputError) { Buying::Coupon.check("percent" => 10, "until_on" => "2026-02-29") }
    assert_equal [1, 7], Buying::Supplier.check("name" => " Shop ", "closed_weekdays" => [7, 1, 7])[:closed_weekdays]
  end
end
