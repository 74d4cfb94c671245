# frozen_string_literal: true

require_relative "system_test"

# A page that is opened by its address asks for everything as early as it can, and for nothing twice.
class OpeningTest < SystemTest
  def setup
    super
    anew_afterwards
    @tree = piece_id("Quay window tree")
  end

  # With what was said in it: two versions are planned by two questions.
  def asked_for
    page.driver.network_traffic.filter_map(&:request).filter_map do |request|
      path = request.url[%r{/api/.*}]
      path && "#{request.method} #{path} #{request.body}".strip
    end
  end

  # Also by other words: then one of them was asked for ahead in vain. What others hang meanwhile is asked for every few
  # seconds.
  def twice
    asked_for.grep_v(%r{/hung\b}).map { |one| one.sub(/\?\S*/, "") }.tally.select { |_, times| times > 1 }.keys
  end

  # In a browser to which the scripts of all screens do not come; it never saw them either.
  def without_scripts
    anew
    enter
    page.driver.browser.url_blocklist = [%r{/assets/index-}]
  end

  def opened(path, shown)
    page.driver.clear_network_traffic
    visit path

    assert_text shown
    at_rest?
  end

  def test_what_a_screen_asks_for_is_on_its_way_before_the_scripts_of_all_screens_are_there
    without_scripts
    { "/pieces/#{@tree}" => ["GET /api/pieces/#{@tree}", "GET /api/styles?page=1&piece=#{@tree}",
                             "POST /api/pieces/#{@tree}/plan"],
      "/pieces/#{@tree}/map" => ["GET /api/pieces/#{@tree}/hanging"],
      "/" => ["GET /api/season?page=1", "GET /api/buying?page=1"] }.each do |path, wanted|
      page.driver.clear_network_traffic
      visit path

      eventually("#{path} asked for #{asked_for}") { (wanted - asked_for.map { |one| one[/^\S+ \S+/] }).empty? }
    end
  end

  # What the page before kept when it was left may still be on its way.
  def test_a_page_that_is_loaded_anew_asks_for_nothing_ahead_of_its_screen
    without_scripts
    visit "/pieces/#{@tree}"
    eventually("The piece was not asked for.") { asked_for.include?("GET /api/pieces/#{@tree}") }
    at_rest?
    page.driver.clear_network_traffic
    page.refresh

    assert_text "Deck Bough"
    eventually("The door was not asked.") { asked_for.any? }
    at_rest?

    assert_empty asked_for.grep_v(%r{ /api/door})
  end

  def test_nothing_is_asked_for_twice
    at_the_desk
    room, home = DATABASE[:rooms].where(name: "Long room").get(%i[id home_id])
    sheet = "/visits/#{DATABASE[:visits].where(held_on: '2026-11-28').get(:id)}"
    look = DATABASE[:looks].where(name: "Harbour dusk").get(:id)
    { "/" => "Tidewaiter's House", "/homes/#{home}" => "Long room", "/rooms/#{room}" => "Best size for each place",
      "/rooms/#{room}/view" => "Seen from: Sofa", "/pieces/#{@tree}" => "What it takes",
      "/pieces/#{piece_id('Mantel greens')}" => "What it takes", "/pieces/#{@tree}/map" => "It is up",
      "/pieces/#{@tree}/cuts" => "From stock", "/pieces/#{@tree}/versions" => "From stock", "/stock" => "141 things",
      "/looks" => "Harbour light", "/recipes" => "Gilded cones", "/ideas" => "Retire 1", "/buying" => "This week",
      "/boxes" => "Loft left", "/house-rules" => "On a sample tree", "/house-rules/log" => "Every plan not yet begun",
      "/deleted" => "Deleted", "/season-summary" => "Still open", "/homes/#{home}/book" => "Before and after",
      "/homes/#{home}/proposal" => "Not sent yet", "/homes/#{home}/season-end" => "Into which boxes",
      "/looks/#{look}" => "Who wears it", "/days" => "When it ends", sheet => "in the car",
      "#{sheet}/log" => "All together" }.each do |path, shown|
      opened path, shown

      assert_empty twice, path
    end
  end

  def test_nobody_who_is_not_in_is_refused_before_being_asked_in
    anew
    opened "/pieces/#{@tree}", "Password"

    assert_empty asked_for.grep_v(%r{ /api/door})
  end
end
