# frozen_string_literal: true

require_relative "system_test"

# The tree in full: light and power, crown, ribbon and its cuts, making do, stepping back, versions.
class DressingTest < SystemTest
  def setup
    super
    enter
  end

  def ledger(name)
    find("[aria-label='Ledger'] tr", text: name)
  end

  def test_another_way_of_ribbon_changes_drawing_ledger_and_cuts
    open_tree
    step "Ribbon"
    before = canvas
    need = ledger("Plum velvet ribbon").text
    click_button "cascades"

    assert_figure "Ribbon on the body", "24.75 m"
    assert_no_selector "[aria-label='Ledger'] tr", text: need
    assert_redrawn(before)
    assert_text "Saved"
    click_link "Cut plan"

    assert_selector "h2", text: "Plum velvet ribbon"
    assert_text "stream:"
  end

  def test_a_garland_goes_round_the_tree
    open_tree
    step "Ribbon"
    before = canvas
    click_button "round and round"

    assert_figure "Garland", "12.7"
    assert_selector "[aria-label='Ledger'] tr", text: "Garland, no style chosen"
    assert_redrawn(before)
    click_button "one swag"

    assert_figure "Garland", "87 cm"
  end

  def on_hand(style)
    DATABASE[:stock_quantities].where(style_id: DATABASE[:styles].where(name: style).select(:id)).get(:on_hand)
  end

  def test_the_cut_plan_follows_the_rolls_at_hand_and_takes_the_ends_back
    visit "/pieces/#{piece_id('Quay window tree')}/cuts"
    within("[aria-label='Brass gauze ribbon']") do
      assert_text "12 pieces"
      assert_text "From stock, 6.5 m"
      fill_in "Rolls at hand, m", with: "3 3"
      find_field("Rolls at hand, m").send_keys(:enter)

      assert_no_text "From stock, 6.5 m"
      assert_text "From stock, 3.0 m", count: 2
      fill_in "Rolls at hand, m", with: "three"

      assert_text "Type lengths in metres"
    end
    within("[aria-label='Plum velvet ribbon']") { click_button "It is cut: keep the ends" }

    assert_text "Plum velvet ribbon: 14 pieces cut. Ottoline Marsh"
    assert_no_button "It is cut: keep the ends", count: 2
    assert_in_delta 6.8, on_hand("Plum velvet ribbon"), 0.1
    within("[aria-label='Plum velvet ribbon']") { click_button "Take it back" }

    within("[aria-label='Plum velvet ribbon']") { assert_button "It is cut: keep the ends" }

    assert_in_delta 21, on_hand("Plum velvet ribbon")
  end

  def test_power_is_reckoned_against_the_circuit
    open_tree
    step "Lights"
    click_button "power"

    assert_figure "On the circuit", "1.6 A"
    assert_figure "Sockets", "3"
    assert_figure "Cord to take", "3.00 m"
    fill_in "Else on it, W", with: "2900"
    find_field("Else on it, W").send_keys(:enter)

    assert_text "licensed electrician"
    assert_selector "[role=tab]", text: "Lights"
  end

  def test_a_string_is_tested_and_logged
    open_tree
    step "Lights"
    click_button "tests"

    assert_text "No string was tested yet."
    click_button "Read the meter"

    assert_text "String is missing. Enter it."
    fill_in "String in the meter", with: "String 1"
    click_button "Read the meter"

    assert_selector "[aria-label='Tested strings'] li",
                    text: /String 1.* W.*(all bulbs lit|set it aside).*19 Nov 2026, Ottoline Marsh/m
  end

  def test_streamers_and_a_heavy_topper_are_counted_and_told
    open_tree
    step "Crown"

    assert_figure "Ribbon of the bow", "4.10 m"
    3.times { click_button "Streamers: more" }

    assert_figure "Ribbon of the bow", "6.80 m"
    fill_in "Weight of the topper, g", with: "600"
    find_field("Weight of the topper, g").send_keys(:tab)

    assert_text "600 g on a leader that bears about 250 g"
  end

  def test_making_do_crosses_out_what_is_short_and_fills_the_spots
    open_tree
    click_button "make do"
    click_button "is crossed out"

    assert_text "5 crossed out; 5 spots want something."
    assert_no_selector "[aria-label='Ledger'] tr", text: /Eucalyptus ball.*buy/m
    need = ledger("Plum velvet ribbon").text
    click_button "ribbon tucks"

    assert_text "and get it"
    assert_no_selector "[aria-label='Ledger'] tr", text: need, exact_text: true
  end

  def test_something_else_hangs_in_place_of_what_is_missing_and_a_ribbon_that_ran_out_is_told
    tree = DATABASE[:pieces].where(name: "Quay window tree")
    ribbon = tree.get(:settings)["ribbon"]["styles"].first
    tree.update(settings: Sequel.lit("jsonb_set(settings, '{ribbon,ran_out}', ?::jsonb)",
                                     [{ style: ribbon, there_m: 4, instead: nil }].to_json))
    open_tree
    click_button "make do"
    3.times { click_button "Slate glass, 10 cm: more" }

    assert_text "3 crossed out"
    assert_text "Saved"
    find("[role=combobox]", text: "nothing").send_keys(:down)
    find("[role=option]", text: "Smoke ball, 6 cm").click

    assert_match(/\b3\b/, ledger("Smoke ball, 6 cm").text)
    step "Ribbon"
    within("[role=group][aria-label$='ran out']") do
      assert_field with: "4.00 m"
      click_button "There is enough of it"
    end

    assert_no_selector "[role=group][aria-label$='ran out']"
  end

  def test_another_pattern_is_another_spread
    open_tree
    click_button "spread"

    assert_operator figure("Evenness").to_f, :>, 1.88
    even = figure("Evenness")
    before = canvas
    click_button "in twos"

    assert_no_selector "button[aria-label*='Evenness: #{even}']"
    assert_operator figure("Evenness").to_f, :<, 1.88
    assert_redrawn(before)
  end

  def test_pointing_at_an_ornament_says_what_and_where_it_is
    open_tree
    step "Measure"
    told = (0..40).lazy.map do |i|
      page.driver.browser.mouse.move(x: 440 + (i * 6), y: 330 + ((i % 3) * 14))
      page.all("[role=status]", wait: 0).map(&:text).find { |text| text.match?(/no\. \d+: tier \d at \d+:\d\d/) }
    end.find(&:itself)

    assert told, "some ornament lies on the way of the pointer"
  end

  # All of some styles are absent, and their places stay empty.
  def leave_out(piece, styles)
    row = DATABASE[:pieces].where(id: piece)
    settings = JSON.parse(row.get(Sequel.lit("settings::text")))
    ornaments = settings["ornaments"]
    missing = ornaments["styles"].values_at(*styles).map { |style| { "style" => style, "count" => 99 } }
    absent = { "missing" => missing, "make_do" => "keep_places" }
    row.update(settings: Sequel.pg_jsonb({ **settings, "ornaments" => { **ornaments, **absent } }))
  end

  def test_stepping_back_finds_a_hole_and_a_mend_closes_it
    tree = piece_id("Quay window tree")
    leave_out(tree, [0, 2, 3, 4])
    visit "/pieces/#{tree}/map"

    assert_button "It is up"
    within("[aria-label='Style that is lit']") { find("[role=button]", text: "Plum velvet").click }
    click_button "left"
    find("button", text: /All \d are up/).click

    assert_text(/[2-7] of \d+ up/)
    at_rest?
    visit "/pieces/#{tree}"

    assert_text "What it takes"
    step "Step back"
    before = canvas
    click_button "what is up"

    assert_text(/Only \d hangs?: too few to speak of gaps/)
    assert_redrawn(before)
    click_button "the plan"
    within("[aria-label='What is found']") { click_button "Fill it with a pick", match: :first }

    assert_text "Take the mend back"
    assert_text "Saved"
    click_button "before"
    click_button "after"

    assert_equal 1,
                 DATABASE[:pieces].where(id: tree).get(Sequel.lit("jsonb_array_length(settings->'step_back'->'mends')"))
    click_button "Take the mend back"

    assert_no_text "Take the mend back"
  end

  def test_a_version_is_kept_compared_and_chosen_and_the_choice_undone
    tree = piece_id("Quay window tree")
    visit "/pieces/#{tree}/versions"

    assert_selector "section[aria-label='Right: With cascade']"
    assert_selector "canvas", count: 2
    within("[aria-label='What each takes']") { assert_selector "tr", text: /Plum velvet ribbon\s+14.2 m\s+[\d.]+ m/ }
    fill_in "Keep it as it is under a name", with: "With cascade"
    click_button "Keep"

    assert_text "That name is taken already"
    fill_in "Keep it as it is under a name", with: "First thought"
    click_button "Keep"

    assert_text "First thought was kept."
    click_button "Choose this one"

    assert_text "Chosen: With cascade."
    assert_equal "cascade", method_of(tree)
    click_button "Bring it back"

    assert_text "As it is"
    at_rest?

    assert_equal "tuck", method_of(tree)
  end

  def method_of(tree)
    DATABASE[:pieces].where(id: tree).get(Sequel.lit("settings->'ribbon'->>'method'"))
  end

  def test_the_studios_schools_order_the_steps
    visit "/house-rules"
    within("[aria-label='Schools of the studio']") { click_button "before ornaments" }

    assert_selector "button[aria-pressed=true]", text: "before ornaments"
    at_rest?
    open_tree
    steps = all("[role=tab]").map { |tab| tab.text[/\A[A-Za-z ]+/].strip }

    assert_operator steps.index("Picks"), :<, steps.index("Ornaments")
    press "5"

    assert_selector "[role=tab][aria-selected=true]", text: steps[4]
    step "Picks"
    click_button "after them"

    assert_selector "[role=tab]:nth-of-type(5)", text: "Ornaments"
  end

  def test_foot_and_real_tree_say_their_cautions
    open_tree
    step "Foot"
    check "Presents under it"

    assert_text "Presents keep off the walkway"
    click_button "rotating"

    assert_no_text "No riser under"
    type_length "Opening of basket or collar", "50 cm"

    assert_text "The legs are 12 cm too wide for the opening"
    step "Measure"
    click_button "real"

    assert_text "water it every day"
  end
end
