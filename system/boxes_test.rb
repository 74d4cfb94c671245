# frozen_string_literal: true

require_relative "system_test"
require_relative "cut_line"

# Boxes as a person uses them: found on their shelves, opened by a label, counted on the spot, without network as well.
class BoxesTest < SystemTest
  def setup
    super
    enter
  end

  def open_box(number, words)
    visit "/boxes/#{number}"

    assert_text words
  end

  def seen(thing, quantity)
    find("input[aria-label='#{thing}: seen']").set(quantity)
  end

  def on_hand(name)
    DATABASE[:stock_quantities].join(:styles, id: :style_id).where(name: name).get(:on_hand)
  end

  def test_boxes_stand_on_their_shelves_and_open_by_their_label
    visit "/boxes"

    assert_selector "section[aria-label='Loft left'] a", count: 8
    assert_selector "section[aria-label='Boat shed'] a", count: 6
    click_button "Open by its label"
    fill_in "Number or code", with: "99"
    click_button "Open it"

    assert_text "There is no box 99."
    fill_in "Number or code", with: "https://studio.example/boxes/13"
    click_button "Open it"

    assert_text "Keepsakes of the others"
    assert_text "keepsake of Corin Aske"
    visit "/boxes"
    click_button "Open by its label"
    click_button "Read the scanner"

    assert_text(/\d l of \d+ l/)
  end

  def test_a_box_is_added_changed_deleted_and_brought_back
    visit "/boxes"
    click_button "Add a box"
    fill_in "What it is called", with: "Spare tails"
    find_field("Number on its label").set("14").send_keys(:tab)
    click_button "Add it"

    assert_text "There is a box 14 already. 23 is free."
    find_field("Number on its label").set("40").send_keys(:tab)
    click_button "Add it"

    assert_text "Nothing lies in it"
    assert_selector "h1", text: "Box 40"
    click_button "More about this box"
    find("[role=menuitem]", text: "Delete it").click

    assert_text "Box 40 was deleted."
    click_button "Bring it back"

    assert_selector "a", text: "Spare tails"
    open_box(14, "Quince and chalk")
    click_button "More about this box"
    find("[role=menuitem]", text: "Delete it").click

    assert_text "6 kinds of things lie in it"
  end

  def test_what_was_seen_is_written_down_with_its_reason
    open_box(14, "Chalk pear")
    click_button "Count it"

    assert_button "Write it down", disabled: true
    seen("Chalk pear, 9 cm", "5")
    within("li[aria-label='Quince ball, 7 cm']") { click_button "All there" }
    fill_in "Something else lies in it", with: "sage velvet"
    find("[role=option]", text: "Sage velvet, 6 cm").click
    seen("Sage velvet, 6 cm", "3")

    assert_text "3 of 7 looked at"
    fill_in "Why 2 things differ", with: "one broke on the stair"
    click_button "Write it down"

    assert_text "Chalk pear, 9 cm, Sage velvet, 6 cm put right"
    assert_text "Last counted"
    assert_in_delta 5, on_hand("Chalk pear, 9 cm")
    assert_in_delta 19, on_hand("Sage velvet, 6 cm")
    assert_in_delta 18, on_hand("Quince ball, 7 cm")
    visit "/stock"
    fill_in "Search the stockroom", with: "chalk pear"

    assert_text "counted: one broke on the stair"
  end

  def test_lengths_are_counted_in_the_units_of_the_studio
    DATABASE[:studios].update(units: "imperial")
    open_box(14, "cu ft")

    assert_text "26.2 ft"
    click_button "Count it"
    within("li[aria-label='Chalk cotton ribbon']") { find_field("Seen").set("20 ft").send_keys(:tab) }

    assert_text "−6.2 ft"
    assert_no_text(/\d (l|kg|m)\b/)
    click_button "Write it down"

    assert_text "put right"
    assert_in_delta 20 * 0.3048, on_hand("Chalk cotton ribbon"), 0.001
  end

  # The browser itself keeps the application and what it last saw; nothing of the studio is reached meanwhile.
  def test_a_box_is_counted_without_network_and_written_down_once_there_is_some
    installed_browser
    enter
    line = CutLine.new(page.server.port)
    at = "http://127.0.0.1:#{line.port}"
    visit "#{at}/boxes/14"

    assert_text "Chalk pear"
    page.evaluate_async_script("navigator.serviceWorker.ready.then(() => arguments[0]())")
    2.times { visit "#{at}/boxes/14" }

    assert_text "Chalk pear"
    line.cut do
      page.refresh

      assert_text "Chalk pear"
      click_button "Count it"
      seen("Chalk pear, 9 cm", "4")
      click_button "Write it down"

      assert_text "count of box 14 kept here until there is network"
      assert_in_delta 6, on_hand("Chalk pear, 9 cm")
    end

    assert_no_text "kept here until there is network"
    assert_text "4"
    assert_in_delta 4, on_hand("Chalk pear, 9 cm")
    assert_equal 1, DATABASE[:stock_moves].where(reason: "counted", note: "").where(quantity: -2).count
  ensure
    line&.close
  end

  def test_what_lies_loose_is_packed_as_proposed_and_pulled_about
    visit "/boxes"
    click_button "More about boxes"
    find("[role=menuitem]", text: "Pack what lies loose").click

    assert_text "no fewer than"
    fill_in "Where the new boxes stand", with: "Cellar"
    before = all("[role=dialog] section", minimum: 2).size
    click_button "Pack them"

    assert_text "#{before} boxes packed."
    assert_selector "section[aria-label='Cellar'] a", count: before
  end
end
