# frozen_string_literal: true

require_relative "system_test"
require_relative "accessible"

# The days ahead: who does what when, and what moves it.
class DaysTest < SystemTest
  include Accessible

  def setup
    super
    enter
    visit "/days"
    find("h2", text: "When it ends")
  end

  def day(date) = find("section[aria-label='#{date}']")

  def ends = find("section[aria-label='When it ends']")

  def block(date, says) = day(date).first("button[aria-label*='#{says}']")

  def test_every_step_stands_in_the_row_of_who_does_it_and_says_what_it_is_when_chosen
    ending = ends.text
    block("Mon 30 Nov", "Ribbon, 25, Quay window tree").click

    within("section[aria-label='Chosen step']") do
      assert_text "Ribbon, 25"
      assert_text "Quay window tree, Long room, Tidewaiter's House"
      assert_text "Ottoline Marsh"
      assert_text "After crown."
      assert_text "to spare"
    end
    assert_equal ending, ends.text
    # At a desk a day lies whole before one, also where it is pressed.
    assert_equal [0], page.evaluate_script("[...new Set([...document.querySelectorAll('section *')].map((part) => " \
                                           "part.scrollLeft))]")
    within(ends) do
      assert_text(/Number Nine, Ropewalk\s+Wed 2 Dec\s+14:03/)
      assert_text "proven 13:57"
    end
  end

  def home_ends(text)
    within(ends) { assert_text(/Number Nine, Ropewalk\s+Wed 2 Dec\s+#{text}/) }
  end

  def test_a_step_is_moved_by_keys_and_the_rest_follows_and_it_comes_back
    lights = block("Wed 2 Dec", "Lights, Alcove tree")
    before = lights["aria-label"]
    lights.send_keys(%i[shift right])

    assert_text(/Lights stands at \d+:\d\d\. Number Nine, Ropewalk ends 14:\d\d instead of 14:03\./)
    assert_text(/\d+:\d\d before/)
    within("section[aria-label='Chosen step']") { assert_button "Let it go where it may" }
    click_button "Bring it back"

    assert_selector "button[aria-label='#{before}']"
    home_ends "14:03"

    assert_no_button "Let it go where it may"
  end

  def test_a_step_is_pulled_to_a_time_and_a_rule_it_breaks_is_said
    lights = block("Wed 2 Dec", "Lights, Alcove tree")
    before = lights["aria-label"]
    pull(lights, 60)

    assert_text(/Lights stands at 1[12]:\d\d/)
    assert_no_selector "button[aria-label='#{before}']"
    pull(block("Wed 2 Dec", "Lights, Alcove tree"), -240)

    assert_text(/It cannot be done then: it comes after “Fluff”|is not at work there all the while/)
  end

  # With a pointer, so many pixels along the hours.
  def pull(block, across)
    page.execute_script("arguments[0].scrollIntoView({ block: 'center' })", block)
    left, top, width, height = page.evaluate_script("(({ x, y, width, height }) => [x, y, width, height])" \
                                                    "(arguments[0].getBoundingClientRect())", block)
    mouse = page.driver.browser.mouse
    mouse.move(x: left + (width / 2), y: top + (height / 2)).down
    mouse.move(x: left + (width / 2) + across, y: top + (height / 2), steps: 5).up
  end

  def test_a_step_is_put_to_a_time_and_a_person_without_a_pointer
    block("Wed 2 Dec", "Clear").click
    within("section[aria-label='Chosen step']") do
      fill_in "At", with: "09:30"
      click_button "Put it there"
    end

    assert_text "Clear stands at 9:30."
    within("section[aria-label='Chosen step']") { click_button "Let it go where it may" }

    assert_text "Clear goes where it may."
    home_ends "14:03"
  end

  def test_what_if_somebody_is_ill_is_compared_before_it_is_kept
    change("Number Nine, Ropewalk", "Wed 2 Dec", "What if …")
    within("[role=dialog]") do
      assert_text(/Now\s+Then/)
      select "this visit falls out", from: "What if"

      assert_text "not at all"
      select "Bram Teasel is ill that day", from: "What if"

      assert_text(/Wed 2 Dec 15:\d\d|without a place/)
      click_button "Leave it as it is"
    end
    home_ends "14:03"
    change("Number Nine, Ropewalk", "Wed 2 Dec", "What if …")
    within("[role=dialog]") do
      assert_text(/without a place|Wed 2 Dec 15/)
      click_button "Keep it"
    end

    assert_no_selector "[role=dialog]"
    within(day("Wed 2 Dec")) { assert_no_text "Bram" }
  end

  def test_what_comes_late_is_compared_kept_and_taken_back
    change("Number Nine, Ropewalk", "Wed 2 Dec", "What if …")
    within("[role=dialog]") do
      select "Warm lights, 100 a string comes late", from: "What if"
      fill_in "It comes on", with: "2026-12-05"

      # What was ordered with it is wanted elsewhere as well.
      assert_text(/Tidewaiter's House.*without a place/m)
      click_button "Keep it"
    end

    assert_no_selector "[role=dialog]"
    assert_text "It comes on Sat 5 Dec."

    assert_equal [Date.new(2026, 12, 5)], warm_lights_expected
    click_button "Bring it back"
    eventually("It comes late still.") { warm_lights_expected == [Date.new(2026, 11, 30)] }

    home_ends "14:03"
  end

  def warm_lights_expected
    lines = DATABASE[:purchase_lines].where(style_id: DATABASE[:styles].where(name: "Warm lights, 100 a string")
                                                                       .select(:id), open: true)
    DATABASE[:purchases].where(id: lines.select(:purchase_id)).select_map(:expected_on)
  end

  def test_days_off_are_added_and_worked_on_after_all
    click_button "Add days off"
    within("[role=dialog]") do
      click_button "Add them"

      assert_text "is no day"
      fill_in "First day", with: "2026-12-02"
      fill_in "Why", with: "the holiday"
      click_button "Add them"
    end

    within(day("Wed 2 Dec")) { assert_text "nobody works: the holiday" }
    assert_text(/steps find no place/)
    click_button "Work on Wed 2 Dec after all"

    assert_no_text "nobody works"
    home_ends "14:03"
  end

  def test_the_hours_of_a_day_without_a_step_are_reached_by_keys_on_a_phone
    DATABASE[:days_off].insert(studio_id: DATABASE[:studios].get(:id), from_on: "2026-12-02", to_on: "2026-12-02",
                               why: "the holiday")
    page.driver.resize(390, 844)
    visit "/days"

    within(day("Wed 2 Dec")) { assert_selector "[role=group][aria-label='Hours of Wed 2 Dec']" }
    assert_clean "a day without a step"
  ensure
    page.driver.resize(1280, 800)
  end

  def test_what_is_optional_is_left_out_where_there_is_no_time_for_all
    block("Wed 2 Dec", "Lights, Alcove tree").click
    within("section[aria-label='Chosen step']") { check "Alcove tree is optional" }

    within("section[aria-label='How far it is']") { assert_text "Alcove tree is optional" }
    change("Number Nine, Ropewalk", "Wed 2 Dec", "Change the visit")
    within("[role=dialog]") do
      fill_in "To", with: "13:00"
      fill_in "Lunch from", with: ""
      click_button "Keep it"
    end

    assert_text "it is optional, and there is no time for it"
    within(ends) { assert_text(/Number Nine, Ropewalk\s+Wed 2 Dec\s+1[12]:/) }
  end

  def test_a_room_is_to_be_ready_by_a_time
    change("Number Nine, Ropewalk", "Wed 2 Dec", "Ready by …")
    within("[role=dialog]") do
      fill_in "Kitchen, day", with: "2026-12-02"
      fill_in "Kitchen, time", with: "09:30"
      click_button "Keep it"
    end

    assert_text "it could not be done by the time it is to be ready"
  end

  def test_steps_are_gone_through_by_keys
    block("Wed 2 Dec", "Clear, the room").send_keys(:tab)

    assert_no_selector "section[aria-label='Chosen step'] h2", text: "Clear"
    assert_selector "section[aria-label='Chosen step'] h2", text: /./
  end

  def change(home, date, does)
    find("button[aria-label='More about #{home} on #{date}']").click
    find("[role=menuitem]", text: does).click
  end

  def test_less_time_leaves_what_finds_no_place_and_more_takes_it_in_again
    change("Number Nine, Ropewalk", "Wed 2 Dec", "Change the visit")
    within("[role=dialog]") do
      fill_in "To", with: "12:00"
      click_button "Keep it"

      assert_text "Lunch lies inside the visit"
      fill_in "Lunch from", with: ""
      click_button "Keep it"
    end

    assert_text "Number Nine, Ropewalk on Wed 2 Dec was kept."
    within("section[aria-label='Finds no place']") do
      assert_text(/steps? finds? no place/)
      assert_text "no hours are left in which it could be done in one go"
      first("button").click
    end

    within("section[aria-label='Chosen step']") { assert_text "Finds no place:" }
    change("Number Nine, Ropewalk", "Wed 2 Dec", "Change the visit")
    within("[role=dialog]") do
      fill_in "To", with: "17:00"
      click_button "Keep it"
    end

    assert_no_selector "section[aria-label='Finds no place']"
  end

  def test_a_visit_is_deleted_and_brought_back
    change("Number Nine, Ropewalk", "Wed 2 Dec", "Delete the visit")

    assert_no_selector "section[aria-label='Wed 2 Dec']"
    click_button "Bring it back"

    assert_selector "section[aria-label='Wed 2 Dec']"
  end

  def test_what_somebody_else_deleted_meanwhile_is_not_said_to_be_deleted_now
    DATABASE[:visits].where(held_on: "2026-12-02").update(deleted_at: TODAY)
    change("Number Nine, Ropewalk", "Wed 2 Dec", "Delete the visit")

    assert_text "The visit was not deleted:"
    assert_no_selector "section[aria-label='Wed 2 Dec']"
  end

  def test_nobody_is_sent_to_two_homes_at_once
    click_button "Add a visit"
    within("[role=dialog]") do
      select "Number Nine, Ropewalk", from: "Home"
      fill_in "Day", with: "2026-11-28"
      uncheck "Ottoline Marsh"
      fill_in "From", with: ""
      click_button "Add it"

      assert_text "Type a time, such as 9:00."
      fill_in "From", with: "09:00"
      click_button "Add it"

      assert_text "Bram Teasel is in Tidewaiter's House from 9:00 to 15:00 that day."
      fill_in "From", with: "15:30"
      fill_in "To", with: "18:00"
      fill_in "Lunch from", with: ""
      click_button "Add it"
    end

    assert_text "Number Nine, Ropewalk on Sat 28 Nov was kept."
    within(day("Sat 28 Nov")) { assert_text "on the way" }
  end

  def test_who_is_slower_takes_longer
    within("section[aria-label='Who works']") { find("button[aria-label='More about Bram Teasel']").click }
    find("[role=menuitem]", text: "Change it").click
    within("[role=dialog]") do
      fill_in "Takes, times the usual", with: "9"
      click_button "Keep it"

      assert_text "Enter 3 × usual or less."
      fill_in "Takes, times the usual", with: "1,4"
      find_field("Takes, times the usual").send_keys(:tab)

      assert_no_text "Enter 3 × usual or less."
      uncheck "ladders"
      click_button "Keep it"
    end

    assert_text "Bram Teasel × 1.4"
    assert_equal([1.4, ["carpentry"]],
                 DATABASE[:workers].where(name: "Bram Teasel").get(%i[pace skills]).then do |pace, can|
                   [pace.to_f, can]
                 end)
  end

  def test_the_order_in_a_room_is_a_school_of_the_studio
    select "all lights first", from: "In a room"

    eventually("The studio goes on as before.") { DATABASE[:studios].get(:house_order) == "lights_first" }

    assert_no_text "Still being planned"
    assert_text "proven"
  end
end

# Where nothing is planned yet, somebody says who works and when.
class FirstDaysTest < SystemTest
  def test_a_studio_plans_its_first_day
    enter
    DATABASE[:visits].delete
    DATABASE[:workers].delete
    visit "/days"

    assert_text "No day is planned yet"
    click_button "Add somebody"
    within("[role=dialog]") do
      click_button "Add"

      assert_text "Name"
      fill_in "Name", with: "Nib Farrow"
      click_button "Add"
    end

    assert_text "Nib Farrow was kept."
    click_button "Add the first visit"
    within("[role=dialog]") do
      select "Number Nine, Ropewalk", from: "Home"

      assert_field "Day", with: "2026-12-02"
      click_button "Add it"
    end

    assert_selector "section[aria-label='Wed 2 Dec'] button[aria-label*='Clear, the room']"
    # What takes two is not done by one.
    assert_text(/it takes 2 people, and so many are never there|steps? finds? no place/)
  end
end
