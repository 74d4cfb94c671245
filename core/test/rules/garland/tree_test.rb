# frozen_string_literal: true

require_relative "../../core_test"

class GarlandTreeTest < CoreTest
  def length(pitch, area: 5.0)
    answer("garland.tree", area_m2: area, pitch_m: pitch)[:length_m]
  end

  def test_closer_turns_and_larger_trees_take_more
    assert_operator length(0.4), :>, length(0.55)
    assert_in_delta 2 * length(0.45), length(0.45, area: 10.0), 1e-9
    assert_in_delta 2 * length(0.5), length(0.25), 1e-9
  end
end
