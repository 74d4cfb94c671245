# frozen_string_literal: true

require_relative "../server_test"

class RunsRoutesTest < ServerTest
  def setup
    sign_in
  end

  def piece(home, name)
    row = home_named(home)["rooms"].flat_map { |room| room["pieces"] }.find { |one| one["name"] == name }
    ask(:get, "/api/pieces/#{row['id']}")
  end

  def mantel
    @mantel ||= piece("Number Nine, Ropewalk", "Mantel greens")
  end

  def planned(settings = mantel["settings"])
    ask(:post, "/api/pieces/#{mantel['id']}/plan", { settings: settings })
  end

  def changed(**groups)
    groups.reduce(mantel["settings"]) do |settings, (group, values)|
      settings.merge(group.to_s => settings[group.to_s].merge(values.transform_keys(&:to_s)))
    end
  end

  def test_the_demo_has_a_mantel_a_rail_a_beam_and_a_ledge_and_each_plans
    [["Number Nine, Ropewalk", "Mantel greens", "mantel"], ["Tidewaiter's House", "Stair rail", "rail"],
     ["Tidewaiter's House", "Stove beam", "mantel"],
     ["The Signal Loft", "Window ledge", "ledge"]].each do |home, name, kind|
      found = piece(home, name)
      plan = ask(:post, "/api/pieces/#{found['id']}/plan", {})

      assert plan["chosen"]
      assert_equal kind, plan["drawing"]["kind"]
      assert_operator plan["figures"]["fullness"]["value"], :>, 0.8, name
      assert_empty plan["cautions"].select { |caution| %w[fixing_never fixing_no_nails].include?(caution["code"]) },
                   name
    end
  end

  def test_a_run_is_added_measured_changed_and_undone
    room = home_named("The Signal Loft")["rooms"].first
    made = ask(:post, "/api/rooms/#{room['id']}/pieces", { name: "Rod", kind: "run" }, status: 201)

    assert_equal ["run", nil], [made["kind"], made["settings"]["survey"]["length_m"]]
    refute ask(:post, "/api/pieces/#{made['id']}/plan", {})["chosen"]
    settings = made["settings"].merge("survey" => made["settings"]["survey"].merge("kind" => "rod", "length_m" => 1.4))
    saved = ask(:put, "/api/pieces/#{made['id']}",
                { version: made["version"], name: "Rod", place_id: nil, settings: settings })

    assert_in_delta 1.4, saved["settings"]["survey"]["length_m"]
    assert_equal "Kind of run mantel → rod; Length — → 1.40 m",
                 ask(:get, "/api/pieces/#{made['id']}/history")["items"].first["says"]
    undone = ask(:post, "/api/pieces/#{made['id']}/undo", { version: saved["version"] })

    assert_nil undone["settings"]["survey"]["length_m"]
  end

  def test_bad_settings_are_named_and_nothing_is_kept
    bad = changed(survey: { length_m: 900 }, body: { bodies: [{ style: "nobody" }] })
    told = ask(:put, "/api/pieces/#{mantel['id']}",
               { version: mantel["version"], name: "x", place_id: nil, settings: bad }, status: 422)

    assert_equal %w[/settings/survey/length_m], pointers(told)
    unknown = changed(body: { bodies: [{ style: SecureRandom.uuid }] })
    told = ask(:put, "/api/pieces/#{mantel['id']}",
               { version: mantel["version"], name: "x", place_id: nil, settings: unknown }, status: 422)

    assert_equal %w[/settings/body/bodies/0/style], pointers(told)
    assert_equal mantel["version"], ask(:get, "/api/pieces/#{mantel['id']}")["version"]
  end

  def test_builds_the_outline_from_what_is_on_hand
    bare = changed(body: { bodies: [] }, rise_and_trail: { stems: [] })
    built = ask(:post, "/api/pieces/#{mantel['id']}/build", { settings: bare })
    plan = planned(
      bare.merge("body" => { "bodies" => built["bodies"] },
                 "rise_and_trail" => bare["rise_and_trail"].merge("stems" => built["stems"]))
    )

    assert_in_delta built["fullness"], plan["figures"]["fullness"]["value"], 1e-6
    assert_operator built["fullness"], :>, 0.9
    assert_operator built["kg"], :<=, built["most_kg"]
    assert(plan["ledger"].select { |line| %w[garland stem].include?(line["kind"]) }.all? { |line| line["short"].zero? })
  end

  def test_there_is_nothing_to_build_on_before_it_is_measured
    ask(:post, "/api/pieces/#{mantel['id']}/build", { settings: {} }, status: 422)
    ask(:post, "/api/pieces/#{quay_tree['id']}/build", {}, status: 404)
    ask(:get, "/api/pieces/#{mantel['id']}/hanging", status: 404)
  end

  def test_the_room_is_asked_whether_its_greens_repeat
    codes = planned["cautions"].map { |caution| caution["code"] }

    refute_includes codes, "greens_alone"
    other = ask(:post, "/api/rooms/#{mantel['room_id']}/pieces", { name: "Rod", kind: "run", settings: {
                  survey: { kind: "rod", length_m: 1.2 },
                  body: { bodies: [{ style: style_named("Olive garland, 1.8 m")["id"] }] }
                } }, status: 201)

    assert_includes planned["cautions"].map { |caution| caution["code"] }, "greens_alone"
    assert_includes ask(:post, "/api/pieces/#{other['id']}/plan", {})["cautions"].map { |caution| caution["code"] },
                    "greens_alone"
  end

  def style_named(name)
    ask(:get, "/api/styles")["items"].find { |style| style["name"] == name }
  end

  def stock
    ask(:get, "/api/styles")["items"].to_h { |style| [style["name"], style["on_hand"]] }
  end

  def keep_offcuts(status: 201, key: SecureRandom.uuid, version: mantel["version"])
    ask(:post, "/api/pieces/#{mantel['id']}/offcuts", { key: key, version: version }, status: status)
  end

  def test_what_is_cut_off_goes_to_stock_once_and_can_be_taken_back
    offcuts = planned["offcuts"]
    before = stock
    act = keep_offcuts["act"]
    again = keep_offcuts["act"]
    as(ASSISTANT) { keep_offcuts }

    refute_empty offcuts
    assert_equal act["id"], again["id"]
    cut_off = stock.reject { |name, _| before.key?(name) }

    assert_equal(offcuts.size, cut_off.values.sum)
    assert_equal before["Fir garland, 1.8 m"] - offcuts.size, stock["Fir garland, 1.8 m"]
    assert_equal([act["id"]], ask(:get, "/api/pieces/#{mantel['id']}")["acts"].map { |one| one["id"] })
    ask(:post, "/api/acts/#{act['id']}/take-back", {})
    ask(:post, "/api/acts/#{act['id']}/take-back", {})

    assert_equal before, stock.reject { |_, count| count.zero? }.merge(before.select { |_, count| count.zero? })
    assert_empty ask(:get, "/api/pieces/#{mantel['id']}")["acts"]
  end

  def test_a_garland_that_is_cut_is_not_short_for_the_run_it_lies_on
    fir = ask(:get, "/api/styles")["items"].find { |style| style["name"] == "Fir garland, 1.8 m" }
    ask(:put, "/api/styles/#{fir['id']}", fir.except("id").merge("on_hand" => 6))
    short = ->(plan) { plan["ledger"].select { |line| line["kind"] == "garland" }.map { |line| line["short"] } }
    before = short.call(planned)
    keep_offcuts

    assert_equal before, short.call(planned)
  end

  def test_offcuts_of_a_run_that_was_changed_meanwhile_are_not_kept
    keep_offcuts(version: mantel["version"] + 1, status: 409)

    assert_empty ask(:get, "/api/pieces/#{mantel['id']}")["acts"]
  end

  def test_the_sheet_on_paper_and_as_a_drawing
    numbers = planned["anchors"].map { |anchor| anchor["number"] }
    ask_file "/api/pieces/#{mantel['id']}/run-sheet.pdf"

    assert last_response.body.start_with?("%PDF-")
    ask_file "/api/pieces/#{mantel['id']}/run-sheet.svg"
    drawn = last_response.body

    assert_empty(numbers.reject { |number| drawn.include?(">#{number}</text>") })
    assert_includes drawn, "2. Base: 2 × Fir garland, 1.8 m"
    assert_includes drawn.scan(%r{>([^<]+)</text>}).flatten, "1.52 m · 1.20 m"
  end

  def test_the_ledger_as_csv
    ask_file "/api/pieces/#{mantel['id']}/ledger.csv"

    assert_includes last_response.body, "Fir garland, 1.8 m"
    assert_includes last_response.body, "Large adhesive hooks"
  end

  def ask_file(path)
    get path

    assert_equal 200, last_response.status, last_response.body[0, 300]
  end

  def test_a_version_of_a_run_is_checked_as_a_run
    names = ask(:get, "/api/pieces/#{mantel['id']}/variants")["items"].map { |version| version["name"] }

    assert_equal ["Level and quiet"], names
    ask(:post, "/api/pieces/#{mantel['id']}/variants", { name: "Bad", settings: { lights: { school: "blaze" } } },
        status: 422)
    kept = ask(:post, "/api/pieces/#{mantel['id']}/variants",
               { name: "Crest", settings: changed(rise_and_trail: { shape: "crest" }) }, status: 201)

    assert_equal "crest", kept["settings"]["rise_and_trail"]["shape"]
  end

  def test_goes_out_with_the_home_and_comes_back_the_same
    ask_file "/api/homes/#{home_named('Number Nine, Ropewalk')['id']}/plan.json"
    text = last_response.body.sub("Number Nine, Ropewalk", "Number Ten, Ropewalk")
    ask(:post, "/api/homes/import", { text: text }, status: 201)

    assert_equal planned["drawing"],
                 ask(:post, "/api/pieces/#{piece('Number Ten, Ropewalk', 'Mantel greens')['id']}/plan", {})["drawing"]
  end
end
