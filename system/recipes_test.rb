# frozen_string_literal: true

require_relative "system_test"

# Things made by hand: a recipe is written, made, and taken back.
class RecipesTest < SystemTest
  def setup
    super
    enter
    visit "/recipes"
  end

  def on_hand(name)
    DATABASE[:stock_quantities].join(:styles, id: :style_id).where(name: name).get(:on_hand)
  end

  def recipe(name) = find("section[aria-label='#{name}']")

  def test_it_is_made_and_taken_back_and_says_by_when_it_is_begun
    within(recipe("Gilded cones")) do
      assert_text "8 of Brass cones, 6 cm at once, 50 min of work, dries 10 h 00"
      fill_in "Wanted on", with: "2026-11-28"

      assert_text "1 batch, 50 min: begin by 27 Nov 2026"
      click_button "Made"
    end

    assert_text "8 of Brass cones, 6 cm made."
    assert_equal [16, 2], [on_hand("Brass cones, 6 cm"), on_hand("Large cones, 9 cm")]
    within(recipe("Gilded cones")) { click_button "Made" }

    assert_text "There is too little of Large cones, 9 cm."
    visit "/stock"
    fill_in "Search the stockroom", with: "brass cones"

    assert_text "made by hand: Gilded cones"
  end

  def test_a_recipe_is_added_with_its_materials_and_deleted_and_brought_back
    click_button "Add a recipe"
    fill_in "What it is called", with: "Rope bows"
    find_field("Makes at once").set("2").send_keys(:tab)
    check "Made in the home, as a step of the visit"
    click_button "Add it"

    assert_text "Choose what comes of it."
    fill_in "What comes of it", with: "rope anchor"
    find("[role=option]", text: "Rope anchor").click
    fill_in "Add a material", with: "jute"
    find("[role=option]", text: "Jute cord").click
    find_field("How much").set("1.5").send_keys(:tab)
    click_button "Add it"

    within(recipe("Rope bows")) do
      assert_text "made in the home"
      assert_text "1.5 m of Jute cord"
    end
    click_button "More about Rope bows"
    find("[role=menuitem]", text: "Delete it").click

    assert_no_selector "section[aria-label='Rope bows']"
    click_button "Bring it back"

    assert_selector "section[aria-label='Rope bows']"
  end
end
