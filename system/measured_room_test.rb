# frozen_string_literal: true

require_relative "system_test"

# From a measured room to a dressed tree, and back tomorrow.
class MeasuredRoomTest < SystemTest
  def measure_the_attic
    click_link "Number Nine, Ropewalk", match: :first
    click_link "Measure a room"
    fill_in "Name of the room", with: "Attic"
    type_length "Width", "4,20"
    type_length "Depth", "13 ft"
    type_length "Ceiling height", "2.70 m"
    fill_in "Name of the place", with: "Gable"
    click_button "wall"
    type_length "Free width", "5'"
    type_length "Free depth", "150 cm"
  end

  def test_readings_of_the_distance_meter_go_to_the_next_empty_measure_and_are_taken_back
    at_the_desk
    click_link "Number Nine, Ropewalk", match: :first
    click_link "Measure a room"
    type_length "Depth", "4 m"
    click_button "Distance meter"
    meter = find("section[aria-label='Distance meter']")

    assert_text "The next reading is Width"
    meter.click_button("Take a reading")

    assert_text "The next reading is Ceiling height"
    assert_field "Width", with: /m\z/
    assert_field "Depth", with: "4.00 m"
    meter.click_button("Take a reading")

    assert_text "The next reading is From the left, place 1"
    meter.click_button("Take back Ceiling height")

    assert_field "Ceiling height", with: ""
    assert_text "The next reading is Ceiling height"
  end

  def test_survey_best_size_tree_dials_working_and_all_of_it_again_after_a_reload
    at_the_desk
    measure_the_attic

    assert_field "Depth", with: "3.96 m"
    click_button "Keep the survey"
    within("[aria-label='Best sizes']") do
      assert_text "2.40 m"
      click_button "Put a tree here, in Gable"
    end
    click_button "Put it on the bench"

    assert_text "Best size for this place: 2.40 m"
    assert_text "Choose a tree and every line follows"
    find("[aria-label='Sizes of the catalogue'] button", text: "2.40 m").click

    assert_figure "Above the tip", "30 cm"
    step "Ornaments"
    click_button "Plum velvet, 8 cm"
    click_button "Slate glass, 10 cm"

    assert_selector "[aria-label='Ledger'] tr", text: "Plum velvet, 8 cm"
    before = figure("On the tree")
    click_button "by the foot"

    assert_figure "On the tree", "16"
    refute_equal before, figure("On the tree")
    find("button[aria-label^='On the tree:']").click
    within("[role=dialog]") do
      assert_text "Each style: one for each foot of height, rounded up"
      assert_text "By cover it would be"
      assert_text "House rules behind it"
      click_button "Close the working"
    end

    assert_text "Saved"
    visit current_path

    assert_text "What it takes"
    step "Ornaments"

    assert_figure "On the tree", "16"
    assert_selector "h1", text: "Attic tree"
  end

  def test_the_household_is_changed_where_the_room_is_surveyed
    at_the_desk
    visit "/rooms/#{DATABASE[:rooms].where(name: 'Front room').get(:id)}"
    within("[aria-label='Who lives here']") do
      assert_text "conifer allergy"
      click_button "Change the household"
    end
    fill_in "Ages of children", with: "3"
    check "Cat"
    click_button "Keep", exact: true

    assert_text "a child of 3, a cat, conifer allergy"
    open_tree("Alcove tree")
    step "Ornaments"

    assert_text "Cats climb"
    assert_text "Glass starts at 1.00 m"
  end

  def test_who_lives_there_is_read_anew_when_a_survey_opens
    at_the_desk
    room, home = DATABASE[:rooms].where(name: "Front room").get(%i[id home_id])
    follow "/homes/#{home}"

    assert_text "conifer allergy"
    DATABASE[:homes].where(id: home).update(conifer_allergy: false, rented: true)
    follow "/rooms/#{room}"

    within("[aria-label='Who lives here']") { assert_text "rented, no nails or glue" }
  end

  def test_leaving_a_survey_that_is_not_kept_asks_first
    at_the_desk
    measure_the_attic
    click_link "Season", match: :first
    within("[role=dialog]") { click_button "Stay here" }

    assert_field "Name of the room", with: "Attic"
    click_link "Season", match: :first
    within("[role=dialog]") { click_button "Leave it" }

    assert_text "Add a home"
  end

  # Each fault beside its field, once, all in the first round, and gone as soon as the field says something else.
  def test_faults_of_a_survey_stand_beside_their_fields_until_these_say_something_else
    at_the_desk
    click_link "Number Nine, Ropewalk", match: :first
    click_link "Measure a room"
    type_length "Depth", "300 m"
    click_button "Keep the survey"

    assert_text "5 fields below need mending; nothing was saved."
    assert_text "Name is missing. Enter it.", count: 2
    assert_text "Width is missing. Enter 0.5 m to 100 m.", count: 1
    assert_text "Ceiling is missing. Enter 0.5 m to 20 m.", count: 1
    assert_text "Depth is 300 m. Nobody dresses that."
    fill_in "Name of the room", with: "Attic"
    type_length "Depth", "3 m"

    assert_no_text "Depth is 300 m."
    assert_text "3 fields below need mending; nothing was saved."
  end

  def test_what_was_typed_of_a_survey_outlives_a_reload_until_it_is_left
    at_the_desk
    measure_the_attic

    assert_field "Free depth", with: "1.50 m"
    page.refresh

    assert_field "Name of the room", with: "Attic"
    assert_field "Free depth", with: "1.50 m"
    assert_text "Not kept yet"
    click_button "Keep the survey"

    assert_text "Best size for each place"
    fill_in "Name of the room", with: "Loft"
    click_link "Number Nine, Ropewalk"
    click_button "Leave it"
    click_link "Attic"

    assert_field "Name of the room", with: "Attic"
  end
end
