# frozen_string_literal: true

require "tmpdir"
require_relative "../server/test/sent_picture"
require_relative "system_test"

# Looks as a person uses them: a board of what is there, made from a picture or a paint, given, and seen on the bench.
class LooksTest < SystemTest
  def setup
    super
    enter
  end

  def open_board(name)
    visit "/looks"
    find("a", text: name).click

    assert_selector "h1", text: name
  end

  def seen(name)
    find("[aria-label='Seen and wanted'] li", text: name).text.gsub(/\s+/, " ")
  end

  def picture(left, right)
    File.join(Dir.mktmpdir, "scene.png").tap { |path| File.binwrite(path, SentPicture.halves(400, 300, left, right)) }
  end

  def test_the_board_shows_what_lies_in_each_colour
    open_board("Orchard frost")

    within("section[aria-label='Quince yellow']") do
      assert_text "40 %"
      assert_selector "li", text: "Quince ball, 7 cm"
    end
    assert_selector "section[aria-label='Greens it goes with'] li", minimum: 1
    assert_text "without blue: Pewter and Sage look alike"
    assert_selector "section[aria-label='Quince yellow'] li", text: /Quince gingham ribbon.*this year’s layer/m
    open_board("Harbour dusk")

    assert_selector "section[aria-label='Begun from']", text: "Harbour light"
  end

  def test_a_look_is_made_from_a_picture_and_given_to_a_room
    visit "/looks"
    click_button "Make a look"
    fill_in "Name", with: "Plum frost"
    attach_file("Choose a picture to begin from", picture([107, 46, 79], [236, 232, 221]), make_visible: true)

    assert_field "Name of colour 1", with: "Plum"
    assert_field "Name of colour 2", with: "Warm white"
    assert_text "100 % together"
    fill_in "Name of colour 1", with: "Warm white"
    click_button "Make it"

    assert_text "“Warm white” is there twice."
    fill_in "Name of colour 1", with: "Plum"
    click_button "Make it"

    assert_selector "h1", text: "Plum frost"
    click_button "Give it to a home, room or piece"
    fill_in "Home, room or piece", with: "Front room"
    find("[role=option]", text: "Number Nine").click
    click_button "It wears it"

    assert_text "Front room wears Plum frost."
    assert_selector "section[aria-label='Who wears it']", text: "Front room, Number Nine, Ropewalk"
    visit "/pieces/#{piece_id('Alcove tree')}"

    assert_selector "button", text: /Colour seen.*Plum frost.*Plum \d+ % of 50 %/m
    open_board("Plum frost")
    click_button "Take it off Front room"

    assert_text "Front room wears it no more."
    click_button "Bring it back"

    assert_selector "section[aria-label='Who wears it']", text: "Front room"
  end

  def test_what_closes_a_short_colour_is_put_on_by_one_press_and_taken_back
    visit "/pieces/#{piece_id('Alcove tree')}"
    find("button", text: "Colour seen").click

    assert_text "What closes it"
    before = seen("Pewter")
    way = first("[aria-label='What closes it'] li", text: "Pewter is")
    after = way.text[/Pewter is (\d+ %) then: closes (?:all|a part) of it/, 1]
    way.click_button("Put on")

    assert_selector "[aria-label='Seen and wanted'] li", text: /Pewter\s+#{after}/
    refute_equal before, seen("Pewter")
    click_button "How it is reckoned"

    assert_text "Left of the ground"
    send_keys :escape
    click_button "Close the colours"
    click_button "Undo"
    find("button", text: "Colour seen").click

    assert_equal before, seen("Pewter")
  end

  def test_a_look_is_changed_deleted_and_brought_back
    open_board("Lamp oil")
    click_button "Change it"
    fill_in "Name of colour 1", with: "Honey"
    click_button "Keep it"

    assert_selector "section[aria-label='Honey']"
    click_button "More about this look"
    find("[role=menuitem]", text: "Delete it").click

    assert_text "Lamp oil was deleted."
    assert_no_selector "a", text: "Lamp oil"
    click_button "Bring it back"

    assert_selector "a", text: "Lamp oil"
  end

  def test_paint_is_kept_with_its_room_and_a_look_begins_from_it
    visit "/rooms/#{DATABASE[:rooms].where(name: 'Front room').get(:id)}"
    fill_in "Name on the tin", with: "Hearth grey"
    click_button "Keep this paint"

    assert_selector "section[aria-label='Paint of this room']", text: "Hearth grey"
    visit "/looks"
    click_button "Make a look"
    find("[role=combobox][aria-labelledby*='Paint'], [role=combobox]", match: :first).send_keys(:down)
    find("[role=option]", text: "Hearth grey").click

    assert_field "Name of colour 1", with: "Hearth grey"
  end

  def test_without_any_look_the_first_is_made
    DATABASE[:homes].update(look_id: nil)
    DATABASE[:looks].update(began_from: nil)
    DATABASE[:looks].delete
    visit "/looks"

    assert_text "No look yet"
    click_button "Make the first one"
    fill_in "Name", with: "Bare"
    click_button "Make it"

    assert_text "Colours must have 1 to 12 entries."
  end
end
