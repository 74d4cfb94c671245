# frozen_string_literal: true

require_relative "../server_test"
require_relative "../sent_picture"

# What a client is shown of a home: kept, sent as it is, answered, asked again, withdrawn.
class ProposalsTest < ServerTest
  HOME = "Number Nine, Ropewalk"

  def setup
    sign_in
    @home = DATABASE[:homes].where(name: HOME).get(:id)
    @mantel = DATABASE[:pieces].where(name: "Mantel greens").get(:id)
    @level = DATABASE[:piece_variants].where(name: "Level and quiet").get(:id)
    # What the demo was sent begins anew here.
    DATABASE[:proposals].where(home_id: @home).delete
  end

  def at(rest = "") = "/api/homes/#{@home}/proposal#{rest}"

  def told
    20.times do
      @told = ask(:get, at)
      break unless @told["pending"]
    end
    @told
  end

  def keep(changes = {}, version: told["version"], status: 200)
    ask(:put, at, { version: version, terms: told["terms"].merge(changes) }, status: status)
  end

  def sent(key: SecureRandom.uuid, ends_on: "2026-12-20", pictures: {}, status: 200)
    told
    ask(:post, at("/send"), { key: key, ends_on: ends_on, pictures: pictures }, status: status)
  end

  def picture(proposal)
    custom_request("POST", "/api/photographs", SentPicture.plain(40, 30),
                   { "CONTENT_TYPE" => "application/octet-stream",
                     "QUERY_STRING" => "of=proposal&id=#{proposal}&key=#{SecureRandom.uuid}" })
    JSON.parse(last_response.body)["id"]
  end

  def test_nothing_is_sent_at_first_and_everything_is_told
    first = told

    assert_equal ["not_sent", 0, nil, []], first.values_at("state", "version", "link", "editions")
    assert_equal(["Front room", "Kitchen", "Dining room"], first["now"]["rooms"].map { |room| room["name"] })
    assert_includes first["now"]["when"], "We come on Wednesday 2 December"
    assert_includes first["now"]["safe"].join, "Nothing of conifer"
  end

  def test_its_figures_are_those_of_buying_and_of_the_seasons_end
    price = told["now"]["price"]["lines"].to_h { |line| [line["says"], line["amount"]] }
    budget = ask(:get, "/api/homes/#{@home}/budget")
    charge = budget["charge"]
    asked = ask(:get, "/api/prices")
    down = ask(:get, "/api/homes/#{@home}/season-end")["minutes"].round

    assert_equal Money.print(charge["materials_cents"] + charge["mark_up_cents"], "EUR"),
                 price["Bought for you, stays with you"]
    assert_equal Money.print(Rational(budget["minutes"].round * asked["hourly_cents"], 60).round, "EUR"),
                 price["Dressing"]
    assert_equal Money.print(Rational(down * asked["hourly_cents"], 60).round, "EUR"), price["Taking down and packing"]
  end

  def test_what_is_theirs_does_not_come_from_the_store
    claimed = DATABASE[:piece_claims].where(piece_id: @mantel).get(:style_id)
    DATABASE[:styles].where(id: claimed).update(owner_home_id: @home, price_cents: 90_00, version: 77)
    now = told["now"]
    yours = now["yours"][/€([\d.]+)/, 1].delete(".").to_i
    stock = ask(:get, "/api/homes/#{@home}/budget")["stock_cents"]
    share = ask(:get, "/api/prices")["store_percent"]

    assert_operator yours, :>, 0
    assert_equal Money.print(Rational((stock - yours) * share.to_i, 100).round, "EUR"),
                 now["price"]["lines"].find { |line| line["says"].start_with?("From our store") }["amount"]
  end

  def test_words_are_kept_with_their_version
    kept = keep({ "greeting" => "Good evening", "open_points" => ["the candles for the sill"],
                  "deposit_percent" => 30 })

    assert_equal ["Good evening", 30.0], kept["terms"].values_at("greeting", "deposit_percent")
    assert_includes kept["now"]["open_points"], "the candles for the sill"
    clash = keep({ "greeting" => "Late" }, version: 0, status: 409)

    assert_equal "Good evening", clash["current"]["terms"]["greeting"]
    assert_equal "Good evening", told["terms"]["greeting"]
  end

  # What the client reads of the second round says which piece, not why.
  def test_what_waits_for_a_second_round_is_open_until_it_is_done
    visit = DATABASE[:visits].where(home_id: @home, purpose: "dress").order(:held_on).get(:id)
    step = ask(:get, "/api/visits/#{visit}/run-sheet")["steps"].find { |one| one["id"].start_with?(@mantel) }["id"]
    wait = { key: SecureRandom.uuid, kind: "wait_for", step: step, says: "Bram is late again",
             at: "2026-12-02T10:00:00+01:00" }
    ask(:post, "/api/visits/#{visit}/acts", { acts: [wait] })
    name = DATABASE[:pieces].where(id: @mantel).get(:name)

    assert_includes told["now"]["open_points"], "#{name}: finished in a second round."
    refute_includes told["now"].to_s, "late again"
    carry_on = { **wait.except(:says), key: SecureRandom.uuid, kind: "carry_on", at: "2026-12-02T11:00:00+01:00" }
    ask(:post, "/api/visits/#{visit}/acts", { acts: [carry_on] })

    refute_includes told["now"]["open_points"], "#{name}: finished in a second round."
  end

  def test_what_is_open_now_is_told_as_a_difference
    sent
    keep({ "open_points" => ["the candles for the sill"] }, version: told["version"])

    assert_includes told["changes"].map { |one| one["says"] }, "Open now: the candles for the sill"
  end

  def test_dressing_costs_what_the_budget_says_of_its_minutes
    line = told["now"]["price"]["lines"].find { |one| one["says"].start_with?("Dressing") }
    charge = ask(:get, "/api/homes/#{@home}/budget")["charge"]

    assert_equal Money.print(charge["labour_cents"], "EUR"), line["amount"]
  end

  def test_what_cannot_be_kept_is_told
    bad = keep({ "discount_percent" => 101 }, status: 422)

    assert_equal(["/terms/discount_percent"], bad["errors"].map { |error| error["pointer"] })
    keep({ "versions" => { @mantel => [SecureRandom.uuid] } }, status: 422)
    other = DATABASE[:pieces].exclude(id: @mantel).get(:id)
    keep({ "versions" => { other => [@level] } }, status: 422)

    assert_equal 0, told["version"]
  end

  def test_it_is_sent_once_however_often_it_is_pressed
    key = SecureRandom.uuid
    first = sent(key: key)
    again = sent(key: key)

    assert_match(%r{\Ahttp://[^/]+/proposals/[\w-]{32}\z}, first["link"])
    assert_equal [first["link"], 1], [again["link"], again["editions"].size]
    assert_equal "sent", again["state"]
    assert_equal 2, sent["editions"].size
    assert_equal first["link"], told["link"]
  end

  def test_a_link_ends_on_a_day_that_is_still_to_come
    %w[2026-11-18 2028-01-01 soon 2026-02-30].each { |day| sent(ends_on: day, status: 422) }

    assert_empty told["editions"]
    sent(ends_on: "2026-11-19")
  end

  def test_only_pictures_of_its_own_are_sent_and_the_rest_is_put_away
    id = keep["id"]
    used, left = Array.new(2) { picture(id) }
    foreign = DATABASE[:photographs].returning(:id).insert(
      studio_id: demo, style_id: DATABASE[:styles].get(:id), key: SecureRandom.uuid, file: Sequel.pg_jsonb({}),
      position: 1
    ).first[:id]
    sent(pictures: { "piece:#{@mantel}" => foreign }, status: 422)
    sent(pictures: { "piece:#{@mantel}" => used, "piece:#{SecureRandom.uuid}" => left, "stock" => left })
    edition = DATABASE[:proposal_editions].where(proposal_id: id).first

    assert_equal({ "piece:#{@mantel}" => used }, edition[:pictures].to_h)
    assert_nil DATABASE[:photographs].where(id: used).get(:deleted_at)
    refute_nil DATABASE[:photographs].where(id: left).get(:deleted_at)
  end

  def test_what_changes_after_it_was_sent_is_told_and_the_client_sees_it_as_it_was
    without_visits
    sent
    DATABASE[:pieces].where(id: @mantel).update(name: "Mantel, greener")
    ask(:put, "/api/homes/#{@home}", { version: 1, name: HOME, client: "Perpetua Vole", visit_on: "2026-12-03",
                                       strike_on: "2027-01-07" }.merge(home_version))
    changed = told

    assert_equal "changed", changed["state"]
    says = changed["changes"].map { |one| one["says"] }

    assert_includes says, "Mantel greens is called Mantel, greener now."
    assert_includes says, "We come: Thursday 3 December, before it was Wednesday 2 December."
    get URI(changed["link"]).path

    assert_includes last_response.body, "Mantel greens"
    refute_includes last_response.body, "greener"
    desk = ask(:get, "/api/season")["items"].find { |card| card["id"] == @home }

    assert_equal "changed", desk["proposal"]["state"]
  end

  def home_version = { version: DATABASE[:homes].where(id: @home).get(:version) }

  def test_a_version_is_counted_against_the_piece_as_it_is
    kept = keep({ "versions" => { @mantel => [@level] } })
    piece = kept["now"]["rooms"].flat_map { |room| room["pieces"] }.find { |one| one["id"] == @mantel }

    assert_equal(["Level and quiet"], piece["versions"].map { |one| one["name"] })
    sent
    document = DATABASE[:proposal_editions].order(:sent_at).last[:document]
    more = document["rooms"].flat_map { |room| room["pieces"] }.find { |one| one["id"] == @mantel }["versions"]
                            .first["more"]
    read = ask(:get, "/api/pieces/#{@mantel}")
    variant = ask(:get, "/api/pieces/#{@mantel}/variants")["items"].find { |one| one["id"] == @level }
    as_it_is, level = [read["settings"], variant["settings"]].map do |settings|
      ask(:post, "/api/pieces/#{@mantel}/plan", { settings: settings })
    end

    assert_equal level["totals"]["stock_cents"] - as_it_is["totals"]["stock_cents"], more["stock_cents"]
    assert_in_delta level["figures"]["minutes"]["value"] - as_it_is["figures"]["minutes"]["value"], more["minutes"], 0.2
  end

  def test_it_is_withdrawn_and_begun_anew_under_another_link
    link = sent["link"]
    ask(:delete, at, status: 204)
    gone = told

    assert_equal ["withdrawn", nil, 0, 1], [gone["state"], gone["link"], gone["version"], gone["editions"].size]
    get URI(link).path

    assert_equal 404, last_response.status
    ask(:delete, at, status: 404)

    refute_equal link, sent["link"]
    assert_equal "sent", told["state"]
  end

  def test_the_next_season_begins_without_what_was_shown_in_the_last
    link = sent["link"]
    ask(:post, "/api/season/close", { despite: true })
    ask(:post, "/api/season/open")
    get URI(link).path

    assert_equal 404, last_response.status
    assert_equal ["not_sent", []], ask(:get, at).values_at("state", "editions")
    assert_nil ask(:get, "/api/season")["items"].find { |card| card["id"] == @home }["proposal"]
    assert_equal 1, DATABASE[:proposal_editions].where(studio_id: demo).count
  end

  def test_nothing_is_sent_of_a_home_without_pieces
    home = ask(:post, "/api/homes", { name: "Empty house" }, status: 201)["id"]
    ask(:post, "/api/homes/#{home}/proposal/send", { key: SecureRandom.uuid, ends_on: "2026-12-20", pictures: {} },
        status: 422)

    assert_equal "not_sent", ask(:get, "/api/homes/#{home}/proposal")["state"]
    ask(:get, "/api/homes/#{home}/proposal.pdf", status: 404)
  end

  def test_it_is_looked_at_before_and_printed_after
    get at("/preview")

    assert_equal 200, last_response.status
    assert_includes last_response.body, "As Perpetua Vole would see it"
    refute_includes last_response.body, "action=\"/proposals//say\""
    sent
    get at(".pdf")

    assert_equal "%PDF", last_response.body[0, 4]
  end

  # The sheet writes down what it shows in the letters of its fonts; its words are looked at before that.
  def test_its_sheet_has_every_line_with_its_amount
    sent
    edition = Server::Store::Proposals.new(DATABASE, demo).then { |all| all.editions(all.standing(@home)[:id]).first }
    written = []
    sheet = Server::Exchange::ProposalPdf.of(edition, photographs: nil)
    sheet.instance_variable_get(:@page).define_singleton_method(:draw_text!) do |text, options|
      written << text
      super(text, options)
    end
    sheet.render

    told["now"]["price"]["lines"].each { |line| assert_includes written, line["amount"] }

    assert_includes written, told["now"]["price"]["total"]
  end

  def test_another_studio_reaches_none_of_it
    sent
    stranger
    clear_cookies
    ask(:post, "/api/login", { email: "else@elsewhere.example", password: "another-word-1" })
    ask(:get, at, status: 404)
    ask(:put, at, { version: 0, terms: { greeting: "", open_points: [], with_prices: true, discount_percent: 0,
                                         deposit_percent: 0, versions: {} } }, status: 404)
    ask(:delete, at, status: 404)
  end
end
