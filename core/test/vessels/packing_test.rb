# frozen_string_literal: true

require_relative "../core_test"

# Balls that lie in a vessel: none in another, none in the glass, as many as the figure says.
class PackingTest < CoreTest
  VESSELS = [["cylinder", 0.20, 0.22], ["cylinder", 0.15, 0.20], ["bowl", 0.30, 0.12], ["box", 0.20, 0.15]].freeze

  def vessel(shape, across, filled)
    Vessels::Vessel.new(shape: shape, across_m: across, deep_m: across, filled_m: filled)
  end

  def figure(vessel, millimetres)
    answer("bowl.fill", ball_mm: millimetres, vessel_mm: vessel.inside_m * 1000, litres: vessel.litres)[:count]
  end

  def assert_apart(balls)
    balls.combination(2) do |one, other|
      apart = Math.sqrt(((one.x - other.x)**2) + ((one.y - other.y)**2) + ((one.z - other.z)**2))

      assert_operator apart, :>=, one.radius + other.radius - 1e-9
    end
  end

  # Heaped by no more than its own rule lets it.
  def assert_inside(vessel, balls)
    balls.each do |ball|
      vessel.inside(ball.x, ball.y, ball.z, ball.radius * Vessels::Packing::GROWN)
            .zip([ball.x, ball.y, ball.z]) { |may, is| assert_in_delta may, is, 1e-6 }
    end
  end

  def test_as_many_lie_as_the_figure_says_within_a_twentieth
    VESSELS.product([40, 60, 70]).each do |(shape, across, filled), millimetres|
      one = vessel(shape, across, filled)
      count = figure(one, millimetres)
      balls = Vessels::Packing.new(one, [millimetres / 1000.0] * count).balls

      assert_operator balls.size, :>=, (0.95 * count).floor, "#{shape} #{across} #{millimetres}"
      assert_apart(balls)
      assert_inside(one, balls)
    end
  end

  # Whatever the vessel and whatever is thrown in: nothing lies in another nor in the glass, nothing lies there twice.
  def test_whatever_is_thrown_in_lies_apart
    12.times do |seed|
      chance = Random.new(seed)
      one = vessel((Vessels::Vessel::SHAPES - %w[litres]).sample(random: chance), 0.08 + (chance.rand * 0.3),
                   0.06 + (chance.rand * 0.25))
      balls = Vessels::Packing.new(one, Array.new(chance.rand(1..60)) { 0.02 + (chance.rand * 0.08) }).balls

      assert_apart(balls)
      assert_inside(one, balls)
      assert_equal balls.map(&:number).uniq, balls.map(&:number)
    end
  end

  def test_sizes_lie_among_each_other
    glass = vessel("cylinder", 0.2, 0.22)
    balls = Vessels::Packing.new(glass, ([0.08] * 6) + ([0.06] * 10) + ([0.04] * 10)).balls

    lying = balls.map { |ball| ball.radius.round(6) }.tally

    assert_equal({ 0.04 => 6, 0.03 => 10, 0.02 => 10 }, lying)
    assert_equal balls.map(&:number).uniq, balls.map(&:number)
    assert_apart(balls)
  end

  # More than can lie there: what does is apart all the same, and of every size some.
  def test_what_is_too_much_is_left_out_evenly
    balls = Vessels::Packing.new(vessel("cylinder", 0.2, 0.22), ([0.08] * 20) + ([0.04] * 200)).balls

    assert_operator balls.count { |ball| ball.radius > 0.03 }, :>, 3
    assert_operator balls.count { |ball| ball.radius < 0.03 }, :>, 30
    assert_apart(balls)
  end

  def test_what_is_wider_than_the_vessel_lies_nowhere
    assert_empty Vessels::Packing.new(vessel("cylinder", 0.05, 0.2), [0.08] * 3).balls
    assert_empty Vessels::Packing.new(vessel("cylinder", 0.2, 0.2), []).balls
  end

  def test_the_same_question_has_the_same_answer
    one, other = Array.new(2) { Vessels::Packing.new(vessel("cylinder", 0.2, 0.2), [0.06] * 20).balls.map(&:to_a) }

    assert_equal one, other
  end

  def test_no_more_are_drawn_than_can_be_painted
    large = vessel("box", 1.0, 0.5)

    assert_operator Vessels::Packing.new(large, [0.02] * 2_000).balls.size, :<=, Vessels::Packing::MOST
  end
end
