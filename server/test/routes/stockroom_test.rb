# frozen_string_literal: true

require_relative "../server_test"

# The stockroom: found as one types, counted by entries that add up, a wrong one reversed and never edited.
class StockroomTest < ServerTest
  def setup
    sign_in
    @velvet = DATABASE[:styles].where(name: "Plum velvet, 8 cm").get(:id)
  end

  def search(words = "", status: 200, **more)
    ask(:get, "/api/stock?#{Rack::Utils.build_query(q: words, **more)}", status: status)
  end

  def names(...) = search(...)["items"].map { |thing| thing["name"] }

  def enter(reason, quantity, note: "", key: SecureRandom.uuid, status: 201)
    ask(:post, "/api/styles/#{@velvet}/moves", { key: key, reason: reason, quantity: quantity, note: note },
        status: status)
  end

  def moves
    ask(:get, "/api/styles/#{@velvet}/moves")["items"]
  end

  def on_hand
    DATABASE[:stock_quantities].where(style_id: @velvet).get(:on_hand)
  end

  def sum
    DATABASE[:stock_moves].where(style_id: @velvet).sum(:quantity)
  end

  def test_words_are_found_anywhere_in_any_order
    assert_equal ["Plum velvet, 8 cm", "Plum velvet ribbon", "Plum velvet bows, tied", "Plum velvet cushions"],
                 names("velvet plum")
    assert_includes names("GLASS drop"), "Plum glass drop, 9 cm"
    assert_empty names("velvet quince")
    assert_equal names("velvet"), names("  velvet  ")
  end

  def test_signs_of_a_pattern_are_letters
    assert_empty names("%")
    assert_empty names("_")
    assert_empty names("\\")
    assert_empty search("x" * 200)["items"]
    search("x" * 201, status: 422)
  end

  def test_what_leads_comes_first_and_a_kind_can_be_picked
    kinds = search["items"].map { |thing| thing["kind"] }

    assert_equal %w[ornament ribbon pick garland stem wreath light fixing tree decor], kinds.uniq
    assert_equal ["ribbon"], search("", kind: "ribbon")["items"].map { |thing| thing["kind"] }.uniq
    search("", kind: "hammer", status: 422)
  end

  def test_what_is_retired_is_found_when_it_is_asked_for
    DATABASE[:styles].where(id: @velvet).update(retired: true)

    refute_includes names("velvet"), "Plum velvet, 8 cm"
    assert_includes names("velvet", retired: true), "Plum velvet, 8 cm"
  end

  def test_it_says_what_pieces_keep_and_which
    thing = search("Plum velvet, 8")["items"].first
    kept = ask(:get, "/api/styles/#{@velvet}/kept")["items"]

    assert_operator thing["kept"], :>, 0
    assert_equal(thing["pieces"], kept.count { |one| one["held"].positive? })
    assert_in_delta(thing["kept"], kept.sum { |one| one["held"] })
    assert_equal ["Tidewaiter's House", "2026-11-28"], kept.first.values_at("home", "visit_on")
  end

  def test_pages_hold_all_of_it_once
    studio = DATABASE[:studios].get(:id)
    DATABASE[:styles].multi_insert(Array.new(250) do |i|
      { studio_id: studio, kind: "ornament", name: format("Rowed %03d", i) }
    end)
    found = (1..3).flat_map { |page| search("Rowed", page: page)["items"].map { |thing| thing["name"] } }

    assert_equal 250, search("Rowed")["total"]
    assert_equal(Array.new(250) { |i| format("Rowed %03d", i) }, found)
  end

  def test_an_entry_moves_the_count_and_says_why_and_by_whom
    before = on_hand
    told = enter("broken", 2, note: "in packing")

    assert_in_delta before - 2, told["on_hand"]
    latest = moves.first

    assert_equal ["broken", -2, "in packing", before - 2, true],
                 latest.values_at("reason", "quantity", "note", "after", "reversible")
    refute_nil latest["by"]
    assert_in_delta before + 5, enter("found", 7)["on_hand"]
    assert_in_delta 9, enter("counted", 9)["on_hand"]
    assert_in_delta on_hand, sum
  end

  def test_one_key_counts_once
    key = SecureRandom.uuid
    first = enter("bought", 6, key: key)
    again = enter("bought", 6, key: key)

    assert_equal first, again
    assert_equal(1, moves.count { |move| move["reason"] == "bought" })
  end

  def test_a_key_that_is_none_is_refused
    told = enter("found", 1, key: "up", status: 422)

    assert_equal(["/key"], told["errors"].map { |error| error["pointer"] })
  end

  def test_no_more_goes_than_there_is
    told = enter("lost", on_hand + 1, status: 422)

    assert_equal(["/quantity"], told["errors"].map { |error| error["pointer"] })
    assert_match(/on hand/, told["errors"].first["message"])
    enter("lost", 0, status: 422)
    enter("lost", -3, status: 422)
    enter("melted", 3, status: 422)
    enter("bought", 1e308, status: 422)
    ask(:post, "/api/styles/no-id/moves", { key: SecureRandom.uuid, reason: "found", quantity: 1 }, status: 404)
  end

  def test_a_wrong_one_is_reversed_once_and_stays_to_be_read
    before = on_hand
    enter("broken", 2)
    wrong = moves.first["id"]
    2.times { ask(:post, "/api/moves/#{wrong}/reverse", {}, status: 201) }

    assert_in_delta before, on_hand
    assert_equal(%w[reversed broken], moves.first(2).map { |move| move["reason"] })
    assert moves[1]["reversed"]
    refute moves[1]["reversible"]
    refute moves.first["reversible"]
    ask(:post, "/api/moves/#{moves.first['id']}/reverse", {}, status: 422)

    assert_in_delta on_hand, sum
  end

  def test_what_is_gone_since_cannot_be_taken_back
    enter("bought", 50)
    wrong = moves.first["id"]
    enter("lost", on_hand)
    told = ask(:post, "/api/moves/#{wrong}/reverse", {}, status: 422)

    assert_equal "It is gone already", told["title"]
    assert_in_delta 0, on_hand
  end

  def test_ids_that_are_none_are_not_there
    ["9" * 30, "0", "-1", "one"].each { |id| ask(:post, "/api/moves/#{id}/reverse", {}, status: 404) }
    ask(:get, "/api/styles/none/kept", status: 404)
  end

  def test_what_was_broken_is_short_on_the_bench_at_once
    tree = DATABASE[:pieces].where(name: "Quay window tree").get(:id)
    have = lambda do
      ask(:post, "/api/pieces/#{tree}/plan", {})["ledger"].find { |line| line["style"] == @velvet }["have"]
    end
    before = have.call
    enter("broken", on_hand - 3)

    assert_equal 3, have.call
    refute_equal before, have.call
  end

  def describe(style, status: 200, **known)
    ask(:put, "/api/styles/#{style}/particulars",
        { version: DATABASE[:styles].where(id: style).get(:version), **known }, status: status)
  end

  def style(name) = DATABASE[:styles].where(name: name).get(:id)

  def test_a_box_and_its_shelf_are_found_by_the_same_words
    DATABASE[:stock_lots].where(style_id: @velvet).update(box_id: nil)
    box = ask(:post, "/api/boxes", { number: 41, place: "Loft left", name: "Plums" }, status: 201)
    ask(:post, "/api/boxes/carry", { key: SecureRandom.uuid, into: box["id"], things: [{ style: @velvet, from: nil }] })

    assert_equal ["Plum velvet, 8 cm"], names("box 41")
    assert_equal ["Plum velvet, 8 cm"], names("velvet loft plums 41")
    assert_empty names("quince loft left")
    assert_equal ["Plum velvet, 8 cm"], names("", box: box["id"])
    where = search("box 41")["items"].first["where"]

    assert_equal([[41, "Loft left", 24.0]], where.map { |lying| lying.values_at("number", "place", "quantity") })
  end

  def test_what_is_known_of_a_thing_is_kept_found_and_refused_by_field
    told = describe(@velvet, season: "winter", role: "base", finish: "crushed", bought_from: "Halyard Trimmings",
                             bought_on: "2023-11-18", seasons_expected: 6, keepsake_of: "Idony Farrow",
                             keepsake_year: 2019)

    assert_equal ["winter", "base", "crushed", "2023-11-18", 2019],
                 told.values_at("season", "role", "finish", "bought_on", "keepsake_year")
    assert_equal [4, 38, 2028, false], told.values_at("seasons_used", "cost_cents", "last_season", "due")
    assert_includes names("idony"), "Plum velvet, 8 cm"
    assert_includes names("halyard"), "Plum velvet, 8 cm"
    assert_equal ["Plum velvet, 8 cm"], names("velvet ornament", season: "winter")
    assert_equal ["Plum velvet, 8 cm"], names("velvet ornament", role: "base")
    assert_empty names("plum velvet", role: "change", kind: "ornament")
    { bought_on: "soon", decide_by: "2026-02-30", seasons_expected: 0, riser_height_m: 1,
      season: "spring" }.each do |name, value|
      refused = describe(@velvet, status: 422, name => value)

      assert_includes refused["errors"].map { |error| error["pointer"] }, "/#{name}", name
    end
    assert_equal "winter", ask(:get, "/api/styles/#{@velvet}")["season"]
    describe(@velvet, status: 422, tag: "may_go_back")
    describe(@velvet, status: 422, owner_home_id: SecureRandom.uuid)
    ask(:put, "/api/styles/#{@velvet}/particulars", { version: 1, season: "winter" }, status: 409)
  end

  def test_near_colours_come_nearest_first_and_others_not_at_all
    found = search("", near: "#6b2e4f")["items"]

    assert_equal "#6b2e4f", found.first["colour"]
    assert_equal(found.map { |thing| thing["apart"] }.sort, found.map { |thing| thing["apart"] })
    assert_operator found.last["apart"], :<=, 20
    refute_includes found.map { |thing| thing["name"] }, "Quince ball, 7 cm"
    assert_equal ["Plum velvet ribbon"], names("ribbon", near: "#6b2e4f").first(1)
    search("", near: "plum", status: 422)
  end

  def test_what_is_free_on_some_days_is_told_by_the_fullest_of_them
    ids = DATABASE[:piece_claims].where(style_id: @velvet)
    kept = search("Plum velvet, 8")["items"].first["kept"]

    assert_operator kept, :>, 0
    enter("counted", kept)

    assert_in_delta 0, search("Plum velvet, 8")["items"].first["free"]
    refute_includes names("plum velvet", from: "2026-12-10", to: "2026-12-20"), "Plum velvet, 8 cm"
    assert_includes names("plum velvet", from: "2027-03-01", to: "2027-03-08"), "Plum velvet, 8 cm"
    assert_in_delta kept, search("plum velvet, 8", from: "2027-03-01")["items"].first["free"]
    assert_predicate ids, :any?
    search("", from: "tomorrow", status: 422)
  end

  def test_a_clients_own_thing_is_free_in_that_clients_home_only
    tree = DATABASE[:pieces].where(name: "Quay window tree").get(:id)
    have = lambda do
      ask(:post, "/api/pieces/#{tree}/plan", {})["ledger"].find { |line| line["style"] == @velvet }["have"]
    end
    before = have.call
    loft, house = ["The Signal Loft", "Tidewaiter's House"].map { |name| DATABASE[:homes].where(name: name).get(:id) }
    describe(@velvet, owner_home_id: loft)

    assert_equal 0, have.call
    describe(@velvet, owner_home_id: house)

    assert_equal before, have.call
    assert_equal ["Plum velvet, 8 cm"], names("velvet", owner: house)
  end

  def test_what_was_lent_says_to_whom_until_it_is_back
    write = lambda do |reason, quantity, whom|
      ask(:post, "/api/styles/#{@velvet}/moves",
          { key: SecureRandom.uuid, reason: reason, quantity: quantity, whom: whom }, status: 201)
    end
    write.call("lent", 4, "Corin Aske")
    away = -> { search("plum velvet, 8")["items"].first["whom"].map { |one| one.values_at("whom", "quantity") } }

    assert_equal [["Corin Aske", 4.0]], away.call
    write.call("returned", 3, "Corin Aske")

    assert_equal [["Corin Aske", 1.0]], away.call
    write.call("returned", 1, "Corin Aske")

    assert_empty away.call
  end

  def test_nothing_leaves_the_house_before_every_question_was_answered
    lighthouse = style("Tin lighthouse, a keepsake")
    give = lambda do |asked, status|
      ask(:post, "/api/styles/#{lighthouse}/moves",
          { key: SecureRandom.uuid, reason: "given", quantity: 1, asked: asked }, status: status)
    end
    questions = ask(:get, "/api/styles/#{lighthouse}/sweep")["items"]

    assert_equal(["keepsake", "owner", "box 6"], questions.map { |one| one["id"] })
    assert_includes questions.first["asks"], "Idony Farrow, 2019"
    told = give.call(["keepsake"], 422)

    assert_equal "/asked", told["errors"].first["pointer"]
    assert_includes told["errors"].first["message"], "Idony Farrow's own"
    assert_in_delta 0, give.call(questions.map { |one| one["id"] }, 201)["on_hand"]
  end

  def test_keepsakes_are_told_by_person_with_the_years_that_are_missing
    told = ask(:get, "/api/stock/keepsakes")

    assert_equal 2026, told["season"]
    idony = told["items"].find { |one| one["of"] == "Idony Farrow" }

    assert_equal([2019, 2021, 2022], idony["things"].map { |thing| thing["year"] })
    assert_equal [2020, 2023, 2024, 2025, 2026], idony["missing"]
  end

  def test_what_a_deleted_piece_kept_is_free_again_wherever_it_is_told
    before = search("Plum velvet, 8")["items"].first
    DATABASE[:piece_claims].where(style_id: @velvet).select_map(:piece_id)
                           .each { |piece| ask(:delete, "/api/pieces/#{piece}") }
    after = search("Plum velvet, 8")["items"].first

    assert_operator before["free"], :<, on_hand
    assert_equal [0, 0, on_hand, []], after.values_at("kept", "wanted", "free", "keeps")
    assert_includes names("plum velvet", from: "2026-12-10", to: "2026-12-20"), "Plum velvet, 8 cm"
  end

  # Which days are full is kept, so it has to follow whatever moves a count, a date, or which pieces there are.
  def test_what_is_free_between_days_follows_counts_dates_and_what_comes_back
    without_visits
    pieces = DATABASE[:piece_claims].where(style_id: @velvet).where { held > 0 }.select_map(:piece_id)
    enter("counted", DATABASE[:piece_claims].where(style_id: @velvet).sum(:held))
    free = ->(from, to) { names("plum velvet, 8", from: from, to: to).any? }

    refute free.call("2026-12-10", "2026-12-20")
    enter("bought", 1)

    assert free.call("2026-12-10", "2026-12-20")
    enter("broken", 1)

    refute free.call("2026-12-10", "2026-12-20")
    pieces.each { |piece| ask(:delete, "/api/pieces/#{piece}") }

    assert free.call("2026-12-10", "2026-12-20")
    pieces.each { |piece| ask(:post, "/api/pieces/#{piece}/restore") }

    refute free.call("2026-12-10", "2026-12-20")
    move_homes_of(pieces, visit_on: "2027-02-01", strike_on: "2027-02-09")

    assert free.call("2026-12-10", "2026-12-20")
    refute free.call("2027-02-09", "2027-03-01")
    refute free.call("2026-12-10", "2027-02-01")
    assert free.call("2027-02-10", "2027-03-01")
  end

  def move_homes_of(pieces, days)
    DATABASE[:rooms].where(id: DATABASE[:pieces].where(id: pieces).select(:room_id)).distinct.select_map(:home_id)
                    .each do |id|
      home = ask(:get, "/api/homes/#{id}")
      ask(:put, "/api/homes/#{id}", { **home.slice("name", "version"), **days })
    end
  end

  # One after the other two pieces use the same things: the fullest day counts, not all days together.
  def test_days_that_do_not_meet_are_not_added_up
    rows = DATABASE[:piece_claims].where(style_id: @velvet)
    rows.delete
    pieces = { "Quay window tree" => "2026-11-28", "Alcove tree" => "2026-12-20" }.map do |name, visit|
      piece = DATABASE[:pieces].where(name: name).first
      home = DATABASE[:rooms].where(id: piece[:room_id]).get(:home_id)
      DATABASE[:homes].where(id: home).update(visit_on: visit, strike_on: Date.iso8601(visit) + 7)
      { studio_id: piece[:studio_id], piece_id: piece[:id], style_id: @velvet, wanted: 20, came: 1, free: 24, held: 20 }
    end
    pieces.each { |claim| DATABASE[:piece_claims].insert(claim) }

    free = ->(**days) { search("Plum velvet, 8", **days)["items"].first["free"] }

    assert_in_delta 4, free.call(from: "2026-11-20", to: "2027-01-31")
    assert_in_delta 4, free.call(from: "2026-12-05", to: "2026-12-05")
    assert_in_delta 24, free.call(from: "2026-12-06", to: "2026-12-19")
  end

  def test_a_box_is_told_once_however_many_rolls_lie_in_it
    ribbon = style("Plum velvet ribbon")

    assert_equal([[2, 21.0]], ask(:get, "/api/styles/#{ribbon}")["where"].map do |lying|
      lying.values_at("number", "quantity")
    end)
  end
end
