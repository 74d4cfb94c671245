# frozen_string_literal: true

require_relative "../server_test"

class SessionRoutesTest < ServerTest
  def test_sign_in_gives_a_session_and_sign_out_ends_it_for_good
    assert sign_in["signed_in"]
    me = ask(:get, "/api/me")

    assert_equal ["Ottoline Marsh", "owner", "Wick & Fennel", "2026-11-19"],
                 [me["account"]["name"], me["account"]["role"], me["studio"]["name"], me["today"]]
    cookie = rack_mock_session.cookie_jar["deck_bough"]
    ask(:post, "/api/logout", {})
    rack_mock_session.cookie_jar["deck_bough"] = cookie

    assert_match(/signed-out\z/, ask(:get, "/api/me", status: 401)["type"])
  end

  def test_the_cookie_is_out_of_reach_of_scripts_and_other_sites
    sign_in
    cookie = last_response.headers["set-cookie"].to_s

    assert_match(/httponly/i, cookie)
    assert_match(/samesite=strict/i, cookie)
  end

  def test_a_wrong_password_is_not_told_from_an_unknown_email
    demo
    wrong = ask(:post, "/api/login", { email: OWNER, password: "not-this-one" }, status: 401)
    unknown = ask(:post, "/api/login", { email: "nobody@wick-fennel.example", password: "not-this-one" }, status: 401)

    assert_equal wrong.except("request_id"), unknown.except("request_id")
    assert_equal "No account with this email and password.", wrong["detail"]
    assert_equal "application/problem+json", last_response.media_type
  end

  def test_repeated_failures_lock_the_account_and_time_opens_it
    demo
    Server::Accounts::Guesses::MOST.times { post_login("wrong-word-here") }

    assert_equal 403, post_login(Server::DemoStudio::PASSWORD)
    assert_includes JSON.parse(last_response.body)["detail"], "15 minutes"
    DATABASE[:sign_in_failures].update(closed_until: Sequel.lit("now() - interval '1 second'"))

    assert_equal 200, post_login(Server::DemoStudio::PASSWORD)
  end

  def post_login(password)
    custom_request("POST", "/api/login", JSON.generate(email: OWNER, password: password),
                   "CONTENT_TYPE" => "application/json")
    last_response.status
  end

  def test_too_many_tries_from_one_address_are_slowed_down
    demo
    # Of so many one minute or the next sees more than its fill.
    statuses = Array.new((2 * CONFIGURATION.sign_ins_per_minute) + 1) do |i|
      custom_request("POST", "/api/login",
                     JSON.generate(email: "guess#{i}@wick-fennel.example", password: "guess-guess-1"),
                     "CONTENT_TYPE" => "application/json")
      last_response.status
    end

    assert_equal [401, 429], statuses.uniq.sort
    assert_equal 401, statuses.first
  end

  def test_changing_the_password_ends_other_sessions
    sign_in
    with_session(:elsewhere) { sign_in }
    ask(:post, "/api/change-password", { password: Server::DemoStudio::PASSWORD, new_password: "copper-lantern-7" })
    ask(:get, "/api/me")
    with_session(:elsewhere) { ask(:get, "/api/me", status: 401) }
    with_session(:again) do
      ask(:post, "/api/login", { email: OWNER, password: Server::DemoStudio::PASSWORD }, status: 401)
      sign_in(OWNER, "copper-lantern-7")
    end
  end

  def test_a_weak_or_wrong_password_change_names_its_field
    sign_in
    short = ask(:post, "/api/change-password", { password: Server::DemoStudio::PASSWORD, new_password: "short" },
                status: 422)
    wrong = ask(:post, "/api/change-password", { password: "not-the-present", new_password: "copper-lantern-7" },
                status: 401)

    assert_equal ["/new_password"], pointers(short)
    assert_includes short["detail"], "10 characters"
    assert_equal ["/password"], pointers(wrong)
  end

  def test_an_empty_installation_is_founded_once
    empty_installation

    refute ask(:get, "/api/door")["founded"]
    founding = { studio: "Copper & Quince", name: "Ottoline Marsh", email: "o@copper.example",
                 password: "marrow-quay-2026", units: "imperial" }
    ask(:post, "/api/studios", founding, status: 201)

    assert ask(:get, "/api/door")["founded"]
    ask(:post, "/api/studios", founding, status: 409)
    ask(:post, "/api/login", { email: "O@copper.example", password: "marrow-quay-2026" })

    assert_equal "imperial", ask(:get, "/api/me")["studio"]["units"]
  end

  FOUNDING = { studio: "Copper & Quince", name: "Quill Farrow", email: "quill@copper.example",
               password: "marrow-quay-2026", units: "imperial" }.freeze

  def invited(**more) = Server::Store::Invitations.new(DATABASE).make(at: TODAY, **more)

  def found(status, **more) = ask(:post, "/api/studios", { **FOUNDING, **more }, status: status)

  def test_one_more_studio_is_founded_by_invitation_once
    demo
    word = invited
    door = ask(:get, "/api/door?invitation=#{word}")

    assert door["invited"]
    assert_equal 5, door["regions"].size
    bad = found(422, invitation: word, email: OWNER.upcase)

    assert_equal ["/email"], pointers(bad)
    found(201, invitation: word)
    ask(:post, "/api/login", FOUNDING.slice(:email, :password))

    assert_equal "Copper & Quince", ask(:get, "/api/me")["studio"]["name"]
    assert_empty homes
    assert_equal 409, found(409, invitation: invited)["status"]
    clear_cookies

    refute ask(:get, "/api/door?invitation=#{word}").key?("invited")
    assert_includes found(409, invitation: word, email: "other@copper.example")["detail"], "another"
  end

  def test_without_an_invitation_that_stands_an_installation_is_closed
    demo
    over = Server::Store::Invitations.new(DATABASE).make(at: TODAY - (2 * 86_400), days: 1)

    [{}, { invitation: "" }, { invitation: "x" * 32 }, { invitation: over }].each { |said| found(409, **said) }
    last_day = Server::Store::Invitations.new(DATABASE).make(at: TODAY - (2 * 86_400), days: 2)
    found(201, invitation: last_day)

    assert_empty DATABASE[:studio_invitations].where(word_digest: [over, last_day])
  end

  def test_a_region_brings_currency_mains_paper_and_tree_sizes_and_each_can_be_set_otherwise
    empty_installation
    offered = ask(:get, "/api/door")["regions"].find { |region| region["name"] == "north_america" }
    ask(:post, "/api/studios", { studio: "Copper & Quince", name: "Ottoline Marsh", email: "o@copper.example",
                                 password: "marrow-quay-2026", units: "imperial", region: "north_america" },
        status: 201)
    ask(:post, "/api/login", { email: "o@copper.example", password: "marrow-quay-2026" })
    studio = ask(:get, "/api/me")["studio"]
    brought = %w[currency mains_volts circuit_amps paper tree_sizes]

    assert_equal ["USD", 120, 15, "letter", "ft"], studio.values_at(*brought)
    assert_equal offered.slice(*brought), studio.slice(*brought)
    assert_equal({ "sign" => "$", "whole" => false }, studio["money"])
    changed = ask(:patch, "/api/studio", { version: studio["version"], circuit_amps: 20, paper: "a4",
                                           currency: "JPY" })["studio"]

    assert_equal ["JPY", 120, 20, "a4", "ft"], changed.values_at(*brought)
    assert_equal({ "sign" => "¥", "whole" => true }, changed["money"])
    ask(:patch, "/api/studio", { version: changed["version"], mains_volts: 12 }, status: 422)
    ask(:patch, "/api/studio", { version: changed["version"], currency: "euro" }, status: 422)
  end

  def test_sizes_offered_follow_how_trees_are_sold_not_the_units
    sign_in
    id = quay_tree["id"]
    sizes = -> { ask(:post, "/api/pieces/#{id}/plan", {})["best_size"]["sizes"].map { |size| size["height_m"] } }
    by_centimetres = sizes.call
    ask(:patch, "/api/studio", { version: 1, units: "imperial" })

    assert_equal by_centimetres, sizes.call
    ask(:patch, "/api/studio", { version: 2, tree_sizes: "ft" })

    assert_in_delta 20 * 0.3048, sizes.call.last
  end

  def test_the_door_tells_who_is_signed_in_and_strangers_nothing
    refute ask(:get, "/api/door").key?("me")
    sign_in

    assert_equal ask(:get, "/api/me"), ask(:get, "/api/door")["me"]
    ask(:post, "/api/logout", {})

    assert_equal({ "founded" => true }, ask(:get, "/api/door"))
  end

  def test_a_founding_tells_all_that_is_wrong_at_once
    empty_installation
    bad = ask(:post, "/api/studios", { studio: " ", name: "", email: "nowhere", password: "short", units: "metric" },
              status: 422)

    assert_equal %w[/studio /name /email /password], pointers(bad)
    refute ask(:get, "/api/door")["founded"]
  end

  def test_only_an_owner_changes_the_studio_and_not_behind_anyones_back
    sign_in
    changed = ask(:patch, "/api/studio", { version: 1, units: "imperial" })

    assert_equal ["imperial", 2], changed["studio"].values_at("units", "version")
    assert_equal "imperial",
                 ask(:patch, "/api/studio", { version: 1, units: "metric" }, status: 409)["current"]["units"]
    as(ASSISTANT) { ask(:patch, "/api/studio", { version: 2, units: "metric" }, status: 403) }
  end

  def test_the_studios_schools_decide_for_new_trees_and_the_order_of_work
    sign_in
    me = ask(:get, "/api/me")["studio"]
    ask(:patch, "/api/studio",
        { version: me["version"], topper_school: "last", picks_school: "before", light_school: "soft" })
    room = home_named("Tidewaiter's House")["rooms"].first
    piece = ask(:post, "/api/rooms/#{room['id']}/pieces",
                { name: "Second tree", settings: { measure: { height_m: 1.8 } } }, status: 201)

    assert_equal %w[last soft], [piece["settings"]["crown"]["topper"], piece["settings"]["lights"]["school"]]
    assert_equal %w[measure lights ribbon picks ornaments crown foot step_back],
                 ask(:post, "/api/pieces/#{piece['id']}/plan", {})["steps"]
    as(ASSISTANT) { ask(:patch, "/api/studio", { version: me["version"] + 1, picks_school: "after" }, status: 403) }
  end

  def test_the_studios_school_decides_when_lights_go_on_greens
    sign_in
    pieces = home_named("Tidewaiter's House")["rooms"].flat_map { |room| room["pieces"] }
    rail = pieces.find { |piece| piece["kind"] == "run" }["id"]
    order = lambda {
      ask(:post, "/api/pieces/#{rail}/plan", {})["steps"].select { |step| %w[lights rise_and_trail].include?(step) }
    }

    assert_equal %w[rise_and_trail lights], order.call
    ask(:patch, "/api/studio", { version: 1, greens_light_school: "before" })

    assert_equal %w[lights rise_and_trail], order.call
  end
end
