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

  def twice
    asked_for.tally.select { |_, times| times > 1 }.keys
  end

  def opened(path, shown)
    page.driver.clear_network_traffic
    visit path

    assert_text shown
    at_rest?
  end

  def test_what_a_screen_asks_for_is_on_its_way_before_the_scripts_of_all_screens_are_there
    at_the_desk
    page.driver.browser.url_blocklist = [%r{/assets/index-}]
    { "/pieces/#{@tree}" => ["GET /api/pieces/#{@tree}", "GET /api/styles?page=1&piece=#{@tree}",
                             "POST /api/pieces/#{@tree}/plan"],
      "/pieces/#{@tree}/map" => ["GET /api/pieces/#{@tree}/hanging"],
      "/" => ["GET /api/season?page=1", "GET /api/buying?page=1"] }.each do |path, wanted|
      page.driver.clear_network_traffic
      visit path

      eventually("#{path} asked for #{asked_for}") { (wanted - asked_for.map { |one| one[/^\S+ \S+/] }).empty? }
    end
  end

  def test_nothing_is_asked_for_twice
    at_the_desk
    room, home = DATABASE[:rooms].where(name: "Long room").get(%i[id home_id])
    { "/" => "Tidewaiter's House", "/homes/#{home}" => "Long room", "/rooms/#{room}" => "Best size for each place",
      "/rooms/#{room}/view" => "Seen from: Sofa", "/pieces/#{@tree}" => "What it takes",
      "/pieces/#{piece_id('Mantel greens')}" => "What it takes", "/pieces/#{@tree}/map" => "It is up",
      "/pieces/#{@tree}/cuts" => "From stock", "/pieces/#{@tree}/versions" => "From stock", "/stock" => "141 things",
      "/looks" => "Harbour light", "/recipes" => "Gilded cones", "/ideas" => "Retire 1", "/buying" => "This week",
      "/boxes" => "Loft left", "/house-rules" => "On a sample tree", "/house-rules/log" => "Every plan not yet begun",
      "/deleted" => "Deleted", "/season-summary" => "Still open", "/homes/#{home}/book" => "Before and after",
      "/homes/#{home}/proposal" => "Not sent yet" }.each do |path, shown|
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
