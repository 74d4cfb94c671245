# frozen_string_literal: true

require_relative "rooms_test"

# Where everything is: as said, as its place was measured, else where there is room.
class LayoutTest < RoomsTest
  def layout(pieces, places: [], plan: room) = Rooms::Layout.of(plan, places, pieces).to_h { |one| [one.id, one] }

  def test_a_piece_is_where_it_was_put
    stood = layout([piece("tree", tree, wall: "left", at: 1.0, out: 0.7)])["tree"]

    assert_equal ["left", 1.0, 0.7, false], [stood.wall.key, stood.at_m, stood.out_m, stood.assumed]
    assert_equal([0.7, 2.1], stood.point.map { |metres| metres.round(6) })
  end

  def test_a_piece_of_an_old_survey_stands_where_its_place_was_measured
    place = { id: "bay", wall: nil, from_left_m: 3.3 }
    stood = layout([piece("tree", tree, place_id: "bay")], places: [place])["tree"]

    assert_equal ["front", 3.3, 0.45, false], [stood.wall.key, stood.at_m, stood.out_m, stood.assumed]
    assert_equal "right",
                 layout([piece("tree", tree, place_id: "bay")], places: [{ **place, wall: "right" }])["tree"].wall.key
  end

  def test_what_was_put_beside_its_place_says_so
    place = { id: "bay", name: "Bay", wall: nil, from_left_m: 2.0 }
    off = ->(**at) { layout([piece("tree", tree, place_id: "bay", **at)], places: [place])["tree"].off }

    assert_nil off.call
    assert_nil off.call(wall: "front", at: 2.2)
    assert_equal "Bay", off.call(wall: "front", at: 2.6)
    assert_equal "Bay", off.call(wall: "left", at: 2.0)
  end

  def test_pieces_nobody_put_anywhere_find_room_beside_each_other_and_say_so
    stood = layout(Array.new(6) { |i| piece("p#{i}", outline(1.2, 1.0, 1.5)) }).values

    assert stood.all?(&:assumed)
    stood.combination(2) do |one, other|
      next unless one.wall.key == other.wall.key

      assert one.right_m <= other.left_m + 1e-9 || other.right_m <= one.left_m + 1e-9
    end
  end

  def test_a_wall_that_is_gone_puts_its_pieces_back_to_what_is_known
    assert layout([piece("tree", tree, wall: "alcove", at: 1.0)])["tree"].assumed
  end

  def test_what_lies_beyond_a_shorter_wall_comes_to_its_end
    assert_in_delta 4.2, layout([piece("tree", tree, wall: "front", at: 9.0)])["tree"].at_m
  end
end
