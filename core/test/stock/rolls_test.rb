# frozen_string_literal: true

require_relative "../core_test"

class RollsTest < CoreTest
  def rolls(*lengths) = Stock::Rolls.new(lengths)

  def test_offcuts_are_free_first_and_of_the_last_roll_so_much
    assert_equal [9, 9, 3], rolls(9, 3, 9).free(21)
    assert_equal [9, 3], rolls(9, 3, 9).free(12)
    assert_equal [4.5, 3], rolls(9, 3, 9).free(7.5)
    assert_empty rolls(9, 3).free(0)
    assert_empty rolls.free(4)
  end

  def test_what_comes_back_joins_what_was_not_laid_out
    assert_equal [4.5, 9], rolls(9, 9, 3).after([9, 3], [4.5]).sort
    assert_equal [1.5, 4.5, 9], rolls(9, 9, 3).after([4.5, 3], [1.5]).sort
    assert_empty rolls(9).after([9], [])
  end

  def test_metres_are_kept_whatever_is_cut
    30.times do |seed|
      chance = Random.new(seed)
      lengths = Array.new(1 + chance.rand(6)) { (0.5 + (chance.rand * 12)).round(2) }
      laid = rolls(*lengths).free((lengths.sum * chance.rand).round(2))

      assert_in_delta lengths.sum - laid.sum, rolls(*lengths).after(laid, []).sum, 0.02
    end
  end
end
