# frozen_string_literal: true

require_relative "system_test"

# Stockings in a row on their bench: hung alike apart, dressed, filled near the day, held by what carries them.
class StockingsBenchTest < SystemTest
  def setup
    super
    enter
  end

  def open_row
    visit "/pieces/#{piece_id('Stockings on a batten')}"

    assert_text "What it takes"
  end

  def settings(name = "Stockings on a batten")
    DATABASE[:pieces].where(name: name).get(:settings).to_h
  end

  def test_they_are_added_measured_and_hung_one_by_one
    visit "/homes/#{DATABASE[:homes].where(name: 'The Signal Loft').get(:id)}"
    add_piece "Loft"
    click_button "stockings"

    assert_field "Name", with: "Loft stockings"
    click_button "Put it on the bench"

    assert_text "Measure the place and every line follows."
    type_length "Long", "1.2 m"

    assert_selector "[role=img] text", text: "nothing hangs there yet"
    step "Stockings"
    2.times { click_button "A stocking" }

    assert_figure "Stockings", "2 stockings"
    assert_figure "Between them", "27 cm"
    assert_selector "[role=img][aria-label*='2 stockings from a wall batten of 1.20 m, 27 cm between them']"
    assert_text "None is for a visitor"
    within("[role=group][aria-label='stocking 2']") { find("label", text: "For a visitor").click }

    assert_no_text "None is for a visitor"
    eventually("It was not saved.") { settings("Loft stockings")["stockings"]["hung"].size == 2 }
  end

  def test_on_stairs_they_climb_and_the_rail_is_minded
    open_row
    step "Place"

    assert_figure "Lowest toe, over the floor", "90 cm"
    click_button "stairs"

    assert_text "One side of a rail stays free to grasp"
    assert_selector "[aria-label='Ledger'] tr", text: /Padded wire tie/
    type_length "Hooks above the floor", "45 cm"

    assert_selector "[role=img] text", text: /toe 20 cm up/
    find("label", text: "A fire, heater or lamp close by").click

    assert_text "Stockings never near a lit fire"
  end

  def test_what_is_too_heavy_for_its_hook_is_told_until_another_holds_it
    open_row
    step "Fill"
    find_field("What goes into one weighs").set("2.5").send_keys(:tab)

    assert_text(/A filled stocking weighs 2\.64 kg; its holder may carry 1\.15 kg\./)
    step "Hang"
    find_field("Rated load on its label").set("6").send_keys(:tab)

    assert_no_text "A filled stocking weighs"
    assert_figure "May carry", "3.00 kg"
    step "Fill"
    find_field("Days before the day").set("5").send_keys(:tab)

    assert_text "What is eaten goes in near the day"
  end

  def test_a_bow_on_each_takes_ribbon_and_picks_take_turns_with_it
    open_row

    assert_selector "[aria-label='Ledger'] tr", text: /Quince gingham ribbon\s+3\.0 m/m
    click_button "a pick"

    assert_selector "[aria-label='Ledger'] tr", text: /Picks, none chosen\s+4/m
    assert_no_selector "[aria-label='Ledger'] tr", text: "Quince gingham"
    click_button "Take out stocking 4"

    assert_selector "[aria-label='Ledger'] tr", text: /Picks, none chosen\s+3/m
    click_button "Every stocking"

    assert_selector "[role=dialog] tbody tr", count: 3
  end

  def test_a_studio_in_feet_reads_no_metres
    DATABASE[:studios].update(units: "imperial")
    open_row
    %w[Place Stockings Fill Hang].each do |name|
      step name
      values = all("input").map { |field| field["value"].to_s + field["placeholder"].to_s }

      assert_empty values.grep(/\d c?m\b|\d kg\b/), name
      assert_no_selector "#step-dials", text: /\d (c?m|kg)\b/
    end
    assert_no_selector "[role=img] text", text: /\d c?m\b/
  end
end
