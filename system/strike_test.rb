# frozen_string_literal: true

require_relative "cut_line"
require_relative "system_test"

# A home is taken down from the phone: things go into their boxes, what is amiss is told, also without network.
class StrikeTest < SystemTest
  def setup
    super
    page.driver.resize(390, 844)
    enter
    @home = DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)
  end

  def visit_id = DATABASE[:visits].where(home_id: @home, purpose: "strike").get(:id)

  def style(name) = DATABASE[:styles].where(name: name).get(:id)

  def on_hand(name) = DATABASE[:stock_quantities].where(style_id: style(name)).get(:on_hand)

  def acts(kind) = DATABASE[:visit_acts].where(kind: kind)

  def go_to(step)
    click_button "All steps"
    first("button", text: step).click
  end

  def choose_box(number)
    click_button "Another box"
    find_field("Box").find("option", text: /\ABox #{number}, /).select_option
    click_button "Into this box"
  end

  def test_what_comes_down_goes_into_its_box_and_what_broke_leaves_the_stock
    before = on_hand("Slate glass, 10 cm")
    visit "/visits/#{visit_id}"

    within("section[aria-label='Box 1']") { assert_text "Slate glass, 10 cm" }
    go_to "Ornaments off, 100, Quay window tree"

    assert_selector "h2", text: "Slate glass, 10 cm"
    assert_text(/into box 1\s+Loft left/)
    click_button "Broke, lost, found"
    fill_in "How many", with: "2"
    click_button "Broken"

    assert_text "2 broken"
    eventually("It left no stock.") { on_hand("Slate glass, 10 cm") == before - 2 }
    click_button "It is in its box"

    assert_selector "h2", text: "Plum velvet, 8 cm"
    2.times { click_button "take back" }

    assert_selector "h2", text: "Slate glass, 10 cm"
    assert_no_text "2 broken"
    eventually("It did not come back.") { on_hand("Slate glass, 10 cm") == before }
  end

  def test_it_begins_at_the_car_whatever_was_put_up_before
    dress = DATABASE[:visits].where(home_id: @home, purpose: "dress").order(:held_on).get(:id)
    visit "/visits/#{dress}"
    click_button "Now"
    first("button", text: /\AIt is (done|up)\z/).click
    eventually("Nothing was said.") { acts("up").any? }
    visit "/visits/#{visit_id}"

    assert_text "Boxes, empty or nearly so"
  end

  def test_it_goes_into_another_box
    visit "/visits/#{visit_id}"
    go_to "Ornaments off, 100, Quay window tree"
    choose_box 3

    assert_text(/into box 3\s+Loft left/)
    eventually("It lies there not.") do
      box = DATABASE[:boxes].where(number: 3).get(:id)
      DATABASE[:stock_lots].where(style_id: style("Slate glass, 10 cm"), box_id: box).sum(:quantity) == 12
    end
    page.refresh
    go_to "Ornaments off, 100, Quay window tree"

    assert_text(/into box 3\s+Loft left/)
  end

  def test_ribbon_is_measured_and_strings_are_tested
    visit "/visits/#{visit_id}"
    go_to "Ribbon off"

    within("[role=group][aria-label='Left to keep']") { 3.times { click_button "Less is left" } }
    click_button "It is in its box"
    eventually("It was not measured.") { acts("measured").any? }
    go_to "Lights off, Quay window tree"
    click_button "Test the string"
    fill_in "Which string", with: "From the top"
    click_button "Read the meter"

    assert_text(/From the top: [\d.]+ W/)
    fill_in "Dark bulbs", with: "4"
    click_button "Some are dark"

    assert_text "4 bulbs dark"
    assert_button "Wound, in its box"
    eventually("Both are not written down.") { DATABASE[:string_tests].where(label: "From the top").count == 2 }
  end

  def test_hooks_stay_or_come_off
    visit "/visits/#{visit_id}"
    go_to "Down, Door wreath"
    click_button "It is in its box" if page.has_button?("It is in its box", wait: 1)

    assert_selector "h2", text: "Hooks and walls"
    click_button "the holes are filled"
    eventually("They are not off.") { acts("hooks_off").get(:says) == "the holes are filled" }
  end

  # Without network for all of it, the page opened again in the middle.
  def test_a_house_is_taken_down_without_network_and_counts_once
    before = on_hand("Slate glass, 10 cm")
    line = CutLine.new(page.server.port)
    visit "http://127.0.0.1:#{line.port}/visits/#{visit_id}"
    go_to "Ornaments off, 100, Quay window tree"
    line.cut do
      assert_text "no network"
      click_button "Broke, lost, found"
      click_button "Not there any more"

      assert_text "1 lost"
      choose_box 4

      assert_text "into box 4"
      click_button "It is in its box"

      assert_selector "h2", text: "Plum velvet, 8 cm"
      assert_text(/\d kept on this phone/)
    end
    eventually("It did not catch up.") { acts("up").any? }

    assert_in_delta before - 1, on_hand("Slate glass, 10 cm")
    assert_equal 1, DATABASE[:stock_moves].where(reason: "lost", key: acts("lost").select(:key)).count
    box = DATABASE[:boxes].where(number: 4).get(:id)

    assert_in_delta 11, DATABASE[:stock_lots].where(style_id: style("Slate glass, 10 cm"), box_id: box).sum(:quantity)
  ensure
    line&.close
  end

  # Once all is down, the boxes tell what lies in them.
  def test_at_the_end_each_box_tells_what_lies_in_it
    all_down
    visit "/visits/#{visit_id}"
    click_button "Now"

    assert_text "All of it is down"
    within("section[aria-label='What lies in the boxes now']") do
      assert_text "Box 1"
      assert_text "#{on_hand('Slate glass, 10 cm').to_i} Slate glass, 10 cm"
      assert_selector "a", text: "Print their labels"
    end
  end

  # Every turn of it said down, as by another phone.
  def all_down
    visit "/days"
    steps = page.evaluate_async_script(<<~SCRIPT)
      fetch("/api/visits/#{visit_id}/run-sheet").then((answer) => answer.json()).then((sheet) => {
        const acts = sheet.steps.flatMap(({ id, turns }) => turns.map(({ key }) =>
          ({ key: crypto.randomUUID(), kind: "up", step: id, turn: key, at: "2027-01-05T10:00:00+01:00" })));
        return fetch("/api/visits/#{visit_id}/acts", { method: "POST", headers: { "Content-Type": "application/json" },
                                                       body: JSON.stringify({ acts }) });
      }).then((answer) => arguments[0](answer.status));
    SCRIPT

    assert_equal 200, steps
  end

  def test_a_visit_to_take_down_is_planned_for_its_day
    page.driver.resize(1280, 800)
    visit "/days"
    click_button "Add a visit"
    select "The Signal Loft", from: "Home"
    select "Take it down", from: "What for"

    assert_field "Day", with: "2027-01-06"
    click_button "Add it"

    assert_selector "section[aria-label='Wed 6 Jan']", text: "taken down"
    assert_equal "strike", DATABASE[:visits].where(held_on: "2027-01-06").get(:purpose)
  end
end
