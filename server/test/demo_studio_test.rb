# frozen_string_literal: true

require_relative "server_test"

# The demo is what people see first: all of it must work.
class DemoStudioTest < ServerTest
  def setup
    sign_in
  end

  def pieces
    homes.flat_map { |home| home_named(home["name"])["rooms"].flat_map { |room| room["pieces"] } }
  end

  def test_three_homes_each_with_a_tree_that_fits_its_place
    trees = pieces.select { |piece| piece["kind"] == "tree" }

    assert_equal(["Quay window tree", "Signal tree", "Alcove tree"], trees.map { |piece| piece["name"] })
    trees.each do |piece|
      plan = ask(:post, "/api/pieces/#{piece['id']}/plan", {})

      assert_equal "ok", plan["figures"]["height_verdict"]["value"], piece["name"]
      refute_includes plan["cautions"].map { |caution| caution["severity"] }, "stop", piece["name"]
      assert_equal 0, plan["totals"]["unpriced"], piece["name"]
    end
  end

  def test_the_season_lies_ahead_on_whichever_day_it_is_opened
    empty_installation
    Server::DemoStudio.new(DATABASE, password_cost: 4, today: Date.new(2029, 2, 3)).seed

    assert_equal [Date.new(2029, 2, 12), Date.new(2029, 3, 22)],
                 DATABASE[:homes].where(name: "Tidewaiter's House").get(%i[visit_on strike_on])
  end

  # Only where pictures are kept: the tests' own demo has sent nothing.
  def test_clients_were_shown_their_homes_and_one_said_yes
    empty_installation
    Dir.mktmpdir do |folder|
      album = Server::Photographs::Album.new(folder)
      Server::DemoStudio.new(DATABASE, password_cost: 4, album: album).seed
      sign_in
      standing = ask(:get, "/api/season")["items"].to_h { |card| [card["name"], card["proposal"]&.fetch("state")] }

      assert_equal({ "Tidewaiter's House" => "sent", "The Signal Loft" => nil, "Number Nine, Ropewalk" => "accepted" },
                   standing)
      pictures = DATABASE[:proposal_editions].select_map(:pictures)
      files = Dir.glob(File.join(Server::DemoProposals::FOLDER, "**", "*.jpg")).size

      assert_equal files, pictures.sum(&:size)
      assert_operator files, :>=, 24
    end
  end

  def test_every_style_of_a_look_is_matched_by_colour_and_its_shares_sum_to_the_whole
    ask(:get, "/api/looks")["items"].each do |look|
      assert_equal 100, look["colours"].sum { |colour| colour["share_percent"] }, look["name"]
      assert_operator look["style_ids"].size, :>=, 8
    end
  end

  def test_the_sloping_room_gives_each_place_its_own_best_size
    loft = home_named("The Signal Loft")["rooms"].first
    best = ask(:get, "/api/rooms/#{loft['id']}")["places"].to_h do |place|
      [place["name"], place["best_size"]["height_m"]]
    end

    assert_operator best["High window"], :>, best["Under the slope"]
  end

  def test_the_people_are_there_with_their_roles
    people = DATABASE[:accounts].where(studio_id: demo).select_hash(:name, :role)

    assert_equal({ "Ottoline Marsh" => "owner", "Bram Teasel" => "assistant", "Juniper Lodd" => "assistant" }, people)
  end
end
