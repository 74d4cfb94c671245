# frozen_string_literal: true

require_relative "../core_test"

class ParabolaTest < CoreTest
  def test_a_flat_loop_is_its_chord
    assert_in_delta 0.2, Parabola.arc(0.2, 0)
    assert_in_delta 0.2, Parabola.arc(0.2, 1e-6), 1e-9
  end

  def test_never_shorter_than_the_straight_way_up_and_down_and_never_longer_than_the_box_round_it
    [[0.1, 0.05], [0.2, 0.3], [1.1, 0.18]].each do |chord, stand|
      straight = 2 * Math.hypot(chord / 2, stand)

      assert_operator Parabola.arc(chord, stand), :>, straight
      assert_operator Parabola.arc(chord, stand), :<, chord + (2 * stand)
    end
  end
end
