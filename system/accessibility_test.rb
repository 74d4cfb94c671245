# frozen_string_literal: true

require_relative "system_test"
require_relative "accessible"
require_relative "console"

# axe on every main view, at the desk and on a phone, by day and in the evening.
class AccessibilityTest < SystemTest
  include Accessible

  # What another step or part of one changes on a page that was swept as a whole.
  DIALS = "#step-dials"

  def views
    room = DATABASE[:rooms].where(name: "Long room").get(:id)
    DATABASE[:pieces].where(name: "Alcove tree").update(deleted_at: TODAY)
    home = DATABASE[:homes].where(name: "The Signal Loft").get(:id)
    board = DATABASE[:looks].where(name: "Harbour dusk").get(:id)
    { "/" => "Add a home", "/homes/#{home}" => "Signal tree", "/rooms/#{room}" => "Best size for each place",
      "/homes/#{home}/rooms/new" => "The room", "/rooms/#{room}/view" => "Seen from: Sofa",
      **tree_views, **run_views, "/stock" => "141 things", "/boxes" => "Loft left", "/boxes/14" => "Quince and chalk",
      "/recipes" => "Gilded cones", "/days" => "When it ends",
      "/visits/#{DATABASE[:visits].where(held_on: '2026-11-28').get(:id)}" => "in the car",
      "/buying" => "Eucalyptus ball, 7 cm", "/buying?as=list" => "Narrow by words",
      "/looks" => "Orchard frost", "/looks/#{board}" => "Who wears it",
      "/house-rules" => "On a sample tree", "/house-rules/log" => "Every plan not yet begun",
      "/visits/#{DATABASE[:visits].where(held_on: '2026-11-28').get(:id)}/log" => "All together",
      "/ideas" => "Retire 1", "/homes/#{home}/season-end" => "Into which boxes",
      "/homes/#{home}/proposal" => "What is shown",
      "/homes/#{home}/book" => "Drawings are those of",
      "/homes/#{home}/kept" => "Who saw it, who changed it",
      "/season-summary" => "Still open",
      "/deleted" => "Alcove tree",
      "/nowhere" => "Nothing here" }
  end

  def tree_views
    tree = "/pieces/#{piece_id('Quay window tree')}"
    { tree => "Ornaments", "#{tree}/map" => "It is up", "#{tree}/cuts" => "From stock",
      "#{tree}/versions" => "Stops and cautions" }
  end

  def run_views
    { "/pieces/#{piece_id('Mantel greens')}" => "Rise and trail",
      "/pieces/#{piece_id('Counter by the window')}" => "Different heights",
      "/pieces/#{piece_id('Birds over the table')}" => "Under the lowest",
      "/pieces/#{piece_id('Table for eight')}" => "Leave for a meal",
      "/pieces/#{piece_id('Stockings on a batten')}" => "Between them",
      "/pieces/#{piece_id('Drink corner')}" => "Filled again",
      "/pieces/#{piece_id('Book shelves')}" => "Stay quiet",
      "/pieces/#{piece_id('Sofa and pictures')}" => "Inserts to get" }
  end

  # Also listens to the console: a view that is right for everyone has nothing to complain of there.
  def sweep(where)
    console = Console.new(page.driver.browser.page)
    visit "/nowhere"
    views.each do |path, text|
      # Between two views one that tells nothing of either: what is met is the next one's.
      follow "/nowhere"

      assert_text "Nothing here"
      follow path

      assert_text text
      assert_clean "#{path} #{where}"
      assert_empty console.told, "#{path} #{where}"
    end
  end

  def test_doors
    visit "/sign-in"

    assert_text "Sign in"
    assert_clean "sign in"
    # What nobody can name is found, or nothing here would prove anything.
    page.execute_script("document.querySelector('form').append(document.createElement('button'))")
    fault = assert_raises(Minitest::Assertion) { assert_clean "sign in" }

    assert_includes fault.message, "button-name: Buttons must have discernible text\n  <button>"
  end

  def test_every_view_at_the_desk
    enter
    sweep "at the desk"
  end

  def test_every_view_on_a_phone_in_the_evening
    anew
    enter
    visit "/robots.txt"
    page.execute_script("localStorage.setItem('deck-bough:screen', 'evening')")
    page.driver.resize(390, 844)
    sweep "on a phone in the evening"
    anew_afterwards
  end

  def test_a_visit_in_the_hand_and_what_is_said_in_it
    enter
    page.driver.resize(390, 844)
    visit "/visits/#{DATABASE[:visits].where(held_on: '2026-11-30').order(:from_min).last[:id]}"
    click_button "All steps"

    assert_text "On paper"
    assert_clean "all steps"
    find("button", text: "Ornaments, 100").click

    assert_button "It is up"
    assert_clean "one thing at a time"
    { "ran out" => "It waits for more of it", "not now" => "Later in this visit", "note" => "A note on",
      "pause" => "the client is here" }.each do |button, text|
      click_button button

      assert_text text
      assert_clean button, "[role=dialog]"
      click_button "Cancel"

      assert_no_selector "[role=dialog]"
    end
  ensure
    page.driver.resize(1280, 800)
  end

  def test_a_home_that_comes_down_and_what_is_amiss_in_it
    enter
    page.driver.resize(390, 844)
    visit "/visits/#{DATABASE[:visits].where(purpose: 'strike').get(:id)}"

    assert_text "Boxes, empty or nearly so"
    assert_clean "what is brought"
    click_button "All steps"
    first("button", text: "Lights off, Quay window tree").click

    assert_button "Wound, in its box"
    assert_clean "one thing off at a time"
    { "Broke, lost, found" => "More were found", "Test the string" => "Every bulb burns",
      "Another box" => "goes into" }.each do |button, text|
      click_button button

      assert_text text
      assert_clean button, "[role=dialog]"
      click_button "Cancel"

      assert_no_selector "[role=dialog]"
    end
  ensure
    page.driver.resize(1280, 800)
  end

  def test_a_season_that_is_closed_and_the_next_that_opens_from_it
    enter
    visit "/season-summary"
    click_button "Close the season"

    assert_text "Something is still out"
    assert_clean "what is still out", "[role=dialog]"
    click_button "Close it all the same"

    assert_text "Seasons that are over"
    visit "/season-summary"

    assert_button "Open season 2027"
    assert_clean "a closed season"
    within("section[aria-label='Seasons that are over']") { click_link "Season 2026" }

    assert_text "All of this is as it was then."
    click_button "What stood in Tidewaiter's House"
    find("summary", text: "Quay window tree").click

    assert_clean "a season that is over"
    visit "/season-summary"
    click_button "Open season 2027"

    assert_text "pieces to decide on"
    assert_clean "what comes again"
    within("[role=group][aria-label='Quay window tree']") { click_button "Change it" }

    assert_text "Left out this year"
    assert_clean "what is changed", "[role=dialog]"
  end

  def test_every_step_of_the_run_bench_and_its_layers
    enter
    visit "/pieces/#{piece_id('Mantel greens')}"
    ["Measure", "Anchors", "Body", "Rise and trail", "Lights", "Accents", "Ribbon", "Shelf", "Step back"].each do |name|
      step name

      assert_clean "step #{name}", DIALS
    end
    click_button "Layers"

    assert_text "Layers, in this order"
    assert_clean "layers"
    find("h2", text: "Layers, in this order").send_keys(:escape)
    click_button "4 kept for others"

    assert_text "Who came first keeps what it wants"
    assert_clean "who wants a style"
  end

  def test_every_step_of_the_wreath_bench_and_its_list
    enter
    visit "/pieces/#{piece_id('Door wreath')}"
    ["Place", "Size", "Hang", "Greens", "Star", "Lights", "Step back", "Layers"].each do |name|
      step name

      assert_clean "wreath step #{name}", DIALS
    end
    click_button "Round the clock"

    assert_selector "[role=dialog] li", minimum: 30
    assert_clean "round the clock"
  end

  def test_every_step_of_the_wall_bench_and_its_list
    enter
    visit "/pieces/#{piece_id('Cabinet wreaths')}"
    %w[Wall Wreaths Arrange Hang].each do |name|
      step name

      assert_clean "wall step #{name}", DIALS
    end
    click_button "Where each hangs"

    assert_selector "[role=dialog] tbody tr", count: 3
    assert_clean "where each hangs"
  end

  def test_every_step_of_the_grouping_bench_and_its_list
    enter
    visit "/pieces/#{piece_id('Counter by the window')}"
    ["Surface", "Site", "Fill", "Step back"].each do |name|
      step name

      assert_clean "grouping step #{name}", DIALS
    end
    click_button "What stands where"

    assert_selector "[role=dialog] tbody tr", count: 7
    assert_clean "what stands where"
  end

  def test_every_step_of_the_stockings_bench_and_its_list
    enter
    visit "/pieces/#{piece_id('Stockings on a batten')}"
    ["Place", "Fill", "Hang", "Step back"].each do |name|
      step name

      assert_clean "stockings step #{name}", DIALS
    end
    click_button "Every stocking"

    assert_selector "[role=dialog] tbody tr", count: 4
    assert_clean "every stocking"
  end

  def test_every_step_of_the_bench_of_a_drink_corner_and_its_list
    enter
    visit "/pieces/#{piece_id('Drink corner')}"
    ["Place", "Dress", "Step back"].each do |name|
      step name

      assert_clean "drink corner step #{name}", DIALS
    end
    click_button "Every jar"

    assert_selector "[role=dialog] tbody tr", count: 5
    assert_clean "every jar"
  end

  def test_every_step_of_the_bench_of_shelves_and_its_list
    enter
    visit "/pieces/#{piece_id('Book shelves')}"
    ["Unit", "Colours", "Garland", "Step back"].each do |name|
      step name

      assert_clean "shelves step #{name}", DIALS
    end
    click_button "What stands where"

    assert_selector "[role=dialog] tbody tr", count: 11
    assert_clean "every thing of the shelves"
  end

  def test_every_step_of_the_bench_of_swaps_and_its_list
    enter
    visit "/pieces/#{piece_id('Sofa and pictures')}"
    ["Pictures", "Scent", "Step back"].each do |name|
      step name

      assert_clean "swaps step #{name}", DIALS
    end
    click_button "Out and in"

    assert_selector "[role=dialog] tbody tr", count: 5
    assert_clean "out and in"
  end

  def test_every_step_of_the_table_bench_and_its_list
    enter
    visit "/pieces/#{piece_id('Table for eight')}"
    ["Table", "Runner", "At each place", "Step back"].each do |name|
      step name

      assert_clean "table step #{name}", DIALS
    end
    click_button "What stands where"

    assert_selector "[role=dialog] tbody tr", count: 6
    assert_clean "what stands where"
  end

  def test_every_step_of_the_bench_the_working_and_the_dialogs
    enter
    open_tree
    ["Measure", "Lights", "Crown", "Ribbon", "Picks", "Foot", "Step back", "Ornaments"].each do |name|
      step name

      assert_clean "step #{name}", DIALS
    end
    step "Lights"
    %w[power batteries tests].each do |part|
      click_button part

      assert_clean "lights, #{part}", DIALS
    end
    step "Ornaments"
    ["spread", "make do", "how many"].each do |part|
      click_button part

      assert_clean "ornaments, #{part}", DIALS
    end
    find("button[aria-label^='On the tree:']").click

    assert_text "House rules behind it"
    assert_clean "working"
    click_button "Close the working"

    assert_no_selector "[role=dialog]"
    click_button "Tiers"

    assert_text "Tiers, from the tip down"
    assert_clean "tiers"
  end
end
