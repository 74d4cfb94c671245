# frozen_string_literal: true

require_relative "system_test"

# Nails and hooks that stay: noted on the home, kept from a bench, tried first.
class AnchorsTest < SystemTest
  def setup
    super
    enter
  end

  def open_home
    visit "/homes/#{DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)}"

    assert_text "Nails and hooks that stay"
  end

  def card
    find("section[aria-label='Nails and hooks that stay']")
  end

  def test_one_is_noted_mended_in_its_field_taken_out_and_brought_back
    open_home

    assert_text "None noted."
    click_button "Add a nail or hook"
    fill_in "Since", with: "24"
    fill_in "Where it is", with: "Front door, inside"
    click_button "Add it"

    assert_text "A year has four digits."
    fill_in "Since", with: "2024"
    type_length "Above the floor", "1.72 m"
    click_button "Add it"

    assert_no_selector "[role=dialog]"
    assert_includes card.text, "Front door, inside"
    assert_includes card.text, "since 2024 · 1.72 m up"
    click_button "Change Front door, inside"
    find("label", text: "Still good").click
    click_button "Keep"

    assert_no_selector "[role=dialog]"
    assert_text "not good any more"
    click_button "Take out Front door, inside"

    assert_text "None noted."
    click_button "Bring it back"

    assert_text "not good any more"
  end

  def test_the_hooks_of_a_wall_are_kept_for_next_year_and_then_none_is_short
    visit "/pieces/#{piece_id('Cabinet wreaths')}"

    assert_selector "[aria-label='Ledger'] tr", text: /Finishing nail\s*3\s/
    2.times do
      click_button "More for this wall of wreaths"
      find("[role=menuitem]", text: "Keep its hooks for next year").click

      assert_text(/hooks? kept for next year/)
    end

    assert_text "3 hooks are known already"
    assert_selector "[aria-label='Ledger'] tr", text: /Finishing nail, there since 2026/
    assert_equal 3, DATABASE[:anchors].count
    open_home

    assert_equal 3, card.all("li").size
    assert_includes card.text, "78 cm from the left · 1.71 m up"
  end

  def test_two_people_at_one_hook_are_asked
    home = DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)
    room = DATABASE[:rooms].where(name: "Stair hall").first
    DATABASE[:anchors].insert(studio_id: room[:studio_id], room_id: room[:id], place: "Newel post", kind: "nail",
                              since: 2023)
    visit "/homes/#{home}"
    click_button "Change Newel post"
    fill_in "Since", with: "2021"
    DATABASE[:anchors].update(since: 2022, version: 2)
    find("[role=dialog]").click_button("Keep")

    assert_text "2022"
    click_button "Keep mine"

    assert_no_selector "[role=dialog]"
    assert_equal 2021, DATABASE[:anchors].get(:since)
  end
end
