# frozen_string_literal: true

require_relative "rooms_test"

# A room as a whole: beams, what leads, ways left.
class RoomViewTest < RoomsTest
  def pieces
    [piece("tree", tree, wall: "right", at: 0.9, out: 0.5),
     piece("greens", outline(1.5, 1.1, 1.5, lit: true), wall: "front", at: 2.4),
     piece("wreath", wreath, wall: "front", at: 0.6)]
  end

  def test_the_heaviest_leads_and_the_others_are_told_against_it
    view = told(rooms(*pieces))[:views].first

    assert_equal "tree", view[:first]
    assert_equal(%w[tree greens wreath], view[:seen].map { |one| one[:id] })
    assert_in_delta 1.0, view[:seen].first[:ratio]
    assert_equal "first", view[:seen].first[:word]
    assert_equal view[:verdict], view[:seen][1][:word]
  end

  def test_the_order_of_pieces_never_matters
    orders = pieces.permutation.map do |order|
      answer = told(rooms(*order))
      beams = answer[:walls].map do |wall|
        wall[:balance]&.merge(items: wall[:balance][:items].sort_by do |item|
          item[:id]
        end)
      end
      [answer[:views], beams, answer[:ways].map { |way| way[:width_m].round(9) }]
    end

    orders.each { |one| assert_close_all orders.first, one }
  end

  def test_twice_the_area_weighs_twice_and_twice_as_far_a_quarter
    near = seen(rooms(piece("wreath", wreath, wall: "front", at: 2.1)), at: viewpoint(2.1, 1.5))["wreath"]
    twice = Outline.new(**wreath.to_h, area_m2: wreath.area_m2 * 2)
    large = seen(rooms(piece("wreath", twice, wall: "front", at: 2.1)),
                 at: viewpoint(2.1, 1.5))["wreath"]
    far = seen(rooms(piece("wreath", wreath, wall: "front", at: 2.1)), at: viewpoint(2.1, 2.95))["wreath"]

    assert_in_delta near[:weight] * 2, large[:weight], 1e-9
    assert_in_delta near[:weight] / ((far[:distance_m] / near[:distance_m])**2), far[:weight], 1e-9
  end

  def test_a_mirrored_room_gives_a_mirrored_balance
    there = [["greens", outline(1.5, 1.1, 1.5), 1.1], ["wreath", wreath, 3.4], ["tree", tree, 2.6]]
    one, other = [->(at) { at }, ->(at) { 4.2 - at }].map do |side|
      told(rooms(*there.map do |id, shape, at|
        piece(id, shape, wall: "front", at: side.call(at))
      end))[:walls].first[:balance]
    end

    assert_in_delta(-one[:value], other[:value], 1e-9)
    assert_equal one[:verdict], other[:verdict]
    assert_in_delta one[:weight_m2], other[:weight_m2], 1e-9
  end

  def test_what_nobody_sees_weighs_nothing_and_is_told
    behind = piece("hidden", wreath, wall: "behind", at: 2.0)
    answer = told(rooms(*pieces, behind))

    assert_equal ["hidden"], answer[:unseen]
    refute(answer[:views].first[:seen].any? { |one| one[:id] == "hidden" })
  end

  def test_a_beam_counts_what_stands_at_its_wall_and_not_what_stands_free
    free = { **SOFA, wall: "front", at_m: 1.0, out_m: 1.6 }
    near = { **SOFA, name: "Bench", kind: "bench", wall: "front", at_m: 3.2, out_m: nil }
    beam = told(rooms(plan: front(things: [free, near])))[:walls].first[:balance]

    assert_equal(["thing-1"], beam[:items].map { |item| item[:id] })
    assert_equal ["leaning", []], beam.values_at(:verdict, :findings)
  end

  def test_a_wall_that_leans_is_told_where_something_was_dressed
    beam = told(rooms(piece("greens", outline(1.0, 1.1, 1.5), wall: "front", at: 3.6)))[:walls].first[:balance]

    assert_equal(["wall_leaning"], beam[:findings].map { |finding| finding[:code] })
  end

  def test_one_side_is_answered_by_what_weighs_most_on_the_other
    balance = told(rooms(piece("greens", outline(1.4, 1.1, 1.5), wall: "front", at: 3.2),
                         piece("lamp", outline(0.4, 0.0, 0.7), wall: "front", at: 0.7)))[:walls].first[:balance]

    assert_equal %w[one_sided right], balance.values_at(:verdict, :side)
    assert_match(/\Aone-sided right 0\.\d\d: answered by Lamp\z/, balance[:told])
  end

  def test_the_wall_opposite_the_tree_stays_under_half_of_its_weight
    codes = lambda do |width|
      told(rooms(piece("tree", tree, wall: "front", at: 2.0),
                 piece("greens", outline(width, 1.0, 1.6), wall: "behind", at: 2.0),
                 plan: front(things: [])))[:findings].map do |finding|
        finding[:code]
      end
    end

    assert_includes codes.call(2.4), "opposite_wall_heavy"
    refute_includes codes.call(0.5), "opposite_wall_heavy"
  end

  def test_a_way_people_cannot_pass_is_told_with_what_narrows_it
    answer = told(rooms(piece("tree", tree, wall: "right", at: 0.9, out: 0.5)))
    way = answer[:ways].first

    assert_equal %w[Sofa Tree], way[:between].sort
    assert way[:narrow]
    assert_operator way[:width_m], :<, 0.76
    assert_includes answer[:findings].map { |finding| finding[:code] }, "way_narrow"
  end

  def test_what_stands_together_leaves_no_way
    basket = { **SOFA, name: "Basket", kind: "other", wall: "front", at_m: 1.0, out_m: nil, width_m: 0.4, depth_m: 0.4,
                       height_m: 0.4 }
    stool = { **basket, name: "Stool", at_m: 1.5 }
    between = told(rooms(plan: front(things: [basket, stool])))[:ways].map { |way| way[:between] }

    refute_includes between, %w[Basket Stool]
  end

  def test_nobody_passes_where_there_is_nowhere_to_go
    bench = { **SOFA, name: "Bench", kind: "bench", wall: "right", at_m: 1.6, out_m: nil, width_m: 0.8 }
    ways = told(rooms(piece("tree", tree, wall: "front", at: 3.4), plan: front(things: [bench])))[:ways]

    refute(ways.any? { |way| way[:between].sort == %w[Bench Tree] })
    hung = told(rooms(piece("fall", outline(1.0, 0.1, 1.4), wall: "front", at: 1.0), plan: front(things: [bench])))

    refute(hung[:ways].any? { |way| way[:between].include?("Fall") })
  end

  def test_a_door_that_cannot_swing_is_told
    door = { **PASSAGE, kind: "door", name: "Hall door", wall: "behind", left_m: 2.0, width_m: 0.83, swing: "in_left",
                        leads_to: nil }
    stuck = ->(plan) { told(rooms(plan: plan))[:findings].map { |finding| finding[:code] }.include?("door_stuck") }

    assert stuck.call(room(openings: [door], things: [{ **SOFA, at_m: 2.5, out_m: 0.5 }]))
    refute stuck.call(room(openings: [door], things: [{ **SOFA, at_m: 0.96, out_m: 0.5 }]))
    refute stuck.call(room(openings: [{ **door, swing: "out_left" }], things: [{ **SOFA, at_m: 2.5, out_m: 0.5 }]))
  end

  def test_workings_open_for_beams_and_weights
    view = Rooms::RoomView.new("front", rooms(*pieces), [viewpoint(2.45, 2.2)], HouseRules.default)

    assert_equal "Balance of the front wall", view.working("balance:front")[:title]
    assert_equal "What leads from Sofa", view.working("weights:view")[:title]
    assert_nil view.working("balance:nowhere")
    assert_nil view.working("colours")
  end

  private

  def assert_close_all(expected, actual)
    case expected
    when Hash then expected.each { |key, value| assert_close_all value, actual.fetch(key) }
    when Array then expected.zip(actual) { |one, other| assert_close_all one, other }
    when Float then assert_in_delta expected, actual, 1e-9
    when nil then assert_nil actual

    else assert_equal expected, actual
    end
  end
end
