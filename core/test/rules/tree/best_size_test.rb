# frozen_string_literal: true

require_relative "../../core_test"

class BestSizeTest < CoreTest
  def best(**inputs)
    answer("tree.best_size", ceiling_m: 2.7, spread_ratio: 0.58, **inputs)
  end

  def test_takes_the_largest_that_is_ok
    assert_in_delta 2.4, best[:height_m]
    assert_equal "none", best[:limit]
    assert_includes codes(best), "next_size_height"
  end

  def test_the_floor_can_be_what_stops_it
    narrow = best(free_width_m: 1.2)

    assert_in_delta 2.1, narrow[:height_m]
    assert_includes codes(narrow), "next_size_floor"
  end

  def test_says_which_limit_bit_when_nothing_fits
    low = best(ceiling_m: 0.7)
    narrow = best(free_depth_m: 0.3)

    assert_equal [nil, "height"], low.outputs.values_at(:height_m, :limit)
    assert_equal [nil, "floor"], narrow.outputs.values_at(:height_m, :limit)
    assert_includes low.findings.first.message, "over by 10 cm"
  end

  def test_its_answer_is_ok_by_the_fit_rule_and_the_next_size_is_not
    numbers = PropCheck::Generators.choose(120..420)
    PropCheck.forall(PropCheck::Generators.tuple(numbers, numbers,
                                                 PropCheck::Generators.choose(0..40))) do |ceiling, width, rise|
      place = { ceiling_m: ceiling / 100.0, free_width_m: width / 200.0, free_depth_m: 3, topper_rise_m: rise / 100.0 }
      found = best(**place)
      good = ->(size) { fits?(size, place) }

      assert_equal Rules::Tree::BestSize::CATALOGUE_M.select(&good).max, found[:height_m]
    end
  end

  def fits?(size, place)
    fit = answer("tree.fit", height_m: size, spread_m: size * 0.58, **place)
    fit[:height] == "ok" && %w[ok squeezed].include?(fit[:floor])
  end

  def test_a_studios_own_sizes_may_come_in_any_order
    assert_in_delta 2.2, best(sizes_m: [2.2, 1.0, 2.9])[:height_m]
  end
end
