# frozen_string_literal: true

require_relative "system_test"

class TreeBenchTest < SystemTest
  def setup
    super
    at_the_desk
  end

  def test_a_tree_too_tall_is_told_where_it_is_dialled
    open_tree
    step "Measure"
    type_length "Height", "3.05"

    assert_text "Too tall here by"
    assert_selector "[role=tab] [data-testid], [role=tab]", text: "Measure"
    assert_text "too tall under the ceiling"
    find("[aria-label='Sizes of the catalogue'] button", text: "2.70 m").click

    assert_no_text "Too tall here by"
    assert_field "Height", with: "2.70 m"
  end

  def test_a_bad_length_stays_as_typed_with_the_reason_and_changes_nothing
    open_tree
    step "Measure"
    type_length "Height", "tallish"

    assert_text "“tallish” is not a length"
    assert_field "Height", with: "tallish"
    assert_figure "Above the tip", "70 cm"
    type_length "Height", "400 m"

    assert_text "Height is 400 m. Nobody dresses that."
    type_length "Height", "7'6\""

    assert_no_text "Nobody dresses that"
    assert_field "Height", with: "2.29 m"
    assert_in_delta 2.286, saved_height
  end

  def saved_height
    assert_text "Saved"
    DATABASE[:pieces].where(name: "Quay window tree").get(Sequel.lit("settings->'measure'->>'height_m'")).to_f
  end

  def test_turning_dusk_and_tiers_ask_the_server_nothing
    open_tree
    at_rest?
    before = canvas
    asked_before = asked
    anew_afterwards
    6.times { click_button "Turn to the right" }
    click_button "Dusk"

    assert_button "Day"
    assert_redrawn(before)
    click_button "Tiers"

    assert_selector "[role=dialog] tbody tr", count: 7
    assert_equal asked_before, asked
  end

  def test_a_dial_changes_drawing_ledger_and_cost_at_once
    open_tree
    bill = find("[aria-label='Ledger']").text[/To buy (€[\d.]+)/, 1]
    click_button "own"
    fill_in "Own number", with: "160"
    find_field("Own number").send_keys(:enter)

    assert_figure "On the tree", "160"
    assert_no_text "To buy #{bill}"
    assert_selector "[role=img][aria-label*='160 ornaments']"
  end

  def test_undo_redo_and_history
    open_tree
    step "Crown"
    click_button "star"

    assert_text "Saved"
    assert_no_text "Ribbon of the bow"
    click_button "Undo"

    assert_figure "Ribbon of the bow", "4.10 m"
    click_button "Redo"

    assert_no_selector "button[aria-label^='Ribbon of the bow']"
    click_button "History"
    within("[role=dialog]") do
      assert_text "What crowns it bow → star"
      assert_text "Undo: What crowns it bow → star"
      assert_text "Ottoline Marsh"
    end
  end

  # The line is slow: the dial is still being saved when it is taken back.
  def test_undo_waits_for_a_save_that_is_on_its_way
    open_tree
    before = DATABASE[:pieces].where(name: "Quay window tree").get(:settings)
    step "Crown"
    slow(1_200)
    click_button "star"

    assert_text "Saving …"
    click_button "Undo"
    slow(0)

    assert_figure "Ribbon of the bow", "4.10 m"
    assert_text "Saved"
    assert_no_selector "[role=dialog]"
    assert_equal before, DATABASE[:pieces].where(name: "Quay window tree").get(:settings)
  end

  # The line is slow: what is dialled while something is taken back stays on top of it.
  def test_what_is_dialled_while_something_is_taken_back_stays
    open_tree
    step "Crown"
    click_button "star"

    assert_text "Saved"
    assert_no_selector "button[aria-label^='Ribbon of the bow']"
    slow(1_200)
    click_button "Undo"
    click_button "last"
    slow(0)

    assert_figure "Ribbon of the bow", "4.10 m"
    eventually("It was not saved.") do
      DATABASE[:pieces].where(name: "Quay window tree").get(:settings)["crown"].to_h.slice("kind", "topper") ==
        { "kind" => "bow", "topper" => "last" }
    end
  end

  # What somebody else turned comes along with the save, and the undo after it must not bring back the old value.
  def test_undo_behind_a_save_keeps_what_somebody_else_turned
    open_tree
    step "Crown"
    slow(1_200)
    click_button "star"
    others_riser(0.2)

    assert_text "Saving …"
    click_button "Undo"
    slow(0)

    assert_figure "Ribbon of the bow", "4.10 m"
    assert_text "Saved"
    kept = DATABASE[:pieces].where(name: "Quay window tree").get(:settings)

    assert_equal ["bow", 0.2], [kept["crown"]["kind"], kept["measure"]["riser_m"]]
  end

  def others_riser(metres)
    piece = DATABASE[:pieces].where(name: "Quay window tree").first
    settings = piece[:settings].to_h.merge("measure" => piece[:settings]["measure"].to_h.merge("riser_m" => metres))
    bram = DATABASE[:accounts].where(email: ASSISTANT).get(:id)
    Server::Store::Pieces.new(DATABASE, piece[:studio_id])
                         .change(piece[:id], piece[:version],
                                 { "name" => piece[:name], "place_id" => piece[:place_id], "settings" => settings },
                                 account_id: bram, units: "metric")
  end

  def slow(latency)
    page.driver.browser.page.command("Network.emulateNetworkConditions", offline: false, latency: latency,
                                                                         downloadThroughput: -1, uploadThroughput: -1)
  end

  def test_what_is_on_hand_is_counted_again_from_the_ledger
    open_tree
    within("[aria-label='Ledger'] tr", text: "Slate glass, 10 cm") do
      assert_text "buy 1 pack"
      find("button[aria-label*='Count again']").click
    end
    fill_in "On hand", with: "40"
    click_button "Keep"

    assert_text "was kept"
    assert_no_selector "[aria-label='Ledger'] tr", text: /Slate glass.*buy/m
  end

  def test_a_deleted_tree_is_brought_back
    open_tree
    click_button "More for this tree"
    find("[role=menuitem]", text: "Delete this tree").click
    confirm_delete("Quay window tree")

    assert_text "Quay window tree was deleted."
    click_button "Bring it back"

    assert_link "Quay window tree"
  end

  def test_a_session_that_ends_in_the_middle_of_work_loses_nothing
    open_tree
    # What is still on its way would meet the ended session before the dial does.
    at_rest?
    DATABASE[:account_active_session_keys].delete
    click_button "by the foot"
    within("[role=dialog]") do
      assert_text "What you typed is still here"
      fill_in "Password", with: Server::DemoStudio::PASSWORD
      click_button "Sign in"
    end

    assert_no_selector "[role=dialog]"
    assert_figure "On the tree", "72"
    assert_text "Saved"
    assert_equal "foot",
                 DATABASE[:pieces].where(name: "Quay window tree").get(Sequel.lit("settings->'ornaments'->>'count_by'"))
  end

  def test_leaving_at_once_still_keeps_the_last_dial
    open_tree
    step "Foot"
    click_button "a skirt"
    click_link "Tidewaiter's House"

    assert_text "Measure a room"
    click_link "Quay window tree"
    step "Foot"

    assert_selector "button[aria-pressed=true]", text: "a skirt"
  end

  STAGE = "[role=img][aria-label^='Tree of']"

  def test_a_retired_style_stays_where_it_is_used_and_is_offered_when_asked_for
    enter
    open_tree
    step "Ornaments"
    within("[aria-label='Ledger'] tr", text: "Rope knot") { find("button[aria-label*='Count again']").click }
    within("[role=dialog]") do
      check "Retired: offered no longer, stays where it is used"
      click_button "Keep"
    end

    assert_selector "button[aria-pressed=true]", text: "Rope knot"
    find("button[aria-pressed=true]", text: "Rope knot").click

    assert_no_selector "button[aria-pressed]", text: "Rope knot"
    click_button "2 retired"

    assert_selector "button[aria-pressed=false]", text: "Rope knot"
  end

  def test_closer_lets_the_tree_fill_the_stage_and_back
    enter
    open_tree
    step "Measure"
    type_length "Height", "2.10 m"
    at_rest?
    click_button "Closer"

    assert_button "Whole room"
    tall = page.evaluate_script("document.querySelector(\"#{STAGE}\").clientHeight")
    lines = "document.querySelectorAll(\"#{STAGE} svg:last-of-type line\")"
    measured = page.evaluate_script("#{lines}[0].getBoundingClientRect().height")

    assert_operator measured, :>=, 0.7 * tall
    find(STAGE).double_click

    assert_button "Closer"
    find("body").send_keys("z")

    assert_button "Whole room"
  end

  def touch(type, *fingers)
    points = fingers.each_with_index.map { |(x, y), id| { x: x, y: y, id: id } }
    page.driver.browser.page.command("Input.dispatchTouchEvent", type: type, touchPoints: points)
  end

  def test_two_fingers_bring_the_tree_closer_and_back
    enter
    open_tree
    touch("touchStart", [500, 300], [560, 300])
    touch("touchMove", [440, 300], [620, 300])
    touch("touchEnd")

    assert_button "Whole room"
    touch("touchStart", [440, 300], [620, 300])
    touch("touchMove", [500, 300], [560, 300])
    touch("touchEnd")

    assert_button "Closer"
  end
end
