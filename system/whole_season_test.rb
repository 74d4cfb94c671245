# frozen_string_literal: true

require_relative "cut_line"
require_relative "system_test"

# A season from its visit over the strike to the next, without network in the middle of both visits.
class WholeSeasonTest < SystemTest
  def setup
    super
    page.driver.resize(390, 844)
    enter
    @home = DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)
    @line = CutLine.new(page.server.port)
  end

  def teardown
    @line.close
    super
  end

  def at(path) = "http://127.0.0.1:#{@line.port}#{path}"

  def visit_of(purpose, day) = DATABASE[:visits].where(home_id: @home, purpose: purpose, held_on: day).get(:id)

  def go_to(step)
    click_button "All steps"
    first("button", text: step).click
  end

  def star = DATABASE[:styles].where(name: "Paper star, 12 cm").get(:id)

  def on_hand = DATABASE[:stock_quantities].where(style_id: star).get(:on_hand)

  def tree = DATABASE[:pieces].where(name: "Quay window tree").first

  def hang_without_network
    visit at("/visits/#{visit_of('dress', '2026-11-30')}")
    go_to "Ornaments, 100, Quay window tree"

    assert_selector "h2", text: "Paper star, 12 cm"
    @line.cut do
      2.times { click_button "It is up" }

      assert_text "2 kept on this phone"
    end
    eventually("They do not hang.") { DATABASE[:hung_ornaments].where(piece_id: tree[:id]).count == 2 }
  end

  def take_down_without_network
    visit at("/visits/#{visit_of('strike', '2027-01-05')}")
    go_to "Ornaments off, 100, Quay window tree"
    click_button "It is in its box" until page.has_selector?("h2", text: "Paper star, 12 cm", wait: 2)
    @line.cut do
      click_button "Broke, lost, found"
      click_button "Broken"

      assert_text "1 broken"
      click_button "It is in its box"

      assert_text "kept on this phone"
    end
    eventually("It did not break.") { DATABASE[:visit_acts].where(kind: "broken").any? }
  end

  def close_and_open
    visit "/season-summary"
    click_button "Close the season"
    click_button "Close it all the same"
    click_button "Open season 2027"

    assert_text "pieces to decide on"
    within("[role=group][aria-label='Quay window tree']") { click_button "Keep it" }

    assert_text "Quay window tree comes again as it was."
  end

  def test_a_season_goes_round_and_nothing_of_it_is_lost
    before = on_hand
    hang_without_network
    take_down_without_network

    assert_in_delta before - 1, on_hand
    close_and_open

    assert_in_delta before - 1, on_hand
    assert_equal 0, DATABASE[:hung_ornaments].count
    kept = DATABASE[:season_homes].where(home_id: @home).get(:told)
    stars = kept["rooms"].flat_map { |room| room["pieces"] }.find { |one| one["id"] == tree[:id] }["things"]

    assert(stars.any? { |thing| thing["label"] == "Paper star, 12 cm" })
    visit "/pieces/#{tree[:id]}/map"

    assert_text "It is up"
    assert_nil tree[:draft_of]
  end
end
