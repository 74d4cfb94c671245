# frozen_string_literal: true

require_relative "../../core_test"

class MixTest < CoreTest
  def test_parts_sum_to_the_total_at_every_height
    PropCheck.forall(PropCheck::Generators.tuple(PropCheck::Generators.choose(0..300),
                                                 PropCheck::Generators.choose(40..350))) do |total, height|
      assert_equal total, answer("ornaments.mix", height_m: height / 100.0, total: total).outputs.values.sum
    end
  end

  def test_a_short_tree_takes_no_hero
    assert_equal 0, answer("ornaments.mix", height_m: 1.19, total: 60)[:hero]
    assert_equal 3, answer("ornaments.mix", height_m: 1.2, total: 60)[:hero]
    assert_equal 6, answer("ornaments.mix", height_m: 2.0, total: 60)[:hero]
  end

  def test_sizes_turn_at_their_diameters
    sizes = [120, 119, 90, 89, 60, 59].map { |diameter| Rules::Ornaments::Mix.size_of(diameter, HouseRules.default) }

    assert_equal %i[hero large large medium medium small], sizes
  end
end
