# frozen_string_literal: true

require_relative "../server_test"

class HomePlanTest < ServerTest
  SCHEMA = JSONSchemer.schema(JSON.parse(File.read(File.join(Server::ROOT, "docs", "home-plan.schema.json"))))

  def setup
    sign_in
  end

  def taken_out(name = "Tidewaiter's House")
    get "/api/homes/#{homes.find { |home| home['name'] == name }['id']}/plan.json"
    last_response.body
  end

  def read_in(text, status: 201)
    ask(:post, "/api/homes/import", { text: text }, status: status)
  end

  def test_what_goes_out_keeps_to_its_documented_schema
    ["Tidewaiter's House", "The Signal Loft", "Number Nine, Ropewalk"].each do |name|
      assert_empty SCHEMA.validate(JSON.parse(taken_out(name))).map { |error| error["error"] }, name
    end
  end

  def test_the_example_of_the_documentation_keeps_to_the_schema_and_reads_in
    text = File.read(File.join(Server::ROOT, "docs", "home-plan.md"))[/```json\n(.*)```/m, 1]

    assert_empty SCHEMA.validate(JSON.parse(text)).to_a
    assert_equal "Tidewaiter's House", read_in(text)["name"]
  end

  def test_read_back_into_the_same_studio_it_is_the_same_plan_with_the_same_styles
    text = taken_out
    before = ask(:get, "/api/styles")["total"]
    made = read_in(text)
    get "/api/homes/#{made['id']}/plan.json"

    assert_equal JSON.parse(text), JSON.parse(last_response.body)
    assert_equal before, ask(:get, "/api/styles")["total"]
  end

  def test_walls_places_to_look_from_and_positions_come_along
    made = read_in(taken_out)
    rooms = ask(:get, "/api/homes/#{made['id']}")["rooms"].to_h { |room| [room["name"], room] }
    hall, long = rooms.values_at("Stair hall", "Long room")
    view = ask(:get, "/api/rooms/#{long['id']}/view")

    assert_equal(["Sofa", "From the stair hall", "Photograph corner"], view["views"].map { |one| one["name"] })
    assert_equal([{ "id" => hall["id"], "name" => "Stair hall" }], view["open_to"])
    assert_equal "Quay wall", view["walls"].first["name"]
    wreath = ask(:get, "/api/rooms/#{hall['id']}/view")["standings"].find { |one| one["name"] == "Door wreath" }

    assert_equal({ "wall" => "front", "at_m" => 1.6, "out_m" => nil }, wreath["place"])
    assert_equal(["Low table", "Window board of the bay"],
                 ask(:get, "/api/rooms/#{long['id']}/bare")["items"].map { |one| one["name"] }.sort)
  end

  def test_a_position_that_cannot_be_is_told_with_its_line
    document = JSON.parse(taken_out)
    document["rooms"][1]["pieces"][0]["position"] = { "wall" => "nowhere", "at_m" => 1 }
    told = read_in(JSON.pretty_generate(document), status: 422)["errors"].first

    assert_equal "/rooms/1/pieces/0/position/wall", told["pointer"]
    assert_match(/\ALine \d+: That wall is not in this room/, told["message"])
  end

  def test_read_into_another_studio_it_brings_its_styles_with_nothing_on_hand
    text = taken_out
    original = ask(:post, "/api/pieces/#{quay_tree['id']}/plan", {})
    stranger
    clear_cookies
    ask(:post, "/api/login", { email: "else@elsewhere.example", password: "another-word-1" })
    made = read_in(text)
    styles = ask(:get, "/api/styles")["items"]
    piece = ask(:get, "/api/homes/#{made['id']}")["rooms"].flat_map { |room| room["pieces"] }.first
    plan = ask(:post, "/api/pieces/#{piece['id']}/plan", {})

    keepsakes, others = styles.partition { |style| style["keepsake"] }

    assert_equal [0], others.map { |style| style["on_hand"] }.uniq
    assert_equal([3], keepsakes.map { |style| style["on_hand"] })
    assert_equal(original["ledger"].map { |line| line.values_at("label", "need") },
                 plan["ledger"].map { |line| line.values_at("label", "need") })
  end

  def test_every_fault_is_told_with_its_line_and_nothing_is_made
    text = taken_out.sub('"height_m": 2.4', '"height_m": 400').sub('"stance": "bay"', '"stance": "roof"')
    lines = text.lines.each_with_index.to_h { |line, i| [line.strip.delete_suffix(","), i + 1] }
    before = homes.size
    faults = read_in(text, status: 422)["errors"]

    assert_equal([lines['"stance": "roof"'], lines['"height_m": 400']], faults.map { |fault| fault["line"] })
    assert_includes faults.last["message"], "Line #{lines['"height_m": 400']}: Height is 400 m."
    assert_equal before, homes.size
  end

  def test_faults_are_told_in_the_units_of_the_studio
    text = taken_out.sub('"height_m": 2.4', '"height_m": 400')
    DATABASE[:studios].update(units: "imperial")

    assert_match(/Line \d+: Height is 1,?312 ft 4 in\./, read_in(text, status: 422)["errors"].last["message"])
  end

  def test_text_that_is_no_json_or_no_plan_is_told
    broken = read_in("{\n \"format\": \"deck-bough/home-plan\",\n \"version\": tru }", status: 422)

    assert_equal 3, broken["errors"].first["line"]
    assert_equal ["/format"], pointers(read_in('{"format": "other"}', status: 422))
    assert_includes read_in('{"format": "deck-bough/home-plan", "version": 7}', status: 422)["detail"],
                    "Version 7 is not known"
    assert_equal(["not_a_plan"], read_in("[]", status: 422)["errors"].map { |error| error["code"] })
  end

  def test_names_that_lead_nowhere_are_told
    plan = JSON.parse(taken_out)
    piece = plan["rooms"].first["pieces"].first
    piece["place"] = "place-9"
    piece["settings"]["ornaments"]["styles"] << "style-99"
    piece["shine"] = 1
    faults = read_in(JSON.pretty_generate(plan), status: 422)

    assert_equal %w[/rooms/0/pieces/0/shine /rooms/0/pieces/0/place /rooms/0/pieces/0/settings], pointers(faults)
  end
end
