# frozen_string_literal: true

require "tmpdir"
require_relative "../server/test/sent_picture"
require_relative "system_test"

# The log of a visit, from the ticks of its run sheet to next year's notes.
class VisitLogTest < SystemTest
  def setup
    super
    enter
  end

  def held = DATABASE[:visits].where(held_on: "2026-12-02").get(:id)

  def page_of(name) = find("section[aria-label='#{name}']")

  def open_log
    visit "/visits/#{held}/log"
    find("h2", text: "All together")
  end

  def more_about(what, entry)
    click_button "More about #{what}"
    find("[role='menuitem']", text: entry).click
  end

  def note(piece, sort, **fields)
    click_button "Note of #{piece}"
    click_button sort, exact: true
    fields.each { |label, value| fill_in label.to_s, with: value }
    click_button "Note it"
  end

  # As it came from a phone.
  def ticked(step, minute)
    DATABASE[:visit_acts].insert(
      studio_id: DATABASE[:studios].get(:id), home_id: DATABASE[:visits].where(id: held).get(:home_id), visit_id: held,
      key: SecureRandom.uuid, account_id: DATABASE[:accounts].where(email: OWNER).get(:id), kind: "up", step: step,
      happened_at: Time.utc(2026, 12, 2, 9) + (minute * 60), on_day: "2026-12-02", at_min: 540 + minute
    )
    DATABASE[:done_steps].insert(studio_id: DATABASE[:studios].get(:id), step: step,
                                 home_id: DATABASE[:visits].where(id: held).get(:home_id))
  end

  def test_ticks_become_minutes_that_are_corrected_by_hand
    ticked("#{piece_id('Alcove tree')}/measure", 34)
    visit "/days"
    more_about "Number Nine, Ropewalk on Wed 2 Dec", "Its log"

    within(page_of("Alcove tree")) { assert_text(/Tree up and fluffed, slim\s+Ottoline Marsh · run sheet\s+34 min/) }
    within("aside[aria-label='The visit']") { assert_text "35 min" }
    find("button", text: "Tree up and fluffed, slim").click

    assert_text "Read from the run sheet."
    fill_in "Minutes at the usual pace", with: "41"
    click_button "Keep it"

    within(page_of("Alcove tree")) { assert_text(/Ottoline Marsh · run sheet · corrected\s+41 min/) }
  end

  def test_what_was_wrong_what_held_and_what_is_for_next_year
    open_log

    assert_text "No time is known of it yet."
    note("Alcove tree", "Leaned", "In words": "To the window")

    within(page_of("Alcove tree")) { assert_text "Leaned To the window" }
    note("Mantel greens", "It failed", "In words": "Came off overnight")

    assert_text "Say what it was fixed to, for example painted plaster."
    fill_in "On what, such as painted plaster", with: "painted plaster"
    click_button "Note it"

    within(page_of("Mantel greens")) { assert_text(/It failed Came off overnight\s+on painted plaster/) }
    note("Alcove tree", "Buy", "In words": "A finer top")

    within(page_of("Alcove tree")) { assert_text "Buy A finer top" }
    follow "/ideas"

    assert_text "Buy 2"
    click_button "To the wishes: A finer top"

    assert_text "It stands among the wishes in Buying."
    assert_text "Buy 1"
    assert_equal ["wish"], DATABASE[:sightings].where(name: "A finer top").select_map(:list)
  end

  def test_a_note_is_changed_deleted_and_brought_back
    open_log
    note("Alcove tree", "Dull", "In words": "Left side")
    more_about "“Dull: Left side”", "Change it"
    fill_in "In words", with: "The whole left side"
    click_button "Keep it"

    within(page_of("Alcove tree")) { assert_text "Dull The whole left side" }
    more_about "“Dull: The whole left side”", "Change it"

    within("section[aria-label='Before']") { assert_text(/Dull, Left side · until .+, Ottoline Marsh/) }
    click_button "Cancel"
    more_about "“Dull: The whole left side”", "Delete it"

    assert_text "was deleted."
    within(page_of("Alcove tree")) { assert_no_text "Dull The whole left side" }
    click_button "Bring it back"

    within(page_of("Alcove tree")) { assert_text "Dull The whole left side" }
  end

  def test_a_picture_from_before_goes_with_its_note
    open_log
    note("Alcove tree", "Before")

    within(page_of("Alcove tree")) { assert_button "Add a photograph" }
    Dir.mktmpdir do |folder|
      path = File.join(folder, "before.jpg").tap do |file|
        File.binwrite(file, SentPicture.plain(64, 48, [90, 120, 90]))
      end
      attach_file("Choose photographs of Before", path, make_visible: true)

      within(page_of("Alcove tree")) { assert_button "Photograph 1 of 1" }
    end

    assert_equal 1, DATABASE[:photographs].exclude(log_remark_id: nil).count
  end

  def test_an_idea_is_done_and_open_again
    visit "/ideas"
    find("button[aria-label^='Done: Copper bells']").click

    assert_text "Move 0"
    click_button "Bring it back"

    assert_text "Move 1"
    click_button "Retire 1"

    assert_text "Chalk balls that shed on the dark floor"
    assert_no_text "Copper bells"
  end
end
