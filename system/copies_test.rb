# frozen_string_literal: true

require_relative "system_test"

# A dressed piece in another room, and the look of one piece on another.
class CopiesTest < SystemTest
  def more(entry)
    find("button[aria-label='More for this tree']").click
    find("[role=menuitem]", text: entry).click
  end

  def test_a_tree_is_copied_to_another_room_and_becomes_its_best_size
    enter
    open_tree
    more "Copy to another room"
    fill_in "A part of the room's name", with: "snu"
    find("[role=button]", text: "Snug").click

    assert_text "Quay window tree in Snug"
    fill_in "Name", with: "Small quay tree"
    click_button "Copy it there"

    assert_selector "h1", text: "Small quay tree"
    assert_text "What it takes"
    step "Measure"

    assert_no_field "Height", with: "2.40 m"
    visit "/homes/#{DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)}"

    within("[aria-label='Snug']") { assert_link "Small quay tree" }
  end

  def test_a_tree_takes_the_look_of_another_and_undo_takes_it_back
    enter
    open_tree
    step "Ornaments"

    assert_selector "button[aria-pressed=true]", text: "Slate glass"
    before = figure("On the tree")
    more "Take the look of another"
    fill_in "A part of the piece's name", with: "mantel"
    find("[role=button]", text: "Mantel greens").click

    assert_text "A tree takes the look of a tree"
    fill_in "A part of the piece's name", with: "signal"
    find("[role=button]", text: "Signal tree").click

    assert_no_selector "[role=dialog]"
    assert_selector "button[aria-pressed=false]", text: "Slate glass"
    assert_text "Saved"
    step "Measure"

    assert_field "Height", with: "2.40 m"
    click_button "Undo"
    step "Ornaments"

    assert_selector "button[aria-pressed=true]", text: "Slate glass"
    assert_figure "On the tree", before
  end
end
