# frozen_string_literal: true

require_relative "../server_test"

# A wreath through the same doors as any other piece: kept, planned, listed, taken out and read in again.
class WreathsTest < ServerTest
  def setup
    sign_in
    @wreath = ask(:get, "/api/pieces/#{DATABASE[:pieces].where(name: 'Door wreath').get(:id)}")
  end

  def plan(**said)
    ask(:post, "/api/pieces/#{@wreath['id']}/plan", said)
  end

  def settings(**groups)
    groups.reduce(@wreath["settings"]) do |all, (group, values)|
      all.merge(group.to_s => all[group.to_s].merge(values.transform_keys(&:to_s)))
    end
  end

  def save(version: @wreath["version"], status: 200, **groups)
    ask(:put, "/api/pieces/#{@wreath['id']}",
        { version: version, name: @wreath["name"], place_id: nil, settings: settings(**groups) }, status: status)
  end

  def test_a_plan_comes_from_what_there_is
    told = plan

    assert_equal [true, "wreath"], told.values_at("chosen", "kind")
    assert_in_delta 0.62, told["figures"]["outer"]["value"]
    assert_equal "Spruce wreath, 62 cm", told["ledger"].first["label"]
    assert_equal(told["figures"]["sites"]["value"], told["drawing"]["elements"].count { |one| one["site"] })
    working = ask(:post, "/api/pieces/#{@wreath['id']}/working", { sheet: "hook" })

    assert_equal "Hook of a pair of doors", working["title"]
  end

  def test_the_choice_from_stock_is_what_is_free
    bare = settings(size: { style: nil })

    assert_equal "Spruce wreath, 62 cm", plan(settings: bare)["choice"]["name"]
    DATABASE[:stock_quantities].update(on_hand: 0)
    DATABASE[:piece_claims].update(free: 0, held: 0)

    assert_nil plan(settings: bare)["choice"]
  end

  def test_it_is_kept_undone_and_told_in_its_history
    save(layers: { layout: "top_swag" })

    assert_equal "top_swag", ask(:get, "/api/pieces/#{@wreath['id']}")["settings"]["layers"]["layout"]
    ask(:post, "/api/pieces/#{@wreath['id']}/undo", { version: @wreath["version"] + 1 })

    assert_equal "crescent", ask(:get, "/api/pieces/#{@wreath['id']}")["settings"]["layers"]["layout"]
    history = ask(:get, "/api/pieces/#{@wreath['id']}/history")["items"].map { |entry| entry["says"] }

    assert_match(/Layout by the clock/, history.last)
  end

  def test_what_cannot_hang_is_refused_where_it_was_said
    told = save(hang: { offset_m: 0.5 }, status: 422)

    assert_equal(["/settings/hang/offset_m"], told["errors"].map { |error| error["pointer"] })
    told = save(place: { colour: "spruce!" }, status: 422)

    assert_equal(["/settings/place/colour"], told["errors"].map { |error| error["pointer"] })
  end

  def test_desk_home_and_copies_know_it
    room = home_named("Tidewaiter's House")["rooms"].find { |one| one["name"] == "Stair hall" }
    piece = room["pieces"].find { |one| one["kind"] == "wreath" }

    assert_in_delta 1.2, piece["length_m"]
    assert_equal "wood", piece["portrait"]["shapes"].first["part"]
    assert_in_delta plan["figures"]["minutes"]["value"], piece["summary"]["minutes"]
    made = ask(:post, "/api/pieces/#{@wreath['id']}/copies",
               { name: "Back door wreath", room_id: room["id"], place_id: nil }, status: 201)

    assert_equal @wreath["settings"]["layers"], made["settings"]["layers"]
  end

  def test_a_home_with_a_wreath_is_taken_out_and_read_in
    text = ask(:get, "/api/homes/#{@wreath['home']['id']}/plan.json").then { |document| JSON.generate(document) }
    made = ask(:post, "/api/homes/import", { text: text }, status: 201)
    again = ask(:get, "/api/homes/#{made['id']}")["rooms"].flat_map { |room| room["pieces"] }

    assert_includes again.map { |piece| piece["kind"] }, "wreath"
  end

  def test_a_ring_of_the_stock_says_its_measures
    ring = ask(:get, "/api/styles?kind=wreath")["items"].find { |style| style["name"].start_with?("Spruce") }

    assert_equal [0.62, 0.34], ring.values_at("across_m", "opening_m")
    ask(:post, "/api/styles", { name: "Hoop", kind: "wreath", across_m: 0 }, status: 422)
  end

  def advice(about, status: 200, **groups)
    ask(:post, "/api/pieces/#{@wreath['id']}/advice", { about: about, settings: settings(**groups) }, status: status)
  end

  def test_it_is_advised_from_what_is_free_for_it
    start = advice("start", greens: { high_m: 0.25, stems: [] })["start"]
    cedar = DATABASE[:styles].where(name: "Cedar tips").get(:id)
    taken = start["stems"].select { |entry| entry["style"] == cedar }.sum { |entry| entry["count"] }

    assert_operator start["fullness"], :>, 0.6
    assert_operator taken, :<=, 24
    told = plan(settings: settings(greens: { high_m: 0.25, stems: start["stems"] }))

    assert_in_delta start["fullness"], told["figures"]["fullness"]["value"]
    assert_equal(%w[bought enriched hoop frame], advice("makings")["makings"].map { |one| one["making"] })
  end

  def test_what_would_help_and_mend_can_be_saved_as_it_is_told
    helps = advice("helps", place: { colour: "#2a4a40" }, star: { kind: "none" },
                            layers: { picks: [], between: nil })["ways"]

    assert_operator helps.size, :>=, 3
    save(**helps.first["changes"].transform_keys(&:to_sym))
    @wreath["version"] += 1
    mends = advice("mends", star: { tail_m: 1.5 })["ways"]

    assert_includes mends.map { |one| one["code"] }, "wreath_tails"
    save(**mends.find { |one| one["code"] == "wreath_tails" }["changes"].transform_keys(&:to_sym))
  end

  def test_only_a_measured_wreath_is_advised_about_what_there_is_to_ask
    advice("start", place: { width_m: nil }, status: 422)
    advice("weather", status: 422)
    ask(:post, "/api/pieces/#{DATABASE[:pieces].where(name: 'Stair rail').get(:id)}/advice", { about: "start" },
        status: 404)
  end
end
