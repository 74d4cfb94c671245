# frozen_string_literal: true

require_relative "../core_test"

# First come keeps it; what is over at once is free again; nothing is promised twice on any day.
class ReservationTest < CoreTest
  def claim(id, wanted, first = nil, last = nil)
    Stock::Claim.new(id: id, wanted: wanted, first_day: first, last_day: last)
  end

  def shares(on_hand, *claims)
    Stock::Reservation.of(on_hand, claims).transform_values(&:to_a)
  end

  def test_first_come_keeps_it
    assert_equal({ "rail" => [5, 4], "mantel" => [1, 1] }, shares(5, claim("rail", 4), claim("mantel", 3)))
    assert_equal({ "mantel" => [5, 3], "rail" => [2, 2] }, shares(5, claim("mantel", 3), claim("rail", 4)))
  end

  def test_one_after_the_other_uses_the_same_things
    assert_equal({ "fair" => [5, 5], "home" => [5, 5] }, shares(5, claim("fair", 5, 10, 19), claim("home", 5, 20, 60)))
    assert_equal({ "fair" => [5, 5], "home" => [0, 0] }, shares(5, claim("fair", 5, 10, 20), claim("home", 5, 20, 60)))
  end

  def test_two_that_do_not_meet_are_one_to_a_third
    # The early and the late one never hang together, so four, not eight, are gone while all three could.
    found = shares(9, claim("early", 4, 1, 10), claim("late", 4, 11, 20), claim("whole", 9, 1, 20))

    assert_equal [5, 5], found["whole"]
  end

  def test_an_open_day_may_be_any
    assert_equal [0, 0], shares(5, claim("some day", 5), claim("dated", 5, 10, 20))["dated"]
    assert_equal [0, 0], shares(5, claim("no strike", 5, 10), claim("dated", 5, 400, 420))["dated"]
    assert_equal [5, 5], shares(5, claim("no visit", 5, nil, 9), claim("dated", 5, 10, 20))["dated"]
  end

  def test_what_wants_nothing_holds_nothing_and_sees_what_is_free
    assert_equal({ "a" => [5, 0], "b" => [5, 2], "c" => [3, 0] },
                 shares(5, claim("a", 0), claim("b", 2), claim("c", 0)))
  end

  def test_metres_are_free_of_last_bits
    assert_equal [0.1, 0.1], shares(0.3, claim("a", 0.1), claim("b", 0.1), claim("c", 0.3))["c"]
  end

  def test_on_no_day_is_more_promised_than_there_is
    random = Random.new(7)
    200.times do
      on_hand = random.rand(0..30)
      claims = Array.new(random.rand(1..12)) do |i|
        first = random.rand(4).zero? ? nil : random.rand(1..40)
        claim(i, random.rand(0..15), first, random.rand(4).zero? ? nil : (first || 0) + random.rand(0..30))
      end
      found = Stock::Reservation.of(on_hand, claims)

      (0..80).each do |day|
        there = claims.select { |one| one.days.cover?(day) }

        assert_operator there.sum { |one| found[one.id].held }, :<=, on_hand
      end
      left_to_nobody(on_hand, claims, found)
    end
  end

  # Whoever got less than wanted found some day on which earlier ones had taken the rest.
  def left_to_nobody(on_hand, claims, found)
    claims.each_with_index do |one, i|
      next if found[one.id].held == one.wanted

      fullest = (0..80).select { |day| one.days.cover?(day) }.map do |day|
        claims.first(i).select { |other| other.days.cover?(day) }.sum { |other| found[other.id].held }
      end.max

      assert_equal on_hand, fullest + found[one.id].held
    end
  end
end
