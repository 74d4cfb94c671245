# frozen_string_literal: true

require_relative "../core_test"

# Each two that are near, once, also across the edge; and what they weigh upon each other.
class NearPairsTest < CoreTest
  REACH = 0.3

  def flat(arc_deg)
    UnrolledSurface.new(TreeSurface.new(height_m: 2.4, spread_m: 1.4, hem_m: 0.24, arc_deg: arc_deg))
  end

  def scattered(flat, seed, count = 60)
    chance = Random.new(seed)
    Array.new(count) { [flat.rim * Math.sqrt(chance.rand), ((chance.rand * 2) - 1) * flat.half] }
  end

  # @return [Float] between two whose turns are so far apart
  def apart(one, other, turned)
    Math.sqrt((one[0]**2) + (other[0]**2) - (2 * one[0] * other[0] * Math.cos(turned)))
  end

  def beside(one, other) = apart(one, other, one[1] - other[1])

  # Near the tip two can be near both ways.
  def behind(flat, one, other)
    return Float::INFINITY if !flat.closed? || one[1].positive? == other[1].positive?

    apart(one, other, (2 * flat.half) - (one[1] - other[1]).abs)
  end

  def pairs(flat, spots)
    across, along = spots.map { |reach, turn| [reach * Math.sin(turn), reach * Math.cos(turn)] }.transpose
    Hanging::NearPairs.new(flat, across, along, spots.map(&:last), REACH)
  end

  def met(numbers) = numbers.each_slice(2).map(&:sort).sort

  def test_all_that_are_near_and_no_others_each_once
    [90, 180, 360].product([1, 2, 3]).each do |arc, seed|
      sheet = flat(arc)
      spots = scattered(sheet, seed)
      every = (0...spots.size).to_a.combination(2)
      found = pairs(sheet, spots)

      assert_equal every.select { |one, other| beside(spots[one], spots[other]) < REACH }, met(found.beside)
      assert_equal every.select { |one, other| behind(sheet, spots[one], spots[other]) < REACH }, met(found.behind)
      assert_operator found.beside.size, :>, 20
    end
  end

  def test_across_the_edge_the_first_is_on_the_left
    sheet = flat(360)
    spots = scattered(sheet, 4, 120)
    behind = pairs(sheet, spots).behind.each_slice(2)

    assert_operator behind.count, :>, 3
    behind.each do |one, other|
      assert_operator spots[one].last, :<=, 0
      assert_operator spots[other].last, :>, 0
    end
  end

  def test_sites_weigh_by_the_fourth_power_of_the_shorter_way
    sheet = flat(360)
    spots = scattered(sheet, 5, 30)
    table = Hanging::Nearness.between(sheet, spots)
    (0...spots.size).to_a.combination(2) do |one, other|
      wanted = 1 / ([beside(spots[one], spots[other]), behind(sheet, spots[one], spots[other])].min**4)

      assert_in_delta 1.0, table[one][other] / wanted, 1e-6
      assert_same table[one][other], table[other][one]
    end

    assert(table.each_index.all? { |i| table[i][i].zero? })
  end
end
