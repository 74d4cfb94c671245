# frozen_string_literal: true

require_relative "system_test"

# A room as a whole, as a person uses it: pieces moved along walls, places to look from, what would quiet a view.
class RoomViewTest < SystemTest
  def setup
    super
    enter
  end

  def open_room(name)
    visit "/rooms/#{DATABASE[:rooms].where(name: name).get(:id)}/view"

    assert_selector "h1", text: name
  end

  def at(name) = find("[role='slider'][aria-label='#{name}']")["aria-valuetext"]

  def position(name) = DATABASE[:pieces].where(name: name).get(%i[wall at_m])

  # Sees the figure after the screen has it.
  def assert_at(name, where) = assert_selector("[role='slider'][aria-label='#{name}'][aria-valuetext='#{where}']")

  def look_from(name) = find("[aria-label='Seen from'] button", text: name).click

  def test_walls_hang_on_their_beams_and_what_leads_is_told
    open_room("Front room")

    assert_button "Balance of Fireplace wall: even, 0.09 to the left"
    assert_at "Alcove tree", "3.10 m from the left of Fireplace wall"
    within("section[aria-label='Weight in the view']") do
      assert_text(/Mantel greens\s*first\s*1\.00/)
      assert_text(/Alcove tree\s*competing\s*0\.8\d/)
    end
    assert_text "Mantel greens and Alcove tree compete"
    assert_text(/72 cm from Sofa to Window bench/)
    click_button "Balance of Fireplace wall"

    assert_selector "[role='dialog'] h2", text: "Balance of the fireplace wall"
  end

  def test_a_piece_goes_along_its_wall_by_keys_and_comes_back
    open_room("Front room")
    find("[role='slider'][aria-label='Alcove tree']").send_keys(:left, :left)

    assert_text "Alcove tree was moved."
    assert_at "Alcove tree", "3.00 m from the left of Fireplace wall"
    assert_equal ["front", 3.0], position("Alcove tree")
    click_button "Bring it back"

    assert_at "Alcove tree", "3.10 m from the left of Fireplace wall"
    assert_equal [nil, nil], position("Alcove tree")
  end

  def test_a_piece_is_dragged_and_the_beam_follows_before_it_is_put_down
    open_room("Front room")
    piece = find("[role='slider'][aria-label='Mantel greens']")
    box = page.evaluate_script("(({ x, y, width, height }) => [x + width / 2, y + height / 2])" \
                               "(arguments[0].getBoundingClientRect())", piece)
    mouse = page.driver.browser.mouse
    mouse.move(x: box[0], y: box[1]).down
    mouse.move(x: box[0] - 60, y: box[1], steps: 6)

    assert_no_button "Balance of Fireplace wall: even, 0.09 to the left"
    assert_equal ["front", 1.75], position("Mantel greens")
    mouse.up

    assert_text "Mantel greens was moved."
    assert_operator position("Mantel greens").last, :<, 1.4
  end

  def test_a_piece_is_put_at_another_wall_in_measures
    open_room("Front room")
    find("[role='slider'][aria-label='Alcove tree']").send_keys(:tab)
    click_button "Say where"
    choose "Fireplace wall", "Window wall"
    fill_in "Its middle from the left", with: "9'"
    click_button "Put it there"

    assert_at "Alcove tree", "2.74 m from the left of Window wall"
  end

  def test_an_offer_does_what_it_says
    open_room("Front room")
    within("section[aria-label='What would quiet it']") do
      assert_text(/Alcove tree: smaller\s*0\.8\d → 0\.\d\d, answered/)
      click_button "Do it: smaller"
    end

    assert_text "Alcove tree was changed."
    assert_no_text "Mantel greens and Alcove tree compete"
    click_button "Bring it back"

    assert_text "Mantel greens and Alcove tree compete"
  end

  def test_a_place_to_look_from_is_added_changed_and_taken_out
    open_room("Dining room")
    click_button "Look from Arch to the front room"

    assert_selector "[aria-label='Seen from'] button", text: "Arch to the front room"
    click_button "Change the place Arch to the front room"
    fill_in "Name", with: "Arch"
    click_button "Keep"
    look_from "Arch"

    assert_text "Seen from: Arch"
    click_button "Change the place Arch"
    click_button "Take it out"

    assert_text "Arch was taken out."
    assert_no_selector "[aria-label='Seen from'] button", text: "Arch"
    click_button "Bring it back"

    assert_selector "[aria-label='Seen from'] button", text: "Arch"
  end

  def test_a_room_is_seen_through_from_another
    open_room("Dining room")

    assert_text(/Alcove tree\s*in the Front room/)
    assert_selector "section[aria-label='Rooms it sees'] a", text: "Front room"
  end

  def test_stepping_back_asks_one_question_at_a_time_and_remembers
    open_room("Long room")
    click_button "Step back"

    assert_text "Question 1 of 9"
    within("[role='dialog'] [role='group'][aria-label='Quay window tree']") do
      click_button "Pinned, leave it"
      fill_in("Why", with: "Idony loves it").send_keys(:tab)
    end

    assert_text(/\d open, 1 pinned/)
    8.times { click_button "Next question" }

    assert_text "Question 9 of 9"
    click_button "On to From the stair hall"

    assert_text "Stepping back from From the stair hall"
    click_button "Close stepping back"
    look_from "Sofa"
    click_button "Step back"

    assert_selector "button[aria-pressed='true']", text: "Pinned, leave it"
    assert_field "Why", with: "Idony loves it"
  end

  def test_what_stays_bare_says_why
    open_room("Long room")
    click_button "More for this room"
    find("[role='menuitem']", text: "What stays bare").click

    assert_text "because of Quay window tree"
    fill_in "What stays bare", with: "Sideboard"
    click_button "Leave it bare"

    assert_text "Say why it stays bare"
    fill_in "Why", with: "the mirror is enough"
    click_button "Leave it bare"

    assert_text "the mirror is enough"
  end

  def test_walls_and_openings_are_measured_in_the_survey
    visit "/rooms/#{DATABASE[:rooms].where(name: 'Dining room').get(:id)}"
    click_button "Add a window"
    within("section[aria-label='Doors, windows and ways through'] [role='group']:last-of-type") do
      fill_in "Name", with: "Garden window"
      fill_in "From the left", with: "4 m"
    end
    click_button "Keep the survey"

    assert_text "It reaches to 5.2 m, and Front wall is 3.4 m long."
    within("section[aria-label='Doors, windows and ways through'] [role='group']:last-of-type") do
      fill_in "From the left", with: "1 m"
    end
    click_button "Keep the survey"

    assert_text "Kept"
    click_button "another shape"
    find("[role='button'][aria-label^='Corner 3']").send_keys(:right)

    assert_text "Not kept yet"
    click_button "Keep the survey"

    assert_text "Kept"
    assert_in_delta 3.45, DATABASE[:rooms].where(name: "Dining room").get(:width_m)
    open_room("Dining room")
    3.times { click_button "Turn to the right" }

    assert_button "Balance of Front wall", count: 0
    assert_text "Front wall"
  end

  def test_a_wreath_takes_its_door_from_the_survey
    visit "/pieces/#{piece_id('Door wreath')}"
    click_on "Place"
    choose "choose …", "Snug door"

    assert_field "Width", with: "80 cm"
    assert_text(/Saved \d\d:\d\d/)
    open_room("Stair hall")
    2.times { click_button "Turn to the right" }

    assert_at "Door wreath", "60 cm from the left of Stair wall"
  end

  def test_the_desk_and_the_home_tell_how_it_reads
    at_the_desk

    within("article", text: "Number Nine, Ropewalk") do
      assert_text "Orchard frost · Door: Mantel greens and Alcove tree compete"
    end
    click_link "Number Nine, Ropewalk"

    within("section[aria-label='How it reads']") { click_link("Dining room") }

    assert_selector "h1", text: "Dining room"
  end

  def test_a_studio_that_measures_in_feet_reads_feet_everywhere
    DATABASE[:studios].update(units: "imperial")
    open_room("Front room")

    assert_at "Alcove tree", "10 ft 2 in from the left of Fireplace wall"
    assert_text(/2 ft 4 in from Sofa to Window bench: people pass from 2 ft 6 in on/)
    # What things are called is theirs.
    refute_match(/\d (?:cm|m)\b/, page.text.gsub(/Could recur.*/, ""))
    click_button "Step back"

    assert_text(/It stands 6 ft 11 in high/)
  end

  def test_on_a_phone_one_wall_at_a_time
    page.driver.resize(390, 844)
    open_room("Front room")

    assert_button "Balance of Fireplace wall: even, 0.09 to the left"
    click_button "Turn to the right"

    assert_button "Balance of Window wall: even, 0.03 to the right"
    assert_no_button "Balance of Fireplace wall: even, 0.09 to the left"
    assert_operator page.evaluate_script("document.documentElement.scrollWidth"), :<=, 390
  ensure
    page.driver.resize(1280, 800)
  end

  private

  # What a choice says now, and what it is to say.
  def choose(now, option)
    open_list now
    find("[role='option']", text: option).click
  end
end
