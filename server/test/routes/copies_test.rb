# frozen_string_literal: true

require_relative "../server_test"

# A dressed piece, or its look alone, in another place.
class CopiesTest < ServerTest
  def setup
    sign_in
    @tree = quay_tree
  end

  def room(home, name)
    home_named(home)["rooms"].find { |one| one["name"] == name }
  end

  def copy(room, place: room["places"].first, status: 201, **more)
    ask(:post, "/api/pieces/#{@tree['id']}/copies",
        { name: "Again", room_id: room["id"], place_id: place && place["id"], **more }, status: status)
  end

  def test_a_copy_is_dressed_alike_and_fits_its_new_place
    snug = room("Tidewaiter's House", "Snug")
    best = ask(:get, "/api/rooms/#{snug['id']}")["places"].first["best_size"]["height_m"]
    made = copy(snug)
    plan = ask(:post, "/api/pieces/#{made['id']}/plan", { settings: made["settings"] })

    assert_equal [snug["id"], "Again", "tree"], made.values_at("room_id", "name", "kind")
    assert_operator made["settings"]["measure"]["height_m"], :<, @tree["settings"]["measure"]["height_m"]
    assert_in_delta best, made["settings"]["measure"]["height_m"]
    assert_equal @tree["settings"]["ornaments"]["styles"], made["settings"]["ornaments"]["styles"]
    refute_includes(plan["cautions"].map { |caution| caution["severity"] }, "stop")
    assert_equal @tree["settings"], ask(:get, "/api/pieces/#{@tree['id']}")["settings"]
  end

  def test_a_copy_has_nothing_up_and_no_history
    ask(:put, "/api/pieces/#{@tree['id']}/hanging",
        { up: true, ornaments: [{ style: @tree["settings"]["ornaments"]["styles"].first, number: 1 }] })
    made = copy(room("Tidewaiter's House", "Long room"))

    assert_equal [], ask(:get, "/api/pieces/#{made['id']}/hung")["items"]
    assert_equal 0, ask(:get, "/api/pieces/#{made['id']}/history")["total"]
    assert_equal @tree["settings"]["measure"], made["settings"]["measure"]
  end

  def test_a_copy_goes_nowhere_else
    long = room("Tidewaiter's House", "Long room")
    copy({ "id" => SecureRandom.uuid }, place: nil, status: 404)
    copy({ "id" => "no room" }, place: nil, status: 404)
    copy(room("Tidewaiter's House", "Snug"), place: long["places"].first, status: 422)
    copy(long, name: " ", status: 422)
    theirs = stranger_room

    copy({ "id" => theirs }, place: nil, status: 404)
  end

  def stranger_room
    home = DATABASE[:homes].returning(:id, :studio_id).insert(studio_id: stranger, name: "Theirs").first
    DATABASE[:rooms].returning(:id).insert(studio_id: home[:studio_id], home_id: home[:id], name: "Theirs",
                                           width_m: 4, depth_m: 4, ceiling_left_m: 2.5, ceiling_right_m: 2.5,
                                           position: 1).first[:id]
  end

  def test_the_look_of_another_tree_is_told_and_not_kept
    other = home_named("The Signal Loft")["rooms"].flat_map { |one| one["pieces"] }.find { |one| one["kind"] == "tree" }
    loft = ask(:get, "/api/pieces/#{other['id']}")
    told = ask(:post, "/api/pieces/#{@tree['id']}/look", { from: other["id"] })["settings"]

    assert_equal @tree["settings"]["measure"], told["measure"]
    assert_equal loft["settings"]["ornaments"]["styles"], told["ornaments"]["styles"]
    assert_equal loft["settings"]["lights"]["school"], told["lights"]["school"]
    assert_equal @tree["settings"], ask(:get, "/api/pieces/#{@tree['id']}")["settings"]
  end

  def test_a_look_is_put_on_what_is_dialled
    dialled = @tree["settings"].merge("measure" => @tree["settings"]["measure"].merge("height_m" => 1.2))
    told = ask(:post, "/api/pieces/#{@tree['id']}/look", { from: @tree["id"], settings: dialled })["settings"]

    assert_in_delta 1.2, told["measure"]["height_m"]
    assert_operator told["crown"]["loop_m"], :<, @tree["settings"]["crown"]["loop_m"]
  end

  def test_a_tree_takes_no_look_of_greens_and_of_nothing
    run = home_named("Tidewaiter's House")["rooms"].flat_map { |one| one["pieces"] }.find { |one| one["kind"] == "run" }
    refused = ask(:post, "/api/pieces/#{@tree['id']}/look", { from: run["id"] }, status: 422)

    assert_equal ["/from"], pointers(refused)
    assert_includes refused["detail"], "A tree takes the look of a tree"
    ask(:post, "/api/pieces/#{@tree['id']}/look", { from: SecureRandom.uuid }, status: 404)
    ask(:post, "/api/pieces/#{@tree['id']}/look", { from: "nothing" }, status: 404)
    ask(:post, "/api/pieces/#{@tree['id']}/look", { from: @tree["id"], settings: { measure: { height_m: 400 } } },
        status: 422)
  end
end
