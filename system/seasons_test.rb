# frozen_string_literal: true

require_relative "system_test"

# A season is closed, stays readable, and the next opens from it.
class SeasonsTest < SystemTest
  def setup
    super
    enter
    visit "/season-summary"
  end

  def close_it
    click_button "Close the season"

    assert_text "Something is still out"
    click_button "Close it all the same"

    assert_text "Season 2026 is closed"
  end

  def open_it
    close_it
    click_button "Open season 2027"

    assert_text "pieces to decide on"
  end

  def on(name) = find("[role=group][aria-label='#{name}']")

  def tree = DATABASE[:pieces].where(name: "Quay window tree").first

  def test_what_is_out_is_told_first_and_looked_over
    click_button "Close the season"

    assert_text(/\d+ things are still open/)
    click_button "Look them over"

    assert_no_text "Something is still out"
    assert_button "Close the season"
    assert_equal 0, DATABASE[:seasons].count
  end

  def test_closed_it_is_read_and_changed_by_nobody_until_it_is_reopened
    close_it
    visit "/"

    assert_text "Season 2026 is closed; its plans stay as they are."
    home = DATABASE[:homes].where(name: "The Signal Loft").get(:id)
    visit "/homes/#{home}"
    click_button "More for this home"
    find("[role=menuitem]", text: /\ADelete/).click
    within("[role=dialog]") { find("button", text: /Delete/).click }

    assert_text "Its plans stay as they are. Open the next season, or reopen this one"
    visit "/seasons/2026"

    assert_text "All of this is as it was then."
    within("section[aria-label=\"Tidewaiter's House\"]") do
      click_button "What stood in Tidewaiter's House"
      find("summary", text: "Quay window tree").click

      assert_text "12 Slate glass, 10 cm"
    end
    visit "/season-summary"
    click_button "Reopen it"

    assert_text "Season 2026 is open again, as it was."
    assert_button "Close the season"
  end

  def test_the_next_opens_from_it_and_each_piece_is_kept_changed_or_let_go
    open_it
    within(on("Quay window tree")) do
      assert_text "Long room, Quay window"
      click_button "Keep it"
    end

    assert_text "Quay window tree comes again as it was."
    assert_no_selector "[role=group][aria-label='Quay window tree']"
    within(on("Stair rail")) { click_button "Let it go" }

    assert_text "Stair rail was let go."
    click_button "Bring it back"

    assert_selector "[role=group][aria-label='Stair rail']"
    visit "/"

    assert_text "Season 2027"
    assert_text(/\d+ pieces of last season wait to be decided on/)
    assert_nil tree[:deleted_at]
    visit "/pieces/#{tree[:id]}"

    assert_text "What it takes"
  end

  def test_a_piece_comes_again_elsewhere_and_without_a_colour
    open_it
    within(on("Quay window tree")) { click_button "Change it" }
    within("[role=dialog]") do
      assert_text "It has been: 2026 Long room, Quay window."
      select "Stair hall", from: "Room"
      check "Slate glass, 10 cm"
      click_button "Keep it so"
    end

    assert_text "Quay window tree comes again, changed."
    assert_equal "Stair hall", DATABASE[:rooms].where(id: tree[:room_id]).get(:name)
    glass = DATABASE[:styles].where(name: "Slate glass, 10 cm").get(:id)

    refute_includes tree[:settings]["ornaments"]["styles"], glass
  end

  def test_what_it_begins_with_is_told_beside
    open_it
    within("aside[aria-label='What else it begins with']") do
      assert_text "Keepsakes to come"
      assert_text(/missing: .*2027/)
      assert_text "Trees to replace"
      click_link "to buy"
    end

    assert_text "Next year’s notes"
  end

  def test_an_assistant_closes_nothing
    page.driver.clear_cookies
    enter ASSISTANT
    visit "/season-summary"

    assert_text "An owner of the studio closes it."
    assert_no_button "Close the season"
  end
end
