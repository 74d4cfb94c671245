# frozen_string_literal: true

require_relative "../core_test"

class LargestRemainderTest < CoreTest
  def test_parts_always_sum_to_the_whole_and_stay_within_one_of_their_share
    generator = PropCheck::Generators.tuple(PropCheck::Generators.choose(0..500),
                                            PropCheck::Generators.array(PropCheck::Generators.choose(0..90),
                                                                        min: 1, max: 12))
    PropCheck.forall(generator) do |total, weights|
      next if weights.sum.zero?

      parts = LargestRemainder.share(total, weights)

      assert_equal total, parts.sum
      parts.zip(weights).each { |part, weight| assert_operator (part - (total * weight / weights.sum.to_f)).abs, :<, 1 }
    end
  end

  def test_ties_go_to_the_earlier
    assert_equal [2, 1, 1], LargestRemainder.share(4, [1, 1, 1])
  end
end
