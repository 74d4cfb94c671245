# frozen_string_literal: true

require_relative "../core_test"

# Taking down, one thing at a time.
class StrikeSheetTest < CoreTest
  def told(piece, key, part = nil)
    id = [piece || "room", key, part].compact.join("/")
    Days::HomeSteps::Told.new(step: Days::Step.new(id: id, minutes: 10, site: "strike/quay", after: {}), room: "room",
                              piece: piece, key: key, title: key)
  end

  def thing(step, style, count, kind: "ornament", keepsake: false)
    { step: step, style: style, label: style, kind: kind, colour: nil, unit: "pieces", count: count,
      keepsake: keepsake }
  end

  def things
    [thing("ornaments", "slate", 12), thing("ornaments", "bird", 1, keepsake: true), thing("crown", "slate", 3),
     thing("sack", "moss", 2)]
  end

  def sheet(*steps, holds: true) = Days::StrikeSheet.new(steps, { "tree" => { things: things, holds: holds } })

  def keys(sheet, id) = sheet.turns.fetch(id).map(&:key)

  def test_each_kind_of_thing_is_a_turn_of_the_step_that_put_it_up
    sheet = sheet(told("tree", "off_ornaments"), told("tree", "off_crown"), told("tree", "off_step_back"))

    assert_equal %w[slate bird], keys(sheet, "tree/off_ornaments")
    assert_equal [12, 1], sheet.turns["tree/off_ornaments"].map(&:need)
    # What no step is named after goes with the last that comes down.
    assert_equal %w[slate moss], keys(sheet, "tree/off_crown")
  end

  def test_keepsakes_are_looked_for_by_name_before_the_piece_is_left
    sheet = sheet(told("tree", "off_ornaments"), told("tree", "off_step_back"))

    assert_equal ["there bird", ""], keys(sheet, "tree/off_step_back")
    assert sheet.turns["tree/off_step_back"].first.check
    assert_equal ["bird"], sheet.things(told("tree", "off_ornaments")).map(&:key) - %w[slate moss]
  end

  def test_from_the_ladder_all_comes_down_into_its_box_it_goes_from_the_floor
    sheet = sheet(told("tree", "off_ornaments", "high"), told("tree", "off_ornaments"))

    assert_equal [""], keys(sheet, "tree/off_ornaments/high")
    assert_equal ["slate", "bird", "moss", "there bird"], keys(sheet, "tree/off_ornaments")
  end

  def test_hooks_are_a_turn_of_their_own
    sheet = sheet(told("tree", "off_ornaments"), told("tree", "off_anchors"), told(nil, "boxes_in"))

    assert_equal ["slate", "moss", "hooks", "there bird"], keys(sheet, "tree/off_anchors")
    assert_equal [""], keys(sheet, "room/boxes_in")
  end

  def test_cells_come_out_before_the_boxes_are_closed
    steps = [told("tree", "off_ornaments"), told("tree", "off_step_back")]
    burning = Days::StrikeSheet.new(steps, { "tree" => { things: things, cells: true } })

    assert_equal ["cells", "there bird", ""], keys(burning, "tree/off_step_back")
    refute_includes keys(sheet(*steps), "tree/off_step_back"), "cells"
    assert Seasons::Cells.in?([{ shape: "candle" }], [])
    assert Seasons::Cells.in?([], [TreeLedger::CELLS])
    refute Seasons::Cells.in?([{ shape: "ball" }], ["Slate glass"])
  end

  def test_where_nothing_of_its_own_holds_it_nobody_asks_for_hooks
    sheet = sheet(told("tree", "off_hang"), holds: false)

    refute_includes keys(sheet, "tree/off_hang"), "hooks"
  end

  def test_what_goes_onto_an_empty_surface_is_put_up_thing_by_thing
    put = [{ key: "beam lantern", style: "lantern", label: "Lantern, on the beam", kind: "decor", colour: nil }]
    sheet = Days::StrikeSheet.new([told(nil, "bridge")], {}, { "room" => put })

    assert_equal([["beam lantern", "beam lantern", 1]],
                 sheet.turns["room/bridge"].map { |turn| [turn.key, turn.thing, turn.need] })
    assert_equal([["lantern", 1]], sheet.things(told(nil, "bridge")).map { |thing| [thing.style, thing.need] })
    assert_equal [""], keys(Days::StrikeSheet.new([told(nil, "bridge")], {}), "room/bridge")
  end

  def test_the_things_of_a_step_are_counted_once_each
    sheet = Days::StrikeSheet.new([told("tree", "off_crown")], { "tree" => { things: things } })

    assert_equal({ "slate" => 15, "bird" => 1, "moss" => 2 },
                 sheet.things(told("tree", "off_crown")).to_h { |one| [one.key, one.need] })
  end
end
