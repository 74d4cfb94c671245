# frozen_string_literal: true

require_relative "../../core_test"

# The four ways of ribbon on a tree; their figures are in the worked examples, here is how they behave.
class RibbonMethodsTest < CoreTest
  def length(rule, **inputs)
    answer(rule, **inputs)[:length_m]
  end

  def test_a_spiral_of_half_the_pitch_takes_twice_the_ribbon
    assert_in_delta 2 * length("ribbon.spiral", area_m2: 5, pitch_m: 0.6, billow: "soft"),
                    length("ribbon.spiral", area_m2: 5, pitch_m: 0.3, billow: "soft")
  end

  def test_cascades_add_up_stream_by_stream
    assert_in_delta 9 * length("ribbon.cascade", slant_m: 2.3, streams: 1, billow: "flat"),
                    length("ribbon.cascade", slant_m: 2.3, streams: 9, billow: "flat")
  end

  def test_streams_for_an_arc_lie_35_to_45_degrees_apart
    [180, 200, 240, 360].each do |arc|
      assert_includes 35..46, arc.fdiv(Rules::Ribbon::Cascade.streams_for(arc, HouseRules.default))
    end
  end

  def test_prouder_loops_take_more_and_flat_ones_their_chord
    tuck = ->(stand) { answer("ribbon.tuck", area_m2: 5, cover: "balanced", loops: 2, chord_m: 0.14, stand_m: stand)[:piece_m] }

    assert_in_delta (2 * 0.14) + (3 * 0.08), tuck.call(0)
    assert_operator tuck.call(0.12), :>, tuck.call(0.1)
  end

  def test_a_bow_without_tails_is_its_loops_and_knot
    assert_in_delta (6 * 0.42) + 0.1, length("ribbon.bow", loops: 6, loop_m: 0.2, tails: 0, tail_m: 0)
  end
end
