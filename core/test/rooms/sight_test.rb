# frozen_string_literal: true

require_relative "rooms_test"

# What an eye sees: what stands before what, what walls hide, what passages show.
class SightTest < RoomsTest
  def test_what_stands_free_is_seen_whole_as_far_as_it_is
    told = seen(rooms(piece("tree", tree, wall: "right", at: 0.9, out: 0.5)))

    assert_in_delta 1.0, told["tree"][:share]
    assert_in_delta Math.hypot(3.7 - 2.45, 0.9 - 2.2), told["tree"][:distance_m]
  end

  def test_a_wall_hides_what_is_behind_and_a_passage_shows_it
    there = [piece("bough", tree, wall: "left", at: 1.05)]
    open = seen(rooms(there: there), at: viewpoint(2.6, 1.6, heading: -90))
    closed = seen(rooms(there: there, plan: room), at: viewpoint(2.6, 1.6, heading: -90))

    assert_operator open["bough"][:share], :>, 0.8
    assert_equal "Dining room", open["bough"][:elsewhere]
    assert_empty closed
  end

  def test_beside_a_passage_its_wall_hides_more_and_more_of_what_is_behind
    there = [piece("bough", tree, wall: "left", at: 1.05)]
    shares = [[2.6, 1.6], [2.6, 0.4], [1.0, 2.6], [0.4, 2.6]].map do |x, y|
      seen(rooms(there: there), at: viewpoint(x, y, heading: -90)).dig("bough", :share) || 0
    end

    assert_equal shares.sort.reverse, shares
    assert_operator shares[2], :<, 0.3
    assert_equal 0, shares.last
  end

  def test_a_door_hides_until_it_stands_open
    shares = [false, true].map do |stands_open|
      door = { **PASSAGE, kind: "door", stands_open: stands_open }
      plan = room(openings: [{ **door, wall: "left", left_m: 0.85, leads_to: "dining" }])
      beyond = room(width: 3.2, depth: 2.1, openings: [{ **door, wall: "right", left_m: 0.4, leads_to: "front" }])
      seen(rooms(plan: plan, beyond: beyond, there: [piece("bough", tree, wall: "left", at: 1.05)]),
           at: viewpoint(2.6, 1.6, heading: -90)).dig("bough", :share)
    end

    assert_nil shares.first
    assert_operator shares.last, :>, 0.5
  end

  def test_what_is_behind_the_back_is_not_seen
    there = piece("tree", tree, wall: "right", at: 0.9, out: 0.5)

    assert_empty seen(rooms(there), at: viewpoint(2.45, 2.2, heading: 180))
  end

  def test_a_tall_thing_hides_a_low_one_behind_and_not_the_other_way_round
    cabinet = { **SOFA, name: "Cabinet", kind: "cabinet", wall: "front", at_m: 2.1, out_m: 1.2, width_m: 1.2,
                        depth_m: 0.4, height_m: 2.2 }
    plan = front(things: [cabinet])
    behind = piece("tree", tree, wall: "front", at: 2.1)
    low = front(things: [{ **cabinet, height_m: 0.9 }])

    assert_empty seen(rooms(behind, plan: plan), at: viewpoint(2.1, 2.8))
    assert_operator seen(rooms(behind, plan: low), at: viewpoint(2.1, 2.8))["tree"][:share], :>, 0.5
  end

  def test_a_tree_hides_as_much_as_its_outline_is_wide_there
    narrow = Outline.new(polygons: [[[-0.45, 0.2], [0.45, 0.2], [0.0, 2.1]]], area_m2: 0.85, lightness: 36.0,
                         lit: false, depth_m: 0.9, round: true, middle_m: 0.0)
    share = lambda do |before|
      seen(rooms(piece("greens", outline(1.5, 1.3, 1.9), wall: "front", at: 2.1),
                 piece("tree", before, wall: "front", at: 2.1, out: 1.2)),
           at: viewpoint(2.1, 2.8))["greens"]&.fetch(:share)
    end

    assert_operator share.call(narrow), :>, (share.call(tree) || 0) + 0.2
  end

  def test_what_lies_on_a_thing_is_not_hidden_by_it
    mantel = { **SOFA, name: "Mantel", kind: "mantel", wall: "front", at_m: 2.1, out_m: nil, width_m: 1.5, depth_m: 0.2,
                       height_m: 1.2 }
    greens = piece("greens", outline(1.5, 1.1, 1.4), wall: "front", at: 2.1, out: 0.1)

    assert_in_delta 1.0, seen(rooms(greens, plan: front(things: [mantel])), at: viewpoint(2.1, 2.8))["greens"][:share]
  end

  # Two rooms that meet at a corner: what is seen through must lie where the other room is.
  def test_a_room_beyond_lies_where_both_sides_of_the_opening_meet
    scene = Rooms::Scene.of("front", rooms(there: [piece("bough", tree, wall: "left", at: 1.05)]))
    bough = scene.placed.find { |one| one.id == "bough" }

    assert_in_delta(-2.75, bough.point[0])
    assert_in_delta 1.6 + 0.0, bough.point[1], 0.01
  end

  def test_a_turned_frame_keeps_lengths_and_angles
    chance = Random.new(5)
    50.times do
      plan = room(width: chance.rand(2.0..6.0), depth: chance.rand(2.0..6.0))
      here = plan.walls.sample(random: chance)
      there = room.walls.sample(random: chance)
      frame = Rooms::Frame.through([here, { left_m: 0.2, width_m: 1.0 }], [there, { left_m: 0.5, width_m: 1.0 }])
      one, other = Array.new(2) { [chance.rand(-5.0..5.0), chance.rand(-5.0..5.0)] }
      apart = ->(a, b) { Math.hypot(a[0] - b[0], a[1] - b[1]) }

      assert_in_delta apart.call(one, other), apart.call(frame.at(one), frame.at(other)), 1e-9
      assert_in_delta 0, apart.call(frame.at(there.at(1.0)), here.at(0.7)), 1e-9
      # The room beyond lies on the other side of the wall.
      assert_operator here.measure(frame.at(there.at(1.0, 0.5)))[1], :<, 0
    end
  end
end
