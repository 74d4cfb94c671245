# frozen_string_literal: true

require_relative "../core_test"

# Where things stand by themselves.
class ArrangementTest < CoreTest
  LINE = [["vessel", "tallest", 0.17, 0.17], ["candle", "middle", 0.08, 0.08], ["bowl", "low", 0.26, 0.26]].freeze

  def places(things, width: 0.9, depth: 0.6, before: nil)
    Groupings::Arrangement.new(width, depth, before_m: before).of(things)
  end

  def test_the_tallest_stands_a_little_left_and_the_rest_beside_it_in_turn
    tall, candle, bowl = places(LINE)

    assert_in_delta(-0.108, tall[0])
    assert_operator candle[0], :>, tall[0]
    assert_operator bowl[0], :<, tall[0]
    assert_equal [tall, candle, bowl].map(&:last).sort, [tall, candle, bowl].map(&:last)
  end

  def test_none_of_the_line_stands_in_another
    things = LINE + [["house", "middle", 0.16, 0.12], ["figure", "middle", 0.14, 0.12]]
    spans = places(things).zip(things).map { |(at, _), (_, _, across, _)| [at - (across / 2), at + (across / 2)] }

    spans.combination(2) { |one, other| assert_operator [one[0], other[0]].max, :>=, [one[1], other[1]].min - 1e-9 }
  end

  # However many of the line there are and however wide, none stands in another, and all stay on the surface's depth.
  def test_whatever_stands_in_line_stands_apart
    g = PropCheck::Generators
    PropCheck.forall(g.array(g.choose(2..40), min: 2, max: 9)) do |sizes|
      things = sizes.each_with_index.map do |size, i|
        ["jug", %w[tallest middle low][i % 3], size / 100.0, [size / 100.0, 0.3].min]
      end
      found = places(things)
      spans = found.zip(things).map { |(at, _), (_, _, across, _)| [at - (across / 2), at + (across / 2)] }

      spans.combination(2) { |one, other| assert_operator [one[0], other[0]].max, :>=, [one[1], other[1]].min - 1e-9 }
      found.zip(things) { |(_, out), (*, deep)| assert_operator out, :>=, (deep / 2) - 1e-9 }
    end
  end

  def test_the_tallest_stands_before_what_it_is_to_hide
    assert_in_delta 0.2, places(LINE, before: 0.2).first[0]
  end

  def test_ground_lies_in_the_middle_and_boards_lean_at_the_wall
    tray, one, other = places([["tray", "ground", 0.5, 0.3], ["board", "back", 0.28, 0.03],
                               ["board", "back", 0.3, 0.03]])

    assert_equal [0.0, 0.3], tray
    assert_in_delta 0.025, one[1]
    assert_operator one[0], :<, other[0]
  end

  # A sill is hardly deeper than what stands on it.
  def test_nothing_is_put_over_the_edge_of_a_narrow_surface
    places(LINE, depth: 0.2).zip(LINE).each do |(_, out), (_, _, _, deep)|
      next if deep > 0.2

      assert_operator out - (deep / 2), :>=, -1e-9
      assert_operator out + (deep / 2), :<=, 0.2 + 1e-9
    end
  end
end
