# frozen_string_literal: true

require_relative "rooms_test"

# What may be said of the plan of a room, and what is refused with words.
class FloorPlanSurveyTest < RoomsTest
  ROOM = { width_m: 4.2, depth_m: 3.1, ceiling_left_m: 2.55, ceiling_right_m: 2.55 }.freeze
  DOOR = { "kind" => "door", "wall" => "front", "left_m" => 0.4, "width_m" => 0.9, "height_m" => 2.0 }.freeze

  def check(**plan) = Rooms::FloorPlanSurvey.check(plan.transform_keys(&:to_s), ROOM)

  def faults(**plan)
    assert_raises(InputError) { check(**plan) }.faults.map { |fault| [fault.code, fault.pointer] }
  end

  def corners(*points)
    points.each_with_index.map { |(x, y), i| { "key" => "w#{i}", "x_m" => x, "y_m" => y } }
  end

  def test_nothing_said_is_a_rectangle
    plan = Rooms::FloorPlan.of({ **ROOM, plan: check })

    assert_equal %w[front right behind left], plan.walls.map(&:key)
    assert_equal [4.2, 3.1, 4.2, 3.1], plan.walls.map(&:length)
    assert_in_delta 4.2 * 3.1, plan.area
  end

  def test_walls_may_be_named_without_corners
    plan = Rooms::FloorPlan.of({ **ROOM, plan: check(walls: %w[a b c d].map do |key|
      { "key" => key, "name" => key * 3 }
    end) })

    assert_equal %w[aaa bbb ccc ddd], plan.walls.map(&:name)
    assert_equal([[:"/walls"]].flatten, faults(walls: [{ "key" => "a" }]).map { |_, pointer| pointer.to_sym })
  end

  def test_an_alcove_has_walls_of_its_own
    shape = corners([1, 0], [4, 0], [4, 1], [5, 1], [5, 3], [1, 3])
    plan = Rooms::FloorPlan.of({ **ROOM, plan: check(walls: shape) })

    assert_equal [0.0, 0.0], plan.walls.first.from
    assert_in_delta 11.0, plan.area
    assert plan.inside?([3.5, 2.0])
    refute plan.inside?([3.5, 0.5])
    assert_equal({ width_m: 4.0, depth_m: 3.0 }, Rooms::FloorPlanSurvey.extent(check(walls: shape)))
  end

  def test_walls_that_close_no_room_are_refused
    assert_equal [["walls_few", "/walls"]], faults(walls: corners([0, 0], [4, 0]))
    assert_equal [["walls_cross", "/walls"]], faults(walls: corners([0, 0], [4, 3], [4, 0], [0, 2.5])).first(1)
    assert_equal [["walls_backwards", "/walls"]], faults(walls: corners([0, 0], [0, 3], [4, 3], [4, 0]))
    assert_equal [["walls_flat", "/walls"]], faults(walls: corners([0, 0], [4, 0], [4, 0.2])).first(1)
    assert_equal [["walls_flat", "/walls"]], faults(walls: corners([-90, 0], [90, 0], [90, 3])).first(1)
    assert_equal [["wall_short", "/walls/1/x_m"]], faults(walls: corners([0, 0], [4, 0], [4, 0.05], [0, 3]))
    assert_equal [["corners_missing", "/walls"]], faults(walls: [*corners([0, 0], [4, 0], [4, 3]), { "key" => "x" }])
    assert_equal [["walls_named_twice", "/walls"]], faults(walls: corners([0, 0], [4, 0], [4, 3]).each { |wall|
      wall["key"] = "a"
    })
  end

  def test_what_opens_stays_within_its_wall
    assert_equal [["beyond_wall", "/openings/0/left_m"]], faults(openings: [{ **DOOR, "left_m" => 3.5 }])
    assert_equal [["wall_unknown", "/openings/0/wall"]], faults(openings: [{ **DOOR, "wall" => "nowhere" }])
    assert_equal [["beyond_wall", "/sockets/0/at_m"]], faults(sockets: [{ "wall" => "left", "at_m" => 4.0 }])
    assert_in_delta 3.3, check(openings: [{ **DOOR, "left_m" => 3.3 }])[:openings].first[:left_m]
  end

  def test_what_stands_is_within_the_room
    sofa = { "name" => "Sofa", "kind" => "sofa", "wall" => "front", "at_m" => 2, "width_m" => 1.9, "height_m" => 0.8 }

    assert_equal [["outside_room", "/things/0/out_m"]], faults(things: [{ **sofa, "out_m" => 3.5 }])
    assert_in_delta 1.5, check(things: [{ **sofa, "out_m" => 1.5 }])[:things].first[:out_m]
    assert_in_delta 0.025, Rooms::FloorPlan.of({ **ROOM, plan: check(things: [sofa]) }).things.first[:out_m]
  end

  def test_lists_have_a_length
    assert_equal [["list_size", "/openings"]], faults(openings: [DOOR] * 41)
  end

  def test_doors_and_sofas_offer_places_to_look_from
    plan = front(openings: [{ **PASSAGE, kind: "door", name: "Hall door", wall: "behind", left_m: 3.0, width_m: 0.8,
                                         leads_to: nil }])
    door, sofa = Rooms::Viewpoint.offered(plan)

    assert_equal ["Hall door", "door", 0.0], door.values_at(:name, :kind, :heading_deg)
    assert plan.inside?([door[:x_m], door[:y_m]])
    assert_equal ["Sofa", "sofa", 0.0], sofa.values_at(:name, :kind, :heading_deg)
  end
end
