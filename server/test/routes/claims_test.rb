# frozen_string_literal: true

require_relative "../server_test"

# What is free for a piece: on hand, less what pieces that came earlier keep on the same dates.
class ClaimsTest < ServerTest
  def setup
    sign_in
    @fir = style("Fir garland, 1.8 m")
  end

  def style(name)
    ask(:get, "/api/styles")["items"].find { |one| one["name"] == name }
  end

  def piece(name)
    ask(:get, "/api/pieces/#{DATABASE[:pieces].where(name: name).get(:id)}")
  end

  # The ledger's line of a style on the bench of a piece.
  def line(name, style = @fir)
    ask(:post, "/api/pieces/#{piece(name)['id']}/plan", {})["ledger"].find { |one| one["style"] == style["id"] }
  end

  def have(name, style = @fir)
    line(name, style).values_at("have", "elsewhere")
  end

  def claims(name, style = @fir)
    ask(:get, "/api/pieces/#{piece(name)['id']}/claims/#{style['id']}")
  end

  def change(name, **settings)
    kept = piece(name)
    said = settings.to_h { |group, values| [group.to_s, kept["settings"][group.to_s].merge(values)] }
    ask(:put, "/api/pieces/#{kept['id']}", { version: kept["version"], name: kept["name"], place_id: kept["place_id"],
                                             settings: kept["settings"].merge(said) })
  end

  def dates(home, visit, strike)
    said = ask(:get, "/api/homes").fetch("items").find { |one| one["name"] == home }
    ask(:put, "/api/homes/#{said['id']}", said.except("id", "changed_at").merge("visit_on" => visit,
                                                                                "strike_on" => strike))
  end

  def test_first_come_keeps_it_and_the_other_is_short
    assert_equal [5, 0], have("Stair rail")
    assert_equal [1, 4], have("Mantel greens")
    assert_equal(2, line("Mantel greens")["short"])
    told = claims("Mantel greens")

    assert_equal([["Stair rail", 4, 4, false], ["Mantel greens", 3, 1, true]],
                 told["items"].map { |one| one.values_at("name", "wanted", "held", "mine") })
    assert_equal [5, 1, 2], told.values_at("on_hand", "free", "total")
    assert_equal ["Tidewaiter's House", "Stair hall", "2026-11-28", "2027-01-05"],
                 told["items"].first.values_at("home", "room", "visit_on", "strike_on")
  end

  def test_nothing_of_the_studio_is_promised_twice
    ask(:get, "/api/season")
    held = DATABASE[:piece_claims].group(:style_id).select_hash(:style_id, Sequel.function(:sum, :held).as(:held))
    there = DATABASE[:stock_quantities].select_hash(:style_id, :on_hand)

    refute_empty held
    held.each { |style, quantity| assert_operator quantity, :<=, there.fetch(style, 0) + 1e-6 }
  end

  def test_the_desk_tells_what_the_bench_tells
    home = home_named("Number Nine, Ropewalk")
    lines = ask(:get, "/api/homes/#{home['id']}/shortages")["items"].select { |one| one["name"] == "Mantel greens" }
    fir = lines.find { |one| one["label"] == @fir["name"] }

    assert_equal line("Mantel greens").values_at("have", "elsewhere", "short"),
                 fir.values_at("have", "elsewhere", "short")
  end

  def test_one_after_the_other_uses_the_same_things
    without_visits
    dates("Tidewaiter's House", "2026-11-28", "2026-12-01")

    assert_equal [5, 0], have("Mantel greens")
    assert_equal(["Mantel greens"], claims("Mantel greens")["items"].map { |one| one["name"] })
    dates("Tidewaiter's House", "2026-11-28", "2026-12-02")

    assert_equal [1, 4], have("Mantel greens")
    dates("Tidewaiter's House", "2026-11-28", nil)

    assert_equal [1, 4], have("Mantel greens")
  end

  def test_what_is_saved_is_claimed_at_once_and_what_is_only_dialled_is_not
    rail = piece("Stair rail")
    bare = rail["settings"].merge("body" => { "bodies" => [] })
    ask(:post, "/api/pieces/#{rail['id']}/plan", { settings: bare })

    assert_equal [1, 4], have("Mantel greens")
    change("Stair rail", body: { "bodies" => [] })

    assert_equal [5, 0], have("Mantel greens")
    ask(:post, "/api/pieces/#{rail['id']}/undo", { version: rail["version"] + 1 })

    # It comes last now: it wanted nothing when the other one asked.
    assert_equal [5, 0], have("Mantel greens")
    assert_equal [2, 3], have("Stair rail")
  end

  def test_whoever_is_gone_keeps_nothing_until_brought_back
    rail = piece("Stair rail")["id"]
    ask(:delete, "/api/pieces/#{rail}")

    assert_equal [5, 0], have("Mantel greens")
    ask(:post, "/api/pieces/#{rail}/restore")

    assert_equal [1, 4], have("Mantel greens")
    room = piece("Stair rail")["room"]["id"]
    ask(:delete, "/api/rooms/#{room}")

    assert_equal [5, 0], have("Mantel greens")
    ask(:post, "/api/rooms/#{room}/restore")

    assert_equal [1, 4], have("Mantel greens")
    home = piece("Stair rail")["home"]["id"]
    ask(:delete, "/api/homes/#{home}")

    assert_equal [5, 0], have("Mantel greens")
    ask(:post, "/api/homes/#{home}/restore")

    assert_equal [1, 4], have("Mantel greens")
  end

  # By name of the thing: how much is freed, and who has how much of it from then on.
  def freed(answer)
    answer["frees"]["items"].to_h do |item|
      [item["name"], [item["quantity"], item["gains"].to_h { |gain| [gain["name"], gain["quantity"]] }]]
    end
  end

  def test_what_a_change_of_plan_frees_is_told
    assert_equal [4, { "Mantel greens" => 2 }], freed(change("Stair rail", body: { "bodies" => [] }))[@fir["name"]]
    rail = piece("Stair rail")
    told = ask(:post, "/api/pieces/#{rail['id']}/undo", { version: rail["version"] })

    refute_includes freed(told), @fir["name"]
    told = ask(:post, "/api/pieces/#{rail['id']}/redo", { version: rail["version"] + 1 })

    assert_equal [2, {}], freed(told)[@fir["name"]]
  end

  def test_what_is_deleted_tells_what_it_frees_and_what_goes_to_others_first
    rail = piece("Stair rail")
    told = ask(:delete, "/api/pieces/#{rail['id']}")

    assert_equal [4, { "Mantel greens" => 2 }], freed(told)[@fir["name"]]
    assert_equal ["Mantel greens", "Number Nine, Ropewalk"],
                 told["frees"]["items"].first["gains"].first.values_at("name", "home")
    ask(:post, "/api/pieces/#{rail['id']}/restore")
    kept = DATABASE[:piece_claims].where(piece_id: rail["id"]).where { held > 0 }.count
    room = ask(:delete, "/api/rooms/#{rail['room']['id']}")

    assert_equal 5, room["frees"]["items"].size
    assert_operator room["frees"]["more"] + 5, :>=, kept
    refute_empty room["frees"]["items"].first["gains"]
    ask(:post, "/api/rooms/#{rail['room']['id']}/restore")

    assert_equal [4, { "Mantel greens" => 2 }], freed(ask(:delete, "/api/homes/#{rail['home']['id']}"))[@fir["name"]]
  end

  def test_other_dates_tell_what_they_free
    without_visits
    told = dates("Tidewaiter's House", "2026-11-28", "2026-12-01")

    assert_equal [2, { "Mantel greens" => 2 }], freed(told)[@fir["name"]]
    assert_equal({ "items" => [], "more" => 0 }, dates("Tidewaiter's House", "2026-11-28", "2026-12-01")["frees"])
  end

  def test_a_count_reaches_everyone
    ask(:put, "/api/styles/#{@fir['id']}", @fir.except("id").merge("on_hand" => 6))

    assert_equal [2, 4], have("Mantel greens")
    ask(:put, "/api/styles/#{@fir['id']}", style(@fir["name"]).except("id").merge("on_hand" => 3))

    assert_equal [3, 0], have("Stair rail")
    assert_equal [0, 3], have("Mantel greens")
  end

  def test_a_new_piece_comes_last
    room = piece("Mantel greens")["room"]["id"]
    settings = { survey: { kind: "ledge", length_m: 1.5, depth_m: 0.2, height_m: 0.9 },
                 body: { bodies: [{ style: @fir["id"] }] } }
    ask(:post, "/api/rooms/#{room}/pieces", { name: "Sill", kind: "run", settings: settings }, status: 201)

    assert_equal [0, 5], have("Sill")
    assert_equal(["Stair rail", "Mantel greens", "Sill"], claims("Sill")["items"].map { |one| one["name"] })
    # What came earlier is as it was.
    assert_equal [1, 4], have("Mantel greens")
  end

  def test_turns_are_swapped_once
    rail, mantel = ["Stair rail", "Mantel greens"].map { |name| piece(name)["id"] }
    told = Array.new(2) { ask(:post, "/api/pieces/#{mantel}/claims/#{@fir['id']}/first", { before: rail }) }

    assert_equal told.first, told.last
    assert_equal([["Mantel greens", 3], ["Stair rail", 2]],
                 told.last["items"].map { |one| one.values_at("name", "held") })
    assert_equal [5, 0], have("Mantel greens")
    assert_equal [2, 3], have("Stair rail")
    ask(:post, "/api/pieces/#{rail}/claims/#{@fir['id']}/first", { before: mantel })

    assert_equal [5, 0], have("Stair rail")
  end

  def test_a_turn_is_swapped_only_with_whoever_wants_it
    mantel = piece("Mantel greens")["id"]
    tree = quay_tree["id"]
    path = "/api/pieces/#{mantel}/claims/#{@fir['id']}/first"
    ask(:post, path, { before: tree }, status: 404)
    ask(:post, path, { before: "no piece" }, status: 404)
    ask(:post, path, { before: SecureRandom.uuid }, status: 404)
    ask(:get, "/api/pieces/#{mantel}/claims/no-style", status: 404)
    ask(:get, "/api/pieces/#{mantel}/claims/#{SecureRandom.uuid}", status: 404)
  end

  def test_styles_are_told_with_what_is_free_for_a_piece
    mantel = piece("Mantel greens")["id"]
    ledger = ask(:post, "/api/pieces/#{mantel}/plan", {})["ledger"].select { |one| one["style"] }
    free = ask(:get, "/api/styles?piece=#{mantel}")["items"].to_h { |one| [one["id"], one["free"]] }

    refute_empty ledger
    ledger.each { |one| assert_in_delta one["have"], free.fetch(one["style"]), 1e-6, one["label"] }
    refute(ask(:get, "/api/styles")["items"].any? { |one| one.key?("free") })
    ask(:get, "/api/styles?piece=nobody", status: 404)
  end

  def test_what_is_cut_for_a_piece_is_claimed_no_more
    velvet = style("Plum velvet ribbon")
    tree = quay_tree["id"]
    before = have("Stair rail", velvet)
    act = ask(:post, "/api/pieces/#{tree}/cut-plan/ends",
              { key: SecureRandom.uuid, style: velvet["id"], version: velvet["version"] }, status: 201)["act"]
    there = style("Plum velvet ribbon")["on_hand"]

    # All that is left on hand is free: what was cut lies on the tree.
    assert_operator there, :<, velvet["on_hand"]
    assert_equal [there, 0], have("Stair rail", velvet)
    ask(:post, "/api/acts/#{act['id']}/take-back", {})

    # The tree wants it again, and was there first all along.
    assert_equal before, have("Stair rail", velvet)
    assert_operator before.last, :>, 10
    assert_equal(["Quay window tree", "Stair rail", "Door wreath", "Cabinet wreaths"],
                 claims("Stair rail", velvet)["items"].map { |one| one["name"] })
  end

  # Before anything is told as free everyone has been asked, those of the first visit first.
  def test_pieces_nobody_has_looked_at_yet_claim_in_the_order_of_visits
    without_visits
    DATABASE[:piece_needs].delete
    DATABASE[:piece_claims].delete
    dates("Tidewaiter's House", "2026-12-20", "2027-01-05")

    assert_equal [5, 0], have("Mantel greens")
    assert_equal [2, 3], have("Stair rail")
  end

  def test_homes_without_dates_may_be_any_time
    without_visits
    dates("Tidewaiter's House", nil, nil)

    assert_equal [1, 4], have("Mantel greens")
  end

  def test_another_studio_takes_nothing
    as_stranger = stranger
    own = DATABASE[:piece_claims].select_map(:studio_id).uniq

    refute_includes own, as_stranger
    assert_empty Server::Store::Claims.new(DATABASE, as_stranger).of_style(
      @fir["id"], home: { visit_on: nil, strike_on: nil }, piece_id: nil
    )
  end
end
