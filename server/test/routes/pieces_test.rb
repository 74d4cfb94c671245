# frozen_string_literal: true

require_relative "../server_test"

class PiecesRoutesTest < ServerTest
  def piece
    @piece ||= begin
      sign_in
      quay_tree
    end
  end

  def path(rest = "")
    "/api/pieces/#{piece['id']}#{rest}"
  end

  def with(**groups)
    groups.reduce(piece["settings"]) do |settings, (group, values)|
      settings.merge(group.to_s => settings[group.to_s].merge(values.transform_keys(&:to_s)))
    end
  end

  def save(version, settings, status: 200, **more)
    ask(:put, path, { version: version, name: piece["name"], place_id: piece["place_id"], settings: settings, **more },
        status: status)
  end

  def test_a_plan_answers_figures_ledger_drawing_and_cautions
    plan = ask(:post, path("/plan"), {})

    assert_in_delta 4.993, plan["figures"]["area"]["value"], 0.001
    assert_equal 100, plan["figures"]["ornaments"]["value"]
    assert_empty plan["drawing"]["ornaments"]
    assert_includes plan["cautions"].map { |caution| caution["code"] }, "glass_above"
    places = ask(:post, path("/places"), {})

    assert_equal 100, places["drawing"]["ornaments"].size
    assert_equal plan["cautions"], places["cautions"]
  end

  def test_a_dial_is_planned_and_not_saved
    plan = ask(:post, path("/plan"), { settings: with(measure: { height_m: 2.1, spread_m: nil }) })

    assert_in_delta 2.1 * 0.58, plan["figures"]["spread"]["value"]
    assert_in_delta 2.4, ask(:get, path)["settings"]["measure"]["height_m"]
  end

  def test_another_place_is_another_plan
    corner = piece["places"].find { |place| place["stance"] == "corner" }
    plan = ask(:post, path("/plan"), { place_id: corner["id"] })

    assert_equal 200, plan["figures"]["arc"]["value"]
    assert_equal "squeezed", plan["figures"]["floor_verdict"]["value"]
  end

  def test_a_change_is_kept_with_its_history
    saved = save(1, with(measure: { height_m: 2.7 }))

    assert_equal [2, true, false], saved.values_at("version", "can_undo", "can_redo")
    entry = ask(:get, path("/history"))["items"].first

    assert_equal ["Height 2.40 m → 2.70 m", "Ottoline Marsh", "change"], entry.values_at("says", "by", "act")
  end

  def test_saving_what_is_already_there_changes_nothing
    assert_equal 1, save(1, piece["settings"])["version"]
    assert_empty ask(:get, path("/history"))["items"]
  end

  def test_undo_and_redo_walk_through_every_change_and_stay_in_the_history
    save(1, with(measure: { height_m: 2.7 }))
    save(2, with(measure: { height_m: 2.1 }), name: "Bay tree")
    one = ask(:post, path("/undo"), { version: 3 })
    two = ask(:post, path("/undo"), { version: 4 })

    assert_equal([[2.7, "Quay window tree"], [2.4, "Quay window tree"]],
                 [one, two].map { |told| [told["settings"]["measure"]["height_m"], told["name"]] })
    refute two["can_undo"]
    ask(:post, path("/undo"), { version: 5 }, status: 422)
    again = ask(:post, path("/redo"), { version: 5 })

    assert_in_delta 2.7, again["settings"]["measure"]["height_m"]
    assert again["can_redo"]
    branch = save(6, with(measure: { height_m: 1.8 }))

    refute branch["can_redo"]
    assert_equal(%w[change redo undo undo change change],
                 ask(:get, path("/history"))["items"].map { |entry| entry["act"] })
  end

  def test_two_people_the_slower_gets_both_states
    save(1, with(measure: { height_m: 2.7 }))
    as(ASSISTANT) do
      stale = save(1, with(measure: { height_m: 2.1 }), status: 409)

      assert_in_delta 2.7, stale["current"]["settings"]["measure"]["height_m"]
      assert_in_delta 2.1, stale["yours"]["settings"]["measure"]["height_m"]
      mine = save(stale["current"]["version"], with(measure: { height_m: 2.1 }))

      assert_equal 3, mine["version"]
    end
    assert_equal(["Bram Teasel", "Ottoline Marsh"], ask(:get, path("/history"))["items"].map { |entry| entry["by"] })
    ask(:post, path("/undo"), { version: 1 }, status: 409)
  end

  def test_settings_that_cannot_be_are_named_and_not_saved
    bad = save(1, with(measure: { height_m: 400 }, ornaments: { count_by: "own", own_total: nil }), status: 422)

    assert_equal ["/settings/measure/height_m"], pointers(bad)
    assert_equal ["/settings/ornaments/own_total"], pointers(save(1, with(ornaments: { count_by: "own" }), status: 422))
    assert_equal ["/settings/ornaments/styles/0"], pointers(save(1, with(ornaments: { styles: ["gone"] }), status: 422))
    assert_equal ["/place_id"], pointers(save(1, piece["settings"], status: 422, place_id: piece["id"]))
    assert_equal 1, ask(:get, path)["version"]
  end

  def test_the_database_itself_keeps_a_piece_out_of_another_rooms_place
    other = DATABASE[:places].exclude(room_id: piece["room_id"]).get(:id)

    assert_raises(Sequel::ForeignKeyConstraintViolation) do
      DATABASE.transaction(savepoint: true) { DATABASE[:pieces].where(id: piece["id"]).update(place_id: other) }
    end
  end

  def test_a_piece_of_a_deleted_home_is_not_changed
    home = piece["home"]["id"]
    ask(:delete, "/api/homes/#{home}")
    save(1, with(measure: { height_m: 2.7 }), status: 404)
    ask(:delete, path, status: 404)

    assert_equal [1, 0],
                 [DATABASE[:pieces].where(id: piece["id"]).get(:version),
                  DATABASE[:piece_changes].where(piece_id: piece["id"]).count]
  end

  def test_a_deleted_piece_comes_back
    ask(:delete, path)
    ask(:get, path, status: 404)
    ask(:post, path("/restore"))

    assert_equal "Quay window tree", ask(:get, path)["name"]
  end

  def test_the_ledger_goes_out_as_csv
    get path("/ledger.csv")
    table = CSV.parse(last_response.body, headers: true)

    assert_match(/attachment; filename="Quay-window-tree-ledger.csv"/, last_response.headers["content-disposition"])
    slate = table.find { |row| row["Item"] == "Slate glass, 10 cm" }
    plan = ask(:post, path("/plan"), {})["ledger"].find { |line| line["label"] == "Slate glass, 10 cm" }

    assert_equal plan["need"], slate["Need"].to_i
    assert_in_delta plan["buy_cents"] / 100.0, slate["To buy EUR"].to_f
    assert_equal plan["left_over"], (slate["Packs"].to_i * slate["Pack size"].to_i) - slate["Short"].to_i
  end

  def test_a_name_that_a_spreadsheet_would_run_is_only_text
    line = { step: "picks", label: "=2+3", unit: "pieces", need: 1, spares: 0, have: 0, elsewhere: 0, short: 1,
             packs: 1,
             pack_size: 1, buy_cents: 100, stock_cents: 0 }

    assert_includes Server::Exchange::LedgerCsv.write([line], "EUR"), "picks,'=2+3,"
  end

  def test_a_posted_plan_knows_no_style_of_another_studio
    sign_in
    row = { studio_id: stranger, kind: "ornament", name: "Elsewhere ball", diameter_mm: 80 }
    theirs = DATABASE[:styles].returning(:id).insert(row).first[:id]
    DATABASE[:stock_quantities].insert(studio_id: stranger, style_id: theirs, on_hand: 50)
    tree = quay_tree
    settings = tree["settings"].merge("ornaments" => { "styles" => [theirs] })
    told = ask(:post, "/api/pieces/#{tree['id']}/plan", { settings: settings })

    refute_includes JSON.generate(told), "Elsewhere ball"
  end

  def test_a_rented_home_allows_no_nails_without_its_rooms_saying_so
    sign_in
    codes = -> { ask(:post, "/api/pieces/#{quay_tree['id']}/plan", {})["cautions"].map { |caution| caution["code"] } }

    refute_includes codes.call, "no_nails"
    DATABASE[:homes].where(name: "Tidewaiter's House").update(rented: true)

    assert_includes codes.call, "no_nails"
  end
end
