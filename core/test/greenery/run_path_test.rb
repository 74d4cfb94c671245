# frozen_string_literal: true

require_relative "../core_test"

class RunPathTest < CoreTest
  def path(survey = {}, length = {})
    settings = RunSettings.check("survey" => { "length_m" => 1.5 }.merge(survey.transform_keys(&:to_s)),
                                 "length" => length.transform_keys(&:to_s))
    Greenery::RunPath.of(survey: RunSurvey.of(settings[:survey]), length: settings[:length])
  end

  def test_drops_go_up_and_down_beside_the_shelf
    way = path({ left_drop_m: 0.6, right_drop_m: 1.0, height_m: 1.2 })

    assert_in_delta 3.1, way.length
    assert_equal [0.6, 2.1], way.main
    assert_equal([[0, 0.6], [0, 1.2], [1.5, 1.2], [1.5, 0.2]],
                 [0, 0.6, 2.1, 3.1].map { |at| way.at(at).map { |value| value.round(9) } })
    assert_equal [0.6, 2.1], way.bends
  end

  def test_outward_is_up_on_a_shelf_and_away_from_the_opening_on_drops
    way = path({ left_drop_m: 0.6, right_drop_m: 1.0, height_m: 1.2 })

    assert_equal([[-1, 0], [0, 1], [1, 0]], [0.3, 1.0, 2.5].map { |at| way.outward(at).map(&:round) })
  end

  def test_a_frame_goes_up_over_and_down
    way = path({ kind: "frame", side_m: 2.0, height_m: 0, length_m: 0.9 })

    assert_in_delta 4.9, way.length
    assert_equal([0.45, 2.0], way.at(2.45).map { |value| value.round(9) })
  end

  def test_swags_hang_between_their_peaks
    way = path({ height_m: 1.2, length_m: 4.4 }, method: "swags", spans: 4, sag_m: 0.18)

    assert_in_delta answer("garland.swag", spans: 4, span_m: 1.1, sag_m: 0.18)[:length_m], way.length, 1e-9
    assert_in_delta 1.02, way.at(way.length / 8)[1], 1e-3
    assert_in_delta 1.2, way.at(way.length / 4)[1], 1e-9
    assert_empty way.bends
  end

  def test_a_rail_follows_its_slope_and_its_swags_hang_below_it
    straight = path({ kind: "rail", going_m: 3.0, rise_m: 2.0, height_m: 0.9 })
    swags = path({ kind: "rail", going_m: 3.0, rise_m: 2.0, height_m: 0.9 }, method: "swags", spans: 3, sag_m: 0.15)

    assert_in_delta Math.hypot(3, 2), straight.length
    assert_operator swags.length, :>, straight.length
    assert_equal([3.0, 2.9], swags.at(swags.length).map { |value| value.round(9) })
    assert_operator swags.at(swags.length / 6)[1], :<, 0.9 + (2.0 / 6)
  end

  def test_the_arc_of_a_slope_is_that_of_many_small_steps
    course = Greenery::Course.hanging([0, 1], [1.1, 1.8], 0.25)
    fine = (0..20_000).map { |i| i / 20_000.0 }.each_cons(2).sum do |t, u|
      y = ->(share) { (0.8 * share) - (4 * 0.25 * share * (1 - share)) }
      Math.hypot(1.1 * (u - t), y.call(u) - y.call(t))
    end

    assert_in_delta fine, course.length, 1e-6
  end

  def test_a_ring_closes
    way = path({ kind: "ring", diameter_m: 0.8, height_m: 2.1 })

    assert_in_delta Math::PI * 0.8, way.length
    assert_predicate way, :closed?
    refute_predicate path, :closed?
  end
end
