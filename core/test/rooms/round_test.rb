# frozen_string_literal: true

require_relative "rooms_test"

# Stepping back from a place: the handbook's questions in its order, with what the figures say.
class RoundTest < RoomsTest
  def round(rooms, looked: {}, colours: nil, at: viewpoint(2.1, 2.7))
    told = Rooms::Round.new("front", rooms, at, looked, colours, HouseRules.default).call
    told.to_h { |one| [one[:question], one[:items]] }
  end

  def two
    rooms(piece("tree", tree, wall: "front", at: 1.2),
          piece("greens", outline(1.5, 0.9, 2.2, lit: true), wall: "front", at: 3.0))
  end

  def says(items) = items.map { |item| item[:message] }

  def test_questions_come_in_order
    assert_equal Rooms::Round::QUESTIONS, round(two).keys
  end

  def test_what_pieces_say_of_themselves_is_one_answer_each_with_the_worst_of_it
    thin = Finding.of(:looks_thin, stretches: "one stretch", by_m: 0.1)
    full = Finding.of(:looks_full)
    items = round(two, looked: { "greens" => { outline: [full, thin] } })["outline"]

    assert_equal(%w[greens caution], items.first.values_at(:piece, :severity))
    assert_equal "#{full.message} #{thin.message}", items.first[:message]
    assert_equal 1, items.size
  end

  def test_two_that_compete_and_one_that_is_alone
    assert_match(/compete, 0\.8\d/, says(round(two)["competing"]).first)
    alone = rooms(piece("tree", tree, wall: "front", at: 1.2))

    assert_equal ["Tree is alone in the view."], says(round(alone)["competing"])
    assert_equal(["view_forgotten"].map { |code| Finding.of(code.to_sym).message }, says(round(rooms)["competing"]))
  end

  def test_the_colour_that_is_shortest_is_told
    short = { short: ["Plum"],
              shares: [{ name: "Plum", seen: 0.1, wanted: 0.4 }, { name: "Brass", seen: 0.9, wanted: 0.6 }] }

    assert_equal ["Plum is 10 % of what is seen, and 40 % is wanted."], says(round(two, colours: short)["main_colour"])
    assert_equal ["Every colour has its share."], says(round(two, colours: { **short, short: [] })["main_colour"])
    assert_empty round(two)["main_colour"]
  end

  def test_what_is_hidden_is_told_with_its_share
    cabinet = { **SOFA, name: "Cabinet", kind: "cabinet", wall: "front", at_m: 2.1, out_m: 1.2, width_m: 0.5,
                        height_m: 2.2 }
    hidden = rooms(piece("wreath", wreath, wall: "front", at: 2.6), plan: front(things: [cabinet]))

    assert_equal(["wreath"], round(hidden)["hidden"].map { |item| item[:piece] })
    assert_empty round(two)["hidden"]
  end

  def test_by_night_what_is_dark_is_named
    mixed = rooms(piece("tree", tree, wall: "front", at: 1.2), piece("wreath", wreath, wall: "front", at: 3.0))

    assert_equal ["Lit by night: Tree. Dark: Wreath."], says(round(mixed)["night"])
    assert_match(/Lit by night: .*Greens/, says(round(two)["night"]).first)
    assert_equal ["Nothing in the view is lit by night."],
                 says(round(rooms(piece("wreath", wreath, wall: "front", at: 3.0)))["night"])
  end

  def test_taking_one_away_says_what_is_left
    item = round(two)["take_away"].first
    left = two["front"][:standings].reject { |one| one.id == item[:piece] }
    without = two.merge("front" => { **two["front"], standings: left })
    view = Rooms::RoomView.new("front", without, [viewpoint(2.1, 2.7)], HouseRules.default).views.first

    assert_includes item[:message], "#{view.told.first[:name]} leads, #{view.answer.outputs[:verdict]}"
    assert_empty round(rooms(piece("tree", tree, wall: "front", at: 1.2)))["take_away"]
  end
end
