# frozen_string_literal: true

require_relative "system_test"

# After the day: what goes and what stays, as a person goes through it.
class SeasonEndTest < SystemTest
  def setup
    super
    enter
    visit "/homes/#{DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)}"
    click_button "More for this home"
    find("[role=menuitem]", text: "Season’s end").click
    find("h2", text: "Into which boxes")
  end

  def on(name) = find("section[aria-label='#{name}']")

  def choice(thing) = find("[aria-label='#{thing} after the day']")

  def test_what_goes_says_why_and_into_which_box_and_the_person_has_the_last_word
    within(on("Stair rail")) do
      assert_text(/4\.2 m Plum velvet ribbon\s+it says holiday\s+→ box 2/)
      within(choice("Plum velvet ribbon")) { click_button "Stays" }

      assert_text(/4\.2 m Plum velvet ribbon\s+as you said/)
    end
    assert_text "Plum velvet ribbon on Stair rail stays."
    click_button "Bring it back"

    within(on("Stair rail")) do
      assert_text(/4\.2 m Plum velvet ribbon\s+it says holiday/)
      within(choice("Fir garland, 1.8 m")) { click_button "Goes" }

      assert_text(/4 Fir garland, 1\.8 m\s+as you said/)
      within(choice("Fir garland, 1.8 m")) { click_button "Goes" }

      assert_text(/4 Fir garland, 1\.8 m\s+greens are winter/)
    end
  end

  def test_what_broke_in_packing_is_written_down
    within(on("Quay window tree")) { click_button "More about Slate glass, 10 cm on Quay window tree" }
    find("[role=menuitem]", text: "Some broke, or are lost").click
    fill_in "How many", with: "2"
    fill_in "Why", with: "in packing"
    click_button "Write it down"

    assert_no_text "Write it down"
    assert_equal [["broken", -2.0, "in packing"]],
                 DATABASE[:stock_moves].where(reason: "broken").reverse(:id).limit(1).select_map(%i[reason quantity
                                                                                                    note])
    visit "/season-summary"

    assert_text(/Slate glass, 10 cm\s+2 broken\s+€7\.40/)
  end

  def test_surfaces_that_stand_empty_are_dressed
    within("section[aria-label='So that it does not look sad']") do
      assert_text "the one warm accent that carries on"
      assert_text "Where Quay window tree was"
      assert_no_text "Where Hearth tray was"
    end
  end

  def test_in_feet_nothing_is_metric
    DATABASE[:studios].update(units: "imperial")
    page.refresh

    within(on("Stair rail")) { assert_text(/\d+\.\d ft Plum velvet ribbon/) }
    assert_no_text(/\d m\b.*Plum velvet ribbon/)
  end
end
