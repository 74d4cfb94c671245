# frozen_string_literal: true

require_relative "../core_test"

# Where what stands along the middle stands by itself.
class AlongTest < CoreTest
  G = PropCheck::Generators

  def test_the_tallest_in_the_middle_the_others_in_turn
    places = Tables::Along.of([["candle", "middle", 0.1, 0.2], ["lantern", "tallest", 0.2, 0.4],
                               ["bowl", "low", 0.3, 0.1]])

    assert_in_delta 0.0, places[1]
    assert_in_delta 0.19, places[0]
    assert_in_delta(-0.29, places[2])
  end

  def test_what_lies_under_the_others_takes_no_turn
    assert_equal [0.0, 0.0], Tables::Along.of([["tray", "ground", 0.4, 0.03], ["candle", "middle", 0.1, 0.2]])
    assert_empty Tables::Along.of([])
  end

  def test_none_stands_in_another
    PropCheck.forall(G.array(G.choose(1..60), min: 2, max: 12)) do |sizes|
      across = sizes.map { |size| size / 100.0 }
      places = Tables::Along.of(across.each_with_index.map { |size, i| ["jug", "middle", size, (i % 5) / 10.0] })
      order = places.zip(across).sort_by(&:first)

      order.each_cons(2) do |(one, wide), (other, next_wide)|
        assert_operator other - one - ((wide + next_wide) / 2), :>=, Tables::Along::GAP - 1e-9
      end
    end
  end
end
