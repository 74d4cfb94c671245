# frozen_string_literal: true

require_relative "system_test"

# Shelves on their bench: measured, dressed bay by bay, colours led from one to the next, a tray in tiers.
class ShelvesBenchTest < SystemTest
  def setup
    super
    enter
  end

  def open_shelves
    visit "/pieces/#{piece_id('Book shelves')}"

    assert_text "What it takes"
  end

  def settings(name = "Book shelves")
    DATABASE[:pieces].where(name: name).get(:settings).to_h
  end

  def assert_saved(&)
    assert_selector "[role=status]", text: /Saved/
    eventually("It was not saved: #{settings}", &)
  end

  def bay_of(number)
    settings["dress"]["standing"][number - 1]["bay"]
  end

  def ledger(name)
    find("[aria-label='Ledger'] tr", text: name)
  end

  def drag(number, across, down)
    box = page.evaluate_script("(() => { const b = document.querySelector(`[data-thing='#{number}']`)" \
                               ".getBoundingClientRect(); return [b.x + b.width / 2, b.y + b.height / 2]; })()")
    mouse = page.driver.browser.mouse
    mouse.move(x: box[0], y: box[1]).down
    mouse.move(x: box[0] + across, y: box[1] + down, steps: 4).up
  end

  def test_shelves_are_added_measured_from_the_survey_and_dressed
    visit "/homes/#{DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)}"
    add_piece "Snug"
    click_button "shelves or a tiered tray"

    assert_field "Name", with: "Snug shelves"
    click_button "Put it on the bench"

    assert_text "Measure the unit and every line follows."
    open_list "choose …"
    find("[role=option]", text: "Book shelves").click

    assert_selector "[role=img][aria-label*='0 things in 4 bays 1.40 m wide, 4 of them quiet']"
    step "Dress"
    click_button "A thing"

    assert_selector "[aria-label='Ledger'] tr", text: "Jug, none chosen"
    click_button "A thing"
    # The next one goes where it is quiet.
    assert_saved { settings("Snug shelves")["dress"]["standing"].map { |one| one["bay"] } == [1, 2] }
  end

  # The hand drops it into the bay under it; the keyboard takes it to the bay beside.
  def test_a_thing_is_put_into_another_bay
    open_shelves
    drag(3, 0, 60)

    assert_saved { bay_of(3) == 6 }
    find("[role=slider][aria-label='Birch deer, in which bay'][aria-valuenow='6']").send_keys(:left, :down)

    assert_saved { bay_of(3) == 8 }
    assert_selector "[role=slider][aria-valuetext='bay 8 of 12']"
    click_button "Undo"

    assert_selector "[role=slider][aria-label^='Birch deer'][aria-valuetext='bay 6 of 12']"
  end

  def test_colours_are_led_from_one_to_the_next
    open_shelves

    assert_no_selector "[role=img] polygon[stroke-width='2.4']"
    step "Colours"

    assert_selector "[role=img] polygon[stroke-width='2.4']", minimum: 2
    assert_selector "li", text: "warm white, in 3 bays"
    assert_text "Brown is met in 1 bay only"
  end

  def test_what_does_not_go_in_and_a_full_unit_are_told
    open_shelves
    step "Dress"
    within("[aria-label='thing 1']") { type_length "High", "34 cm" }

    assert_text "Paper houses does not go into bay 1: 6 cm too high."
    step "Unit"
    click_button "Bays side by side: fewer"

    assert_text "4 things stood in bays that are no more: they are in the last one now."
    assert_saved { settings["unit"]["columns"] == 2 }
  end

  def test_a_tray_in_tiers_in_a_studio_in_feet
    DATABASE[:studios].update(units: "imperial")
    open_shelves
    step "Unit"
    click_button "a tray in tiers"

    assert_text "Measure the unit and every line follows."
    3.times { click_button "A tier below" }

    assert_selector "[role=img][aria-label*='11 things in 3 tiers']"
    assert_selector "[role=img] text", text: "Tier 3"
    assert_no_selector "[role=img] text", text: /\d c?m\b/
    values = all("input").map { |field| field["value"].to_s }

    assert_empty values.grep(/\d c?m\b/)
  end

  def test_the_garland_hangs_from_one_nail
    open_shelves
    step "Garland"

    assert_figure "Garland", "2.17 m"
    find("label", text: "A garland over it").click

    assert_no_selector "[aria-label='Ledger'] tr", text: "Nail at the top centre"
    assert_saved { settings["garland"]["hung"] == false }
  end

  def test_every_thing_in_a_list_and_no_metres_in_feet
    DATABASE[:studios].update(units: "imperial")
    open_shelves
    click_button "What stands where"

    assert_selector "[role=dialog] tbody tr", count: 11
    within("[role=dialog]") { assert_no_text(/\d c?m\b/) }
    click_button "Close"
    step "Colours"

    within("#step-dials", text: "in 3 bays") { assert_no_text(/\d c?m\b/) }
    %w[Unit Dress Garland].each do |name|
      step name
      values = all("input").map { |field| field["value"].to_s + field["placeholder"].to_s }

      assert_empty values.grep(/\d c?m\b/), name
    end
  end

  def test_on_a_phone_nothing_runs_over
    page.current_window.resize_to(390, 844)
    open_shelves

    assert_equal 0, page.evaluate_script("document.documentElement.scrollWidth - innerWidth")
  ensure
    page.current_window.resize_to(1280, 800)
  end
end
