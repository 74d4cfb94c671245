# frozen_string_literal: true

require_relative "../server_test"

class RoomsRoutesTest < ServerTest
  SURVEY = { name: "Attic", width_m: 5.0, depth_m: 4.0, ceiling_left_m: 2.2, ceiling_right_m: 3.2,
             places: [{ name: "Gable", stance: "wall", from_left_m: 4.0, free_width_m: 1.6,
                        free_depth_m: 1.4 }] }.freeze

  def room
    @room ||= begin
      sign_in
      ask(:post, "/api/homes/#{homes.first['id']}/rooms", SURVEY, status: 201)
    end
  end

  def test_a_survey_answers_the_best_size_of_every_place
    assert_in_delta 2.4, room["places"].first["best_size"]["height_m"]
    assert_equal "none", room["places"].first["best_size"]["limit"]
  end

  def test_room_and_places_stand_or_fall_together
    bad = SURVEY.merge(version: 1, width_m: 6.0,
                       places: [{ name: "Gable", stance: "wall" }, { name: "", stance: "roof", free_depth_m: 0 }])

    assert_equal %w[/places/1/name /places/1/stance /places/1/free_depth_m],
                 pointers(ask(:put, "/api/rooms/#{room['id']}", bad, status: 422))
    assert_in_delta 5.0, ask(:get, "/api/rooms/#{room['id']}")["width_m"]
  end

  def test_places_keep_their_identity_through_a_change
    place = room["places"].first
    changed = ask(:put, "/api/rooms/#{room['id']}",
                  SURVEY.merge(version: 1,
                               places: [{ name: "Door", stance: "open" },
                                        place.slice("id", "stance").merge(name: "West gable")]))

    assert_equal(["Door", "West gable"], changed["places"].map { |told| told["name"] })
    assert_equal place["id"], changed["places"].last["id"]
    ask(:put, "/api/rooms/#{room['id']}", SURVEY.merge(version: 1), status: 409)
  end

  def test_a_place_with_a_tree_in_it_is_not_taken_away
    piece = ask(:post, "/api/rooms/#{room['id']}/pieces", { name: "Gable tree", place_id: room["places"].first["id"] },
                status: 201)
    refused = ask(:put, "/api/rooms/#{room['id']}", SURVEY.merge(version: 1, places: []), status: 422)

    assert_includes refused["detail"], "Gable tree stands in a place"
    ask(:delete, "/api/pieces/#{piece['id']}")
    ask(:put, "/api/rooms/#{room['id']}", SURVEY.merge(version: 1, places: []))
    ask(:post, "/api/pieces/#{piece['id']}/restore")

    assert_nil ask(:get, "/api/pieces/#{piece['id']}")["place_id"]
  end

  def test_a_deleted_room_comes_back_with_its_pieces
    piece = ask(:post, "/api/rooms/#{room['id']}/pieces", { name: "Gable tree" }, status: 201)
    ask(:delete, "/api/rooms/#{room['id']}")
    ask(:get, "/api/pieces/#{piece['id']}", status: 404)
    ask(:post, "/api/rooms/#{room['id']}/restore")
    ask(:get, "/api/pieces/#{piece['id']}")
  end

  def test_a_number_without_an_end_in_an_old_survey_is_no_fault_of_ours
    sign_in
    room = home_named("Tidewaiter's House")["rooms"].first
    custom_request("PUT", "/api/rooms/#{room['id']}", '{"version": 0, "name": "Long room", "width_m": 6.4, ' \
                                                      '"depth_m": 1e999, "ceiling_left_m": 3.1}',
                   "CONTENT_TYPE" => "application/json")

    assert_includes [409, 422], last_response.status
    assert_equal "application/problem+json", last_response.headers["content-type"]
  end
end
