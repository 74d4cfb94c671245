# frozen_string_literal: true

require_relative "server_test"

# What holds for every route of the contract.
class ContractTest < ServerTest
  ID = "00000000-0000-4000-8000-000000000000"

  def sweep(&)
    CONTRACT.operations.each(&)
  end

  # A body with every required field present and of its type; enough to get past the contract.
  def sample(schema)
    if schema["allOf"]
      return sample(schema["allOf"].map { |part| part.slice("required", "properties") }.reduce { |a, b| merged(a, b) })
    end
    return schema["enum"].first if schema["enum"]

    case schema["type"]
    when "integer", "number" then 1
    when "boolean" then true
    when "array" then []
    when "string" then schema["format"] == "uuid" ? ID : "x"
    else (schema["required"] || []).to_h { |name| [name, sample(schema["properties"].fetch(name))] }
    end
  end

  def merged(one, other)
    { "required" => one.fetch("required", []) + other.fetch("required", []),
      "properties" => one.fetch("properties", {}).merge(other.fetch("properties", {})) }
  end

  def call(verb, path, operation, ids = {})
    schema = operation.dig("requestBody", "content", "application/json", "schema")
    address = path.gsub(/\{(\w+)\}/) { ids.fetch(Regexp.last_match(1), "tree.tip_gap") }
    address += "?text=2m" if %w[/api/lengths /api/find].include?(path)
    question = address.split("?", 2)
    custom_request(verb, question[0], schema && JSON.generate(sample(schema)),
                   "CONTENT_TYPE" => "application/json", "QUERY_STRING" => question[1].to_s)
    last_response.status
  end

  def test_every_route_needs_a_session_unless_the_contract_marks_it_open
    demo
    sweep do |verb, path, operation|
      status = call(verb, path, operation, "id" => ID)
      open = operation["security"] == []

      assert_equal open, status != 401 || %w[/api/login].include?(path),
                   "#{verb} #{path} answered #{status} without a session"
    end
  end

  def test_open_routes_are_just_the_door
    assert_equal [%w[GET /api/door], %w[POST /api/login], %w[POST /api/studios]], CONTRACT.open_operations.sort
  end

  # Every thing of one studio is simply not there for another; lists show nothing of it.
  def test_every_route_is_scoped_to_the_studio
    nothing_foreign(things_of_the_demo)
  end

  # The same where no store asks for the studio any more: the database keeps others out by itself.
  def test_every_route_is_scoped_to_the_studio_a_second_time
    things = things_of_the_demo
    before = kept_of_the_demo
    with_method(Server::Store::Table, :rows, ->(table) { database[table] }) { nothing_foreign(things) }

    assert_equal before, kept_of_the_demo
  end

  def kept_of_the_demo
    DATABASE.tables.select { |table| DATABASE.schema(table).to_h.key?(:studio_id) }.to_h do |table|
      [table, DATABASE.fetch("select md5(string_agg(t::text, '' order by t::text)) as all_of from #{table} t " \
                             "where studio_id = ?", demo).get(:all_of)]
    end
  end

  # @return [Hash{String => String}] an id of each kind
  def things_of_the_demo
    sign_in
    home = home_named("Tidewaiter's House")
    room = home["rooms"].first
    things = { "homes" => home["id"], "rooms" => room["id"], "pieces" => room["pieces"].first["id"],
               "styles" => ask(:get, "/api/styles")["items"].first["id"] }
    things["people"] = DATABASE[:accounts].where(email: ASSISTANT).get(:id).to_s
    things["acts"] = SecureRandom.uuid
    things["moves"] = DATABASE[:stock_moves].get(:id).to_s
    things["recipes"] =
      ask(:post, "/api/recipes", { name: "Bows", style: things["styles"], batch: 4 }, status: 201)["id"]
    things["boxes"] = ask(:post, "/api/boxes", { place: "Loft left" }, status: 201)["id"]
    things["looks"] = ask(:get, "/api/looks")["items"].first["id"]
    things["paints"] =
      ask(:post, "/api/rooms/#{room['id']}/paints", { name: "Grey", srgb: "#808080" }, status: 201)["id"]
    things["viewpoints"] = ask(:post, "/api/rooms/#{room['id']}/viewpoints",
                               { name: "Sofa", kind: "sofa", x_m: 1, y_m: 1 }, status: 201)["id"]
    things["bare"] = ask(:post, "/api/rooms/#{room['id']}/bare", { name: "Shelf", reason: "books" }, status: 201)["id"]
    things["photographs"] = DATABASE[:photographs].returning(:id).insert(
      studio_id: demo, style_id: things["styles"], key: SecureRandom.uuid, file: Sequel.pg_jsonb({}), position: 1
    ).first[:id]
    things["anchors"] = ask(:post, "/api/homes/#{home['id']}/anchors",
                            { room_id: room["id"], place: "Beam", kind: "nail", since: 2024 }, status: 201)["id"]
    things["variants"] = ask(:post, "/api/pieces/#{things['pieces']}/variants", { name: "As it is" }, status: 201)["id"]
    things["suppliers"] = ask(:post, "/api/suppliers", { name: "Ropewalk Stores" }, status: 201)["id"]
    things["sightings"] = ask(:post, "/api/sightings", { list: "wish", name: "Stockings" }, status: 201)["id"]
    things["trials"] = things["styles"]
    things["workers"] = DATABASE[:workers].get(:id)
    things["days-off"] = ask(:post, "/api/days-off", { from_on: "2026-12-24", to_on: "2026-12-26" }, status: 201)["id"]
    things["visits"] = DATABASE[:visits].get(:id)
    things["purchases"] = ask(:post, "/api/purchases",
                              { key: SecureRandom.uuid, lines: [{ style: things["styles"], pack_size: 1, packs: 1 }] },
                              status: 201)["id"]
    things["log-times"] = DATABASE[:log_times].get(:id)
    things["remarks"] = DATABASE[:log_remarks].get(:id)
    things.merge("decisions" => DATABASE[:log_decisions].get(:key))
  end

  def nothing_foreign(things)
    stranger
    clear_cookies
    ask(:post, "/api/login", { email: "else@elsewhere.example", password: "another-word-1" })
    sweep do |verb, path, operation|
      kind = path[%r{\A/api/(?:buying/)?([\w-]+)/\{id\}}, 1] or next
      status = call(verb, path, operation, "id" => things.fetch(kind), "version" => "small")

      assert_equal 404, status, "#{verb} #{path} of another studio: #{last_response.body[0, 200]}"
    end

    lists = %w[homes season styles stock boxes recipes looks buying suppliers purchases trials budgets
               sightings]

    assert_empty(lists.flat_map { |name| ask(:get, "/api/#{name}")["items"] })
  end

  def test_every_route_of_the_application_is_in_the_contract
    written = Server::App.routes.except("HEAD").flat_map do |verb, routes|
      routes.map { |pattern, *| [verb, pattern.to_s.gsub(/:(\w+)/, '{\1}')] }
    end
    told = CONTRACT.operations.map { |verb, path, _| [verb, path] } -
           %w[login logout change-password].map { |name| ["POST", "/api/#{name}"] }

    assert_equal told.sort, written.sort
  end

  def test_bad_bodies_are_told_with_pointers_all_at_once
    sign_in
    bad = ask(:post, "/api/homes", { client: 7, rented: "yes" }, status: 422)

    assert_equal %w[/client /name /rented], pointers(bad).sort
    custom_request("POST", "/api/homes", "{ half", "CONTENT_TYPE" => "application/json")

    assert_equal 422, last_response.status
    custom_request("POST", "/api/homes", "name=x", "CONTENT_TYPE" => "application/x-www-form-urlencoded")

    assert_equal 415, last_response.status
  end

  def test_unknown_addresses_and_verbs_are_told
    sign_in
    ask(:get, "/api/garlands", status: 404)
    ask(:delete, "/api/season", status: 405)
    ask(:get, "/api/homes/not-an-id", status: 404)
  end
end
