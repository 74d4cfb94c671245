# frozen_string_literal: true

require_relative "../core_test"

# Who sits where round a table.
class BoardTest < CoreTest
  G = PropCheck::Generators

  def board(ends: nil, side: 3)
    Tables::Board.new(shape: "rectangle", length_m: 2.2, width_m: 1.1, ends: ends, side: side)
  end

  def test_both_sides_first_then_the_ends
    assert_equal [3, 3], board.along(6)
    assert_equal 0, board.laid_ends(6)
    assert_equal 1, board.laid_ends(7)
    assert_equal 2, board.laid_ends(8)
    assert_equal [2, 2], board(ends: 2).along(6)
    assert_equal 1, board(ends: 2).laid_ends(1)
    narrow = Tables::Board.new(shape: "rectangle", length_m: 2.2, width_m: 0.7, side: 3, most_ends: 0)

    assert_equal [0, [4, 4]], [narrow.laid_ends(8), narrow.along(8)]
  end

  def test_who_sits_looks_over_the_table
    seats = board.seats(8)

    assert_equal [90, 90, 90, 270, 270, 270, 0, 180], seats.map(&:facing)
    assert_equal((1..8).to_a, seats.map(&:number))
    assert_in_delta 2.2 / 6, seats.first.at_m
    assert_in_delta 1.1, seats[3].out_m
    assert_in_delta 0.55, seats.last.out_m
  end

  def test_round_a_round_table_all_look_at_its_middle
    round = Tables::Board.new(shape: "round", length_m: 1.4, width_m: 1.4)

    round.seats(6).each do |seat|
      turn = seat.facing * Math::PI / 180

      assert_in_delta 0.7, seat.at_m + (0.7 * Math.cos(turn)), 1e-9
      assert_in_delta 0.7, seat.out_m + (0.7 * Math.sin(turn)), 1e-9
    end
    assert_in_delta Math::PI * 1.4 / 6, round.apart_m(6)
  end

  def test_what_lies_before_a_seat_leaves_so_much_of_it
    seat = board.seats(8).first
    before = Tables::Board::Spot.new(at_m: seat.at_m, out_m: 0.55, long_m: 0.2, wide_m: 0.1)
    aside = Tables::Board::Spot.new(at_m: seat.at_m + 0.5, out_m: 0.55, long_m: 0.2, wide_m: 0.1)
    ball = Tables::Board::Spot.new(at_m: seat.at_m, out_m: 0.55, long_m: 0.2, wide_m: 0.2, round: true)

    assert_in_delta 0.5, seat.free_before(before, 0.3)
    assert_in_delta 0.45, seat.free_before(ball, 0.3)
    assert_nil seat.free_before(aside, 0.3)
    # Seen from the end it begins farther off.
    assert_in_delta 2.2 - seat.at_m - 0.1, board.seats(8).last.free_before(before, 0.3)
  end

  def test_everybody_has_a_seat_of_their_own_at_the_edge
    PropCheck.forall(G.choose(1..40), G.choose(0..2), G.choose(1..6)) do |guests, ends, side|
      seats = board(ends: ends, side: side).seats(guests)

      assert_equal guests, seats.size
      assert_equal guests, seats.map { |seat| [seat.at_m, seat.out_m] }.uniq.size
      assert(seats.all? { |seat| [0, 1.1].include?(seat.out_m) || [0, 2.2].include?(seat.at_m) })
    end
  end
end
