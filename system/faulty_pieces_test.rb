# frozen_string_literal: true

require_relative "system_test"

# A piece that was kept in a way that can no longer be read or planned: its home stands, and it is mended on its own
# bench.
class FaultyPiecesTest < SystemTest
  def spoil(name)
    piece = DATABASE[:pieces].where(name: name)
    settings = piece.get(:settings)
    yield settings
    piece.update(settings: Sequel.pg_jsonb(settings), version: Sequel[:version] + 1)
  end

  def test_what_cannot_be_planned_is_put_back_on_the_bench
    spoil("Quay window tree") do |settings|
      settings["measure"].update("height_m" => 12, "spread_m" => 8)
      settings["ribbon"].update("garland" => "turns", "garland_pitch_m" => 0.05)
    end
    home = DATABASE[:pieces].join(:rooms, id: :room_id)
                            .where(Sequel[:pieces][:name] => "Quay window tree").get(:home_id)
    enter
    visit "/homes/#{home}"
    click_link "Quay window tree"

    assert_text "Quay window tree cannot be planned as it was kept"
    assert_text "A map holds up to 2000"
    click_button "Put it back to its default"

    # What that hid is told next.
    assert_text "Nobody dresses that. Enter 200 m or less."
    click_button "Put it back to its default"

    # Still too long for a tree of that size: then the whole step goes back.
    assert_text "Run is 395.567 m"
    click_button "Put it back to its default"

    assert_text(/Saved \d/)
    assert_text "What it takes"
    refute_equal "0.05",
                 DATABASE[:pieces].where(name: "Quay window tree")
                                  .get(Sequel.lit("settings->'ribbon'->>'garland_pitch_m'"))
  end

  def test_what_cannot_be_read_is_named_until_it_is_seen
    spoil("Quay window tree") { |settings| settings["ornaments"]["count_by"] = "moonlight" }
    enter
    open_tree

    assert_text "what cannot stands at its default"
    assert_text "moonlight"
    within("[role=alert]", text: "moonlight") { click_button "Close" }

    assert_no_text "moonlight"
  end
end
