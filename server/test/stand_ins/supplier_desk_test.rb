# frozen_string_literal: true

require_relative "../server_test"

class SupplierDeskTest < ServerTest
  NAMES = (1..90).map { |number| "Drop #{number}" }.freeze
  EXPECTED = Date.new(2026, 11, 27)

  def desk
    @desk ||= Server::StandIns::SupplierDesk.new
  end

  def quotes
    NAMES.map { |name| desk.quote("Halyard Trimmings", name, pack_size: 4, price_cents: 1000) }
  end

  def test_the_same_is_answered_to_the_same_and_some_of_it_is_sold_out
    assert_equal quotes, quotes
    sold_out, there = quotes.partition { |packs| packs.first[:available].zero? }

    assert_operator sold_out.size, :>, 3
    assert_operator there.size, :>, 60
    assert(quotes.flatten.all? { |pack| pack[:price_cents].between?(900, 3500) && pack[:available] >= 0 })
    assert(quotes.any? { |packs| packs.size == 2 }, "some come in large packs")
  end

  def test_without_a_price_it_says_one
    assert_operator desk.quote("Moss", "Fern", pack_size: 1, price_cents: nil).first[:price_cents], :>, 0
  end

  def test_a_slip_tells_all_that_was_to_come_now_and_then_otherwise_than_ordered
    slips = NAMES.map do |name|
      desk.slip("Quayside Sundries", EXPECTED, [{ line: "a", name: name, to_come: 3 }])
    end
    kinds = slips.flat_map { |slip| slip[:lines].map { |line| line[:kind] } }.tally

    assert(slips.all? { |slip| slip[:lines].sum { |line| line[:packs] } == 3 })
    assert_equal %w[arrived faulty missing wrong_colour], kinds.keys.sort
    assert_operator kinds["arrived"], :>, 80
  end

  def test_some_parcels_come_two_days_late
    days = (0..40).map { |i| desk.slip("Moss & Daughters", EXPECTED + i, [])[:comes_on] - (EXPECTED + i) }

    assert_equal [0, 2], days.uniq.sort
  end
end
