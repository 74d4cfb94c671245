# frozen_string_literal: true

require_relative "system_test"

# What is free for a piece, and who else wants it.
class ClaimsTest < SystemTest
  def open_mantel
    enter
    visit "/pieces/#{piece_id('Mantel greens')}"

    assert_text "What it takes"
  end

  def fir
    find("tr", text: "Fir garland, 1.8 m")
  end

  def who_wants_fir
    fir.click_button("4 kept for others")
    find("[role=dialog]", text: "Who wants Fir garland")
  end

  def test_a_line_tells_what_is_kept_for_others_and_for_whom
    open_mantel

    assert_selector "tr", text: /Fir garland, 1.8 m.*\s3\s+1\s+2\z/m
    within(who_wants_fir) do
      assert_text "5 on hand, 1 free for this piece."
      rail, mantel = all("li", count: 2).to_a

      assert_includes rail.text, "Tidewaiter's House, Stair hall\n28 Nov 2026 to 5 Jan 2027"
      assert_includes rail.text, "keeps 4"
      assert_includes mantel.text, "gets 1 of 3"
      click_link "Stair rail"
    end

    assert_selector "h1", text: "Stair rail"
    # First come: nothing is kept from it, and what it is asked about tells who comes after.
    assert_no_selector "tr", text: /Fir garland, 1.8 m.*kept for others/m
    find("button[aria-label^='Fir garland, 1.8 m: have 5']").click
    click_button "Who wants it"

    assert_text "gets 1 of 3"
  end

  def test_a_turn_is_swapped_and_brought_back
    open_mantel
    within(who_wants_fir) { click_button "Let this piece come first" }

    assert_selector "[role=dialog] li:first-child", text: "Mantel greens, this piece"
    assert_text "keeps 3"
    assert_text "It comes to Fir garland, 1.8 m before Stair rail now."
    assert_no_selector "tr", text: /Fir garland, 1.8 m.*kept for others/m
    assert_selector "button[aria-label^='Fir garland, 1.8 m: have 5']"
    click_button "Bring it back"

    assert_text "gets 1 of 3"
    click_button "Close who wants it"

    assert_selector "button[aria-label^='Fir garland, 1.8 m: have 1']"
  end

  def test_what_is_counted_is_all_there_is_and_what_is_offered_is_free
    open_mantel
    find("button[aria-label^='Fir garland, 1.8 m: have 1']").click

    assert_text "All there is; 1 of it free for this piece"
    assert_field "On hand", with: "5"
    click_button "Cancel"
    step "Body"
    open_list("Fir garland")

    assert_selector "[role=option]", text: "Fir garland, 1.8 m (1)"
  end

  def test_what_is_deleted_says_what_others_have_from_then_on
    enter
    visit "/pieces/#{piece_id('Stair rail')}"

    assert_text "What it takes"
    find("button[aria-label^='More']").click
    find("[role=menuitem]", text: "Delete").click
    within("[role=dialog]") { click_button "Delete" }

    assert_text "Stair rail was deleted. Frees"
    assert_text "of it for Mantel greens, Number Nine, Ropewalk"
  end
end
