# frozen_string_literal: true

require_relative "system_test"

# What is swapped in a room: cushions and throws, pictures in their frames, scents by place; out and in as a list.
class SwapsBenchTest < SystemTest
  def setup
    super
    enter
  end

  def open_swaps
    visit "/pieces/#{piece_id('Sofa and pictures')}"

    assert_text "What it takes"
  end

  def settings(name = "Sofa and pictures")
    DATABASE[:pieces].where(name: name).get(:settings).to_h
  end

  def assert_saved(&)
    assert_selector "[role=status]", text: /Saved/
    eventually("It was not saved: #{settings}", &)
  end

  def test_a_room_gets_its_soft_things
    visit "/homes/#{DATABASE[:homes].where(name: 'Number Nine, Ropewalk').get(:id)}"
    first("button", text: "Add a piece").click
    click_button "soft things, pictures, scents"

    assert_field "Name", with: "Front room swaps"
    click_button "Put it on the bench"

    assert_text "Say below what comes in"
    click_button "Something soft"

    assert_selector "[role=img][aria-label^='1 cushion on 1 seat']"
    within("[aria-label='soft thing 1']") { fill_in "Goes out", with: "Linen cushion" }

    assert_text "Linen cushion goes out, and nobody has said where it is stored."
    within("[aria-label='soft thing 1']") { fill_in "Stored where", with: "Loft" }

    assert_no_text "nobody has said where it is stored"
    assert_saved { settings("Front room swaps")["soft"]["swaps"].first["stored"] == "Loft" }
  end

  def test_inserts_and_sets_are_told_live
    open_swaps

    assert_figure "Inserts to get", "2 inserts"
    within("[aria-label='soft thing 1']") { type_length "Its insert", "45 cm" }

    assert_text "Cable knit cushions sags: its insert of 45 cm is smaller than the cover."
    click_button "How many of soft thing 2: fewer"
    click_button "How many of soft thing 1: more"

    assert_text "Four cushions (Long sofa) are 3 and 1: alike, or two and two."
  end

  def test_out_and_in_is_a_list
    open_swaps
    click_button "Out and in"

    assert_selector "[role=dialog] tbody tr", count: 5
    assert_selector "[role=dialog] tr", text: /Four linen cushions\s+Bed box\s+2 × cable knit cushions, 50 cm\s+Box 14/
    assert_text "When guests sit, cushions go to: Bench under the slope."
  end

  def test_paper_and_scents
    open_swaps
    step "Pictures"
    within("[aria-label='picture 1']") { type_length "Paper, wide", "25 cm" }

    assert_text "Track plan: the paper is 3 cm smaller than its opening."
    step "Scent"
    within("[aria-label='scent 2']") { fill_in "Where", with: "Stair door" }
    within("[aria-label='scent 2']") { find("label", text: "Scented").click }

    assert_text "Stair door has 2 scents"
    assert_saved { settings["scent"]["scents"].all? { |scent| scent["scented"] } }
  end

  def test_a_studio_in_feet_reads_no_metres
    DATABASE[:studios].update(units: "imperial")
    open_swaps
    %w[Soft Pictures Scent].each do |name|
      step name
      values = all("input").map { |field| field["value"].to_s + field["placeholder"].to_s }

      assert_empty values.grep(/\d c?m\b/), name
    end
    assert_no_selector "[role=img] text", text: /\d c?m\b/
    assert_selector "[aria-label='Ledger'] tr", text: "Insert of 1 ft"
  end

  def test_on_a_phone_one_part_after_the_other
    page.current_window.resize_to(390, 844)
    open_swaps

    assert_selector "[role=img] text", text: "Comes in"
    assert_no_selector "[role=img] text", exact_text: "Pictures"
    step "Pictures"

    assert_selector "[role=img] text", exact_text: "Pictures"
    assert_equal 0, page.evaluate_script("document.documentElement.scrollWidth - innerWidth")
  ensure
    page.current_window.resize_to(1280, 800)
  end
end
