# frozen_string_literal: true

require_relative "../../core_test"

class PicksTreeTest < CoreTest
  def test_the_ring_comes_on_top_of_the_body
    assert_equal [24, 31], answer("picks.tree", area_m2: 4.8, cover: "balanced", crown: 7).outputs.values.map(&:to_i)
  end

  def test_a_ring_of_six_is_no_school
    assert_equal "not_a_choice", faults_of("picks.tree", area_m2: 4.8, cover: "balanced", crown: 6).first.code
  end
end
