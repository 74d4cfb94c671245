# frozen_string_literal: true

require_relative "system_test"

# A wreath on its bench: measured, chosen from stock, hung, dressed by the clock, kept.
class WreathBenchTest < SystemTest
  def setup
    super
    enter
  end

  def open_wreath
    visit "/pieces/#{piece_id('Door wreath')}"

    assert_text "What it takes"
  end

  def drawn
    find("[role=img][aria-label^='Wreath of']")["aria-label"]
  end

  def settings
    DATABASE[:pieces].where(name: "Door wreath").get(:settings).to_h
  end

  # From what is saved, as soon as the strip says so.
  def assert_saved(&)
    assert_selector "[role=status]", text: /Saved/
    eventually("It was not saved: #{settings}", &)
  end

  def test_a_wreath_is_added_measured_and_chosen_from_what_there_is
    visit "/homes/#{DATABASE[:homes].where(name: 'Number Nine, Ropewalk').get(:id)}"
    add_piece "Dining room"
    click_button "a wreath"

    assert_no_field "Place"
    click_button "Put it on the bench"

    assert_text "The door is not measured yet"
    open_list("door")
    find("[role=option]", exact_text: "window").click
    type_length "Width", "0.55 m"

    assert_text "What it takes"
    step "Size"

    assert_figure "At least", "28 cm"
    assert_figure "At most", "36 cm"
    click_button "Take Olive wreath, 30 cm, 30 cm: nearest the middle"

    assert_selector "tr", text: "Olive wreath, 30 cm"
    assert_includes drawn, "Wreath of 30 cm on a window"
  end

  def test_the_layout_decides_how_many_there_are_and_the_list_says_the_same
    open_wreath

    assert_figure "Sites", "6"
    assert_figure "Between", "5"
    before = canvas
    click_button "all round"

    assert_figure "Sites", "13"
    assert_selector "[aria-label='Ledger'] tr", text: /Plum berry picks.*\s13\s/m
    assert_includes drawn, "all round, 13 sites"
    assert_redrawn(before)
    click_button "Round the clock"

    assert_selector "[role=dialog] li", text: "Plum berry picks", count: 13
    assert_selector "[role=dialog] li", text: "Brass cones, 6 cm, between", count: 13
    click_button "Close"
    assert_saved { settings["layers"]["layout"] == "all_round" }
  end

  def test_a_crescent_is_pulled_by_its_end
    open_wreath
    handle = "document.querySelector('[data-handle=to]')"
    box = page.evaluate_script("(() => { const b = #{handle}.getBoundingClientRect(); " \
                               "const s = #{handle}.ownerSVGElement.getBoundingClientRect(); " \
                               "return [b.x + b.width / 2, b.y + b.height / 2, s.x, s.y]; })()")
    mouse = page.driver.browser.mouse
    mouse.move(x: box[0], y: box[1]).down.move(x: box[0] + 60, y: box[1] + 120, steps: 4).up

    assert_no_selector "button[aria-label^='Sites: 6']"
    assert_saved { settings["layers"]["to_h"] > 1.5 && settings["layers"]["to_h"] < 4 }
  end

  def test_a_leaf_is_swung_and_says_what_its_ring_does
    open_wreath
    click_button "Open the leaf"

    assert_text "left leaf open, from above"
    assert_text "the ring presses on the other"
    step "Place"
    click_button "outward"

    assert_text "the other leaf clears"
    click_button "Close the leaf"

    assert_no_text "left leaf open"
    assert_includes drawn, "Its hook is on the left leaf, 6 cm off the line."
  end

  def test_a_thin_arc_is_closed_by_one_press
    open_wreath
    step "Greens"
    type_length "Full", "17 cm"
    thin = find("p", text: /\AThin from/, match: :first).text
    find("button", text: /\d × .* free/, match: :first).click

    assert_selector "[role=group][aria-label='stem 3']"
    assert_no_text thin
  end

  def test_where_the_hook_goes_and_what_it_carries
    open_wreath
    step "Hang"

    assert_figure "Hook above the floor", "1.73 m"
    assert_figure "Ribbon it takes", "39 cm"
    find("button[aria-label^='Hook above the floor:']").click

    assert_text "Hook of a pair of doors"
    click_button "Close the working"
    type_length "Off the meeting line", "40 cm"

    assert_text "is beyond the ring"
    type_length "Off the meeting line", "6 cm"

    assert_no_text "is beyond the ring"
    fill_in "Rated load on its label, kg", with: "1\n"

    assert_selector "[aria-label='Ledger']", text: "Take a stronger kind, or a lighter wreath."
  end

  def test_a_word_a_bow_and_what_they_take
    open_wreath
    step "Star"

    assert_selector "button[aria-label^='Plum velvet ribbon: need 1.5 m']"
    click_button "nothing"

    assert_selector "button[aria-label^='Plum velvet ribbon: need 0.4 m']"
    click_button "a word"
    fill_in "It says", with: "Noel"

    assert_selector "tr", text: "Word “Noel”"
    assert_text "wants three ties"
  end

  def test_in_feet_nothing_is_metric
    DATABASE[:studios].update(units: "imperial")
    open_wreath
    ["Place", "Size", "Hang", "Greens", "Layers", "Star", "Lights", "Step back"].each do |name|
      step name
      # Things of the stock are called what the studio called them.
      said = page.text.gsub(/(wreath|cones), \d+ cm/, "")

      refute_match(/\d (m|cm|kg)\b/, said, name)
    end
    step "Size"

    assert_figure "Across", "2 ft"
  end

  def test_a_version_is_kept_and_compared
    open_wreath
    find("[aria-label='More for this wreath']").click
    find("[role=menuitem]", text: "Versions").click
    fill_in "Keep it as it is under a name", with: "Crescent"
    click_button "Keep"

    assert_selector "[role=img][aria-label^='The wreath as']", minimum: 1
  end

  def test_a_wreath_on_a_phone
    page.driver.resize(390, 844)
    open_wreath

    assert_button "What it takes"
    assert_includes drawn, "Wreath of 62 cm on a pair of doors"
  ensure
    page.driver.resize(1280, 800)
  end

  def test_the_outline_is_built_from_what_is_free_in_one_press
    open_wreath
    before = settings["greens"]["stems"]
    step "Greens"
    type_length "Full", "22 cm"

    assert_selector "[aria-label='Ledger'] tr", text: /Cedar tips\s*18\s/
    click_button "Build this outline from what I have"

    assert_text(/\d+ % of the outline, [\d.]+ k?g of 1.15 kg that what holds it may carry/)
    assert_saved { settings["greens"]["stems"] != before }
    click_button "Undo"
    assert_saved { settings["greens"]["stems"] == before }
  end

  def test_ways_of_making_stand_side_by_side_and_one_is_taken
    open_wreath
    step "Greens"
    click_button "Make or buy"

    assert_selector "[role=dialog] tbody tr", count: 4
    assert_selector "[role=dialog] tbody tr", text: /a hoop\s*1 h \d+, 2 people/
    within("[role=dialog] tbody tr", text: "made on a frame") { click_button "Make it so" }

    assert_selector "[role=dialog] tbody tr", text: /made on a frame.*so it is/m
    click_button "Close"
    assert_saved { settings["greens"]["making"] == "frame" }

    assert_nil settings["size"]["style"]
  end

  def test_a_mend_is_applied_and_its_caution_is_gone
    open_wreath
    step "Star"
    type_length "Tails", "90 cm"

    assert_text "cut them to 31 cm or so"
    step "Step back"
    click_button "Cut the tails to 31 cm"

    assert_no_button "Cut the tails to 31 cm"
    assert_saved { (settings["star"]["tail_m"] - 0.31).abs < 0.001 }
  end

  def test_what_would_help_against_a_dull_ground_comes_from_stock
    piece = DATABASE[:pieces].where(name: "Door wreath")
    told = settings
    told["place"] = { **told["place"], "colour" => "#2c4a40" }
    told["star"] = { "kind" => "none" }
    told["layers"] = { **told["layers"], "picks" => [], "between" => nil }
    piece.update(settings: Sequel.pg_jsonb(told))
    open_wreath
    step "Place"

    assert_text "reads dull"
    within("[role=group][aria-label='What would help']") { first("button", text: "A bow of").click }

    assert_text "stands out"
    assert_no_selector "[role=group][aria-label='What would help']"
    assert_saved { settings["star"]["kind"] == "bow" }
  end

  def test_where_a_wreath_hung_before_is_told_with_it
    open_wreath
    ring = DATABASE[:style_uses].first(style_id: settings["size"]["style"])
    DATABASE[:style_uses].insert(**ring, year: 2023)
    visit current_path
    step "Size"

    assert_text "Hung before: 2023 here, Stair hall. Not here for 2 years."
    click_link "Tidewaiter's House"

    assert_selector "section[aria-label='Stair hall']", text: "4 wreaths"
  end

  def test_a_wreath_lies_round_a_candle
    open_wreath
    step "Place"
    open_list("pair of doors")
    find("[role=option]", text: "candle or lantern").click
    type_length "Base, across", "9 cm"

    assert_text "A candle in greens is flameless"
    assert_no_selector "[role=tab]", text: "Hang"
    assert_includes drawn, "round a candle or lantern, seen from above"
    step "Size"

    assert_figure "Opening, at least", "10 cm"
    assert_saved { settings["place"]["host"] == "lying" }
  end

  def test_a_layout_is_turned_on_the_drawing_and_below
    open_wreath
    click_button "bottom swag"

    assert_selector "button[aria-pressed=true]", text: "bottom swag"
    at_rest?
    handle = page.evaluate_script("(() => { const b = document.querySelector(\"[data-handle='turn']\")" \
                                  ".getBoundingClientRect(); return [b.x + b.width / 2, b.y + b.height / 2]; })()")
    mouse = page.driver.browser.mouse
    mouse.move(x: handle[0], y: handle[1])
    mouse.down
    mouse.move(x: handle[0] - 30, y: handle[1] - 10)
    mouse.move(x: handle[0] - 70, y: handle[1] - 30)
    mouse.up
    assert_saved { settings["layers"]["turned_h"].positive? }

    assert_operator settings["layers"]["turned_h"], :<, 11
    click_button "Undo"
    assert_saved { settings["layers"]["turned_h"].zero? }
  end
end
