# frozen_string_literal: true

require_relative "../../core_test"

class SurveyTest < CoreTest
  ROOM = { "name" => "Long room", "width_m" => 6.2, "depth_m" => 4.4, "ceiling_left_m" => 3.1,
           "ceiling_right_m" => 3.1 }.freeze

  def test_a_room_with_its_places_is_complete
    room = Survey.room(ROOM.merge("places" => [{ "name" => "Quay window", "stance" => "bay", "id" => "x" }]))

    assert_equal "none", room[:heat]
    assert_equal ["x", false], room[:places].first.values_at(:id, :near_heat)
  end

  def test_every_fault_is_told_with_its_place
    bad = ROOM.merge("width_m" => 0,
                     "places" => [{ "name" => "", "stance" => "roof" },
                                  { "name" => "Corner", "stance" => "corner", "free_depth_m" => 9 }])
    faults = assert_raises(InputError) { Survey.room(bad) }.faults

    assert_equal %w[/width_m /places/0/name /places/0/stance /places/1/free_depth_m], faults.map(&:pointer)
    assert_includes faults.last.message, "more than the room: 4.4 m"
  end
end
