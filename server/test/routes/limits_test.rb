# frozen_string_literal: true

require_relative "../server_test"

# Nothing grows without limit: each list says how many it takes, and more is refused in words.
class LimitsTest < ServerTest
  def setup
    sign_in
    @home = homes.first["id"]
  end

  def room(**more)
    { name: "Hall", width_m: 4, depth_m: 4, ceiling_left_m: 2.6, ceiling_right_m: 2.6, **more }
  end

  def test_places_of_a_room
    places = ->(count) { Array.new(count) { |i| { name: "Place #{i}", stance: "wall" } } }
    most = Survey::MOST_PLACES

    assert_equal most,
                 ask(:post, "/api/homes/#{@home}/rooms", room(places: places.call(most)), status: 201)["places"].size
    ask(:post, "/api/homes/#{@home}/rooms", room(places: places.call(most + 1)), status: 422)
    error = assert_raises(InputError) { Survey.room(room(places: places.call(most + 1)).transform_keys(&:to_s)) }

    assert_equal ["/places"], error.faults.map(&:pointer)
    assert_includes error.message, "up to #{most}"
  end

  def test_rooms_of_a_home_and_pieces_of_a_room
    made = ask(:post, "/api/homes/#{@home}/rooms", room, status: 201)
    row = DATABASE[:rooms].where(id: made["id"]).first.except(:id)
    there = DATABASE[:rooms].where(home_id: @home).count
    DATABASE[:rooms].multi_insert(Array.new(Server::Store::Rooms::MOST_IN_HOME - there) { row })

    assert_includes ask(:post, "/api/homes/#{@home}/rooms", room, status: 422)["detail"],
                    "up to #{Server::Store::Rooms::MOST_IN_HOME} rooms"
    piece = ask(:post, "/api/rooms/#{made['id']}/pieces", { name: "Tree" }, status: 201)
    copy = DATABASE[:pieces].where(id: piece["id"]).first.except(:id)
    DATABASE[:pieces].multi_insert(Array.new(Server::Store::Pieces::MOST_IN_ROOM - 1) { copy })

    assert_includes ask(:post, "/api/rooms/#{made['id']}/pieces", { name: "Tree" }, status: 422)["detail"],
                    "up to #{Server::Store::Pieces::MOST_IN_ROOM} pieces"
  end

  def test_a_plan_that_is_read_in
    plan = lambda { |**more|
      JSON.generate(
        { format: "deck-bough/home-plan", version: 1, home: { name: "Far" }, styles: [], rooms: [] }.merge(more)
      )
    }
    styles = Array.new(1_001) { |i| { key: "s#{i}", kind: "ornament", name: "S #{i}" } }

    assert_includes ask(:post, "/api/homes/import", { text: plan.call(styles: styles) }, status: 422)["detail"],
                    "up to 1000"
    assert_includes ask(:post, "/api/homes/import", { text: plan.call(rooms: [room] * 61) }, status: 422)["detail"],
                    "up to 60"
    many = Array.new(8_000) { |i| ["shine_#{i}", 1] }.to_h
    told = ask(:post, "/api/homes/import", { text: plan.call(**many.transform_keys(&:to_sym)) }, status: 422)["errors"]

    assert_equal 6, told.size
    assert_includes told.last["message"], "7995 more"
    deep = plan.call(home: { name: "Far", **many.transform_keys(&:to_sym) })

    assert_operator ask(:post, "/api/homes/import", { text: deep }, status: 422)["errors"].size, :<=,
                    Server::Problem::MOST_ERRORS
  end

  def test_a_refusal_is_small_whatever_was_sent
    huge = Array.new(20_000) { |i| ["field_#{i}", "x" * 40] }.to_h
    ask(:post, "/api/rooms/#{home_named('The Signal Loft')['rooms'].first['id']}/pieces",
        { name: "Tree", settings: { measure: huge } }, status: 422)

    assert_operator last_response.body.bytesize, :<, 20_000
    ask(:post, "/api/styles", { name: "x" * 1_000_000, kind: "ornament", colour: "y" * 500_000 }, status: 422)

    assert_operator last_response.body.bytesize, :<, 5_000
  end

  def test_ticks_at_once
    tree = quay_tree["id"]
    entries = Array.new(2_001) { |i| { style: SecureRandom.uuid, number: i + 1 } }
    ask(:put, "/api/pieces/#{tree}/hanging", { up: true, ornaments: entries }, status: 422)
    ask(:put, "/api/pieces/#{tree}/hanging",
        { up: false, ornaments: [{ style: "no-id", number: 2**40 }, { style: SecureRandom.uuid, number: 2**70 }] })
  end

  # Every list the contract takes says how many entries there may be, or the core does where it words them.
  def test_every_list_of_the_contract_has_a_limit
    worded_by_the_core = %w[children_ages pets]
    without = CONTRACT.operations.flat_map do |verb, path, operation|
      schema = operation.dig("requestBody", "content", "application/json", "schema")
      schema ? lists_without_limit(schema, "#{verb} #{path}") : []
    end

    assert_empty(without.reject { |place| worded_by_the_core.include?(place.split("/").last) })
  end

  def lists_without_limit(schema, place)
    here = schema["type"] == "array" && schema["maxItems"].nil? ? [place] : []
    parts = [*schema["allOf"], *schema["anyOf"], schema["items"],
             (schema["additionalProperties"] if schema["additionalProperties"].is_a?(Hash))].compact
    here + parts.flat_map { |part| lists_without_limit(part, place) } +
      (schema["properties"] || {}).flat_map { |name, part| lists_without_limit(part, "#{place}/#{name}") }
  end
end
