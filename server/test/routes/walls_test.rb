# frozen_string_literal: true

require_relative "../server_test"

# A wall of wreaths through the same doors as any other piece: kept, planned, drawn for the wall, taken out and read in.
class WallsTest < ServerTest
  def setup
    sign_in
    @wall = ask(:get, "/api/pieces/#{DATABASE[:pieces].where(name: 'Cabinet wreaths').get(:id)}")
  end

  def settings(**groups)
    groups.reduce(@wall["settings"]) do |all, (group, values)|
      all.merge(group.to_s => all[group.to_s].merge(values.transform_keys(&:to_s)))
    end
  end

  def plan(**groups)
    ask(:post, "/api/pieces/#{@wall['id']}/plan", { settings: settings(**groups) })
  end

  def save(status: 200, **groups)
    ask(:put, "/api/pieces/#{@wall['id']}",
        { version: @wall["version"], name: @wall["name"], place_id: nil, settings: settings(**groups) },
        status: status)
  end

  def test_a_plan_places_them_and_counts_what_all_take
    told = plan

    assert_equal [true, "wall"], told.values_at("chosen", "kind")
    assert_equal([1, 2, 3], told["drawing"]["rings"].map { |ring| ring["number"] })
    assert_equal 3, told["ledger"].first["need"]
    assert_equal "Olive wreath, 30 cm", told["ledger"].first["label"]
    working = ask(:post, "/api/pieces/#{@wall['id']}/working", { sheet: "wall" })

    assert_equal "Where they hang", working["title"]
    assert_equal 3, working["steps"].first["value"]
  end

  def test_it_is_kept_and_what_cannot_hang_is_refused_where_it_was_said
    save(arrange: { arrangement: "staggered" })

    assert_equal "staggered", ask(:get, "/api/pieces/#{@wall['id']}")["settings"]["arrange"]["arrangement"]
    @wall["version"] += 1
    told = save(arrange: { gap_m: 0.01 }, status: 422)

    assert_equal(["/settings/arrange/gap_m"], told["errors"].map { |error| error["pointer"] })
    told = save(arrange: { arrangement: "flanking" }, wall: { thing_width_m: nil }, status: 422)

    assert_equal(["/settings/wall/thing_width_m"], told["errors"].map { |error| error["pointer"] })
    told = save(wall: { thing_width_m: 9.0, thing_left_m: 1.0 }, status: 422)

    assert_equal(["/settings/wall/thing_width_m"], told["errors"].map { |error| error["pointer"] })
  end

  def test_a_wreath_too_wide_for_its_opening_is_refused
    told = save(arrange: { arrangement: "openings" }, wreaths: { hung: [{ outer_m: 1.2 }] },
                wall: { openings: 2, opening_width_m: 0.4, between_m: 0.1 }, status: 422)

    assert_equal(["/settings/wreaths/hung"], told["errors"].map { |error| error["pointer"] })
  end

  def test_the_nail_map_is_taken_out_with_hooks_from_left_and_floor
    hook = plan["drawing"]["rings"].first
    from_left, from_floor = hook.values_at("hook_left_m", "hook_floor_m").map { |at| Length.print(at, "metric") }
    get "/api/pieces/#{@wall['id']}/wreath-sheet.svg"

    assert_equal 200, last_response.status
    assert_includes last_response.body, "#{from_left} · #{from_floor}"
    assert_includes last_response.body, "Tidewaiter&#39;s House, Stair hall"
    assert_includes last_response.body, "Plum berry picks"
    get "/api/pieces/#{@wall['id']}/wreath-sheet.pdf"

    assert last_response.body.start_with?("%PDF-")
    assert_equal 200, last_response.status
  end

  def test_a_single_wreath_has_a_sheet_too_and_a_run_has_none
    wreath = DATABASE[:pieces].where(name: "Door wreath").get(:id)
    get "/api/pieces/#{wreath}/wreath-sheet.svg"

    assert_includes last_response.body, "Round the clock"
    get "/api/pieces/#{wreath}/wreath-sheet.pdf"

    assert_equal 200, last_response.status
    ask(:get, "/api/pieces/#{DATABASE[:pieces].where(name: 'Stair rail').get(:id)}/wreath-sheet.svg", status: 404)
  end

  def test_one_not_measured_yet_says_so_instead_of_a_sheet
    DATABASE[:pieces].where(id: @wall["id"]).update(settings: Sequel.pg_jsonb("arrange" => {}))
    told = ask(:get, "/api/pieces/#{@wall['id']}/wreath-sheet.svg", status: 422)

    assert_equal "Not measured yet", told["title"]
  end

  def test_home_copies_and_documents_know_it
    home = home_named("Tidewaiter's House")
    room = home["rooms"].find { |one| one["name"] == "Stair hall" }
    piece = room["pieces"].find { |one| one["kind"] == "wall" }

    assert_in_delta 2.6, piece["length_m"]
    assert_in_delta plan["figures"]["minutes"]["value"], piece["summary"]["minutes"]
    made = ask(:post, "/api/pieces/#{@wall['id']}/copies",
               { name: "Upper wreaths", room_id: room["id"], place_id: nil },
               status: 201)

    assert_equal @wall["settings"]["wreaths"], made["settings"]["wreaths"]
    text = JSON.generate(ask(:get, "/api/homes/#{home['id']}/plan.json"))
    read = ask(:post, "/api/homes/import", { text: text }, status: 201)
    pieces = ask(:get, "/api/homes/#{read['id']}")["rooms"].flat_map { |one| one["pieces"] }

    assert_includes pieces.map { |one| one["kind"] }, "wall"
  end

  def test_what_it_hangs_is_kept_for_it
    spruce = DATABASE[:styles].where(name: "Olive wreath, 30 cm").get(:id)
    ask(:get, "/api/season")
    claimed = DATABASE[:piece_claims].where(piece_id: @wall["id"], style_id: spruce).first

    assert_equal [3, 3], claimed.values_at(:wanted, :held)
  end
end
