# frozen_string_literal: true

require_relative "system_test"

# Things on lines on their bench: measured, dealt, lengthened until heads are in the way, held by what may be used.
class DropsBenchTest < SystemTest
  def setup
    super
    enter
  end

  def open_birds
    visit "/pieces/#{piece_id('Birds over the table')}"

    assert_text "What it takes"
  end

  def settings(name = "Birds over the table")
    DATABASE[:pieces].where(name: name).get(:settings).to_h
  end

  def test_they_are_added_measured_and_hung_where_nothing_may_be_nailed
    visit "/homes/#{DATABASE[:homes].where(name: 'The Signal Loft').get(:id)}"
    add_piece "Loft"
    click_button "hanging things"

    assert_field "Name", with: "Loft stars"
    click_button "Put it on the bench"

    assert_text "Measure the place and every line follows."
    type_length "Along", "1.4 m"

    assert_selector "[role=img][aria-label^='7 lines at different heights']"
    step "Things"
    click_button "Something that hangs"
    step "Hang"

    assert_selector "[role=combobox]", text: "Padded wire tie"
    open_list "Padded wire tie"
    find("[role=option]", text: "Finishing nail").click

    assert_text "No nails or glue here without the owner's leave: padded wire tie or tension rod."
    eventually("It was not saved.") { settings("Loft stars")["hang"]["fixing"] == "nail" }
  end

  def test_another_order_and_longer_lines_are_drawn_and_told_live
    open_birds
    drawn = find("[role=img] svg")["innerHTML"]
    click_button "Another order"
    eventually("The drawing stayed as it was.") { find("[role=img] svg")["innerHTML"] != drawn }

    assert_figure "Line, with knots", "5.78 m"
    step "Place"
    click_button "where people walk"

    assert_text(/Only 1\.5\d m under the lowest, where people walk; 2\.00 m keep heads free\./)
    assert_selector "[role=img] text", text: "heads stay free up to 2.00 m"
    step "Drops"
    type_length "Longest", "40 cm"

    assert_no_text "keep heads free. Shorten"
    type_length "Longest", "30 cm"

    assert_text "The longest drop is shorter than the shortest, which is 0.35 m."
    assert_field "Longest", with: "30 cm"
  end

  def test_every_line_is_told_in_a_list
    open_birds
    click_button "Every line"

    assert_selector "[role=dialog] tbody tr", count: 7
    assert_equal "Chalk birds", all("[role=dialog] tbody tr").first.all("td")[1].text
    click_button "Close"
  end

  def test_a_studio_in_feet_reads_no_metres
    DATABASE[:studios].update(units: "imperial")
    open_birds
    %w[Place Drops Things Hang].each do |name|
      step name
      values = all("input").map { |field| field["value"].to_s + field["placeholder"].to_s }

      assert_empty values.grep(/\d c?m\b|\d kg\b/), name
    end
    assert_no_selector "[role=img] text", text: /\d c?m\b/
  end
end
