# frozen_string_literal: true

require_relative "system_test"

# Nothing stands in the browser's console on any view: no refused file, no failed request, no warning.
class ConsoleTest < SystemTest
  QUIET = %w[log info debug timeEnd].freeze

  def setup
    super
    @told = []
    visit "/sign-in"
    client = page.driver.browser.page
    client.command("Log.enable")
    client.on("Log.entryAdded") { |said| @told << said["entry"].values_at("level", "text", "url").join(" ") }
    client.on("Runtime.consoleAPICalled") { |said| note(said) }
  end

  def note(said)
    return if QUIET.include?(said["type"])

    @told << "#{said['type']} #{said['args'].map { |part| part['value'] || part['description'] }.join(' ')}"
  end

  def assert_nothing_told(view)
    page.driver.wait_for_network_idle

    assert_empty @told, view
  end

  def test_at_the_door_and_when_an_address_is_opened_before_signing_in
    visit "/pieces/#{piece_id('Quay window tree')}"

    assert_field "Password"
    fill_in "Email", with: OWNER
    fill_in "Password", with: Server::DemoStudio::PASSWORD
    click_button "Sign in"

    assert_text "What it takes"
    assert_nothing_told "the way in"
  end

  def test_on_every_view
    enter
    room = DATABASE[:rooms].where(name: "Long room").get(:id)
    home = DATABASE[:homes].where(name: "The Signal Loft").get(:id)
    tree = "/pieces/#{piece_id('Quay window tree')}"
    run = "/pieces/#{piece_id('Mantel greens')}"
    { "/" => "Tidewaiter's House", "/homes/#{home}" => "Signal tree", "/rooms/#{room}" => "Best size for each place",
      "/homes/#{home}/rooms/new" => "The room", tree => "What it takes", "#{tree}/map" => "Next one is up",
      "#{tree}/cuts" => "From stock", "#{tree}/versions" => "From stock", run => "What it takes",
      "/house-rules" => "On a sample tree", "/deleted" => "Deleted", "/nowhere" => "Nothing here" }.each do |path, text|
      visit path

      assert_text text
      assert_nothing_told path
    end
  end

  def test_while_dials_are_turned_and_drawings_change
    enter
    open_tree
    click_button "own"
    click_button "Own number: more"
    step "Lights"
    press("n", "]", "w")

    assert_selector "[role=dialog], aside, .MuiDrawer-root", text: /./
    assert_nothing_told "a bench at work"
  end
end
