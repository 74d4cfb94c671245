# frozen_string_literal: true

require_relative "system_test"

# A screen whose script does not come: the line broke, or another version is being served.
class RenewedTest < SystemTest
  # The first so many requests for a script come to nothing.
  def break_off(script, times)
    anew_afterwards
    browser = page.driver.browser
    asked = 0
    browser.network.intercept(pattern: "*#{script}*")
    browser.on(:request) { |request| (asked += 1) > times ? request.continue : request.abort }
    -> { asked }
  end

  def test_the_page_is_loaded_again_by_itself_once
    anew
    at_the_desk
    asked = break_off("StockingsScreen", 1)
    follow "/pieces/#{piece_id('Stockings on a batten')}"

    assert_text "What it takes"
    assert_equal 2, asked.call
  end

  def test_what_stays_away_is_said_and_loaded_again_by_a_press
    anew
    at_the_desk
    asked = break_off("StockingsScreen", 2)
    follow "/pieces/#{piece_id('Stockings on a batten')}"

    assert_text "Deck Bough was renewed"
    assert_equal 2, asked.call
    click_button "Load the page again"

    assert_text "What it takes"
  end
end
