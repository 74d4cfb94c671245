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

  def test_days_on_which_nothing_is_left
    assert_equal [4..4], Stock::Busy.full([claim(4, 1, 4), claim(5, 4, 6)], 9)
    assert_equal [1..6], Stock::Busy.full([claim(4, 1, 3), claim(5, 4, 6)], 4)
    assert_equal [1..3, 5..6], Stock::Busy.full([claim(4, 1, 3), claim(4, 5, 6), claim(3, 4, 4)], 4)
    assert_equal [-Float::INFINITY..Float::INFINITY], Stock::Busy.full([claim(2)], 2)
    assert_equal [2..Float::INFINITY], Stock::Busy.full([claim(0.1 + 0.2, 2)], 0.3)
    assert_empty Stock::Busy.full([claim(4, 1, 4)], 5)
    assert_empty Stock::Busy.full([], 1)
  end

  def test_a_day_is_full_when_all_there_is_is_taken_on_it
    chance = Random.new(11)
    100.times do
      claims = Array.new(chance.rand(1..8)) do
        first = chance.rand(0..20)
        claim(chance.rand(1..5), chance.rand < 0.2 ? nil : first, chance.rand < 0.2 ? nil : first + chance.rand(0..9))
      end
      there = chance.rand(1..12)
      full = (-2..32).select { |day| Stock::Busy.full(claims, there).any? { |days| days.cover?(day) } }

      assert_equal((-2..32).select { |day| Stock::Busy.most(claims, from: day, till: day) >= there }, full)
    end
  end
end
