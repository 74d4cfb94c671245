# frozen_string_literal: true

require_relative "../../core_test"

class PiecesTest < CoreTest
  def pieces(run, piece = 1.8, **rest)
    answer("garland.pieces", run_m: run, piece_m: piece, **rest)
  end

  def test_joins_and_offcuts_add_up
    random = Random.new(4)
    200.times do
      run = random.rand(0.1..40.0)
      piece = random.rand(0.5..4.0)
      told = pieces(run, piece)

      assert_in_delta run + told[:surplus_m], (told[:pieces] * piece) - ((told[:pieces] - 1) * 0.1), 1e-9
      assert_operator told[:surplus_m], :>=, -1e-9
      assert_operator told[:pieces], :<=, 1 + ((run - 0.1) / (piece - 0.1)).ceil
    end
  end

  def test_two_that_just_reach_are_two
    assert_equal [2, 0.0], [pieces(3.5)[:pieces], pieces(3.5)[:surplus_m].round(9)]
    assert_equal 3, pieces(3.51)[:pieces]
  end

  def test_one_piece_is_enough_for_a_short_run
    assert_equal 1, pieces(0.05)[:pieces]
  end

  def test_a_join_longer_than_the_piece_is_refused
    assert_equal "join_longer_than_piece", faults_of("garland.pieces", run_m: 4, piece_m: 0.3, join_m: 0.4).first.code
  end
end
