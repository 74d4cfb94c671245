# frozen_string_literal: true

require_relative "system_test"

# A drink corner on its bench: jars side by side, how long each lasts, ribbon round them, what is eaten and by whom not.
class DrinksBenchTest < SystemTest
  def setup
    super
    enter
  end

  def open_corner
    visit "/pieces/#{piece_id('Drink corner')}"

    assert_text "What it takes"
  end

  def settings(name = "Drink corner")
    DATABASE[:pieces].where(name: name).get(:settings).to_h
  end

  def test_it_is_added_measured_and_filled
    visit "/homes/#{DATABASE[:homes].where(name: 'Number Nine, Ropewalk').get(:id)}"
    add_piece "Dining room"
    click_button "a drink corner"

    assert_field "Name", with: "Dining room drinks"
    click_button "Put it on the bench"

    assert_text "Measure the place and every line follows."
    type_length "Long", "80 cm"

    assert_selector "[role=img] text", text: "no jar stands there yet"
    step "Jars"
    2.times { click_button "A jar" }

    assert_figure "The first is empty after", "6 days"
    within("[role=group][aria-label='jar 1']") do
      fill_in "What is in it", with: "Barley sugar"
      find_field("In store").set("40").send_keys(:tab)
    end

    assert_selector "[role=img] text", text: "Barley sugar"
    assert_text "Jar 2 is empty on day 6 of 14: 16 portions more."
    assert_no_text "Barley sugar is empty"
    eventually("It was not saved.") do
      settings("Dining room drinks")["jars"]["jars"].first&.fetch("in_store").to_i == 40
    end
  end

  def test_what_is_used_longer_runs_out_and_is_told_by_the_day
    open_corner

    assert_text "Almond brittle is empty on day 18 of 21: 3 portions more."
    assert_selector "[role=img] text", text: "lasts, 2 refills"
    find_field("Days it is used").set("17").send_keys(:tab)

    assert_no_text "Almond brittle is empty"
    assert_selector "[role=img][aria-label*='all of them last 17 days']"
    within("[role=group][aria-label='jar 3']") { find_field("In it now").set("19").send_keys(:tab) }

    assert_text "More is in it than it holds, which is 18 portions."
    within("[role=group][aria-label='jar 3']") { assert_field "In it now", with: "19" }
  end

  def test_allergens_are_named_and_paint_is_refused
    open_corner

    assert_text "Named beside the jars: milk, nuts."
    step "Place"
    find("label", text: "It is sprayed or painted").click

    assert_text "Nothing that is eaten stands on what is sprayed or painted"
    click_button "mirror"

    assert_selector "[aria-label='Ledger'] tr", text: "Mirror behind"
    click_button "Every jar"

    assert_selector "[role=dialog] tbody tr", text: /Almond brittle\s+18\s+0\s+3\s+nuts/m
  end

  def test_bows_take_ribbon
    open_corner
    step "Dress"

    assert_figure "Ribbon", "4.86 m"
    find("label", text: "A bow on each jar").click

    assert_no_selector "[aria-label='Ledger'] tr", text: "Jute cord"
    click_button "Undo"

    assert_selector "[aria-label='Ledger'] tr", text: "Jute cord"
  end

  def test_a_studio_in_feet_reads_no_metres
    DATABASE[:studios].update(units: "imperial")
    open_corner
    %w[Place Jars Dress].each do |name|
      step name
      values = all("input").map { |field| field["value"].to_s + field["placeholder"].to_s }

      assert_empty values.grep(/\d c?m\b/), name
      assert_no_selector "#step-dials", text: /\d c?m\b/
    end
    assert_no_selector "[role=img] text", text: /\d c?m\b/
  end
end
