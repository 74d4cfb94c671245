# frozen_string_literal: true

require_relative "system_test"

# A wall of wreaths on its bench: measured, arranged by dials and by hand, each dressed alike or for itself, kept.
class WallBenchTest < SystemTest
  def setup
    super
    enter
  end

  def open_wall(name = "Cabinet wreaths")
    visit "/pieces/#{piece_id(name)}"

    assert_text "What it takes"
  end

  def drawn
    find("[role=img][aria-label*='wreath']")["aria-label"]
  end

  def settings(name = "Cabinet wreaths")
    DATABASE[:pieces].where(name: name).get(:settings).to_h
  end

  def assert_saved(&)
    assert_selector "[role=status]", text: /Saved/
    eventually("It was not saved: #{settings}", &)
  end

  # A ring taken hold of and moved by pixels.
  def drag(number, across, up)
    ring = page.evaluate_script("(() => { const b = document.querySelector(`[data-ring='#{number}']`)" \
                                ".getBoundingClientRect(); return [b.x + b.width / 2, b.y + b.height / 2]; })()")
    mouse = page.driver.browser.mouse
    mouse.move(x: ring[0], y: ring[1])
    mouse.down
    mouse.move(x: ring[0] + (across / 2), y: ring[1] - (up / 2))
    mouse.move(x: ring[0] + across, y: ring[1] - up)
    mouse.up
  end

  def test_a_wall_is_added_measured_and_hung_in_openings
    visit "/homes/#{DATABASE[:homes].where(name: 'Number Nine, Ropewalk').get(:id)}"
    add_piece "Dining room"
    click_button "a wall of wreaths"
    click_button "Put it on the bench"

    assert_text "The wall is not measured yet"
    type_length "Wall, across", "4 m"

    assert_text "What it takes"
    assert_includes drawn, "3 wreaths in a row"
    step "Arrange"
    click_button "one in every opening"

    assert_includes drawn, "3 wreaths one in every opening"
    step "Wall"
    find_button("How many: more").click

    assert_selector "[role=img][aria-label^='4 wreaths']"
    assert_selector "[aria-label='Ledger'] tr", text: /Wreath.*\s4\s/m
  end

  def test_the_list_tells_where_each_hangs_to_its_hook
    open_wall
    click_button "Where each hangs"
    rows = all("[role=dialog] tbody tr").map { |row| row.all("td").map(&:text) }

    assert_equal([["1", "30 cm", "78 cm", "1.71 m"], ["2", "30 cm", "1.30 m", "1.71 m"],
                  ["3", "30 cm", "1.82 m", "1.71 m"]], rows.map { |row| row.first(4) })
    click_button "Close"

    assert_no_selector "[role=dialog]"
    click_button "More for this wall of wreaths"
    links = all("[role=menuitem]").to_h { |item| [item.text, item["href"]] }

    assert_includes links["Nail map as PDF"], "/wreath-sheet.pdf"
    assert_includes links["Nail map as SVG"], "/wreath-sheet.svg"
  end

  def test_one_is_dragged_and_the_rest_space_themselves
    open_wall

    assert_figure "Clear between", "22 cm"
    drag(3, 40, 0)
    assert_saved { settings["arrange"]["gap_m"] > 0.24 }
    wider = settings["arrange"]["gap_m"]

    assert_in_delta 1.6, settings["arrange"]["middle_m"]
    assert_in_delta wider * 100, figure("Clear between").to_f, 0.6
    drag(2, 0, 30)
    assert_saved { settings["arrange"]["middle_m"] > 1.62 }

    assert_in_delta wider, settings["arrange"]["gap_m"]
    click_button "Undo"
    assert_saved { (settings["arrange"]["middle_m"] - 1.6).abs < 0.001 }
  end

  def test_none_comes_nearer_than_the_house_rule_however_far_it_is_dragged
    open_wall
    drag(3, -300, 0)
    assert_saved { (settings["arrange"]["gap_m"] - 0.05).abs < 0.001 }

    assert_figure "Clear between", "5 cm"
  end

  def test_what_does_not_fit_is_told_and_the_rest_hang_evenly
    open_wall
    step "Wall"
    type_length "Wall, across", "1.8 m"
    step "Wreaths"
    2.times { click_button "Another wreath" }

    assert_selector "[role=img][aria-label*='left out for want of room']"
    step "Arrange"

    assert_text "fit here"
    hung = drawn[/\A\d/].to_i
    click_button "Hang the #{hung} wreaths that fit"

    assert_no_text "fit here"
    assert_saved { settings["wreaths"]["hung"].size == hung }
  end

  def test_one_is_dressed_for_itself_and_all_are_made_alike_again
    open_wall
    step "Wreaths"
    within("[role=group][aria-label='wreath 2']") { open_list "a bow" }
    find("[role=option]", exact_text: "as all").click
    assert_saved { settings["wreaths"]["hung"][1]["star"].nil? }
    click_button "Undo"
    assert_saved { settings["wreaths"]["hung"][1]["star"] == "bow" }
    within("[role=group][aria-label='wreath 2']") { assert_text "a bow" }
    click_button "All like the first"
    assert_saved { settings["wreaths"]["hung"].uniq.size == 1 }
  end

  def test_the_wall_of_a_rented_home_hangs_in_its_windows
    open_wall("Window wreaths")

    assert_includes drawn, "5 wreaths one in every opening"
    step "Hang"

    assert_text "Fits here: suction hook"
    # Five hoops want five suction hooks and one ribbon.
    assert_selector "[aria-label='Ledger'] tr", text: /Suction hook.*\s5\s/m
    assert_selector "[aria-label='Ledger'] tr", text: /Amber linen ribbon/
  end

  def test_a_studio_in_feet_meets_no_metres
    DATABASE[:studios].update(units: "imperial")
    # Names are the studio's own, whatever they say.
    DATABASE[:styles].update(name: Sequel.function(:replace, :name, " cm", " across"))
    DATABASE[:styles].update(name: Sequel.function(:regexp_replace, :name, " m$", " long"))
    open_wall
    ["Wall", "Wreaths", "Hang", "Greens", "Layers", "Star", "Step back", "Arrange"].each do |name|
      step name

      assert_no_text(/\d c?m\b/)
      values = all("[data-dials] input", wait: 0).map(&:value)

      assert_empty values.grep(/\d c?m\b/), name
    end
    click_button "Where each hangs"

    assert_no_text(/\d c?m\b/)
  end

  def test_on_a_phone_it_is_all_there
    page.driver.resize(390, 844)
    open_wall

    assert_selector "[role=img][aria-label^='3 wreaths']"
    click_button "Where each hangs"

    assert_selector "[role=dialog] tbody tr", count: 3
    assert_equal 0, page.evaluate_script("document.documentElement.scrollWidth - innerWidth")
  ensure
    page.driver.resize(1280, 800)
  end
end
