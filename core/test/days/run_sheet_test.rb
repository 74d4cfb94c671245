# frozen_string_literal: true

require_relative "../core_test"

# A home's steps one thing at a time.
class RunSheetTest < CoreTest
  def told(piece, key, part = nil, count: nil)
    id = [piece || "room", key, part].compact.join("/")
    Days::HomeSteps::Told.new(step: Days::Step.new(id: id, minutes: 10, site: "quay", after: {}), room: "room",
                              piece: piece, key: key, title: key, count: count)
  end

  def line(step, style, need, kind: "ornament", spares: 0)
    { step: step, style: style, label: style || "Stand", kind: kind, colour: nil, unit: "pieces", need: need,
      spares: spares, short: 0 }
  end

  def site(style, number, height, order, planned: true)
    { style: style, number: number, height_m: height, order: order, planned: planned }
  end

  # Order and height run against each other, so that one cannot stand for the other.
  def tree
    { lines: [line("ornaments", "slate", 2, spares: 1), line("ornaments", "bird", 1), line("foot", nil, 1),
              line("ornaments", "hooks", 3, kind: "fixing"), line("sack", "moss", 2)],
      map: { styles: [{ id: "slate", keepsake: false }, { id: "bird", keepsake: true }],
             sites: [site("slate", 1, 2.1, 3), site("slate", 2, 0.9, 1), site("bird", 1, 1.4, 2),
                     site("slate", 9, 1.0, 4, planned: false)] } }
  end

  def sheet(*steps) = Days::RunSheet.new(steps, { "tree" => tree })

  def keys(sheet, id) = sheet.turns.fetch(id).map(&:key)

  def test_what_goes_on_instead_of_a_ribbon_that_ran_out_is_a_turn_of_its_own
    ribbon = { **line("ribbon", "plum", 7.5), unit: "m" }
    stood_in = [{ step: "ribbon", style: "plum", instead_of: "gauze", name: "Gauze", need: 2.1 }]
    turns = lambda do |more|
      Days::RunSheet.new([told("tree", "ribbon")], { "tree" => { lines: [ribbon], stood_in: more } })
                    .turns.fetch("tree/ribbon").map { |turn| turn.to_h.values_at(:key, :need, :instead_of) }
    end

    assert_equal [["plum", 5.4, nil], ["plum for gauze", 2.1, "Gauze"]], turns.call(stood_in)
    assert_equal [["plum for gauze", 7.5, "Gauze"]], turns.call([{ **stood_in.first, need: 7.5 }])
    assert_equal [["plum", 7.5, nil]], turns.call([])
  end

  # The crown's bow is of the ribbon that goes on instead round the tree.
  def test_what_goes_on_instead_round_the_tree_is_no_more_for_the_crown
    bow, body = %w[crown ribbon].map { |step| { **line(step, "plum", 4.0), unit: "m" } }
    stood_in = [{ step: "ribbon", style: "plum", instead_of: "gauze", name: "Gauze", need: 4.0 }]
    sheet = Days::RunSheet.new([told("tree", "crown"), told("tree", "ribbon")],
                               { "tree" => { lines: [bow, body], stood_in: stood_in } })

    assert_equal(["plum"], keys(sheet, "tree/crown"))
    assert_equal(["plum for gauze"], keys(sheet, "tree/ribbon"))
  end

  def test_what_is_made_by_hand_takes_nothing_of_its_piece_and_is_so_many_at_once
    sheet = sheet(told("tree", "make star", count: 7), told("tree", "ornaments"), told("tree", "foot"))

    assert_equal([["", 7]], sheet.turns["tree/make star"].map { |turn| [turn.key, turn.need] })
    assert_includes keys(sheet, "tree/ornaments"), "moss"
  end

  def test_each_ornament_is_a_turn_in_the_order_it_is_hung_then_lines_without_a_place
    sheet = sheet(told("tree", "ornaments"), told("tree", "foot"))

    assert_equal ["slate 2", "bird 1", "slate 1", "hooks", "moss"], keys(sheet, "tree/ornaments")
    assert_predicate sheet.turns["tree/ornaments"].first, :hangs?
    refute_predicate sheet.turns["tree/ornaments"].last, :hangs?
  end

  def test_what_hangs_high_comes_in_the_step_from_the_ladder
    sheet = sheet(told("tree", "ornaments", "high", count: 1), told("tree", "ornaments", count: 2),
                  told("tree", "foot"))

    assert_equal ["slate 1"], keys(sheet, "tree/ornaments/high")
    assert_equal ["slate 2", "bird 1"], keys(sheet, "tree/ornaments")
  end

  def test_a_step_without_things_is_one_turn
    assert_equal [""], keys(sheet(told(nil, "clear")), "room/clear")
  end

  def test_in_two_goes_what_has_no_place_is_one_turn_each
    steps = [told("tree", "foot", "high", count: 2), told("tree", "foot", count: 3), told("tree", "picks")]

    assert_equal([["", 2], ["", 3]], sheet(*steps).turns.values_at("tree/foot/high", "tree/foot").map do |all|
      [all.first.key, all.first.need]
    end)
  end

  def test_keepsakes_are_looked_for_in_the_last_step_of_their_tree
    sheet = sheet(told("tree", "ornaments"), told("tree", "step_back"))

    assert_equal ["", "there bird 1"], keys(sheet, "tree/step_back")
    assert sheet.turns["tree/step_back"].last.check
    refute_predicate sheet.turns["tree/step_back"].last, :hangs?
  end

  def test_lines_of_one_thing_are_one_thing_and_what_has_no_step_goes_with_the_first
    steps = [told("tree", "ornaments"), told("tree", "foot")]
    things = sheet(*steps).things(steps.first)

    assert_equal({ "slate" => 2, "bird" => 1, "hooks" => 3, "moss" => 2 }, things.to_h { |one| [one.key, one.need] })
    assert_equal ["Stand"], sheet(*steps).things(steps.last).map(&:label)
    assert_empty sheet(*steps).things(told(nil, "clear"))
  end
end
