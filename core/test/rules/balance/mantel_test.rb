# frozen_string_literal: true

require_relative "../../core_test"

class MantelTest < CoreTest
  def balance(*items)
    answer("balance.mantel",
           length_m: 2.0, items: items.map { |at, area, lightness| { at_m: at, area_m2: area, lightness: lightness } })
  end

  def test_a_mirrored_mantel_is_even
    assert_equal [0.0, "even"], balance([0.2, 0.3, 40], [1.0, 0.1, 60], [1.8, 0.3, 40]).outputs.values_at(:value, :side)
    assert_equal [0.0, "even"], balance.outputs.values_at(:value, :side)
  end

  def test_leans_to_the_larger_the_darker_and_the_further_out
    assert_equal "right", balance([0.2, 0.1, 40], [1.8, 0.3, 40])[:side]
    assert_equal "left", balance([0.2, 0.2, 10], [1.8, 0.2, 80])[:side]
    assert_equal "right", balance([0.8, 0.2, 40], [1.8, 0.2, 40])[:side]
  end

  def test_mirrored_it_says_the_opposite
    items = [[0.3, 0.2, 30], [1.1, 0.4, 70], [1.9, 0.1, 20]]

    assert_in_delta balance(*items)[:value],
                    -balance(*items.map { |at, area, lightness| [2.0 - at, area, lightness] })[:value], 1e-9
    assert_operator balance(*items)[:value].abs, :<=, 1
  end
end
