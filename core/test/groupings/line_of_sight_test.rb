# frozen_string_literal: true

require_relative "../core_test"

# Up to where an object hides what is behind it.
class LineOfSightTest < CoreTest
  G = PropCheck::Generators

  def hidden(**given)
    Groupings::LineOfSight.hidden_to(eye_m: 1.6, distance_m: 2.0, object_m: 0.4, away_m: 0.5, **given)
  end

  def test_at_the_wall_it_hides_as_much_as_it_is_high
    assert_in_delta 0.4, hidden(away_m: 0)
  end

  def test_before_the_wall_it_hides_less_from_above_and_more_from_below
    assert_in_delta 0.4 - (1.2 / 3), hidden
    assert_in_delta 0.4 + (0.2 / 3), hidden(eye_m: 0.2)
    assert_in_delta 0.4, hidden(eye_m: 0.4)
  end

  # The line from the eye to where it ends goes over the object's top.
  def test_eye_top_and_end_lie_on_one_line
    PropCheck.forall(G.choose(20..220), G.choose(1..150), G.choose(2..300), G.choose(0..99)) do |eye, high, far, share|
      distance = far / 100.0
      away = distance * share / 100
      ends = hidden(eye_m: eye / 100.0, object_m: high / 100.0, distance_m: distance, away_m: away)

      at_object = (eye / 100.0) + ((ends - (eye / 100.0)) * (distance - away) / distance)

      assert_in_delta high / 100.0, at_object, 1e-9
    end
  end

  # The riser the rule tells lifts the line just to what is to be hidden.
  def test_the_riser_told_hides_the_socket_and_no_less_does
    PropCheck.forall(G.choose(5..60), G.choose(0..60), G.choose(5..60)) do |high, away, socket|
      asked = { eye_m: 1.6, distance_m: 2.0, object_m: high / 100.0, away_m: away / 100.0,
                socket_top_m: socket / 100.0 }
      riser = answer("group.hides", **asked)[:riser_m]
      raised = hidden(object_m: (high / 100.0) + riser, away_m: away / 100.0)

      assert_operator raised, :>=, (socket / 100.0) - 1e-9
      assert_in_delta(socket / 100.0, raised, 1e-9) if riser.positive?
    end
  end
end
