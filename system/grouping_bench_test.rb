# frozen_string_literal: true

require_relative "system_test"

# A grouping on its bench: measured, built from what there is, moved by hand, its vessel filled, looked at on a phone.
class GroupingBenchTest < SystemTest
  def setup
    super
    enter
  end

  def open_counter
    visit "/pieces/#{piece_id('Counter by the window')}"

    assert_text "What it takes"
  end

  def settings(name = "Counter by the window")
    DATABASE[:pieces].where(name: name).get(:settings).to_h
  end

  def drawn
    find("[role=img][aria-label*='on a ']")["aria-label"]
  end

  def ledger(name)
    find("[aria-label='Ledger'] tr", text: name)
  end

  def assert_saved(&)
    assert_selector "[role=status]", text: /Saved/
    eventually("It was not saved: #{settings}", &)
  end

  # A hand on the mouse: down on a thing, across by pixels, let go.
  def drag(number, across)
    box = page.evaluate_script("(() => { const b = document.querySelector(`[data-thing='#{number}']`)" \
                               ".getBoundingClientRect(); return [b.x + b.width / 2, b.y + b.height / 2]; })()")
    mouse = page.driver.browser.mouse
    mouse.move(x: box[0], y: box[1]).down
    mouse.move(x: box[0] + across, y: box[1], steps: 4).up
  end

  def test_a_counter_is_added_measured_and_dressed_from_what_is_free
    visit "/homes/#{DATABASE[:homes].where(name: 'The Signal Loft').get(:id)}"
    add_piece "Loft"
    click_button "a grouping"

    assert_field "Name", with: "Loft grouping"
    click_button "Put it on the bench"

    assert_text "Measure the surface and every line follows."
    type_length "Length", "1.8 m"

    assert_figure_soon "Site", "Stays free", "75 %"
    step "Build"
    click_button "Build a group from what I have"

    assert_figure "Different heights", "3 heights"
    assert_selector "[aria-label='Ledger'] tr", text: "Wide glass bowl"
    assert_includes drawn, "on a counter of 1.80 m"
    step "Fill"
    click_button "bowl"
    click_button "Fill it with left-overs"

    assert_selector "button[aria-label^='Full: ']"
    assert_saved { settings("Loft grouping")["fill"]["balls"].size == 3 }
  end

  def assert_figure_soon(tab, label, wanted)
    assert_selector "[role=tab]", text: tab
    step tab

    assert_figure label, wanted
  end

  def test_a_thing_is_moved_by_hand_and_the_rest_is_told_live
    open_counter
    step "Site"

    assert_figure "Hidden up to", "29 cm"
    before = drawn
    drag(2, 120)

    assert_selector "[role=img]", text: "the socket shows"
    assert_no_selector "[role=img][aria-label='#{before}']"
    assert_saved { settings["things"]["standing"][1]["at_m"].to_f > 0.2 }
    step "Build"
    click_button "Let them stand by themselves"

    assert_selector "[role=img]", text: "hides the socket"
  end

  def test_a_low_thing_is_raised_until_the_socket_is_hidden
    open_counter
    step "Build"
    within("[aria-label='thing 2']") { type_length "High", "16 cm" }
    step "Site"

    assert_selector "[role=img]", text: "the socket shows"
    find("button", text: /Raise it by \d+ cm: then the socket is hidden/).click

    assert_selector "[role=img]", text: "hides the socket"
    assert_no_selector "button", text: "then the socket is hidden"
  end

  # The keyboard takes hold of what the hand does; held down it goes on from where it got to.
  def test_a_thing_is_moved_by_keys
    open_counter
    jug = find("[role=slider][aria-label='Stoneware jug, where it stands']")
    from = jug["aria-valuenow"].to_f
    jug.send_keys(:right, :right, %i[shift right])

    assert_selector "[role=slider][aria-label^='Stoneware jug'][aria-valuenow='#{(from + 0.12).round(2)}']"
    assert_saved { settings["things"]["standing"][1]["at_m"].to_f > 0.05 }
    out = settings["things"]["standing"][1]["out_m"]
    find("[role=slider][aria-label^='Stoneware jug']").send_keys(:down)
    assert_saved { (settings["things"]["standing"][1]["out_m"] - out - 0.01).abs < 1e-6 }
  end

  def test_risers_are_found_in_the_stock
    open_counter
    step "Build"
    within("[aria-label='thing 3']") do
      type_length "High", "10 cm"
      type_length "Riser", "0 cm"
    end
    click_button "Find risers in the stock"

    assert_selector "[aria-label='Ledger'] tr", text: /riser/i
    assert_saved { settings["things"]["standing"].any? { |thing| thing["riser"] } }
  end

  def test_snow_is_laid_in_the_tray_and_a_firebox_takes_nothing_that_burns
    DATABASE[:studios].update(units: "imperial")
    open_counter
    step "Snow"
    type_length "Snow, deep", "1 in"

    assert_selector "[aria-label='Ledger'] tr", text: "Snow, bags of a litre"
    assert_saved { (settings["snow"]["deep_m"].to_f - 0.0254).abs < 1e-6 }
    assert_no_selector "[role=img] text", text: /\d c?m\b/
    step "Surface"
    click_button "firebox"

    assert_text "would burn in a firebox that can be lit"
  end

  def test_where_nothing_is_free_what_stands_there_stays
    DATABASE[:styles].where(kind: "decor").update(shape: nil)
    open_counter
    step "Build"
    click_button "Build a group from what I have"

    assert_text "Say in the stockroom how things of decor are drawn."
    assert_figure "Things", "7 things"
  end

  def test_what_goes_in_by_hand_is_short_and_reckoned_again
    open_counter
    step "Fill"

    assert_figure "Balls", "12"
    within("[aria-label='size 1']") { fill_in("How many", with: "9").send_keys(:tab) }

    assert_text(/5 balls short\. With what there is the vessel is \d+ % full\./)
    assert_figure "Balls", "17"
    click_button "Reckon again from what is on hand"

    assert_figure "Balls", "16"
    assert_no_text "balls short"
  end

  def test_what_stands_where_is_told_in_a_list
    open_counter
    click_button "What stands where"
    rows = all("[role=dialog] tbody tr").map { |row| row.all("td").first.text }

    assert_equal ["Brass tray, 38 cm", "Stoneware jug"], rows.first(2)
    assert_equal 7, rows.size
    click_button "Close"
    dark = "[role=img] svg rect[fill='#262C31']"

    assert_no_selector dark
    press "n"

    assert_button "Day"
    assert_selector dark
  end

  def test_make_room_is_written_down_and_counted
    open_counter
    step "Site"
    click_button "Something lifts off"

    assert_field "Lifts off", with: ""
    within("[aria-label='thing put away 3']") { fill_in("Lifts off", with: "Toaster").send_keys(:tab) }

    assert_saved { settings["site"]["lifted"].last["what"] == "Toaster" }
    assert_selector "button", text: "35 min"
  end

  def test_bad_measures_are_told_where_they_stand_and_stay
    open_counter
    step "Surface"
    type_length "Length", "1 m"

    assert_text "That is beyond the end of the surface, which is 1 m long."
    assert_field "Length", with: "1.00 m"
    # It was refused when it was to be kept as well; dialled back there is nothing left to keep.
    assert_text "Not saved"
    type_length "Length", "2.4 m"

    assert_no_text "beyond the end of the surface"
    assert_no_text "Not saved"
  end

  def test_a_studio_in_feet_reads_no_metres
    DATABASE[:studios].update(units: "imperial")
    open_counter
    %w[Surface Site Build Fill Snow].each do |name|
      step name
      values = all("input").map { |field| field["value"].to_s + field["placeholder"].to_s }

      assert_empty values.grep(/\d c?m\b/), name
    end
    assert_no_selector "[role=img] text", text: /\d c?m\b/
  end

  def test_on_a_phone_one_view_after_the_other
    page.current_window.resize_to(390, 844)
    open_counter
    click_button "From the side"

    assert_selector "[role=img] text", text: "From the side"
    assert_no_selector "[role=img] text", text: "From above"
    click_button "From above"

    assert_selector "[role=img] text", text: "of it stays free"
    assert_equal 0, page.evaluate_script("document.documentElement.scrollWidth - innerWidth")
  ensure
    page.current_window.resize_to(1280, 800)
  end
end
