# frozen_string_literal: true

require_relative "system_test"
require_relative "console"

# Nothing stands in the browser's console on the way in and at work; the sweep for accessibility listens on every view.
class ConsoleTest < SystemTest
  def setup
    super
    installed_browser
    visit "/sign-in"
    @console = Console.new(page.driver.browser.page)
  end

  def assert_nothing_told
    at_rest?

    assert_empty @console.told
  end

  def test_at_the_door_and_when_an_address_is_opened_before_signing_in
    visit "/pieces/#{piece_id('Quay window tree')}"

    assert_field "Password"
    fill_in "Email", with: OWNER
    fill_in "Password", with: Server::DemoStudio::PASSWORD
    click_button "Sign in"

    assert_text "What it takes"
    click_button "own"
    click_button "Own number: more"
    step "Lights"
    press("n", "]", "w")

    assert_selector "[role=dialog], aside, .MuiDrawer-root", text: /./
    assert_nothing_told
  end
end
