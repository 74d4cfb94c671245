# frozen_string_literal: true

require_relative "../../core_test"

class AnchorsTest < CoreTest
  def anchors(**inputs)
    answer("garland.anchors", run_m: 1.8, mass_kg: 2.0, rated_kg: 2.3, **inputs)
  end

  def test_never_more_than_half_of_the_rated_load
    [0.5, 3, 9, 27].each do |mass|
      told = anchors(mass_kg: mass)

      assert_operator mass / told[:count], :<=, 0.5 * 2.3
    end
  end

  def test_never_further_apart_than_the_house_says
    assert_equal 5, anchors[:by_spacing]
    assert_equal 7, anchors(bends: 2)[:by_spacing]
    assert_operator 7.3 / (anchors(run_m: 7.3)[:by_spacing] - 1), :<=, 0.45
  end

  def test_the_larger_counts
    assert_equal 18, anchors(mass_kg: 20)[:count]
    assert_equal 5, anchors(mass_kg: 0)[:count]
  end
end
