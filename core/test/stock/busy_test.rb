# frozen_string_literal: true

require_relative "../core_test"

# The most that is set aside at once between two days.
class BusyTest < CoreTest
  def claim(wanted, first = nil, last = nil)
    Stock::Claim.new(id: first, wanted: wanted, first_day: first, last_day: last)
  end

  def test_what_never_stands_together_is_not_added_up
    assert_equal 5, Stock::Busy.most([claim(4, 1, 3), claim(5, 4, 6)])
    assert_equal 9, Stock::Busy.most([claim(4, 1, 4), claim(5, 4, 6)])
  end

  def test_only_the_days_that_are_asked_about_count
    claims = [claim(4, 1, 4), claim(5, 4, 6), claim(1)]

    assert_equal 5, Stock::Busy.most(claims, from: 1, till: 3)
    assert_equal 6, Stock::Busy.most(claims, from: 5)
    assert_equal 1, Stock::Busy.most(claims, from: 7, till: 9)
    assert_equal 5, Stock::Busy.most(claims, till: 3)
    assert_equal 0, Stock::Busy.most([], from: 1)
  end

  def test_it_is_the_fullest_of_all_days_whatever_the_days_are
    chance = Random.new(7)
    100.times do
      claims = Array.new(chance.rand(1..8)) do
        first = chance.rand(0..20)
        claim(chance.rand(1..5), chance.rand < 0.2 ? nil : first, chance.rand < 0.2 ? nil : first + chance.rand(0..9))
      end
      from, till = [chance.rand(0..30), chance.rand(0..30)].minmax
      fullest = (from..till).map { |day| claims.sum { |one| one.days.cover?(day) ? one.wanted : 0 } }.max

      assert_equal fullest, Stock::Busy.most(claims, from: from, till: till)
    end
  end
end
