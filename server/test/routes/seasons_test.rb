# frozen_string_literal: true

require_relative "../server_test"

# A season is closed once, stays as it was and can be read; the next opens from it.
class SeasonsTest < ServerTest
  # What a plan consists of.
  PLAN = %i[homes rooms places pieces piece_variants visits hung_ornaments strip_choices anchors viewpoints].freeze

  def setup
    sign_in
  end

  def home = DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)

  def close(despite: true, status: 200) = ask(:post, "/api/season/close", { despite: despite }, status: status)

  def reopen = ask(:post, "/api/season/reopen")

  def open_next(status: 200) = ask(:post, "/api/season/open", status: status)

  def opening = ask(:get, "/api/season-opening")

  def now = ask(:get, "/api/me")["season"]

  # What the database refuses leaves the transaction of the test alone.
  def refused(verb, path, body = nil)
    told = nil
    DATABASE.transaction(savepoint: true, rollback: :always) { told = ask(verb, path, body, status: 409) }
    told["type"].split(":").last
  end

  def plan
    PLAN.to_h { |table| [table, DATABASE[table].order_by { Sequel.lit("1, 2, 3") }.all.map(&:to_s).sort] }
  end

  def tree = DATABASE[:pieces].where(name: "Quay window tree").first

  def draft(name) = opening["homes"].flat_map { |one| one["drafts"] }.find { |one| one["name"] == name }

  def decide(piece, choice, status: 200, **told)
    ask(:put, "/api/pieces/#{piece}/draft", { choice: choice, **told }, status: status)
  end

  def held(style_name)
    DATABASE[:piece_claims].join(:styles, id: :style_id).join(:pieces, id: Sequel[:piece_claims][:piece_id])
                           .where(Sequel[:styles][:name] => style_name, deleted_at: nil).sum(:held).to_f
  end

  def test_what_is_still_out_is_told_before_it_is_closed
    told = close(despite: false, status: 409)

    assert_equal "still-open", told["type"].split(":").last
    assert_equal(["Number Nine, Ropewalk", "The Signal Loft", "Tidewaiter's House"],
                 told["open"]["standing"].map { |one| one["name"] }.sort)
    assert_nil now["closed_on"]
  end

  def test_it_is_closed_once_whoever_presses_again
    first = close

    assert_equal [2026, "2026-11-19", "Ottoline Marsh"], first.values_at("season", "closed_on", "closed_by")
    rows = DATABASE[:seasons].all
    DATABASE[:styles].update(price_cents: 1)

    assert_equal first, close
    assert_equal rows.map(&:to_s), DATABASE[:seasons].map(&:to_s)
    assert_equal first, now
  end

  def test_only_an_owner_closes_opens_and_reopens
    sign_in(ASSISTANT)
    close(status: 403)
    ask(:post, "/api/season/reopen", status: 403)
    open_next(status: 403)
  end

  def test_closed_nothing_of_its_plans_changes_and_all_of_it_is_read
    close
    before = plan
    told = home_named("Tidewaiter's House")
    visit = DATABASE[:visits].where(home_id: home).get(:id)
    room = told["rooms"].first["id"]

    refusals = [
      refused(:post, "/api/homes", { name: "The Pilot's Rest", client: nil, client_budget_cents: nil }.slice(:name)),
      refused(:delete, "/api/homes/#{home}"), refused(:delete, "/api/rooms/#{room}"),
      refused(:delete, "/api/pieces/#{tree[:id]}"),
      refused(:put, "/api/pieces/#{tree[:id]}/optional", { optional: true }),
      refused(:delete, "/api/visits/#{visit}"),
      refused(:post, "/api/visits/#{visit}/acts", { acts: [{ key: SecureRandom.uuid, kind: "note", says: "x",
                                                             at: "2026-11-28T10:00:00+01:00" }] })
    ]

    assert_equal ["season-closed"], refusals.uniq
    # Spring comes after it.
    ask(:put, "/api/homes/#{home}/spring", { on: "2027-03-06" }, status: 204)
    DATABASE[:homes].update(spring_on: nil)

    assert_equal before, plan
    # Minutes are still read off, and plans still reckoned.
    ask(:get, "/api/lessons")
    ask(:get, "/api/season")

    assert_equal before, plan
  end

  def test_reopened_it_is_as_it_was_closed
    before = plan
    close
    reopen

    assert_nil now["closed_on"]
    assert_equal before, plan
    assert_empty DATABASE[:season_homes].all
    ask(:delete, "/api/pieces/#{tree[:id]}", status: 200)
  end

  def test_what_it_came_to_stays_what_it_was
    ask(:put, "/api/house-rules/minutes.take_down", { value: 0.5, was: 0.4 })
    told = ask(:get, "/api/season-summary")
    close
    DATABASE[:styles].update(price_cents: 1)
    kept = ask(:get, "/api/seasons/2026")

    assert_equal told, kept["summary"]
    assert_equal told, ask(:get, "/api/season-summary")
    assert_equal([["minutes.take_down", 0.5, 0.4]],
                 kept["house_rules"].map { |rule| rule.values_at("key", "value", "book") })
    get "/api/season-summary.pdf?season=2026"

    assert last_response.body.start_with?("%PDF")
    ask(:get, "/api/seasons/2025", status: 404)
    ask(:get, "/api/seasons/never", status: 404)
  end

  def test_each_piece_is_kept_as_it_stood
    close
    listed = ask(:get, "/api/seasons/2026")["homes"].find { |one| one["name"] == "Tidewaiter's House" }
    kept = ask(:get, "/api/seasons/2026/homes/#{listed['id']}")

    assert_equal(listed["pieces"], kept["rooms"].sum { |room| room["pieces"].size })
    ask(:get, "/api/seasons/2026/homes/#{SecureRandom.uuid}", status: 404)
    ask(:get, "/api/seasons/2025/homes/#{listed['id']}", status: 404)
    piece = kept["rooms"].flat_map { |room| room["pieces"] }.find { |one| one["id"] == tree[:id] }
    glass = piece["things"].find { |thing| thing["label"] == "Slate glass, 10 cm" }

    assert_equal "Quay window", piece["place"]
    assert_equal 12, glass["need"]
    assert_equal JSON.parse(JSON.generate(tree[:settings])), piece["settings"]
    assert_equal([2026], ask(:get, "/api/seasons")["items"].map { |one| one["season"] })
  end

  def test_the_next_opens_from_one_that_is_closed_once
    assert_equal "not-closed", open_next(status: 409)["type"].split(":").last
    close

    assert_equal [2027, nil], open_next.values_at("season", "closed_on")
    assert_equal "not-closed", open_next(status: 409)["type"].split(":").last
    assert_equal 2027, now["season"]
    assert_equal 2027, ask(:get, "/api/season-summary")["season"]
    # What is over cannot be reopened any more.
    reopen

    assert_equal 2027, now["season"]
    assert_equal "2026-11-19", ask(:get, "/api/seasons/2026")["closed_on"]
  end

  def test_homes_rooms_anchors_and_viewpoints_are_carried_over_and_pieces_wait_to_be_decided_on
    kept = %i[rooms places anchors viewpoints]
    before = kept.to_h { |table| [table, DATABASE[table].count] }
    visit_on = DATABASE[:homes].where(id: home).get(:visit_on)
    close
    open_next

    assert_equal(before, kept.to_h { |table| [table, DATABASE[table].count] })
    assert_equal visit_on + 364, DATABASE[:homes].where(id: home).get(:visit_on)
    told = home_named("Tidewaiter's House")

    assert_empty(told["rooms"].flat_map { |room| room["pieces"] })
    assert_in_delta 0, held("Slate glass, 10 cm")
    assert_empty(ask(:get, "/api/deleted")["items"].select { |one| one["kind"] == "piece" })
    assert_equal "Long room", told["rooms"].find { |room| room["id"] == draft("Quay window tree")["room_id"] }["name"]
    assert_equal([[2026, "Long room", "Quay window"]],
                 draft("Quay window tree")["stood"].map { |one| one.values_at("season", "room", "place") })
  end

  def test_what_is_kept_is_planned_again_and_what_was_done_is_to_be_done
    hung = { style: tree[:settings]["ornaments"]["styles"].first, number: 1, height_m: 1.0, angle_deg: 0 }
    DATABASE[:hung_ornaments].insert(studio_id: tree[:studio_id], piece_id: tree[:id], style_id: hung[:style],
                                     account_id: DATABASE[:accounts].get(:id), **hung.except(:style))
    held = held("Slate glass, 10 cm")
    close
    open_next
    decide(tree[:id], "keep")
    told = home_named("Tidewaiter's House")["rooms"].flat_map { |room| room["pieces"] }

    assert_equal(["Quay window tree"], told.map { |piece| piece["name"] })
    assert_nil draft("Quay window tree")
    assert_operator held("Slate glass, 10 cm"), :>, 0
    assert_operator held("Slate glass, 10 cm"), :<=, held
    assert_empty ask(:get, "/api/pieces/#{tree[:id]}/hung")["items"]
  end

  def test_it_is_kept_in_another_place_and_without_some_of_its_things
    close
    open_next
    piece = draft("Quay window tree")
    rooms = opening["homes"].find { |one| one["name"] == "Tidewaiter's House" }["rooms"]
    other = rooms.find { |room| room["id"] != piece["room_id"] && room["places"].any? }
    glass = piece["things"].find { |thing| thing["name"] == "Slate glass, 10 cm" }
    decide(tree[:id], "keep", room_id: other["id"], place_id: other["places"].first["id"], without: [glass["style"]])
    row = tree

    assert_equal [other["id"], other["places"].first["id"]], row.values_at(:room_id, :place_id)
    refute_includes row[:settings]["ornaments"]["styles"], glass["style"]
    assert_equal 8, row[:settings]["ornaments"]["styles"].size
    ask(:post, "/api/pieces/#{tree[:id]}/undo", { version: tree[:version] })

    assert_equal 9, tree[:settings]["ornaments"]["styles"].size
  end

  def test_what_cannot_be_is_refused_by_field_and_it_is_still_to_be_decided_on
    close
    open_next
    strange = ask(:get, "/api/homes")["items"].find { |one| one["name"] == "The Signal Loft" }["id"]
    other = DATABASE[:rooms].where(home_id: strange).get(:id)

    assert_equal ["/room_id"], pointers(decide(tree[:id], "keep", status: 422, room_id: other))
    assert_equal ["/place_id"],
                 pointers(decide(tree[:id], "keep", status: 422, room_id: tree[:room_id], place_id: "x"))
    decide(SecureRandom.uuid, "keep", status: 404)

    assert draft("Quay window tree")
  end

  def test_what_is_let_go_is_found_with_what_was_deleted_and_can_be_decided_on_again
    close
    open_next
    decide(tree[:id], "drop")

    assert_nil draft("Quay window tree")
    assert_includes ask(:get, "/api/deleted")["items"].map { |one| one["name"] }, "Quay window tree"
    decide(tree[:id], "drop", status: 404)
    decide(tree[:id], "put_back")

    assert draft("Quay window tree")
    decide(tree[:id], "keep")
    decide(tree[:id], "put_back")

    assert draft("Quay window tree")
    assert_in_delta 0, held("Slate glass, 10 cm")
  end

  def test_what_was_never_of_last_season_is_not_put_back
    close
    open_next
    decide(tree[:id], "keep")
    DATABASE[:season_homes].delete

    decide(tree[:id], "put_back", status: 404)
  end

  def test_visits_of_a_season_that_is_over_move_no_home_and_what_was_said_in_them_is_done_with
    visit = DATABASE[:visits].where(held_on: "2026-11-30", home_id: home).get(:id)
    step = ask(:get, "/api/visits/#{visit}/run-sheet")["steps"].find { |one| one["key"] == "foot" }
    ask(:post, "/api/visits/#{visit}/acts", { acts: [{ key: SecureRandom.uuid, kind: "up", step: step["id"],
                                                       turn: step["turns"].first["key"],
                                                       at: "2026-11-30T15:20:00+01:00" }] })
    close
    open_next

    assert_empty ask(:get, "/api/visits/#{visit}/acts")["acts"]
    ask(:post, "/api/visits", { home: home, held_on: "2027-11-27", from_min: 540, to_min: 1000, lunch_from_min: nil,
                                lunch_min: 0, workers: [] }, status: 201)

    assert_equal Date.new(2027, 11, 27), DATABASE[:homes].where(id: home).get(:visit_on)
  end

  def test_what_comes_next_is_told
    close
    open_next
    told = opening

    assert_equal 2027, told["season"]
    assert_equal(%w[buy make move retire], told["ideas"].keys.sort)
    assert(told["keepsakes"].all? { |one| one["missing"].include?(2027) })
    refute_empty told["keepsakes"]
    DATABASE[:styles].where(kind: "tree").update(dead_percent: 90)

    refute_empty opening["replace"]
  end

  def test_one_studio_closes_nothing_of_another
    other = DATABASE[:studios].returning(:id).insert(name: "Elsewhere", units: "metric", **region).first[:id]
    close
    DATABASE[:homes].insert(studio_id: other, name: "Not theirs")

    assert_equal 1, DATABASE[:homes].where(studio_id: other).count
  end

  def region = DATABASE[:studios].select(:currency, :mains_volts, :circuit_amps, :paper, :tree_sizes).first
end
