# frozen_string_literal: true

require_relative "../server_test"

# The anchor register of a home: kept, changed, taken out and brought back; what is planned reads it at once.
class AnchorsTest < ServerTest
  def setup
    sign_in
    @home = home_named("Tidewaiter's House")
    @room = @home["rooms"].find { |room| room["name"] == "Stair hall" }
    @wall = ask(:get, "/api/pieces/#{DATABASE[:pieces].where(name: 'Cabinet wreaths').get(:id)}")
  end

  def add(status: 201, **said)
    ask(:post, "/api/homes/#{@home['id']}/anchors",
        { room_id: @room["id"], place: "Over the cabinets", kind: "nail", since: 2024, **said }, status: status)
  end

  def register
    ask(:get, "/api/homes/#{@home['id']}/anchors")["items"]
  end

  def nails
    lines = ask(:post, "/api/pieces/#{@wall['id']}/plan", {})["ledger"].select { |line| line["kind"] == "fixing" }
    lines.sum { |line| line["need"] }
  end

  def first_hook
    ask(:post, "/api/pieces/#{@wall['id']}/plan", {})["drawing"]["rings"].first
                                                                         .values_at("hook_left_m", "hook_floor_m")
  end

  def test_one_is_kept_listed_and_tried_first
    left, floor = first_hook
    before = nails
    made = add(piece_id: @wall["id"], left_m: left, floor_m: floor)

    assert_equal ["Stair hall", "Cabinet wreaths", "Finishing nail", true],
                 made.values_at("room", "piece", "title", "good")
    assert_equal [made], register
    assert_equal before - 1, nails
  end

  def test_what_is_known_of_it_changes_and_only_from_the_version_that_was_seen
    left, floor = first_hook
    made = add(piece_id: @wall["id"], left_m: left, floor_m: floor)
    said = made.slice("room_id", "piece_id", "place", "kind", "since", "left_m", "floor_m").merge("good" => false)
    changed = ask(:put, "/api/anchors/#{made['id']}", said.merge("version" => 1))

    assert_equal [false, 2], changed.values_at("good", "version")
    # One that is not good any more holds nothing.
    assert_equal 3, nails
    told = ask(:put, "/api/anchors/#{made['id']}", said.merge("version" => 1), status: 409)

    assert_equal 2, told["current"]["version"]
  end

  def test_one_taken_out_is_brought_back
    left, floor = first_hook
    made = add(piece_id: @wall["id"], left_m: left, floor_m: floor)
    ask(:delete, "/api/anchors/#{made['id']}", status: 204)

    assert_empty register
    assert_equal 3, nails
    ask(:delete, "/api/anchors/#{made['id']}", status: 404)
    ask(:post, "/api/anchors/#{made['id']}/restore", {})

    assert_equal 2, nails
    ask(:post, "/api/anchors/#{made['id']}/restore", {}, status: 404)
  end

  def test_the_desk_and_the_home_know_what_is_there_already
    short = lambda {
      ask(:get, "/api/homes/#{@home['id']}/shortages")["items"].select do |line|
        line["piece"] == @wall["id"]
      end
    }
    before = short.call.find { |line| line["kind"] == "fixing" }["short"]
    left, floor = first_hook
    add(piece_id: @wall["id"], left_m: left, floor_m: floor)

    assert_equal before - 1, short.call.find { |line| line["kind"] == "fixing" }["short"]
  end

  def test_bad_input_names_its_field
    assert_equal(["/since"], add(since: 24, status: 422)["errors"].map { |one| one["pointer"] })
    assert_equal(["/place"], add(place: " ", status: 422)["errors"].map { |one| one["pointer"] })
    assert_equal(["/room_id"], add(room_id: SecureRandom.uuid, status: 422)["errors"].map { |one| one["pointer"] })
    assert_equal(["/room_id"], add(room_id: "no id", status: 422)["errors"].map { |one| one["pointer"] })
    tree = DATABASE[:pieces].where(name: "Quay window tree").get(:id)

    assert_equal(["/piece_id"], add(piece_id: tree, status: 422)["errors"].map { |one| one["pointer"] })
    assert_empty register
  end

  def test_they_go_out_with_the_plan_of_their_home_and_come_in_again
    left, floor = first_hook
    add(piece_id: @wall["id"], left_m: left, floor_m: floor)
    add(place: "Newel post", kind: "cable_tie")
    text = JSON.generate(ask(:get, "/api/homes/#{@home['id']}/plan.json"))
    made = ask(:post, "/api/homes/import", { text: text }, status: 201)
    read = ask(:get, "/api/homes/#{made['id']}/anchors")["items"]

    assert_equal(register.map { |one| one.slice("place", "kind", "piece", "left_m", "since") },
                 read.map { |one| one.slice("place", "kind", "piece", "left_m", "since") })
    bad = text.sub('"since":2024', '"since":24')
    told = ask(:post, "/api/homes/import", { text: bad }, status: 422)["errors"].first

    assert_match(%r{/anchors/0/since}, told["pointer"])
  end

  def test_lengths_beyond_any_tape_are_refused_in_feet_too
    DATABASE[:studios].update(units: "imperial")

    assert_equal(["/left_m"], add(left_m: 1e308, status: 422)["errors"].map { |one| one["pointer"] })
  end

  def test_the_hooks_of_a_piece_are_kept_once_however_often_it_is_asked
    kept = ask(:post, "/api/pieces/#{@wall['id']}/anchors", {}, status: 201)

    assert_equal [3, 0], [kept["kept"].size, kept["known"]]
    assert_equal [2026], kept["kept"].map { |one| one["since"] }.uniq
    again = ask(:post, "/api/pieces/#{@wall['id']}/anchors", {}, status: 201)

    assert_equal [0, 3], [again["kept"].size, again["known"]]
    assert_equal 3, register.size
    assert_equal 0, nails
  end

  def test_runs_and_single_wreaths_keep_theirs_and_a_tree_has_none
    run = DATABASE[:pieces].where(name: "Stair rail").get(:id)
    planned = ask(:post, "/api/pieces/#{run}/plan", {})["anchors"].size

    assert_equal planned, ask(:post, "/api/pieces/#{run}/anchors", {}, status: 201)["kept"].size
    wreath = DATABASE[:pieces].where(name: "Door wreath").get(:id)

    assert_equal(["large_hook"], ask(:post, "/api/pieces/#{wreath}/anchors", {}, status: 201)["kept"].map do |one|
      one["kind"]
    end)
    ask(:post, "/api/pieces/#{DATABASE[:pieces].where(name: 'Quay window tree').get(:id)}/anchors", {}, status: 404)
  end

  def test_what_is_in_something_deleted_is_not_there
    made = add
    ask(:delete, "/api/rooms/#{@room['id']}")

    assert_empty register
    ask(:delete, "/api/anchors/#{made['id']}", status: 404)
    ask(:post, "/api/rooms/#{@room['id']}/restore", {})

    assert_equal 1, register.size
  end

  def test_a_room_keeps_so_many_and_no_more
    rows = Array.new(Server::Store::Anchors::MOST_IN_ROOM) do
      { studio_id: DATABASE[:rooms].where(id: @room["id"]).get(:studio_id), room_id: @room["id"], place: "Wall",
        kind: "nail", since: 2024 }
    end
    DATABASE[:anchors].multi_insert(rows)

    assert_match(/up to 200/, add(status: 422)["errors"].first["message"])
    ask(:post, "/api/pieces/#{@wall['id']}/anchors", {}, status: 422)
  end
end
