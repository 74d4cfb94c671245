# frozen_string_literal: true

require "tempfile"
require_relative "../bin/lib/own_process"
require_relative "../server/test/sent_picture"
require_relative "cut_line"
require_relative "system_test"

# A visit in the hand: before leaving, one thing at a time, without network, by two.
class RunSheetTest < SystemTest
  def setup
    super
    page.driver.resize(390, 844)
  end

  # The second one to Tidewaiter's House: the tree is hung in it.
  def visit_id(day = "2026-11-30", home = "Tidewaiter's House")
    home = DATABASE[:homes].where(name: home).get(:id)
    DATABASE[:visits].where(held_on: day, home_id: home).get(:id)
  end

  # The tree's ornaments, whoever's they are.
  def hang_the_tree
    click_button "All steps"
    find("button", text: "Ornaments, 100, Quay window tree").click

    assert_selector "h2", text: "Paper star, 12 cm"
  end

  def acts(kind) = DATABASE[:visit_acts].where(kind: kind)

  def hung = DATABASE[:hung_ornaments].count

  def photograph(name)
    Tempfile.create(["stair", ".png"]) do |file|
      file.binmode
      file.write(SentPicture.plain(320, 240))
      file.close
      attach_file("Take a photograph of #{name}", file.path, make_visible: true)
      yield
    end
  end

  def assert_at(number, all)
    assert_text(/#{number}\s+of #{all}/)
  end

  def test_before_leaving_each_thing_is_ticked_at_the_car
    enter
    visit "/days"
    within("section[aria-label='Mon 30 Nov']") { all("a", text: "Run sheet").last.click }

    assert_text "0 of"
    within("section[aria-label='Box 1']") { check "12 Slate glass, 10 cm" }
    within("section[aria-label='Kit']") { check "Ladder, and somebody to hold it" } if page.has_text?("Ladder", wait: 0)
    within("section[aria-label='Kit']") { check "Work gloves" }
    within("section[aria-label='Box 1']") { uncheck "12 Slate glass, 10 cm" }

    assert_text(/[12] of \d+ in the car/)
    within("section[aria-label='Not in the stockroom yet']") { assert_text "Slate glass, 10 cm" }
    eventually("It was not kept.") { acts("undo").any? }
    page.refresh

    assert_checked_field "Work gloves", visible: :all
    assert_unchecked_field "12 Slate glass, 10 cm", visible: :all
  end

  def test_one_thing_at_a_time_with_its_place_its_box_and_the_way_back
    enter
    visit "/visits/#{visit_id}"
    hang_the_tree

    assert_at 1, 10
    assert_text "tier 3, 11:00, tucked deep"
    assert_text(/box 5 · Loft left · 10 still in it/)
    click_button "It is up"

    assert_at 2, 10
    assert_text "9 still in it"
    eventually("It does not hang.") { hung == 1 }
    click_button "take back"

    assert_at 1, 10
    eventually("It still hangs.") { hung.zero? }
    before = canvas
    click_button "All 10 that are left are up"

    assert_no_selector "h2", text: "Paper star"
    assert_at 1, 12
    assert_redrawn(before)
    eventually("Ten do not hang.") { hung == 10 }
  end

  def test_what_breaks_is_told_where_it_may_hang
    enter
    visit "/visits/#{visit_id}"
    hang_the_tree

    assert_text(/It breaks: never below 1\.\d\d m here/)
    DATABASE[:studios].update(units: "imperial")
    page.refresh
    hang_the_tree

    assert_text(/It breaks: never below \d ft/)
    assert_no_text(/\d (m|cm) (here|still)/)
  end

  def test_what_waits_goes_into_the_next_visit_and_comes_back_when_it_came
    enter
    visit "/visits/#{visit_id('2026-11-28')}"
    click_button "All steps"
    find("button", text: "Fluff, Quay window tree").click
    click_button "not now"
    within("[role=dialog]") do
      assert_button "It waits", disabled: true
      fill_in "It waits for", with: "the new strings"
      click_button "It waits"
    end
    click_button "All steps"

    assert_text "waits for the new strings"
    eventually("Nothing was kept.") { acts("wait_for").any? }
    visit "/days"

    assert_text "Quay window tree waits for the new strings"
    visit "/visits/#{visit_id('2026-11-28')}"
    click_button "All steps"
    click_button "It came"

    assert_no_text "waits for the new strings"
  end

  def test_a_note_a_pause_and_going_on
    enter
    visit "/visits/#{visit_id}"
    hang_the_tree
    click_button "note"
    within("[role=dialog]") do
      fill_in "Note", with: "The <b>rail</b> is loose"
      click_button "Keep it"
    end
    click_button "pause"
    click_button "the client is here"

    assert_selector "h2, h1, p", text: "Paused"
    assert_text "the client is here, Ottoline Marsh"
    page.refresh
    click_button "Now"
    click_button "Go on"

    assert_selector "button", text: /It is (up|done)/
    click_button "All steps"

    assert_text "The <b>rail</b> is loose"
  end

  def test_a_photograph_is_kept_with_its_note
    enter
    visit "/visits/#{visit_id}"
    hang_the_tree
    photograph("Paper star, 12 cm") do
      eventually("It was not kept.") do
        DATABASE[:photographs].exclude(note_key: nil).any?
      end
    end
    click_button "All steps"

    within("section[aria-label='Notes']") { click_button "Photograph of Paper star, 12 cm" }

    assert_selector "[role=dialog] img"
  end

  def test_what_ran_out_is_spread_again_and_taken_back
    enter
    visit "/visits/#{visit_id}"
    hang_the_tree
    click_button "It is up"

    assert_at 2, 10
    click_button "ran out"
    within("[role=dialog]") { click_button "Spread what is left over the tree" }

    assert_selector "h2", text: "Slate glass, 10 cm"
    eventually("The others were not planned again.") { missing("count") == [[9]] }
    click_button "take back"

    assert_selector "h2", text: "Paper star, 12 cm"
    assert_at 2, 10
  end

  def test_what_lies_on_the_table_hangs_where_something_ran_out
    enter
    visit "/visits/#{visit_id}"
    hang_the_tree
    click_button "ran out"
    within("[role=dialog]") { click_button "Slate bauble, 5 cm, 12 over" }

    assert_selector "h2", text: "Slate glass, 10 cm"
    bauble = DATABASE[:styles].where(name: "Slate bauble, 5 cm").get(:id)
    eventually("Nothing hangs instead.") { missing("count", "instead") == [[10, bauble]] }
    click_button "take back"

    assert_selector "h2", text: "Paper star, 12 cm"
  end

  def test_a_ribbon_that_ran_out_is_gone_on_with_by_another
    enter
    visit "/visits/#{visit_id('2026-12-01', 'The Signal Loft')}"
    click_button "All steps"
    find("button", text: /Ribbon.*Signal tree/).click

    assert_selector "h2", text: "Amber linen ribbon"
    click_button "ran out"
    within("[role=dialog]") do
      10.times { click_button "Less of it is on the tree" }
      click_button "The other ribbons of the tree fill in between"
    end

    assert_selector "h2", text: "Smoke organza ribbon"
    assert_text "7.7 m"
    click_button "It is up"

    assert_text "in place of Amber linen ribbon"
    assert_in_delta 6.65, acts("used").where(turn: DATABASE[:styles].where(name: "Amber linen ribbon").get(:id))
                                      .get(:quantity).to_f
    click_button "It is up"
    eventually("Nothing went on instead.") { acts("up").count == 3 }
  end

  # What lies in no box is told as that, and what goes on the rings is lit on each of them.
  def test_a_wall_of_wreaths_is_dressed_ring_by_ring
    enter
    visit "/visits/#{visit_id('2026-11-28')}"
    click_button "All steps"
    find("button", text: "Dress, 3, Cabinet wreaths").click

    assert_text "in no box · 5 left"
    click_button "It is up"

    assert_selector "h2", text: "Plum berry picks"
    assert_selector "[role=img][aria-label='6 places are lit']"
    click_button "It is up"

    assert_selector "h2", text: "Brass cones, 6 cm"
    assert_text(/box 4 · Loft left · \d+ still in it/)
    assert_selector "[role=img][aria-label='3 places are lit']"
  end

  def test_ribbon_is_used_as_much_as_it_took
    enter
    visit "/visits/#{visit_id('2026-11-28')}"
    click_button "All steps"
    find("button", text: "Stems, 16, Stair rail").click

    assert_selector "[role=img][aria-label='8 places are lit']"
    click_button "All steps"
    find("button", text: "Ribbon, 3, Stair rail").click

    assert_text "4.2 m"
    click_button "More was used"
    click_button "It is up"
    eventually("Nothing was used.") { acts("used").get(:quantity).to_f.between?(4.29, 4.31) }

    ribbon = DATABASE[:styles].where(name: "Plum velvet ribbon").get(:id)

    assert_in_delta(-4.3, DATABASE[:stock_moves].where(style_id: ribbon, reason: "used").get(:quantity))
  end

  # The telephone goes on with something else at once.
  def stars_run_out
    click_button "ran out"
    within("[role=dialog]") { click_button "Spread what is left over the tree" }

    assert_text "Paper star, 12 cm ran out: what is left is planned again once there is network."
    assert_no_selector "h2", text: "Paper star"
  end

  def missing(*what)
    DATABASE[:pieces].where(name: "Quay window tree").get(:settings)["ornaments"]["missing"]
                     .map { |one| one.values_at(*what) }
  end

  def test_a_whole_visit_without_network_is_written_down_once_there_is_some
    installed_browser
    page.driver.resize(390, 844)
    enter
    line = CutLine.new(page.server.port)
    at = "http://127.0.0.1:#{line.port}/visits/#{visit_id}"
    visit at

    assert_text "in the car"
    page.evaluate_async_script("navigator.serviceWorker.ready.then(() => arguments[0]())")
    2.times { visit at }

    assert_text "in the car"
    hang_the_tree
    click_button "It is up"
    eventually("It does not hang.") { hung == 1 }

    # The studio has it before the phone knows so: what is not answered yet would still be kept.
    assert_no_text "kept on this phone"
    line.cut do
      3.times { click_button "It is up" }

      assert_text "3 kept on this phone"
      assert_at 5, 10
      # Elsewhere it is told as well, and the page is killed and opened again.
      find("a[aria-label='Up to Days']").click

      assert_text "3 acts of a visit kept here until there is network."
      visit "about:blank"
      visit at

      assert_text "no network"
      assert_selector "h2", text: "Paper star"
      assert_at 5, 10
      click_button "It is up"
      click_button "take back"

      assert_text "5 kept on this phone"
      photograph("Paper star, 12 cm") { assert_text "6 kept on this phone · 1 photograph kept on this phone" }

      stars_run_out

      assert_equal 1, hung
    end

    assert_no_text "kept on this phone"
    assert_no_text "is planned again once"
    assert_no_selector "h2", text: "Paper star"
    eventually("Four do not hang.") { hung == 4 }
    eventually("The others were not planned again.") { missing("count") == [[6]] }
    eventually("The photograph did not come.") { DATABASE[:photographs].exclude(note_key: nil).count == 1 }

    assert_equal 5, acts("up").count
  ensure
    line&.close
  end

  # Not only the line: what was under way is lost, and every process begins anew.
  def test_the_server_is_killed_and_started_again_in_the_middle_of_a_visit
    served = OwnProcess.new(ENV.fetch("DATABASE_URL"), "SESSION_SECRET" => CONFIGURATION.session_secret,
                                                       "DAY" => "2026-11-19", "WEB_PROCESSES" => "1").start
    page.driver.resize(390, 844)
    enter
    visit "#{served.address}/visits/#{visit_id}"
    hang_the_tree
    click_button "It is up"
    eventually("It does not hang.") { hung == 1 }
    served.kill
    3.times { click_button "It is up" }

    assert_text(/no network · \d kept on this phone/)
    assert_at 5, 10
    assert_equal 1, hung
    served.start

    assert_no_text "kept on this phone"
    assert_at 5, 10
    assert_equal 4, acts("up").select(:key).distinct.count
    assert_equal 4, hung
  ensure
    served&.kill
  end

  def test_two_phones_on_one_visit_merge_and_what_both_did_counts_once
    %i[ottoline bram].zip([OWNER, ASSISTANT]) do |name, email|
      using_session(name) do
        page.driver.resize(390, 844)
        enter(email)
        visit "/visits/#{visit_id}"
        hang_the_tree
      end
    end
    using_session(:ottoline) { 2.times { click_button "It is up" } }
    using_session(:bram) do
      click_button "It is up"

      assert_at 3, 10
      assert_text(/Bram Teasel and Ottoline Marsh both put up|Ottoline Marsh and Bram Teasel both put up/)
    end
    eventually("Not both are up.") { hung == 2 }

    assert_equal 3, acts("up").count
  end

  def test_what_the_studio_refuses_is_told_and_let_go
    enter
    visit "/visits/#{visit_id}"
    hang_the_tree
    DATABASE[:pieces].where(name: "Quay window tree").update(deleted_at: Time.now)
    click_button "It is up"

    assert_text "Paper star, 12 cm was refused: What it is about is not there any more."
    click_button "Let it go"

    assert_no_text "was refused"
  end

  def test_what_was_ticked_by_mistake_is_still_to_be_done
    enter
    visit "/visits/#{visit_id('2026-11-28')}"
    click_button "Now"
    find("h2", text: "Clear")
    click_button "It is done"
    click_button "All steps"
    eventually("Nothing was kept.") { acts("up").any? }
    page.refresh
    click_button "All steps"
    first("button[aria-label^='Not yet: Clear']").click

    assert_no_button "Not yet"
    eventually("It was not taken back.") { acts("undo").any? && DATABASE[:done_steps].none? }
  end

  def test_a_visit_that_is_not_there_says_so
    enter
    visit "/visits/#{SecureRandom.uuid}"

    assert_text "There is no such visit"
  end
end
