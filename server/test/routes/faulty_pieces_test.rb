# frozen_string_literal: true

require_relative "../server_test"

# One faulty piece never stops a home or a season, however it came to be faulty.
class FaultyPiecesTest < ServerTest
  def setup
    sign_in
    @room = home_named("The Signal Loft")["rooms"].first
  end

  def add(kind, settings, status: 201)
    ask(:post, "/api/rooms/#{@room['id']}/pieces", { name: "Faulty", kind: kind, settings: settings }, status: status)
  end

  def spoil(settings, schema: 1, kind: "tree")
    piece = add(kind, {})
    DATABASE[:pieces].where(id: piece["id"]).update(settings: Sequel.pg_jsonb(settings), settings_schema: schema,
                                                    version: piece["version"] + 1)
    piece["id"]
  end

  def summary(id)
    pieces = home_named("The Signal Loft")["rooms"].flat_map { |room| room["pieces"] }
    pieces.find { |piece| piece["id"] == id }["summary"]
  end

  # Seen to be savable once and not plannable: refused with the setting to mend.
  { ["run", "/settings/length/spans"] => { survey: { kind: "ledge", length_m: 12.1 },
                                           length: { method: "swags", spans: 1 } },
    ["run", "/settings/length/spans", 40] => { survey: { kind: "ledge", length_m: 3.0 },
                                               length: { method: "swags", spans: 40 } },
    ["run", "/settings/survey/length_m"] => { survey: { length_m: 55 } },
    ["tree", "/settings/ribbon/garland_pitch_m"] => { measure: { height_m: 4 },
                                                      ribbon: { garland: "turns", garland_pitch_m: 0.05 } },
    ["tree", "/settings/lights/bulbs_per_string"] => { measure: { height_m: 12, spread_m: 8 },
                                                       lights: { school: "blaze", bulbs_per_string: 1, watts: 5,
                                                                 string_m: 0.1 } },
    ["tree", "/settings/ribbon/stand_m"] => { ribbon: { stand_m:
      1e-320 } } }.each_with_index do |((kind, pointer), settings), i|
    define_method("test_what_cannot_be_planned_is_refused_when_it_is_saved_#{i}") do
      told = add(kind, settings, status: 422)

      assert_equal [pointer], pointers(told)
      assert_operator told["detail"].size, :>, 30
      piece = add(kind, {})
      whole = settings.to_h { |group, values| [group.to_s, values] }

      assert_equal [pointer],
                   pointers(ask(:put, "/api/pieces/#{piece['id']}",
                                { version: 1, name: "Faulty", place_id: nil, settings: whole }, status: 422))
      assert_equal [pointer],
                   pointers(ask(:post, "/api/pieces/#{piece['id']}/variants", { name: "Faulty", settings: whole },
                                status: 422))
      ask(:post, "/api/pieces/#{piece['id']}/plan", { settings: whole }, status: 422)
    end
  end

  def test_a_plan_that_is_read_in_is_proven_with_its_line
    get "/api/homes/#{homes.first['id']}/plan.json"
    plan = JSON.parse(last_response.body)
    run = plan["rooms"].flat_map { |room| room["pieces"] }
                       .find { |piece| piece["kind"] == "run" && piece["settings"]["survey"]["kind"] == "mantel" }
    run["settings"]["survey"]["length_m"] = 55
    text = JSON.pretty_generate(plan)
    told = ask(:post, "/api/homes/import", { text: text }, status: 422)

    assert_match(%r{\A/rooms/\d/pieces/\d/settings/survey/length_m\z}, pointers(told).first)
    assert_includes text.lines[told["errors"].first["line"] - 1], "length_m\": 55"
    tree = plan["rooms"].flat_map { |room| room["pieces"] }.find { |piece| piece["kind"] == "tree" }
    run["settings"]["survey"]["length_m"] = 2.0
    tree["settings"]["ribbon"].update("garland" => "turns", "garland_pitch_m" => 0.05)
    tree["settings"]["measure"].update("height_m" => 4, "spread_m" => 3)
    before = homes.size
    told = ask(:post, "/api/homes/import", { text: JSON.pretty_generate(plan) }, status: 422)

    assert_match(%r{/settings/ribbon/garland_pitch_m\z}, pointers(told).first)
    assert_equal before, homes.size
  end

  def test_a_plan_read_in_from_an_earlier_schema_is_brought_up_to_date
    get "/api/homes/#{homes.first['id']}/plan.json"
    plan = JSON.parse(last_response.body)
    tree = plan["rooms"].flat_map { |room| room["pieces"] }.find { |piece| piece["kind"] == "tree" }
    tree.update("settings_schema" => 1)
    tree["settings"]["picks"]["cover"] = "lush"
    made = ask(:post, "/api/homes/import", { text: JSON.generate(plan) }, status: 201)
    piece = ask(:get, "/api/homes/#{made['id']}")["rooms"].flat_map { |room| room["pieces"] }
                                                          .find { |one| one["name"] == tree["name"] }

    assert_equal "full", ask(:get, "/api/pieces/#{piece['id']}")["settings"]["picks"]["cover"]
    tree["settings_schema"] = 9

    assert_match(/settings_schema\z/,
                 pointers(ask(:post, "/api/homes/import", { text: JSON.generate(plan) }, status: 422)).first)
  end

  def test_what_is_kept_of_an_earlier_schema_is_read_as_the_present_one
    id = spoil({ "measure" => { "height_m" => 2.1 }, "picks" => { "cover" => "lush" } })
    piece = ask(:get, "/api/pieces/#{id}")

    assert_equal ["full", TREE_KIND.schema, []],
                 [piece["settings"]["picks"]["cover"], piece["settings_schema"], piece["unread"]]
    saved = ask(:put, "/api/pieces/#{id}",
                { version: piece["version"], name: "Mended", place_id: nil, settings: piece["settings"] })

    assert_equal([TREE_KIND.schema, "full"],
                 DATABASE[:pieces].where(id:
                   id).first.then { |row| [row[:settings_schema], row[:settings]["picks"]["cover"]] })
    undone = ask(:post, "/api/pieces/#{id}/undo", { version: saved["version"] })

    assert_equal %w[Faulty full], [undone["name"], undone["settings"]["picks"]["cover"]]
  end

  def test_a_version_kept_under_an_earlier_schema_is_read_too
    id = add("tree", {})["id"]
    ask(:post, "/api/pieces/#{id}/variants", { name: "Old" }, status: 201)
    older = { "picks" => { "cover" => "lush" }, "gone" => { "x" => 1 } }
    DATABASE[:piece_variants].where(piece_id: id).update(settings_schema: 1, settings: Sequel.pg_jsonb(older))

    assert_equal "full", ask(:get, "/api/pieces/#{id}/variants")["items"].first["settings"]["picks"]["cover"]
  end

  def test_a_value_that_cannot_be_read_is_a_caution_on_its_card_and_told_on_its_bench
    id = spoil({ "measure" => { "height_m" => 400, "shape" => "slim" }, "unheard" => { "of" => 1 } }, schema: 2)

    assert_includes summary(id)["worst"], "cannot be read"
    piece = ask(:get, "/api/pieces/#{id}")

    assert_equal(["/measure/height_m"], piece["unread"].map { |fault| fault["pointer"] })
    assert_equal [nil, "slim"], piece["settings"]["measure"].values_at("height_m", "shape")
    assert_equal 3, ask(:get, "/api/season")["total"]
    ask(:get, "/api/pieces/#{id}/history")
    ask(:get, "/api/homes/#{piece['home']['id']}/plan.json")
  end

  def test_what_cannot_be_read_is_told_in_the_units_of_the_studio
    DATABASE[:studios].update(units: "imperial", version: Sequel[:version] + 1)
    id = spoil({ "measure" => { "height_m" => 400 } }, schema: 2)

    assert_includes summary(id)["worst"], "1312 ft 4 in"
    assert_includes ask(:get, "/api/pieces/#{id}")["unread"].first["message"], "1312 ft 4 in"
  end

  def test_settings_no_rule_can_reckon_any_more_are_a_caution_on_their_card
    tall = { "measure" => { "height_m" => 4.0, "spread_m" => 3.0 },
             "ribbon" => { "garland" => "turns", "garland_pitch_m" => 0.05 } }
    id = spoil(tall, schema: 2)

    assert_includes summary(id)["worst"], "cannot be reckoned as it is kept: Pieces of garland"
    assert_equal 1, summary(id)["cautions"]
    assert_equal 3, ask(:get, "/api/season")["items"].size
    told = ask(:post, "/api/pieces/#{id}/plan", {}, status: 422)

    assert_equal ["/settings/ribbon/garland_pitch_m"], pointers(told)
  end

  # Whatever breaks while one piece is reckoned, also a bug of ours.
  def test_a_piece_that_breaks_leaves_every_other_its_summary
    DATABASE[:piece_needs].delete
    home = with_method(TreePlan, :summary, proc { raise "loose wire" }) { home_named("Tidewaiter's House") }
    trees, runs = home["rooms"].flat_map { |room| room["pieces"] }.partition { |piece| piece["kind"] == "tree" }

    assert(trees.all? { |piece| piece["summary"]["worst"].include?("failed on our side") })
    assert(runs.all? { |piece| piece["summary"]["minutes"].positive? })
  end
end
