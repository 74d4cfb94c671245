# frozen_string_literal: true

require_relative "../../core_test"

# What past jobs teach of one house rule.
class LogFactorTest < CoreTest
  G = PropCheck::Generators

  def factor(*ratios)
    answer("log.factor", ratios: ratios)
  end

  def test_the_middle_of_an_even_count_lies_between_two
    told = factor(0.8, 1.2, 1.0, 1.4)

    assert_in_delta 1.1, told[:factor]
    assert_in_delta 0.2 * 1.4826, told[:spread]
  end

  def test_fewer_than_five_suggest_nothing_however_plain
    few = factor(2, 2, 2, 2)

    refute few[:suggest]
    assert_equal "log_few", few.findings.first.code
    assert factor(2, 2, 2, 2, 2)[:suggest]
    assert_empty factor(2, 2, 2, 2, 2).findings
  end

  def test_a_small_change_is_none
    refute factor(*([1.05] * 9))[:suggest]
    assert factor(*([1.06] * 9))[:suggest]
    assert factor(*([0.94] * 9))[:suggest]
  end

  def test_what_lies_wide_apart_suggests_nothing
    refute factor(0.4, 0.7, 1.1, 1.5, 2.2)[:suggest]
    assert factor(1.3, 1.5, 1.6, 1.7, 1.9)[:suggest]
  end

  # One that went wrong does not move the middle, and jobs twice as long as estimated teach twice.
  def test_one_outlier_moves_little_and_all_of_them_move_it
    PropCheck.forall(G.array(G.choose(60..140), min: 5, max: 30)) do |percents|
      ratios = percents.map { |percent| percent / 100.0 }
      middle = factor(*ratios)[:factor]
      wild = factor(*ratios, 50.0)[:factor]

      assert_operator wild, :<=, ratios.max
      assert_operator wild, :>=, middle - 1e-9
      assert_in_delta 2 * middle, factor(*ratios.map { |ratio| 2 * ratio })[:factor], 1e-9
      assert_in_delta middle, factor(*ratios.shuffle(random: Random.new(3)))[:factor], 1e-9
    end
  end
end
