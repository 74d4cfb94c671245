# frozen_string_literal: true

require_relative "../../core_test"

class RibbonCutPlanTest < CoreTest
  def plan(pieces, part_rolls: [], roll: 10.0)
    answer("ribbon.cut_plan", pieces_m: pieces, part_rolls_m: part_rolls, new_roll_m: roll)
  end

  def assert_whole(pieces, told, part_rolls, roll)
    assert_equal pieces.sort, told[:rolls].flat_map { |cut| cut[:cuts_m] }.sort
    told[:rolls].each do |cut|
      assert_in_delta cut[:length_m], cut[:cuts_m].sum + cut[:left_m], 1e-6
      assert_operator cut[:left_m], :>=, 0
      assert_equal cut[:cuts_m].sort.reverse, cut[:cuts_m]
    end
    assert_equal(told[:new_rolls], told[:rolls].count { |cut| cut[:new] && cut[:length_m] == roll })
    old = told[:rolls].reject { |cut| cut[:new] }.map { |cut| cut[:length_m] }

    assert_empty(old.tally.reject { |length, count| count <= part_rolls.tally.fetch(length, 0) })
  end

  # Every way of laying pieces into part rolls and ever more new ones, tried out.
  def fewest_by_trying(pieces, part_rolls, roll)
    (0..pieces.size).find { |count| fits?(pieces.sort.reverse, part_rolls + Array.new(count, roll)) }
  end

  def fits?(pieces, room)
    return true if pieces.empty?

    first, *rest = pieces
    room.each_index.any? do |i|
      room[i] >= first - 1e-9 && fits?(rest, room.each_with_index.map { |left, j| i == j ? left - first : left })
    end
  end

  def test_small_jobs_take_as_few_rolls_as_trying_everything_finds
    chance = Random.new(3)
    40.times do
      pieces = Array.new(3 + chance.rand(5)) { (1 + chance.rand(8)) / 2.0 }
      part_rolls = Array.new(chance.rand(3)) { (2 + chance.rand(10)) / 2.0 }
      told = plan(pieces, part_rolls: part_rolls, roll: 5.0)

      assert_equal fewest_by_trying(pieces, part_rolls, 5.0), told[:new_rolls], [pieces, part_rolls].inspect
      assert_whole(pieces, told, part_rolls, 5.0)
    end
  end

  def test_two_hundred_pieces_stay_within_one_roll_of_the_bound
    chance = Random.new(8)
    [[0.5, 0.9], [0.3, 3.0], [2.0, 3.5], [2.5, 5.0], [3.5, 6.5], [1.0, 9.0]].each do |low, high|
      pieces = Array.new(200) { (low + ((high - low) * chance.rand)).round(3) }
      part_rolls = [7.5, 3.2, 1.1]
      told = plan(pieces, part_rolls: part_rolls)

      assert_whole(pieces, told, part_rolls, 10.0)
      assert_operator told[:new_rolls], :<=, told[:lower_bound] + 1, "#{low} to #{high}"
    end
  end

  def test_no_way_of_weighing_lets_a_roll_hold_more_than_one
    chance = Random.new(2)
    pieces = Array.new(40) { 500 + chance.rand(9_000) }
    bound = Cutting::LowerBound.new(pieces, [], 10_000)
    300.times do
      left = 10_000
      on_roll = pieces.shuffle(random: chance).select { |piece| piece <= left && (left -= piece) }

      bound.weighings.each { |weigh| assert_operator on_roll.sum { |piece| weigh.call(piece) }, :<=, 1 + 1e-9 }
    end
  end

  def test_part_rolls_are_used_up_before_a_new_one_is_begun
    told = plan([0.6, 0.6, 0.6], part_rolls: [1.3, 0.7])

    assert_equal 0, told[:new_rolls]
    assert_equal [0.7, 1.3], told[:rolls].map { |roll| roll[:length_m] }.sort
  end

  def test_thirds_of_a_roll_fit_three_times
    assert_equal 1, plan([1 / 3.0] * 3, roll: 1.0)[:new_rolls]
  end

  def test_useless_ends_are_those_too_short_to_go_back
    told = plan([0.9, 0.8], roll: 1.0)

    assert_in_delta 0.3, told[:useless_m], 1e-9
    assert_in_delta 0.0, plan([0.6], roll: 1.0)[:useless_m]
  end

  def test_nothing_to_cut_takes_no_roll
    assert_equal [0, [], 0], plan([]).outputs.values_at(:new_rolls, :rolls, :lower_bound)
  end

  def test_a_piece_longer_than_any_roll_is_named
    assert_equal "piece_too_long", faults_of("ribbon.cut_plan", pieces_m: [12.0], new_roll_m: 10.0).first.code
    assert_equal 0, plan([12.0], part_rolls: [15.0])[:new_rolls]
    assert_equal "piece_too_long",
                 faults_of("ribbon.cut_plan", pieces_m: [12.0, 12.0], part_rolls_m: [15.0], new_roll_m: 10.0).first.code
  end
end
