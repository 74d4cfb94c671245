# frozen_string_literal: true

require_relative "../server_test"

class HomesRoutesTest < ServerTest
  def test_the_season_desk_tells_days_shortage_and_cautions
    sign_in
    desk = ask(:get, "/api/season")
    first = desk["items"].first

    assert_equal(["Tidewaiter's House", "The Signal Loft", "Number Nine, Ropewalk"],
                 desk["items"].map { |home| home["name"] })
    assert_equal([9, 11, 13], desk["items"].map { |home| home["days_to_go"] })
    assert_operator first["totals"]["short_lines"], :>, 0
    assert_operator first["totals"]["buy_cents"], :>, 0
    refute_nil first["totals"]["worst"]
  end

  def test_what_is_short_is_what_the_desk_counts_and_the_ledgers_say
    sign_in
    card = ask(:get, "/api/season")["items"].first
    told = ask(:get, "/api/homes/#{card['id']}/shortages")
    tree = home_named("Tidewaiter's House")["rooms"].flat_map { |room| room["pieces"] }.first
    settings = ask(:get, "/api/pieces/#{tree['id']}")["settings"]
    ledger = ask(:post, "/api/pieces/#{tree['id']}/plan", { settings: settings })["ledger"]
             .select { |line| line["short"].positive? }
    lines = told["items"].select { |item| item["piece"] == tree["id"] }

    assert_equal [card["totals"]["short_lines"], 0], [told["items"].size, told["pending"]]
    assert_equal(card["totals"]["buy_cents"], told["items"].sum { |item| item["buy_cents"] || 0 })
    assert_equal(ledger.map { |line| line.values_at("label", "short", "buy_cents") },
                 lines.map { |line| line.values_at("label", "short", "buy_cents") })
    assert_equal ["Quay window tree", "Long room"], lines.first.values_at("name", "room")
    ask(:get, "/api/homes/#{SecureRandom.uuid}/shortages", status: 404)
  end

  def test_what_is_short_elsewhere_is_told_to_nobody_else
    sign_in
    home = homes.first["id"]
    stranger
    ask(:post, "/api/login", { email: "else@elsewhere.example", password: "another-word-1" })

    ask(:get, "/api/homes/#{home}/shortages", status: 404)
  end

  def test_pieces_are_drawn_small_on_the_desk_and_in_their_home
    sign_in
    cards = ask(:get, "/api/season")["items"]
    piece = home_named("Tidewaiter's House")["rooms"].flat_map { |room| room["pieces"] }.first

    assert_equal([7, 6, 6], cards.map { |card| card["portraits"].size })
    assert_equal piece["portrait"], cards.first["portraits"].first
    assert_operator piece["portrait"]["top_m"], :>=, piece["height_m"]
    room = home_named("Tidewaiter's House")["rooms"].first["id"]
    10.times do |i|
      ask(:post, "/api/rooms/#{room}/pieces", { name: "Tree #{i}", kind: "tree",
                                                settings: { measure: { height_m: 1.5 } } }, status: 201)
    end
    empty = ask(:post, "/api/rooms/#{room}/pieces", { name: "Later", kind: "tree" }, status: 201)

    assert_equal 8, ask(:get, "/api/season")["items"].first["portraits"].size
    assert_nil(home_named("Tidewaiter's House")["rooms"].first["pieces"]
                 .find { |one| one["id"] == empty["id"] }["portrait"])
  end

  def test_an_empty_season_is_an_empty_list
    stranger
    ask(:post, "/api/login", { email: "else@elsewhere.example", password: "another-word-1" })

    assert_equal [[], 0, 1], ask(:get, "/api/season").values_at("items", "total", "pages")
  end

  def test_long_lists_come_in_pages
    sign_in
    60.times { |i| ask(:post, "/api/homes", { name: "Cottage #{i}" }, status: 201) }
    first = ask(:get, "/api/homes")
    second = ask(:get, "/api/homes?page=2")

    assert_equal [50, 13, 63, 2], [first["items"].size, second["items"].size, first["total"], first["pages"]]
    assert_empty first["items"].map { |home| home["id"] } & second["items"].map { |home| home["id"] }
    ask(:get, "/api/homes?page=0", status: 422)
  end

  def test_a_home_is_made_changed_deleted_and_brought_back
    sign_in
    home = ask(:post, "/api/homes", { name: "Rope Loft", pets: ["cat"], children_ages: [4], visit_on: "2026-12-01" },
               status: 201)
    changed = ask(:put, "/api/homes/#{home['id']}", { version: 1, name: "Rope Loft", rented: true })

    assert_equal [2, true, [], nil], changed.values_at("version", "rented", "pets", "visit_on")
    ask(:delete, "/api/homes/#{home['id']}")
    ask(:get, "/api/homes/#{home['id']}", status: 404)

    assert_equal "Rope Loft", ask(:post, "/api/homes/#{home['id']}/restore")["name"]
    ask(:get, "/api/homes/#{home['id']}")
  end

  def test_every_fault_of_a_home_is_told
    sign_in
    bad = ask(:post, "/api/homes", { name: "", pets: ["parrot"], children_ages: [40] }, status: 422)

    assert_equal %w[/name /children_ages/0 /pets/0], pointers(bad)
    assert_equal ["/visit_on"], pointers(ask(:post, "/api/homes", { name: "A", visit_on: "soon" }, status: 422))
    assert_equal ["/strike_on"],
                 pointers(ask(:post, "/api/homes", { name: "A", visit_on: "2026-12-01", strike_on: "2026-11-30" },
                              status: 422))
    assert_equal ["/look_id"],
                 pointers(ask(:post, "/api/homes", { name: "A", look_id: ContractTestId::NONE }, status: 422))
  end

  module ContractTestId
    NONE = "00000000-0000-4000-8000-000000000000"
  end

  def test_its_days_are_those_of_its_visits
    sign_in
    home = DATABASE[:homes].where(name: "Tidewaiter's House").first
    said = { version: home[:version], name: home[:name], visit_on: home[:visit_on].iso8601,
             strike_on: home[:strike_on].iso8601 }
    { visit_on: "2026-12-01", strike_on: "2027-01-06" }.each do |name, day|
      told = ask(:put, "/api/homes/#{home[:id]}", { **said, name => day }, status: 422)

      assert_equal ["/#{name}"], pointers(told)
    end
    assert_equal "Its first visit is on 2026-11-28, among the days. Move that visit; this day follows.",
                 ask(:put, "/api/homes/#{home[:id]}", { **said, visit_on: nil }, status: 422)["errors"][0]["message"]
    ask(:put, "/api/homes/#{home[:id]}", { **said, name: "Tidewaiter's" })
  end

  def test_a_stale_change_gets_both_states_and_saves_nothing
    without_visits
    sign_in
    home = homes.first
    ask(:put, "/api/homes/#{home['id']}", { version: 1, name: "First" })
    stale = ask(:put, "/api/homes/#{home['id']}", { version: 1, name: "Second" }, status: 409)

    assert_equal %w[First Second], [stale["current"]["name"], stale["yours"]["name"]]
    assert_equal "First", ask(:get, "/api/homes/#{home['id']}")["name"]
  end

  def test_an_assistant_does_not_delete_a_home
    sign_in
    id = homes.first["id"]
    as(ASSISTANT) { ask(:delete, "/api/homes/#{id}", status: 403) }
    ask(:get, "/api/homes/#{id}")
  end
end
