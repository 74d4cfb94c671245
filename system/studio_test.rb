# frozen_string_literal: true

require "tempfile"
require_relative "system_test"

# Founding, house rules, units, and plans going out and in.
class StudioTest < SystemTest
  def test_a_changed_house_rule_shows_its_effect_is_kept_and_reset
    sign_in
    visit "/house-rules#ornaments.per_m2_balanced"

    within("aside") { assert_selector "tr", text: /Ornaments, by cover\s*87 pieces\s*–/ }
    fill_in "Balanced cover, per m²", with: "40"

    within("aside") { assert_selector "tr", text: /Ornaments, by cover\s*87 pieces\s*174 pieces/ }
    find_field("Balanced cover, per m²").send_keys(:enter)

    assert_text "Yours. It comes as 20."
    open_tree

    assert_figure "On the tree", "200"
    visit "/house-rules#ornaments.per_m2_balanced"
    click_button "Reset Balanced cover"

    assert_no_text "Yours."
    assert_field "Balanced cover, per m²", with: "20"
  end

  def test_a_house_rule_out_of_range_is_told_and_not_kept
    sign_in
    visit "/house-rules#lights.spare_per"
    fill_in "One spare string per, strings", with: "1000"
    find_field("One spare string per, strings").send_keys(:enter)

    assert_text "Type a number from 2 to 50 (strings)."
    assert_field "One spare string per, strings", with: "1000"
    assert_equal 0, DATABASE[:house_rule_values].count
  end

  def test_a_house_rule_is_tried_first_and_kept_by_a_button
    at_the_desk
    visit "/house-rules#ornaments.per_m2_balanced"
    fill_in "Balanced cover, per m²", with: "40"
    find_field("Balanced cover, per m²").send_keys(:tab)

    within("aside") { assert_selector "tr", text: /Ornaments, by cover\s*87 pieces\s*174 pieces/ }
    assert_equal 0, DATABASE[:house_rule_values].count
    click_button "Keep Balanced cover"

    assert_text "Yours. It comes as 20."
  end

  def test_amounts_are_written_as_the_studios_currency_is
    DATABASE[:studios].update(currency: "SEK")
    at_the_desk

    assert_text(/SEK \d+\.\d\d in packs/)
    assert_no_text "€"
    DATABASE[:studios].update(currency: "JPY")
    anew
    at_the_desk

    assert_text(/¥\d+ in packs/)
  end

  def test_a_studio_in_feet_reads_house_rules_masses_and_workings_in_its_own_units
    DATABASE[:studios].update(units: "imperial")
    at_the_desk
    visit "/house-rules"

    assert_field "Hem, at least, in", with: "5.91"
    fill_in "Hem, at least, in", with: "6"
    click_button "Keep Hem, at least"

    assert_text "Yours. It comes as 5.91."
    assert_in_delta 0.1524, DATABASE[:house_rule_values].get(:value)
    open_tree
    step "Measure"
    find("button[aria-label^='Above the tip:']").click

    within("[role=dialog]") do
      assert_text "Sums are in feet; results as you read them."
      assert_no_text(/\d (m|cm)\b/)
    end
  end

  def test_what_a_region_brings_is_seen_when_founding_and_can_be_changed_by_the_house
    at_the_desk
    visit "/house-rules"
    within("[aria-label='Where the studio works']") do
      click_button "Letter"
      click_button "the foot"
    end
    at_rest?

    assert_equal %w[letter ft], DATABASE[:studios].get(%i[paper tree_sizes])
    open_tree
    step "Measure"

    assert_selector "[aria-label='Sizes of the catalogue'] button", text: "2.29 m"
  end

  def test_an_assistant_sees_house_rules_but_cannot_set_them
    sign_in(ASSISTANT)
    visit "/house-rules"

    assert_text "An owner sets these"
    assert_field "Hem, share of the height, × height", disabled: true
  end

  def test_a_studio_that_measures_in_feet_reads_and_types_feet
    sign_in
    click_button "OM, account of Ottoline Marsh"
    # Who opens another page at once has changed it all the same.
    page.execute_script("arguments[0].click(); location.assign('/house-rules')",
                        find("[role=menuitem]", text: "Measure in feet and inches"))
    eventually("It still measures in metres.") { DATABASE[:studios].get(:units) == "imperial" }
    open_tree
    step "Measure"

    assert_field "Height", with: "7 ft 10 in"
    type_length "Height", "7.5"

    assert_field "Height", with: "7 ft 6 in"
    assert_figure "Above the tip", "2 ft 8 in"
  end

  def test_a_plan_with_faults_is_told_by_line_and_stays_then_reads_in
    sign_in
    home = DATABASE[:homes].where(name: "Number Nine, Ropewalk").get(:id)
    text = page.evaluate_async_script(
      "fetch('/api/homes/#{home}/plan.json').then((answer) => answer.text()).then(arguments[0])"
    )
    bad = text.sub('"width_m": 3.8', '"width_m": 3800')
    line = bad.lines.index { |told| told.include?("3800") } + 1
    click_button "Open a home plan"
    choose_file(bad)
    click_button "Read it in"

    assert_text "Line #{line}: Width is 3800 m."
    assert_field "Plan", with: bad
    choose_file(text.sub("Number Nine, Ropewalk", "Number Ten, Ropewalk"))
    click_button "Read it in"

    assert_text "Number Ten, Ropewalk was read in."
    assert_link "Alcove tree"
  end

  def choose_file(text)
    Tempfile.create(["plan", ".json"]) do |file|
      file.write(text)
      file.flush
      find("input[type=file]", visible: :all).set(file.path)

      assert_field "Plan", with: text
    end
  end
end

# An installation that has no studio yet.
class FoundingTest < SystemTest
  def demo?
    false
  end

  def test_the_first_screen_founds_a_studio_and_the_empty_season_invites_to_measure
    visit "/"

    assert_text "Found your studio"
    fill_in "Name of the studio", with: "Copper & Quince"
    fill_in "Your name", with: "Ottoline Marsh"
    fill_in "Your email", with: "nowhere"
    fill_in "A password", with: "short"
    click_button "Found the studio"

    assert_text "“nowhere” is not an email address"
    assert_text "A password has 10 to 72 characters."
    fill_in "Your email", with: OWNER
    fill_in "A password", with: Server::DemoStudio::PASSWORD
    click_button "Found the studio"

    assert_text "No homes yet"
    click_button "Add the first home"
    fill_in "Name of the home", with: "Chandler's Row"
    within("[role=dialog]") { click_button "Add home" }

    assert_text "No room measured yet"
    let_in("Bram Teasel", "bram@copper.example", "rope-and-brass-1")
    using_session(:bram) do
      visit "/sign-in"
      fill_in "Email", with: "bram@copper.example"
      fill_in "Password", with: "rope-and-brass-1"
      click_button "Sign in"

      assert_text "Chandler's Row"
    end
  end

  def let_in(name, email, password)
    click_button "OM, account of Ottoline Marsh"
    find("[role=menuitem]", text: "People").click
    fill_in "Name", with: name
    fill_in "Email", with: OWNER
    fill_in "First password", with: password
    click_button "Let in"

    assert_text "Somebody signs in with that email already."
    fill_in "Email", with: email
    click_button "Let in"

    assert_text "assistant, #{email}"
  end
end
