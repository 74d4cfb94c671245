# frozen_string_literal: true

require_relative "../core_test"

# What moves, moves somewhere; the lots always sum to the count.
class SpreadingTest < CoreTest
  def lot(id, quantity, box = nil)
    Stock::Lot.new(id: id, quantity: quantity, box: box)
  end

  def spreading(*lots, roll: nil)
    Stock::Spreading.new(lots, roll_m: roll)
  end

  def test_what_goes_is_taken_from_where_it_was_said
    lots = [lot(1, 5), lot(2, 9, :loft), lot(3, 4, :shed)]

    assert_equal({ 2 => -3 }, spreading(*lots).moved(-3, box: :loft).changes)
    assert_equal({ 3 => -2 }, spreading(*lots).moved(-2, lot: 3).changes)
    assert_equal({ 2 => -9, 1 => -2 }, spreading(*lots).moved(-11, box: :loft).changes)
  end

  def test_else_what_lies_loose_goes_first_and_small_lots_are_used_up
    lots = [lot(1, 5), lot(2, 9, :loft), lot(3, 4, :shed)]

    assert_equal({ 1 => -5, 3 => -2 }, spreading(*lots).moved(-7).changes)
  end

  def test_what_comes_lies_where_most_of_it_lies
    assert_equal({ 2 => 6 }, spreading(lot(1, 5), lot(2, 9, :loft)).moved(6).changes)
    assert_equal([[nil, 6]], spreading.moved(6).fresh.map { |one| [one.box, one.quantity] })
    assert_equal([[:shed, 6]], spreading(lot(1, 5)).moved(6, box: :shed).fresh.map { |one| [one.box, one.quantity] })
    assert_equal({ 1 => 6 }, spreading(lot(1, 5), lot(2, 9, :loft)).moved(6, box: :none).changes)
  end

  def test_ribbon_comes_as_whole_rolls_and_one_that_is_begun
    assert_equal [9, 9, 3], spreading(roll: 9).moved(21).fresh.map(&:quantity)
    assert_in_delta 9_000, spreading(roll: 9).moved(9_000).fresh.sum(&:quantity)
    assert_operator spreading(roll: 0.1).moved(9_000).fresh.size, :<=, Stock::Spreading::MOST_ROLLS + 1
  end

  def test_what_is_carried_stays_as_much
    carried = spreading(lot(1, 5, :loft), lot(2, 2, :shed)).carried(3, from: :loft, into: :shed)

    assert_equal({ 1 => -3, 2 => 3 }, carried.changes)
    rolls = spreading(lot(1, 9, :loft), lot(2, 4, :loft), roll: 9).carried(13, from: :loft, into: :shed)

    assert_equal [4, 9], rolls.fresh.map(&:quantity).sort
    assert_equal [:shed], rolls.fresh.map(&:box).uniq
  end

  def test_after_a_cut_untouched_rolls_stay_themselves
    becomes = spreading(lot(1, 9), lot(2, 9), lot(3, 3), roll: 9).becomes([9, 4.5])

    assert_equal(1, becomes.changes.values.count { |by| (by + 4.5).abs < 1e-9 })
    assert_equal(1, becomes.changes.values.count { |by| by == -3 })
    assert_empty becomes.fresh
    assert_equal [2.5], spreading(lot(1, 9), roll: 9).becomes([9, 2.5]).fresh.map(&:quantity)
  end

  def test_what_is_undone_goes_back_and_what_is_gone_since_is_taken_elsewhere
    lots = [lot(1, 2, :loft), lot(2, 8, :shed)]

    assert_equal({ 2 => 4 }, spreading(*lots).undone({ 2 => -4 }).changes)
    assert_equal({ 1 => -2, 2 => -3 }, spreading(*lots).undone({ 1 => 5 }).changes)
  end

  def test_whatever_happens_lots_sum_to_the_count_and_none_is_less_than_nothing
    60.times { |seed| story(Random.new(seed), roll: seed.even? ? nil : 9) }
  end

  private

  def story(chance, roll:)
    lots = {}
    done = []
    25.times do
      before = lots.values.sum(&:quantity)
      by, spread = act(chance, lots, done, roll)
      told = take(lots, spread)
      done << told if chance.rand < 0.3

      assert_in_delta before + by, lots.values.sum(&:quantity), 1e-6
      assert_operator lots.values.map(&:quantity).min || 0, :>, -1e-6
    end
  end

  def act(chance, lots, done, roll)
    spreading = Stock::Spreading.new(lots.values, roll_m: roll)
    there = lots.values.sum(&:quantity)
    box = [nil, :loft, :shed, :none][chance.rand(4)]
    case chance.rand(4)
    when 0 then (1 + chance.rand(20)).then { |by| [by, spreading.moved(by, box: box)] }
    when 1 then (there * chance.rand).round(2).then { |by| [-by, spreading.moved(-by, box: box)] }
    when 2 then [0, carried(spreading, lots, chance)]
    else undo(spreading, there, done)
    end
  end

  def carried(spreading, lots, chance)
    lies = lots.values.select { |lot| lot.box == :loft }.sum(&:quantity)
    spreading.carried((lies * chance.rand).round(2), from: :loft, into: :shed)
  end

  def undo(spreading, there, done)
    changes = done.pop || {}
    by = -changes.values.sum
    by < -there ? [0, spreading.moved(0)] : [by, spreading.undone(changes)]
  end

  def take(lots, spread)
    told = spread.changes.dup
    spread.changes.each { |id, by| lots[id] = Stock::Lot.new(**lots[id].to_h, quantity: (lots[id].quantity + by).round(6)) }
    spread.fresh.each do |lot|
      id = lots.size + 1
      told[id] = lot.quantity
      lots[id] = Stock::Lot.new(**lot.to_h, id: id)
    end
    told
  end
end
