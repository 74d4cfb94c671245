# frozen_string_literal: true

require_relative "system_test"

# Every step of the bench with its dials, and what the ledger says to them.
class BenchStepsTest < SystemTest
  def setup
    super
    enter
    open_tree
  end

  def ledger
    find("[aria-label='Ledger']")
  end

  def slide(label, key)
    find("input[type=range][aria-labelledby='#{find('p', text: label, exact_text: true)[:id]}']",
         visible: :all).native.node.focus
    press(key)
  end

  def test_lights_by_school_string_and_bulbs_already_there
    step "Lights"

    assert_figure "By surface", "824 bulbs"
    assert_text "by the foot it would be 787"
    slide "How much light", :Right

    assert_figure "By surface", "1,248 bulbs"
    assert_figure "Strings", "13 + 2 spare"
    fill_in "Working bulbs on the tree", with: "400"
    find_field("Working bulbs on the tree").send_keys(:enter)

    assert_figure "Strings", "9 + 1 spare"
    click_button "Amber lights, 200 a string"

    assert_figure "Strings", "5 + 1 spare"
    assert_selector "[aria-label='Ledger'] tr", text: "Amber lights, 200 a string"
  end

  def test_crown_takes_its_air_and_its_ribbon
    step "Crown"

    assert_figure "Air under the ceiling", "58 cm"
    type_length "Rises above the tip", "68 cm"

    assert_figure "Air under the ceiling", "2 cm"
    step "Measure"

    assert_text "crowded under the ceiling"
    step "Crown"
    type_length "Rises above the tip", "75 cm"

    assert_text "The topper lacks 5 cm of air"
    within("[role=tabpanel]") { click_button "none", match: :first }

    assert_no_text "The topper lacks"
    assert_no_field "Rises above the tip"
  end

  def test_every_way_of_ribbon_has_its_dials_and_its_length
    step "Ribbon"

    assert_figure "Ribbon on the body", "19.55 m"
    click_button "cascades"

    assert_figure "Ribbon on the body", "24.75 m"
    assert_field "Streams", with: "9"
    fill_in "Streams", with: "4"
    find_field("Streams").send_keys(:enter)

    assert_text "One cascade every 90°"
    click_button "spiral"

    assert_figure "Ribbon on the body", "12.00 m"
    click_button "bows"

    assert_figure "Ribbon on the body", "12.60 m"
    within("[role=tabpanel]") { click_button "none", match: :first }

    assert_no_selector "button[aria-label^='Ribbon on the body']"
    assert_no_selector "[aria-label='Ledger'] tr", text: "Brass gauze ribbon"
  end

  def test_picks_and_foot
    step "Picks"

    assert_figure "In all", "32 picks"
    within("[role=tabpanel]") { click_button "9" }

    assert_figure "In all", "34 picks"
    step "Foot"
    click_button "a blanket as snow"

    assert_figure "Across", "1.19 m"
  end

  def test_step_back_is_ticked_off_and_stays_so
    step "Step back"
    check "By day"
    check "No holes, no clumps"

    assert_text "Saved"
    open_tree
    step "Step back"

    assert_checked_field "By day", visible: :all
    assert_unchecked_field "From the door", visible: :all
  end

  def test_a_new_style_is_added_where_it_is_missed
    within("[role=group][aria-label='Styles']") { click_button "Add one" }
    fill_in "Name", with: "Tin lantern"
    fill_in "Size, mm", with: "1"
    click_button "Keep"

    assert_text "Size is 1 mm. Enter 5 mm or more."
    assert_field "Name", with: "Tin lantern"
    fill_in "Size, mm", with: "75"
    fill_in "On hand", with: "14"
    click_button "Keep"

    assert_text "Tin lantern was kept."
    click_button "Tin lantern"

    assert_selector "[aria-label='Ledger'] tr", text: "Tin lantern"
  end

  def test_another_place_another_fit
    step "Measure"
    open_list "Quay window"
    find("[role=option]", text: "Corner by the door").click

    assert_text "in a corner"
    assert_text "branches give"
    assert_text "Heat near this place"
  end

  def test_a_name_is_changed
    click_button "More for this tree"
    find("[role=menuitem]", text: "Rename").click
    fill_in "Name", with: "Customs tree"
    click_button "Rename"

    assert_selector "h1", text: "Customs tree"
    assert_text "Saved"
    assert piece_id("Customs tree")
  end

  def test_on_paper_there_is_drawing_and_ledger_and_no_dial
    anew_afterwards
    page.driver.browser.page.command("Emulation.setEmulatedMedia", media: "print")

    assert_no_selector "nav"
    assert_no_selector "[role=tab]"
    assert_selector "canvas"
    assert_selector "[aria-label='Ledger'] tr", text: "Brass fern picks"
  end

  def test_on_a_phone_the_ledger_comes_up_from_below
    page.driver.resize(390, 844)

    assert_no_selector "[aria-label='Ledger']"
    click_button "What it takes"

    assert_selector "[aria-label='Ledger'] tr", text: "Plum velvet ribbon"
    assert_operator page.evaluate_script("document.documentElement.scrollWidth"), :<=, 390
  ensure
    page.driver.resize(1280, 800)
  end

  def test_the_page_itself_never_scrolls_at_the_desk
    height, width = page.evaluate_script(
      "[document.documentElement.scrollHeight, document.documentElement.scrollWidth]"
    )

    assert_operator height, :<=, 800
    assert_operator width, :<=, 1280
  end

  def test_without_connection_nothing_is_lost_and_it_is_saved_later
    page.driver.browser.page.command("Network.enable")
    offline(true)
    click_button "by the foot"

    assert_text "cannot be reached"
    assert_text "Not saved"
    offline(false)

    assert_figure "On the tree", "72"
    assert_text "Saved"
    assert_no_text "cannot be reached"
  end

  def test_what_was_dialled_back_without_connection_is_sent_all_the_same
    page.driver.browser.page.command("Network.enable")
    offline(true)
    click_button "by the foot"

    assert_text "Not saved"
    click_button "by cover"

    assert_selector "button[aria-pressed=true]", text: "by cover"
    assert_text "Not saved"
    offline(false)

    assert_text "Saved"
    assert_no_text "cannot be reached"
    assert_equal "cover", DATABASE[:pieces].where(name: "Quay window tree").get(:settings)["ornaments"]["count_by"]
  end

  def test_what_is_refused_is_not_sent_again_and_again
    DATABASE[:pieces].where(name: "Quay window tree").update(deleted_at: TODAY)
    page.driver.clear_network_traffic
    click_button "by the foot"

    assert_text "Not saved"
    let_pass 5

    assert_equal(1, page.driver.network_traffic.count { |exchange| exchange.request&.method == "PUT" })
  end

  # So many seconds on the page's own clock, which nobody waits for.
  def let_pass(seconds)
    anew_afterwards
    passed = false
    browser = page.driver.browser.page
    browser.on("Emulation.virtualTimeBudgetExpired") { passed = true }
    browser.command("Emulation.setVirtualTimePolicy", policy: "pauseIfNetworkFetchesPending", budget: seconds * 1000)
    eventually("Time stood still.") { passed }
  end

  def offline(yes)
    page.driver.browser.page.command("Network.emulateNetworkConditions",
                                     offline: yes, latency: 0, downloadThroughput: -1, uploadThroughput: -1)
  end
end
