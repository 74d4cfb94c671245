# frozen_string_literal: true

require_relative "system_test"

# A table on its bench: measured, laid for guests, dressed for show and cleared for a meal.
class TableBenchTest < SystemTest
  def setup
    super
    enter
  end

  def open_table
    visit "/pieces/#{piece_id('Table for eight')}"

    assert_text "What it takes"
  end

  def settings(name = "Table for eight")
    DATABASE[:pieces].where(name: name).get(:settings).to_h
  end

  def drawn
    find("[role=img][aria-label^='A table']")["aria-label"]
  end

  def middle_of(selector)
    page.evaluate_script("(() => { const at = document.querySelector(#{selector.to_json}).getBoundingClientRect();" \
                         "return [at.x + at.width / 2, at.y + at.height / 2]; })()")
  end

  def test_it_is_added_measured_from_the_survey_and_laid
    visit "/homes/#{DATABASE[:homes].where(name: 'Number Nine, Ropewalk').get(:id)}"
    add_piece "Dining room"
    click_button "a table"

    assert_field "Name", with: "Dining room table"
    click_button "Put it on the bench"

    assert_text "Measure the table and every line follows."
    open_list "choose …"
    find("[role=option]", text: "Dining table").click

    assert_figure "With elbow room", "8 places"
    assert_figure "Room for each", "73 cm"
    assert_selector "[role=img][aria-label*='laid for 8 with 6 layers, for show']"
    click_button "round"

    assert_text "Measure the table and every line follows."
    type_length "Across", "1.4 m"

    assert_figure "With elbow room", "7 places"
    eventually("It was not saved.") { settings("Dining room table")["table"]["diameter_m"].to_s == "1.4" }
  end

  def test_more_guests_than_have_room_are_told_and_counted_for
    open_table
    step "Table"
    find_field("Guests").set("11").send_keys(:tab)

    assert_text "11 guests sit where 8 have elbow room."
    assert_selector "[aria-label='Ledger'] tr", text: /Charger\s+11/m
    assert_selector "[role=img][aria-label*='laid for 11']"
    assert_selector "[role=img] text", text: /11 places/
  end

  def test_for_a_meal_what_is_too_high_leaves
    open_table

    assert_includes drawn, "6 things along its middle. Those who sit do not see each other."
    assert_figure "Leave for a meal", "1 thing"
    click_button "Meal"

    assert_selector "[role=img][aria-label*='for a meal: 5 things along its middle. Those who sit see each other.']"
    assert_selector "[role=img] text", text: /1 thing off the table/
    open_list "leaves, by its height"
    find("[role=option]", exact_text: "stays").click

    assert_text(/stays for the meal and is 36 cm high: over 30 cm those who sit do not see each other\./)
    assert_figure "Leave for a meal", "0 things"
    click_button "Undo"

    assert_figure "Leave for a meal", "1 thing"
  end

  def test_things_are_moved_by_hand_from_above
    open_table
    x, y = middle_of("[data-thing='5']")
    mouse = page.driver.browser.mouse
    mouse.move(x: x, y: y)
    mouse.down
    mouse.move(x: x - 40, y: y - 20, steps: 4)
    mouse.up

    eventually("It was not saved.") do
      said = settings["centre"]["standing"][4]
      said["at_m"] < -0.5 && said["out_m"].to_f > 0.6
    end
    click_button "Let them stand by themselves"
    eventually("They were not put back.") { settings["centre"]["standing"].all? { |thing| thing["out_m"].nil? } }
  end

  def test_a_layer_that_sinks_into_the_next_is_told
    open_table
    step "At each place"

    assert_no_text "hardly lighter or darker"
    click_button "Take out layer 3"

    assert_text(/Napkin on plate: hardly lighter or darker \(\d apart; 25 are plain\)\./i)
    assert_no_selector "[role=group][aria-label='layer 5']"
    click_button "A layer"

    assert_selector "[role=group][aria-label='layer 5'] [role=combobox]", text: "place mat"
    assert_selector "[aria-label='Ledger'] tr", text: /Place mat, none chosen\s+8 \+ 1/m
    click_button "Take out layer 5"
    find("label", text: "A bow on each napkin").click

    assert_no_selector "[aria-label='Ledger'] tr", text: "Quince gingham ribbon"
  end

  def test_cloth_and_greens_take_turns
    open_table
    step "Runner"

    assert_figure "From end to end", "1.30 m"
    assert_figure "Before each guest", "45 cm"
    click_button "cloth"

    assert_figure "From end to end", "2.60 m"
    assert_selector "[aria-label='Ledger'] tr", text: "Runner, none chosen"
    type_length "Over each end", "9 m"

    assert_text "Over each end is 9 m. Nobody dresses that. Enter 1.5 m or less."
    click_button "nothing"

    assert_no_selector "[aria-label='Ledger'] tr", text: "Runner"
  end

  def test_what_stands_where_is_told_in_a_list
    open_table
    click_button "What stands where"

    assert_selector "[role=dialog] tbody tr", count: 6
    assert_selector "[role=dialog] tbody tr", text: /Bottle brush trees.*36 cm\s+leaves/m
    click_button "Close"
  end

  def test_a_studio_in_feet_reads_no_metres
    DATABASE[:studios].update(units: "imperial")
    open_table
    ["Table", "Runner", "At each place", "Middle"].each do |name|
      step name
      values = all("input").map { |field| field["value"].to_s + field["placeholder"].to_s }

      assert_empty values.grep(/\d c?m\b|\d kg\b/), name
      # What a thing is called may say its length.
      assert_no_selector "#step-dials", text: /(?<!1\.5)(?<=\d) c?m\b/
    end
    find("button[aria-label^='Before each guest']").click

    assert_selector "[role=dialog]", text: /A place takes\s+17\.7 in/
    find("[role=dialog]", text: "A place takes").send_keys(:escape)

    assert_no_selector "[role=img] text", text: /\d c?m\b/
    assert_no_selector "[aria-label='Ledger'] tr", text: /(?<!\.5)(?<=\d) c?m\b/
  end
end
