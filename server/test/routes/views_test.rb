# frozen_string_literal: true

require_relative "../server_test"

# A room as a whole: its plan, where pieces are, places to look from, what would quiet a view, what stays bare.
class ViewsTest < ServerTest
  def setup
    sign_in
    @tree = DATABASE[:pieces].where(name: "Quay window tree").first
    @room = @tree[:room_id]
  end

  def view(room = @room) = ask(:get, "/api/rooms/#{room}/view")

  def room = ask(:get, "/api/rooms/#{@room}")

  def keep(plan, status: 200)
    said = room.slice("name", "width_m", "depth_m", "ceiling_left_m", "ceiling_right_m", "heat", "version")
    places = room["places"].map { |place| place.except("best_size") }
    ask(:put, "/api/rooms/#{@room}", { **said, "places" => places, "plan" => plan }, status: status)
  end

  def look_from(name = "Sofa", status: 201, **given)
    ask(:post, "/api/rooms/#{@room}/viewpoints", { name: name, kind: "sofa", x_m: 3.0, y_m: 4.0, **given },
        status: status)
  end

  def standing(id = @tree[:id], told: view) = told["standings"].find { |one| one["id"] == id }

  def test_a_room_measured_before_has_four_walls_and_its_tree_where_its_place_is
    DATABASE[:rooms].where(id: @room).update(plan: Sequel.pg_jsonb({}))
    DATABASE[:pieces].where(id: @tree[:id]).update(wall: nil, at_m: nil, out_m: nil)
    told = view

    assert_equal(%w[front right behind left], told["walls"].map { |wall| wall["key"] })
    assert_equal ["front", 3.3, false], standing(told: told).values_at("wall", "at_m", "assumed")
    assert_operator told["walls"].first["balance"]["weight_m2"], :>, 0.5
    assert_equal 0, told["pending"]
  end

  def test_a_survey_without_a_plan_keeps_the_one_it_has
    keep({ "openings" => [{ kind: "window", wall: "front", left_m: 1, width_m: 1, height_m: 1.2, floor_m: 0.8 }] })
    places = room["places"].map { |place| place.except("best_size") }
    said = room.slice("name", "width_m", "depth_m", "ceiling_left_m", "version")
    ask(:put, "/api/rooms/#{@room}", { **said, places: places })

    assert_equal 1, room["plan"]["openings"].size
  end

  def test_corners_tell_width_and_depth
    corners = [[0, 0], [4, 0], [4, 1], [7, 1], [7, 5], [0, 5]]
    walls = corners.each_with_index.map { |(x, y), i| { key: "w#{i}", name: "", x_m: x, y_m: y } }
    kept = keep({ walls: walls })

    assert_equal [7.0, 5.0], kept.values_at("width_m", "depth_m")
    assert_equal 6, view["walls"].size
  end

  def test_what_cannot_be_is_refused_with_its_field_and_nothing_is_kept
    before = room
    faults = keep({ openings: [{ kind: "door", wall: "front", left_m: 6.0, width_m: 1, height_m: 2 }] }, status: 422)

    assert_equal(["/plan/openings/0/left_m"], faults["errors"].map { |error| error["pointer"] })
    stranger = SecureRandom.uuid
    faults = keep({ openings: [{ kind: "passage", wall: "front", left_m: 1, width_m: 1.0, height_m: 2.0,
                                 leads_to: stranger }] }, status: 422)

    assert_equal(["/plan/openings/0/leads_to"], faults["errors"].map { |error| error["pointer"] })
    assert_equal before["plan"], room["plan"]
  end

  def test_a_dragged_piece_moves_nothing_until_it_is_put_down
    before = view
    dragged = ask(:post, "/api/rooms/#{@room}/view", { piece: @tree[:id], wall: "front", at_m: 1.0 })

    assert_in_delta 1.0, standing(told: dragged)["at_m"]
    refute_in_delta before["walls"].first["balance"]["value"], dragged["walls"].first["balance"]["value"], 0.05
    assert_equal before["walls"], view["walls"]
  end

  def test_a_piece_is_put_along_a_wall_and_back
    was = standing["place"]
    put = ask(:put, "/api/pieces/#{@tree[:id]}/position", { wall: "right", at_m: 1.2, out_m: 0.9, was: was })

    assert_equal %w[right 1.2 0.9], put.values.map(&:to_s)
    assert_equal "right", standing["wall"]
    ask(:put, "/api/pieces/#{@tree[:id]}/position", { **was, was: put })

    assert_equal was, standing["place"]
  end

  def test_what_comes_to_another_place_stands_there
    was = standing["place"]
    ask(:put, "/api/pieces/#{@tree[:id]}/position", { wall: "front", at_m: 5.0, out_m: nil, was: was })

    assert_includes view["findings"].map { |finding| finding["code"] }, "beside_its_place"
    corner = DATABASE[:places].where(name: "Corner by the door").get(:id)
    piece = ask(:get, "/api/pieces/#{@tree[:id]}")
    settings = piece["settings"].merge("measure" => piece["settings"]["measure"].merge("spread_m" => 1.2))
    ask(:put, "/api/pieces/#{@tree[:id]}",
        { **piece.slice("version", "name"), place_id: corner, settings: settings })

    assert_equal ["front", 0.8], standing.values_at("wall", "at_m")
    refute_includes view["findings"].map { |finding| finding["code"] }, "beside_its_place"
  end

  def test_whoever_moves_what_another_has_moved_is_told
    was = standing["place"]
    moved = { wall: "right", at_m: 1.2, out_m: nil }
    2.times { ask(:put, "/api/pieces/#{@tree[:id]}/position", { **moved, was: was }) }
    told = ask(:put, "/api/pieces/#{@tree[:id]}/position", { wall: "left", at_m: 1.0, out_m: nil, was: was },
               status: 409)

    assert_equal "right", told["current"]["wall"]
    assert_equal "right", standing["wall"]
  end

  def test_a_piece_goes_to_a_wall_that_is_there_and_long_enough
    was = standing["place"]
    { { wall: "nowhere", at_m: 1 } => "/wall", { wall: "front", at_m: nil } => "/at_m",
      { wall: "front", at_m: 6.5 } => "/at_m", { wall: nil, at_m: 1.0 } => "/wall" }.each do |at, pointer|
      told = ask(:put, "/api/pieces/#{@tree[:id]}/position", { out_m: nil, **at, was: was }, status: 422)

      assert_equal [pointer], told["errors"].map { |error| error["pointer"] }, at
    end
  end

  def test_a_viewpoint_sees_the_tree_and_says_what_leads
    made = look_from(heading_deg: 0)
    seen = view["views"].find { |one| one["id"] == made["id"] }

    assert_equal @tree[:id], seen["first"]
    assert_in_delta 1.15, seen["eye_m"]
    assert_in_delta 1.0, seen["seen"].first["ratio"]
    assert_equal "Harbour dusk", seen["colours"]["look"]["name"]
    sheet = ask(:post, "/api/rooms/#{@room}/view/working", { key: "weights:#{made['id']}" })

    assert_equal "What leads from Sofa", sheet["title"]
    ask(:post, "/api/rooms/#{@room}/view/working", { key: "weights:nobody" }, status: 404)
  end

  # Whoever is short or sits low keeps their own eye when the place to look from is moved.
  def test_the_eye_that_was_told_is_told_again
    own, usual = [0.9, nil].map { |eye| look_from(eye_m: eye)["id"] }
    told = view["views"].to_h { |one| [one["id"], one.values_at("own_eye_m", "eye_m")] }

    assert_equal [0.9, 0.9], told[own]
    assert_equal [nil, 1.15], told[usual]
  end

  def test_a_viewpoint_is_changed_taken_out_and_brought_back
    made = look_from
    changed = ask(:put, "/api/viewpoints/#{made['id']}", { **made.except("id", "room_id"), "heading_deg" => 90 })

    assert_equal [90.0, made["version"] + 1], changed.values_at("heading_deg", "version")
    ask(:put, "/api/viewpoints/#{made['id']}", made.except("id", "room_id"), status: 409)
    ask(:delete, "/api/viewpoints/#{made['id']}", status: 204)

    refute(view["views"].any? { |one| one["id"] == made["id"] })
    ask(:put, "/api/viewpoints/#{made['id']}", made.except("id", "room_id"), status: 404)
    ask(:post, "/api/viewpoints/#{made['id']}/restore")

    assert(view["views"].any? { |one| one["id"] == made["id"] })
    ask(:post, "/api/viewpoints/#{made['id']}/restore", status: 404)
  end

  def test_a_room_has_so_many_places_to_look_from
    DATABASE[:viewpoints].delete
    12.times { |i| look_from("Place #{i}") }
    told = look_from("One more", status: 422)

    assert_equal(["too_many"], told["errors"].map { |error| error["code"] })
  end

  def test_whoever_looks_and_whatever_stands_is_within_the_room
    assert_equal ["/x_m"], pointers(look_from("Garden", x_m: 9.0, status: 422))
    made = look_from
    told = ask(:put, "/api/viewpoints/#{made['id']}", { **made.except("id", "room_id"), "y_m" => 50 }, status: 422)

    assert_equal ["/x_m"], pointers(told)
    told = ask(:put, "/api/pieces/#{@tree[:id]}/position",
               { wall: "front", at_m: 1.0, out_m: 50, was: standing["place"] }, status: 422)

    assert_equal ["/out_m"], pointers(told)
  end

  def test_doors_offer_places_to_look_from_until_they_are_set_up
    DATABASE[:viewpoints].delete
    keep({ openings: [{ kind: "door", name: "Hall door", wall: "behind", left_m: 1, width_m: 0.9, height_m: 2.0 }] })
    offered = view["offered"].first

    assert_equal "Hall door", offered["name"]
    ask(:post, "/api/rooms/#{@room}/viewpoints", offered, status: 201)

    assert_empty view["offered"]
  end

  def test_an_offer_does_what_it_says_when_it_is_pressed
    room = ask(:post, "/api/homes/#{view['home']['id']}/rooms",
               { name: "Study", width_m: 4, depth_m: 4, ceiling_left_m: 2.6 }, status: 201)["id"]
    greens = compete_in(room)
    viewpoint = ask(:post, "/api/rooms/#{room}/viewpoints", { name: "Desk", kind: "other", x_m: 2.0, y_m: 3.6 },
                    status: 201)

    assert_equal "competing", view(room)["views"].first["verdict"]
    offers = ask(:get, "/api/viewpoints/#{viewpoint['id']}/offers")["items"].to_h { |offer| [offer["way"], offer] }
    apply(offers.fetch("smaller"))
    after = view(room)["views"].first

    assert_in_delta offers["smaller"]["after"], ratio(after, greens), 0.002
    assert_equal offers["smaller"]["verdict"], after["verdict"]
  end

  def test_a_wreath_finds_what_it_could_hang_on_in_the_survey
    hall = DATABASE[:pieces].where(name: "Door wreath").first
    told = ask(:get, "/api/pieces/#{hall[:id]}/hosts")

    assert_equal(["Front doors", "Snug door", "Hall cabinets"], told["items"].map { |host| host["name"] })
    assert_equal({ "host" => "pair", "width_m" => 1.2, "height_m" => 2.1, "floor_m" => 0 }, told["items"].first["says"])
    assert_equal hall[:at_m], told["place"]["at_m"]
    assert_empty ask(:get, "/api/pieces/#{@tree[:id]}/hosts")["items"]
  end

  def test_where_nothing_competes_nothing_is_offered
    made = look_from

    assert_empty ask(:get, "/api/viewpoints/#{made['id']}/offers")["items"]
  end

  QUESTIONS = %w[outline bare_spots evenness main_colour competing mechanics hidden night take_away].freeze

  def round(viewpoint) = ask(:get, "/api/viewpoints/#{viewpoint['id']}/round")

  def say(viewpoint, status: 200, **given)
    ask(:put, "/api/viewpoints/#{viewpoint['id']}/round", given, status: status)
  end

  def item(round, question, piece = @tree[:id])
    round["questions"].find { |one| one["question"] == question }["items"].find { |one| one["piece"] == piece }
  end

  def test_stepping_back_asks_in_order_with_what_the_figures_say
    told = round(look_from)

    assert_equal(QUESTIONS, told["questions"].map { |one| one["question"] })
    assert_match(/2\.40 m high, 77 % of what is above/, item(told, "outline")["message"])
    assert_match(/of 2\.15 at best/, item(told, "evenness")["message"])
    assert_match(/collar hides its foot/, item(told, "mechanics")["message"])
    assert_equal "Quay window tree is alone in the view.", item(told, "competing", nil)["message"]
    assert_operator told["open"], :>, 4
  end

  def test_what_was_found_is_mended_by_a_press
    settings = @tree[:settings].to_h.merge("foot" => { "kind" => "none" })
    DATABASE[:pieces].where(id: @tree[:id]).update(settings: Sequel.pg_jsonb(settings))
    made = look_from
    mend = item(round(made), "mechanics")["mends"].first

    assert_equal "Put a skirt round its foot", mend["label"]
    piece = ask(:get, "/api/pieces/#{@tree[:id]}")
    ask(:put, "/api/pieces/#{@tree[:id]}", { **piece.slice("version", "name", "place_id"), settings: mend["settings"] })
    after = item(round(made), "mechanics")

    assert_equal [[], "info"], after.values_at("mends", "severity")
  end

  def test_a_colour_that_is_short_is_closed_from_the_shelf
    made = look_from
    found = item(round(made), "main_colour", nil)

    assert_match(/\ASlate blue is \d+ % of what is seen, and 40 % is wanted/, found["message"])
    mend = found["mends"].first

    assert_match(/\AMore slate blue: .* on Quay window tree\z/, mend["label"])
    before = view["views"].find { |one| one["id"] == made["id"] }["colours"]["shares"].first["seen"]
    piece = ask(:get, "/api/pieces/#{mend['piece']}")
    ask(:put, "/api/pieces/#{mend['piece']}",
        { **piece.slice("version", "name", "place_id"), settings: mend["settings"] })
    after = view["views"].find { |one| one["id"] == made["id"] }["colours"]["shares"].first["seen"]

    assert_operator after, :>, before
  end

  def test_what_was_said_is_remembered_and_what_is_pinned_stays_out_of_the_score
    made = look_from
    before = round(made)["open"]
    said = say(made, question: "outline", piece: @tree[:id], says: "pinned", note: "Idony loves it so")

    assert_equal [before - 1, 1], said.values_at("open", "pinned")
    assert_equal ["pinned", "Idony loves it so", "Ottoline Marsh"],
                 item(said, "outline")["answer"].values_at("says", "note", "by")
    assert_equal 1, say(made, question: "outline", piece: @tree[:id], says: "mend")["mend"]
    assert_equal before, say(made, question: "outline", piece: @tree[:id])["open"]
  end

  def test_an_answer_is_about_a_question_and_a_piece_that_are_there
    made = look_from
    say(made, status: 422, question: "weather", says: "good")
    told = say(made, status: 422, question: "outline", piece: SecureRandom.uuid, says: "good")

    assert_equal ["/piece"], pointers(told)
    say(made, status: 422, question: "outline", says: "lovely")
  end

  def test_rooms_that_see_each_other_say_what_ties_them
    links = ask(:get, "/api/rooms/#{@room}/links")["items"]
    hall = links.find { |one| one["room"]["name"] == "Stair hall" }

    assert_includes hall["shared"]["ribbon"], "Plum velvet ribbon"
    assert hall["enough"]
    assert_empty ask(:get, "/api/rooms/#{DATABASE[:rooms].where(name: 'Loft').get(:id)}/links")["items"]
  end

  def test_a_room_goes_on_paper
    look_from
    { "a4" => "595.28 841.89", "letter" => "612 792" }.each do |paper, size|
      get "/api/rooms/#{@room}/view.pdf?paper=#{paper}"

      assert_equal [200, "application/pdf"], [last_response.status, last_response.media_type]
      assert_equal size, last_response.body[/MediaBox \[0 0 ([\d. ]+)\]/n, 1].gsub(/\.0+\b/, "")
      assert last_response.body.start_with?("%PDF")
    end
    told = Server::RoomViews.new(DATABASE, Server::Store::Studios.new(DATABASE).find(demo)).of(@room)
    words = written { Server::Exchange::RoomSheetPdf.new(told, units: "imperial", title: "Long room", under: "A house") }

    ["Long room", "Quay wall 21 ft: #{told[:walls].first[:balance][:told]}", "What each place sees"].each do |said|
      assert_includes words.join("\n"), said
    end
    get "/api/rooms/#{@room}/view.pdf?paper=napkin"

    assert_equal 422, last_response.status
  end

  def test_a_home_reads_on_the_desk_and_follows_what_changes
    # Asked until every home is read: a busy machine takes several requests.
    card = lambda do
      homes = ask(:get, "/api/season")["items"]
      homes = ask(:get, "/api/season")["items"] while homes.any? { |home| home["unread"] }
      homes.find { |home| home["name"] == "Tidewaiter's House" }
    end
    read = card.call
    leads = read["reading"]["leads"]

    assert_equal "Harbour dusk", read["look"]
    assert_includes leads.map { |lead| lead.values_at("room", "from", "says") },
                    ["Long room", "Sofa", "Quay window tree alone"]
    assert_includes(read["reading"]["walls"].map { |wall| wall["name"] }, "Quay wall")
    assert_equal read["reading"], home_named("Tidewaiter's House")["reading"]
    kept = DATABASE[:home_readings].select_order_map(:stamp)
    card.call

    assert_equal kept, DATABASE[:home_readings].select_order_map(:stamp)
    was = standing["place"]
    ask(:put, "/api/pieces/#{@tree[:id]}/position", { wall: "behind", at_m: 5.9, out_m: 0.8, was: was })

    refute_includes(card.call["reading"]["leads"].map { |lead| lead["says"] }.first(1), "Quay window tree alone")
  end

  def test_a_home_nobody_looks_at_is_not_read
    DATABASE[:viewpoints].delete
    told = ask(:get, "/api/season")["items"]

    assert_equal([[nil, false]], told.map { |home| home.values_at("reading", "unread") }.uniq)
  end

  def test_a_home_that_is_still_to_be_read_says_so_and_is_read_next
    DATABASE[:home_readings].delete
    studio = Server::Store::Studios.new(DATABASE).find(demo)
    ids = DATABASE[:homes].select_map(:id)
    once = Server::Readings.new(DATABASE, studio, budget: 0).of(ids, "stamp")

    assert_equal 1, once.values.compact.size
    3.times { Server::Readings.new(DATABASE, studio, budget: 0).of(ids, "stamp") }

    assert_equal 3, Server::Readings.new(DATABASE, studio, budget: 0).of(ids, "stamp").values.compact.size
  end

  def test_what_stays_bare_says_why_and_lifts_when_the_piece_goes
    DATABASE[:bare_places].delete
    made = ask(:post, "/api/rooms/#{@room}/bare", { name: "Window sill", piece_id: @tree[:id] }, status: 201)

    assert_equal ["Quay window tree", false], made.values_at("piece", "lifted")
    ask(:post, "/api/rooms/#{@room}/bare", { name: "Shelf" }, status: 422)
    ask(:post, "/api/rooms/#{@room}/bare", { name: "Shelf", reason: "books are read there" }, status: 201)
    ask(:delete, "/api/pieces/#{@tree[:id]}")
    lifted = ask(:get, "/api/rooms/#{@room}/bare")["items"]

    assert_equal({ "Window sill" => true, "Shelf" => false }, lifted.to_h { |one| one.values_at("name", "lifted") })
    ask(:post, "/api/pieces/#{@tree[:id]}/restore")

    refute(ask(:get, "/api/rooms/#{@room}/bare")["items"].any? { |one| one["lifted"] })
    ask(:delete, "/api/bare/#{made['id']}", status: 204)

    assert_equal(["Shelf"], ask(:get, "/api/rooms/#{@room}/bare")["items"].map { |one| one["name"] })
    ask(:post, "/api/bare/#{made['id']}/restore")

    assert_equal 2, ask(:get, "/api/rooms/#{@room}/bare")["items"].size
  end

  def test_another_studio_sees_nothing_of_it
    made = look_from
    bare = ask(:post, "/api/rooms/#{@room}/bare", { name: "Shelf", reason: "books" }, status: 201)
    stranger
    sign_in("else@elsewhere.example", "another-word-1")
    ask(:get, "/api/rooms/#{@room}/view", status: 404)
    ask(:delete, "/api/viewpoints/#{made['id']}", status: 404)
    ask(:get, "/api/viewpoints/#{made['id']}/offers", status: 404)
    ask(:delete, "/api/bare/#{bare['id']}", status: 404)
    ask(:put, "/api/pieces/#{@tree[:id]}/position", { wall: nil, at_m: nil, out_m: nil,
                                                      was: { wall: nil, at_m: nil, out_m: nil } }, status: 404)
  end

  private

  # Everything that a sheet writes, in the order it is written.
  def written
    words = []
    sheet = yield
    page = sheet.instance_variable_get(:@page)
    %i[text text_box draw_text].each do |name|
      page.define_singleton_method(name) { |text, *rest, **how| (words << text) && super(text, *rest, **how) }
    end
    sheet.render
    words
  end

  # Two wreaths of one size beside each other: neither leads.
  def compete_in(room)
    [1.2, 2.8].each_with_index.map do |at, i|
      settings = { place: { host: "cabinet", width_m: 0.9, height_m: 0.9, floor_m: 1.2 },
                   size: { outer_m: 0.5 + (i * 0.01) } }
      id = ask(:post, "/api/rooms/#{room}/pieces", { name: "Wreath #{i}", kind: "wreath", settings: settings },
               status: 201)["id"]
      ask(:put, "/api/pieces/#{id}/position", { wall: "front", at_m: at, out_m: nil,
                                                was: { wall: nil, at_m: nil, out_m: nil } })
      id
    end.first
  end

  def apply(offer)
    piece = ask(:get, "/api/pieces/#{offer['piece']}")
    ask(:put, "/api/pieces/#{offer['piece']}",
        { **piece.slice("version", "name", "place_id"), settings: offer["settings"] })
  end

  def ratio(view, id) = view["seen"].find { |one| one["id"] == id }["ratio"]
end
