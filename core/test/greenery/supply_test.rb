# frozen_string_literal: true

require_relative "../core_test"

class SupplyTest < CoreTest
  def supply(pieces: 2)
    Greenery::Supply.new(piece_m: 1.8, pieces: pieces, join_m: 0.1, joint_m: 0.18)
  end

  def test_a_short_stretch_comes_out_of_what_was_cut_off
    there = supply

    assert_equal [2, 0], [there.take(2.6), there.take(0.8)]
    refute there.enough?(0.2)
  end

  def test_what_is_cut_off_is_whole_joints_and_never_more_than_is_over
    there = supply(pieces: 1)
    there.take(0.95)

    assert_equal([0.72], there.offcuts.map { |off| off.round(9) })
  end

  def test_reaches_as_far_as_pieces_joined_do
    assert_in_delta 3.5, supply.reach
    assert_equal [true, false], [supply.enough?(3.5), supply.enough?(3.6)]
    assert_in_delta 0, supply(pieces: 0).reach
  end
end
