# frozen_string_literal: true

require_relative "rooms_test"

# What would quiet a view, and what each of it would do.
class OffersTest < RoomsTest
  def competing
    rooms(piece("tree", tree, wall: "front", at: 1.2),
          piece("greens", outline(1.5, 0.9, 2.2, lit: true), wall: "front", at: 3.0))
  end

  def offers(rooms, tried = [], movable: true)
    Rooms::Offers.new("front", rooms, viewpoint(2.1, 2.7), HouseRules.default).call(tried, movable: movable)
  end

  def test_nothing_is_offered_where_one_leads
    assert_empty offers(rooms(piece("tree", tree, wall: "front", at: 1.2),
                              piece("wreath", wreath, wall: "front", at: 3.0)))
  end

  def test_each_offer_does_what_it_says
    before = told(competing, at: viewpoint(2.1, 2.7))[:views].first[:seen][1]

    assert_equal "competing", before[:word]
    unlit = Outline.new(**outline(1.5, 0.9, 2.2).to_h)
    made = offers(competing, [{ way: "unlit", settings: { lights: {} }, outline: unlit }]).find do |one|
      one[:way] == "unlit"
    end

    assert_equal before[:id], made[:piece]
    assert_in_delta before[:ratio], made[:before]
    applied = rooms(piece("tree", tree, wall: "front", at: 1.2), piece("greens", unlit, wall: "front", at: 3.0))
    after = told(applied, at: viewpoint(2.1, 2.7))[:views].first

    assert_in_delta after[:seen].find { |one| one[:id] == made[:piece] }[:ratio], made[:after]
    assert_equal after[:verdict], made[:verdict]
  end

  def test_it_may_go_where_it_leaves_the_first_alone
    moved = offers(competing).find { |one| one[:way] == "moved" }
    at = moved[:position]

    assert_operator moved[:after], :<, moved[:before]
    id = moved[:piece]
    pieces = [piece("tree", tree, wall: "front", at: 1.2),
              piece("greens", outline(1.5, 0.9, 2.2, lit: true), wall: "front", at: 3.0)]
    pieces = pieces.map { |one| one[:id] == id ? { **one, wall: at[:wall], at_m: at[:at_m] } : one }
    after = told(rooms(*pieces), at: viewpoint(2.1, 2.7))[:views].first

    assert_equal moved[:verdict], after[:verdict]
    refute_includes offers(competing, movable: false).map { |one| one[:way] }, "moved"
  end

  def test_what_does_not_help_is_not_offered
    louder = outline(2.4, 0.9, 2.1, lit: true)

    refute_includes offers(competing, [{ way: "smaller", settings: {}, outline: louder }]).map { |one|
      one[:way]
    }, "smaller"
  end
end
