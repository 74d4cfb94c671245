# frozen_string_literal: true

require_relative "../server_test"
require_relative "../sent_picture"

# Looks: made, changed, given, begun from what there is; what is really seen of them on a piece.
class LooksTest < ServerTest
  FROST = { name: "First frost", season: 2026,
            colours: [{ name: "Quince", srgb: "#D3A02A", share_percent: 60 },
                      { name: "Chalk", srgb: "#ece8dd", share_percent: 40 }] }.freeze

  def setup
    sign_in
  end

  def make(**fields) = ask(:post, "/api/looks", { **FROST, **fields }, status: 201)

  def look_named(name) = ask(:get, "/api/looks")["items"].find { |look| look["name"] == name }

  def piece(name) = DATABASE[:pieces].where(name: name).get(:id)

  def give(kind, id, look, status: 200)
    ask(:put, "/api/looks/wearers", { of: kind, id: id, look: look }, status: status)
  end

  def seen(name)
    ask(:post, "/api/pieces/#{piece(name)}/plan", {})["colours"]
  end

  def gather(bytes, status: 200)
    custom_request("POST", "/api/looks/gathered", bytes, { "CONTENT_TYPE" => "application/octet-stream",
                                                           "CONTENT_LENGTH" => bytes.bytesize.to_s })

    assert_equal status, last_response.status, last_response.body[0, 300]
    keeps_contract
    JSON.parse(last_response.body)
  end

  def test_a_look_is_made_changed_deleted_and_brought_back
    made = make

    assert_equal [1, 2026, "#d3a02a"], [made["version"], made["season"], made["colours"].first["srgb"]]
    changed = ask(:put, "/api/looks/#{made['id']}",
                  { version: 1, name: "Late frost", season: 2026, colours: FROST[:colours].reverse })

    assert_equal [2, %w[Chalk Quince]], [changed["version"], changed["colours"].map { |one| one["name"] }]
    ask(:delete, "/api/looks/#{made['id']}", status: 204)

    assert_nil look_named("Late frost")
    ask(:get, "/api/looks/#{made['id']}", status: 404)
    other = make(name: "Late frost")
    ask(:post, "/api/looks/#{made['id']}/restore", {}, status: 422)
    ask(:put, "/api/looks/#{other['id']}", { version: 1, name: "Another", colours: FROST[:colours] })

    assert_equal "Late frost", ask(:post, "/api/looks/#{made['id']}/restore", {})["name"]
  end

  def test_bad_looks_are_told_where
    { { name: " " } => ["/name"], { colours: [] } => ["/colours"], { season: 99 } => ["/season"],
      { colours: [{ name: "Red", srgb: "red", share_percent: 10 }] } => ["/colours/0/srgb"],
      { colours: [*FROST[:colours], { name: "Plum", srgb: "#6b2e4f", share_percent: 1 }] } => ["/colours"],
      { colours: [*FROST[:colours].map { |one| { **one, name: "Same" } }] } => ["/colours/1/name"],
      { colours: [{ name: "Red", srgb: "#ff0000", share_percent: 101 }] } => ["/colours/0/share_percent"],
      { began_from: SecureRandom.uuid } => ["/began_from"] }.each do |wrong, at|
      assert_equal at, pointers(ask(:post, "/api/looks", { **FROST, **wrong }, status: 422)), wrong.inspect
    end
    make

    assert_equal ["/name"], pointers(ask(:post, "/api/looks", FROST, status: 422))
  end

  def test_two_who_change_one_are_told
    made = make
    ask(:put, "/api/looks/#{made['id']}", { **FROST.except(:season), version: 1, name: "Mine" })
    told = ask(:put, "/api/looks/#{made['id']}", { **FROST.except(:season), version: 1, name: "Yours" }, status: 409)

    assert_equal "Mine", told["current"]["name"]
  end

  def test_last_years_look_is_begun_from_and_stands_beside
    last = look_named("Harbour dusk")
    made = make(name: "Harbour dawn", began_from: last["id"])
    board = ask(:get, "/api/looks/#{made['id']}/board")

    assert_equal ["Harbour dusk", 4], [board["before"]["name"], board["before"]["colours"].size]
    assert_equal last["style_ids"].sort, made["style_ids"].sort
    assert_nil ask(:get, "/api/looks/#{look_named('Lamp oil')['id']}/board")["before"]
  end

  def test_the_board_shows_what_is_in_stock_in_its_colours_nearest_first
    board = ask(:get, "/api/looks/#{look_named('Orchard frost')['id']}/board")
    quince = board["colours"].first

    assert_equal ["Quince yellow", "yellow", 40], quince.values_at("name", "words", "share_percent")
    assert_includes quince["things"].map { |thing| thing["name"] }, "Quince ball, 7 cm"
    aparts = quince["things"].map { |thing| thing["apart"].round }

    assert_equal aparts.sort, aparts
    assert(board["colours"].all? { |colour| colour["things"].all? { |thing| thing["on_hand"].positive? } })
    names = board["colours"].flat_map { |colour| colour["things"].map { |thing| thing["id"] } }

    assert_equal names.uniq, names
    refute_empty board["greens"]
    assert_equal(%w[protan deutan tritan], board["vision"].map { |one| one["kind"] })
  end

  def test_a_piece_wears_its_own_look_else_its_rooms_else_its_homes
    tree = piece("Quay window tree")
    room = DATABASE[:pieces].where(id: tree).get(:room_id)
    frost = make["id"]
    copper = make(name: "Copper")["id"]

    assert_equal "Harbour dusk", seen("Quay window tree")["look"]["name"]
    assert_equal({ "look" => nil }, give("room", room, frost))
    assert_equal "First frost", seen("Quay window tree")["look"]["name"]
    give("piece", tree, copper)

    assert_equal "Copper", seen("Quay window tree")["look"]["name"]
    worn = ask(:get, "/api/looks/#{copper}")["worn"]

    assert_equal([["piece", "Quay window tree"]], worn.map { |one| one.values_at("of", "name") })
    ask(:delete, "/api/looks/#{copper}", status: 204)

    assert_equal "First frost", seen("Quay window tree")["look"]["name"]
    ask(:post, "/api/looks/#{copper}/restore", {})

    assert_equal "Copper", seen("Quay window tree")["look"]["name"]
    assert_equal({ "look" => copper }, give("piece", tree, nil))
    give("room", room, nil)
    home = DATABASE[:rooms].where(id: room).get(:home_id)
    give("home", home, frost)

    assert_equal "First frost", seen("Quay window tree")["look"]["name"]
    version = DATABASE[:homes].where(id: home).get(:version)
    give("home", home, nil)

    assert_equal version + 1, DATABASE[:homes].where(id: home).get(:version)
    assert_nil seen("Quay window tree")
  end

  def test_a_look_without_a_colour_is_worn_like_none
    frost = make["id"]
    give("piece", piece("Quay window tree"), frost)
    DATABASE[:look_colours].where(look_id: frost).delete

    assert_nil seen("Quay window tree")
    ask(:get, "/api/looks/#{frost}/board", status: 404)
  end

  def test_only_what_is_there_wears_what_is_there
    give("piece", SecureRandom.uuid, make["id"], status: 404)
    give("piece", piece("Quay window tree"), SecureRandom.uuid, status: 404)
    give("piece", "no id", nil, status: 404)
    give("street", piece("Quay window tree"), nil, status: 422)
    stranger
    theirs = DATABASE[:looks].returning(:id).insert(studio_id: stranger, name: "Theirs").first[:id]
    give("piece", piece("Quay window tree"), theirs, status: 404)
  end

  def test_what_is_seen_is_what_the_ledger_says
    told = ask(:post, "/api/pieces/#{piece('Alcove tree')}/plan", {})
    colours = told["colours"]

    assert_in_delta 1, colours["shares"].sum { |one| one["seen"] }, 1e-9
    assert_equal ["Orchard frost", 0.4], [colours["look"]["name"], colours["shares"].first["wanted"]]
    seen = told["ledger"].select { |line| %w[ornament ribbon pick].include?(line["kind"]) && line["style"] }

    assert_equal seen.map { |line| line["style"] }.uniq.sort, colours["things"].map { |thing| thing["style"] }.sort
  end

  def test_a_way_that_is_offered_does_what_it_says
    id = piece("Alcove tree")
    told = ask(:post, "/api/pieces/#{id}/colours", {})

    assert_equal told["colours"], seen("Alcove tree")
    notes = told["colours"]["notes"].select { |note| note["code"] == "colour_short" }

    assert_equal(told["colours"]["short"], notes.map { |note| note["message"][/\A(.+) is short/, 1] })
    refute_empty told["ways"]
    assert_match(/Left of the ground/, told["working"].to_json)
    pressed = told["ways"].select { |way| way["settings"] }

    refute_empty pressed
    pressed.each do |way|
      after = ask(:post, "/api/pieces/#{id}/plan", { settings: way["settings"] })["colours"]
      share = after["shares"].find { |one| one["name"] == way["colour"] }

      assert_in_delta way["after"], share["seen"], 1e-9, way["name"]
      need = ->(plan) { plan["ledger"].select { |line| line["style"] == way["style"] }.sum { |line| line["need"] } }
      before = ask(:post, "/api/pieces/#{id}/plan", {})

      assert_in_delta way["quantity"], need.call(ask(:post, "/api/pieces/#{id}/plan", { settings: way["settings"] })) -
                                       need.call(before), 1e-6, way["name"]
      assert_operator way["after"], :>, told["colours"]["shares"].find { |one| one["name"] == way["colour"] }["seen"]
    end
  end

  def test_every_kind_of_piece_tells_its_colours
    DATABASE[:pieces].where(deleted_at: nil).select_map(%i[id kind name]).each do |id, kind, name|
      colours = ask(:post, "/api/pieces/#{id}/colours", {})["colours"]
      hung = colours ? colours["things"] : []

      assert_in_delta hung.any? ? 1 : 0, colours.to_h.fetch("shares", []).sum { |one|
        one["seen"]
      }, 1e-9, "#{kind} #{name}"
    end
  end

  def test_a_picture_comes_to_its_colours_and_is_not_kept
    before = Dir.glob(File.join(CONFIGURATION.photographs_folder, "**", "*.jpg")).size
    told = gather(SentPicture.halves(600, 400, [211, 160, 42], [107, 46, 79]))["colours"]

    assert_equal(100, told.sum { |one| one["share_percent"] })
    assert_equal([["Yellow", 50], ["Plum", 50]], told.map { |one| one.values_at("name", "share_percent") }.sort.reverse)
    assert_equal before, Dir.glob(File.join(CONFIGURATION.photographs_folder, "**", "*.jpg")).size
    make(name: "From a picture", colours: told)
    gather("no picture", status: 422)
    gather(SentPicture.plain(8_100, 5_000), status: 422)
  end

  def front_room
    home_named("Number Nine, Ropewalk")["rooms"].find { |one| one["name"] == "Front room" }
  end

  def test_a_room_tells_what_its_pieces_show_together
    room = front_room
    told = room["colours"]
    parts = room["pieces"].filter_map { |piece| seen_areas(piece["id"]) }
    left = 1 - (parts.sum { |part| part["areas"].values.sum } / parts.sum { |part| part["surface_m2"] })
    short = told["shares"].select { |one| one["wanted"] - one["seen"] >= 0.05 }
                          .sort_by { |one| one["seen"] - one["wanted"] }

    assert_equal "Orchard frost", told["look"]["name"]
    assert_operator parts.size, :>, 1
    assert_in_delta 1, told["shares"].sum { |one| one["seen"] }, 1e-9
    assert_in_delta [left, 0].max, told["ground"]["share"], 1e-9
    assert_equal(short.map { |one| one["name"] }, told["short"])
    give("piece", piece("Alcove tree"), make["id"])

    refute_equal told["shares"], front_room["colours"]["shares"]
    give("room", room["id"], look_named("Lamp oil")["id"])

    assert_equal "Lamp oil", front_room["colours"]["look"]["name"]
  end

  def seen_areas(id)
    DATABASE[:piece_needs].where(piece_id: id).get(:seen)&.to_h
  end

  def test_of_many_who_wear_it_the_first_are_named_and_the_others_counted
    look = make["id"]
    room = DATABASE[:rooms].where(studio_id: demo).get(:home_id)
    DATABASE[:homes].multi_insert(Array.new(63) { |i| { studio_id: demo, name: "Home #{i}", look_id: look } })
    give("home", room, look)
    told = ask(:get, "/api/looks/#{look}")

    assert_equal [60, 4], [told["worn"].size, told["worn_more"]]
  end

  def test_the_studio_says_how_far_a_colour_is_near
    names = lambda do
      board = ask(:get, "/api/looks/#{look_named('Harbour dusk')['id']}/board")
      board["colours"].flat_map { |colour| colour["things"].map { |thing| thing["apart"] } }
    end
    found = ->(near) { ask(:get, "/api/stock?near=%236b2e4f")["items"].map { |thing| thing["apart"] }.max <= near }

    assert_operator names.call.max, :>, 12
    ask(:put, "/api/house-rules/palette.near", { value: 12, was: 20 })

    assert_operator names.call.max, :<=, 12
    assert found.call(12)
  end

  def test_a_ring_too_thin_for_colours_stops_neither_bench_nor_home
    room = DATABASE[:rooms].where(studio_id: demo, name: "Front room").get(:id)
    made = ask(:post, "/api/rooms/#{room}/pieces",
               { name: "Thin", kind: "wreath", settings: { place: { width_m: 0.9 },
                                                           size: { outer_m: 0.04, inner_m: 0.0399 } } }, status: 201)

    assert_nil ask(:post, "/api/pieces/#{made['id']}/plan", {})["colours"]
    assert_equal [nil, []], ask(:post, "/api/pieces/#{made['id']}/colours", {}).values_at("colours", "ways")
    thin = front_room["pieces"].find { |piece| piece["name"] == "Thin" }

    refute_match(/failed on our side/, thin.to_json)
  end

  def test_a_thing_says_where_it_belongs_in_the_looks_that_are_worn
    ball = DATABASE[:styles].where(name: "Plum velvet, 8 cm").get(:id)
    told = ask(:get, "/api/styles/#{ball}")
    looks = told["looks"].to_h { |look| [look["name"], look.values_at("nearest", "verdict")] }

    assert_equal "plum", told["colour_words"]
    assert_equal %w[Plum on], looks["Harbour dusk"]
    assert_equal "off", looks["Orchard frost"].last
    refute_includes looks, "Harbour light"
    bare = ask(:post, "/api/styles", { name: "A bare thing", kind: "decor" }, status: 201)["id"]

    assert_equal [[], nil], ask(:get, "/api/styles/#{bare}").values_at("looks", "colour_words")
  end

  def test_paint_is_kept_with_its_room
    room = DATABASE[:rooms].where(studio_id: demo).get(:id)
    made = ask(:post, "/api/rooms/#{room}/paints", { name: "Hall grey", srgb: "#A9ADA9" }, status: 201)

    assert_equal([["Hall grey", "#a9ada9"]],
                 ask(:get, "/api/paints")["items"].select { |one| one["id"] == made["id"] }
                                                  .map { |one| one.values_at("name", "srgb") })
    assert_equal %w[/name /srgb],
                 pointers(ask(:post, "/api/rooms/#{room}/paints", { name: " ", srgb: "grey" }, status: 422)).sort
    ask(:post, "/api/rooms/#{SecureRandom.uuid}/paints", { name: "x", srgb: "#000000" }, status: 404)
    ask(:delete, "/api/paints/#{made['id']}", status: 204)
    ask(:delete, "/api/paints/#{made['id']}", status: 404)
    kept = DATABASE[:paints].where(room_id: room).count
    (24 - kept).times { |i| ask(:post, "/api/rooms/#{room}/paints", { name: "P#{i}", srgb: "#000000" }, status: 201) }
    ask(:post, "/api/rooms/#{room}/paints", { name: "One more", srgb: "#000000" }, status: 422)
  end
end
