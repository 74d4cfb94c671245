# frozen_string_literal: true

require_relative "../core_test"

# What vessels take, and where in them a ball may be.
class VesselTest < CoreTest
  SHAPES = { "cylinder" => { across_m: 0.2, filled_m: 0.22 }, "bowl" => { across_m: 0.3, filled_m: 0.12 },
             "box" => { across_m: 0.3, deep_m: 0.15, filled_m: 0.1 },
             "litres" => { across_m: 0.2, measured_litres: 6.0 } }.freeze

  def vessel(shape, **more)
    Vessels::Vessel.new(shape: shape, **SHAPES.fetch(shape), **more)
  end

  def test_litres_by_shape
    assert_in_delta 6.912, vessel("cylinder").litres, 0.001
    assert_in_delta 5.146, vessel("bowl").litres, 0.001
    assert_in_delta 4.5, vessel("box").litres, 1e-9
    assert_in_delta 6.0, vessel("litres").litres, 1e-9
  end

  # A bowl as deep as half of its width is half a ball.
  def test_a_deep_bowl_is_half_a_ball
    half = vessel("bowl", filled_m: 0.15)

    assert_in_delta 1000 * 2 * Math::PI * (0.15**3) / 3, half.litres, 1e-9
  end

  def test_measured_litres_stand_as_high_as_they_would_in_a_cylinder
    assert_in_delta 6.0, 1000 * Math::PI * 0.01 * vessel("litres").line_m, 1e-9
  end

  def test_a_box_is_as_narrow_as_its_narrower_side
    assert_in_delta 0.15, vessel("box").inside_m
  end

  # Wherever a ball is pushed, it is brought back inside; where it is inside already it stays.
  def test_what_is_held_inside_is_inside_and_stays_there
    chance = Random.new(4)
    SHAPES.each_key do |shape|
      one = vessel(shape)
      200.times do
        held = one.inside(*Array.new(3) { (chance.rand - 0.5) * 2 }, 0.03)

        one.inside(*held, 0.03).zip(held) { |again, once| assert_in_delta once, again, 1e-9, shape }
      end
    end
  end

  def test_no_ball_is_in_the_glass
    at = vessel("cylinder").inside(0.5, 0.0, -1.0, 0.03)
    low = vessel("bowl").inside(0.14, 0.0, 0.0, 0.03)

    assert_equal([0.07, 0.0, 0.03], at.map { |metres| metres.round(9) })
    assert_operator Math.hypot(low[0], low[2] - 0.15375), :<=, 0.15375 - 0.03 + 1e-9
  end
end
