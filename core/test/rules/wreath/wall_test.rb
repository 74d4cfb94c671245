# frozen_string_literal: true

require_relative "../../core_test"

class WreathWallTest < CoreTest
  ARRANGEMENTS = Wreaths::Arrangement::KINDS

  def wall(*diameters, arrangement: "row", width: 3.0, height: 2.4, **rest)
    answer("wreath.wall", wall_width_m: width, wall_height_m: height, diameters_m: diameters, arrangement: arrangement,
                          **rest)
  end

  def apart(one, other)
    Math.hypot(one[:left_m] - other[:left_m], one[:floor_m] - other[:floor_m])
  end

  def edges(centres, axis)
    [centres.map { |one| one[axis] - (one[:diameter_m] / 2) }.min,
     centres.map { |one| one[axis] + (one[:diameter_m] / 2) }.max]
  end

  def test_nothing_reaches_out_nothing_overlaps_all_is_centred_and_nobody_is_forgotten
    chance = Random.new(9)
    120.times do |i|
      diameters = Array.new(1 + chance.rand(9)) { (0.15 + (chance.rand * 0.45)).round(2) }
      furniture = chance.rand(2).zero? ? { left_m: 0.4, width_m: 1.2 } : nil
      gap = 0.05 + (chance.rand * 0.1)
      told = wall(*diameters, arrangement: ARRANGEMENTS[i % 4], width: 1.6 + (chance.rand * 2), gap_m: gap,
                              **(furniture ? { furniture: furniture } : {}))
      kept = told[:centres].map { |one| one[:diameter_m] }

      assert_equal diameters.sort, (kept + told[:left_out]).sort
      assert_equal told[:left_out].any?, codes(told).include?("wall_left_out")
      stands_well(told, gap, furniture ? 1.0 : told.inputs[:wall_width_m] / 2)
    end
  end

  def stands_well(told, gap, middle)
    centres = told[:centres]
    return if centres.empty?

    left, right = edges(centres, :left_m)
    low, high = edges(centres, :floor_m)

    assert_operator left, :>=, -1e-6
    assert_operator right, :<=, told.inputs[:wall_width_m] + 1e-6
    assert_operator low, :>=, -1e-6
    assert_operator high, :<=, told.inputs[:wall_height_m] + 1e-6
    assert_in_delta middle, (left + right) / 2, 0.005
    centres.combination(2) do |one, other|
      assert_operator apart(one, other), :>=, ((one[:diameter_m] + other[:diameter_m]) / 2) + gap - 1e-6
    end
  end

  def test_equal_ones_are_equally_spaced
    left = wall(*[0.4] * 5, gap_m: 0.1)[:centres].map { |one| one[:left_m] }

    assert_equal([0.5] * 4, left.each_cons(2).map { |one, other| (other - one).round(9) })
    around = wall(*[0.3] * 5, arrangement: "cluster")[:centres]

    assert_equal 1, around.drop(1).map { |one| apart(one, around.first).round(9) }.uniq.size
  end

  def test_as_few_as_may_be_are_left_out_and_of_those_the_smallest
    assert_equal [0.3], wall(0.6, 0.6, 0.3, width: 1.3)[:left_out]
    assert_equal [0.6], wall(0.6, 0.3, 0.3, width: 0.7)[:left_out]
    assert_equal [0.8], wall(0.8, 0.3, height: 0.5)[:left_out]
    assert_empty wall(0.8, width: 0.5)[:centres]
  end

  def test_two_rows_and_staggered_rows
    rows = wall(*[0.3] * 5, arrangement: "two_rows")[:centres].group_by { |one| one[:floor_m].round(6) }

    assert_equal([3, 2], rows.sort.reverse.map { |_, row| row.size })
    staggered = wall(*[0.3] * 5, arrangement: "staggered")[:centres]
    upper = staggered.first(3)
    lower = staggered.drop(3)

    assert_in_delta (upper[0][:left_m] + upper[1][:left_m]) / 2, lower[0][:left_m]
    assert_in_delta 0.35, apart(upper[0], lower[0])
  end

  def test_turned_about_the_middle_a_row_is_the_row_mirrored
    told = wall(0.3, 0.4, 0.5)[:centres].map { |one| one[:left_m] }
    mirrored = wall(0.5, 0.4, 0.3)[:centres].map { |one| one[:left_m] }

    told.zip(mirrored.reverse) { |left, right| assert_in_delta 3.0 - left, right, 1e-9 }
  end

  def test_an_anchor_near_enough_is_used_once_and_others_are_told
    anchors = [{ left_m: 1.29, floor_m: 1.21 }, { left_m: 1.3, floor_m: 1.2 }, { left_m: 2.6, floor_m: 1.2 }]
    told = wall(0.35, 0.35, anchors: anchors)

    assert_equal([1, nil], told[:centres].map { |one| one[:anchor] })
    assert_equal ["wall_anchor_unused"], codes(told)
  end

  def test_overlapped_each_still_shows_enough_and_the_largest_whole
    chance = Random.new(2)
    ARRANGEMENTS.product([0.1, 0.2, 0.3]).each do |arrangement, overlap|
      diameters = Array.new(6) { 0.2 + (chance.rand * 0.2) }.push(0.55)
      centres = wall(*diameters, arrangement: arrangement, overlap: overlap)[:centres]

      assert_operator centres.map { |one| one[:visible] }.min, :>=, 0.7, "#{arrangement} #{overlap}"
      assert_equal [*0...centres.size], centres.map { |one| one[:layer] }.sort
      assert_in_delta 1.0, centres.max_by { |one| one[:diameter_m] }[:visible], 1e-9
    end
  end

  # Two equal rounds that lap by three tenths: the lens between them is known.
  def test_what_is_seen_is_what_is_left_of_the_round
    seen = wall(0.4, 0.4, overlap: 0.3)[:centres].map { |one| one[:visible] }.min
    lens = ((2 * Math.acos(0.7)) - (1.4 * Math.sqrt(1 - 0.49))) / Math::PI

    assert_in_delta 1 - lens, seen, 0.01
  end

  def test_what_cannot_be_is_named
    assert_equal(%w[gap_m gap_narrow], faults_of("wreath.wall", wall_width_m: 2, wall_height_m: 2, diameters_m: [0.3],
                                                                arrangement: "row", gap_m: 0.01)
      .then { |faults| [faults[0].input, faults[0].code] })
    fault = faults_of("wreath.wall", wall_width_m: 2, wall_height_m: 2, diameters_m: [0.3], arrangement: "row",
                                     furniture: { left_m: 1.5, width_m: 1 }).first

    assert_equal %w[furniture furniture_beyond], [fault.input, fault.code]
  end

  def test_the_most_a_wall_may_be_asked_comes_soon
    diameters = Array.new(60) { |i| 0.4 + (i * 0.01) }

    assert_equal 60, ARRANGEMENTS.map { |kind| wall(*diameters, arrangement: kind, overlap: 0.3) }
                                 .map { |told| told[:centres].size + told[:left_out].size }.uniq.sum
  end
end
