# frozen_string_literal: true

require_relative "../server_test"

# What lacks over the season, gathered over pieces, priced at suppliers, ordered and received.
class BuyingRoutesTest < ServerTest
  def setup
    sign_in
    DATABASE[:purchases].delete
    DATABASE[:suppliers].update(deleted_at: Time.now)
  end

  def desk(question = "")
    ask(:get, "/api/buying#{question}")
  end

  def line(name)
    desk["items"].find { |one| one["name"] == name }
  end

  def supplier(name = "Ropewalk Stores", **more)
    ask(:post, "/api/suppliers", { name: name, **more }, status: 201)
  end

  def offer(supplier, style, pack_size, cents, **more)
    ask(:put, "/api/suppliers/#{supplier['id']}/offers",
        { style: style["id"], pack_size: pack_size, price_cents: cents, **more }, status: 204)
  end

  def order(*lines, key: SecureRandom.uuid, status: 201, **more)
    ask(:post, "/api/purchases", { key: key, lines: lines, **more }, status: status)
  end

  def taken(style, packs, **more)
    { style: style["id"], pack_size: style["pack_size"], packs: packs, price_cents: style["price_cents"], **more }
  end

  def happen(purchase, kind, packs, key: SecureRandom.uuid, status: 201, line: 0)
    ask(:post, "/api/purchases/#{purchase['id']}/events",
        { key: key, events: [{ line: purchase["lines"][line]["id"], kind: kind, packs: packs }] }, status: status)
  end

  def on_hand(style)
    ask(:get, "/api/styles/#{style['id']}")["on_hand"]
  end

  def shortages
    homes.flat_map { |home| ask(:get, "/api/homes/#{home['id']}/shortages")["items"] }
  end

  # The bench of each piece, line by line, against the gathered list.
  def test_the_list_is_the_sum_of_its_pieces
    styles = ask(:get, "/api/styles")["items"].to_h { |style| [style["name"], style] }
    by_label = shortages.select { |one| styles.key?(one["label"]) }.group_by { |one| one["label"] }
                        .transform_values { |found| found.sum { |one| one["short"] } }
    gathered = desk["items"]

    refute_empty gathered
    assert_equal by_label.keys.sort, gathered.map { |one| one["name"] }.sort
    gathered.each do |one|
      assert_in_delta by_label.fetch(one["name"]), one["lacking"], 1e-6, one["name"]
      assert_in_delta one["lacking"], one["homes"].sum { |home| home["quantity"] }, 1e-6
      assert_operator one["to_buy"], :<=, one["lacking"] + 1e-6
    end
  end

  def test_a_line_counts_packs_money_and_days
    one = desk["items"].find { |found| found["price_cents"] }
    packs = (one["to_buy"] / one["pack_size"]).ceil

    assert_equal [{ "size" => one["pack_size"], "price_cents" => one["price_cents"], "count" => packs }],
                 one["quote"]["packs"]
    assert_equal packs * one["price_cents"], one["quote"]["cents"]
    assert_in_delta (packs * one["pack_size"]) - one["to_buy"], one["quote"]["over"], 1e-6
    assert_equal (Date.iso8601(one["wanted_on"]) - 2).iso8601, one["quote"]["order_by_on"]
    assert_equal desk["items"].sum { |found| found["quote"]["cents"].to_i }, desk["totals"]["cents"]
  end

  def test_it_is_narrowed_to_a_home_a_room_and_a_piece
    want = ask(:get, "/api/buying/styles/#{desk['items'].first['id']}")["wants"].first
    home = homes.find { |found| found["name"] == want["home"] }
    here = desk("?home=#{home['id']}")["items"]
    piece = desk("?piece=#{want['piece']}")["items"]

    assert_operator here.size, :<, desk["total"]
    assert(here.all? { |one| one["lacking"] <= one["homes"].sum { |other| other["quantity"] } + 1e-6 })
    assert_operator piece.size, :<=, here.size
    assert_includes piece.map { |one| one["id"] }, desk["items"].first["id"]
    assert_empty desk("?room=#{SecureRandom.uuid}")["items"]
    ask(:get, "/api/buying?home=nobody", status: 404)
  end

  def test_the_cheapest_who_has_enough_in_time_is_taken
    one = desk["items"].find { |item| item["to_buy"] > 1 }
    cheap, late, dear = %w[Cheap Late Dear].map { |name| supplier(name, lead_days: name == "Late" ? 90 : 1) }
    offer(cheap, one, 1, 1, available: 1)
    offer(late, one, 1, 2)
    offer(dear, one, 1, 900)

    assert_equal dear["id"], line(one["name"])["quote"]["supplier"]
    assert_equal 3, line(one["name"])["quotes_count"]
    told = ask(:put, "/api/buying/styles/#{one['id']}/supplier", { supplier: late["id"] })

    assert_equal [late["id"], true], told["quote"].values_at("supplier", "late")
    assert_equal(%w[Dear Late Cheap], told["quotes"].map { |quote| quote["name"] })
    ask(:put, "/api/buying/styles/#{one['id']}/supplier", { supplier: nil })

    assert_equal dear["id"], line(one["name"])["quote"]["supplier"]
  end

  def test_what_is_sold_no_longer_is_taken_away_by_its_size_or_whole
    one = desk["items"].first
    shop = supplier("Gone")
    [1, 2.5, 6].each { |size| offer(shop, one, size, 100) }
    gone = "/api/suppliers/#{shop['id']}/offers/gone"
    ask(:post, gone, { style: one["id"], pack_size: 2.5 }, status: 204)

    assert_equal [1, 6], DATABASE[:offers].where(supplier_id: shop["id"]).select_order_map(:pack_size)
    ask(:post, gone, { style: one["id"], pack_size: 2.5 }, status: 404)
    ask(:post, gone, { style: one["id"] }, status: 204)

    assert_empty DATABASE[:offers].where(supplier_id: shop["id"])
  end

  def test_nobody_buys_where_it_is_not_from_here
    one = desk["items"].first
    far = supplier("Far", not_from_here: true)
    offer(far, one, 1, 1)

    assert_nil line(one["name"])["quote"]["supplier"]
    told = ask(:put, "/api/buying/styles/#{one['id']}/supplier", { supplier: far["id"] }, status: 422)

    assert_match(/not from here/, told["errors"].first["message"])
  end

  # What was gathered is kept only as long as nothing it was reckoned from changed.
  def test_the_list_is_never_an_old_one
    without_visits
    one = desk["items"].find { |found| found["wanted_on"] && found["price_cents"] }
    shop = supplier("Fresh", lead_days: 2)
    bought = nil
    home = homes.find { |found| found["id"] == one["homes"].first["id"] }
    { offered: -> { offer(shop, one, 2, 150) }, dearer: -> { offer(shop, one, 2, 160) },
      closed: lambda {
        ask(:put, "/api/suppliers/#{shop['id']}", { version: 1, name: "Fresh", closed_weekdays: [1, 2, 3] })
      },
      coupon: lambda {
        ask(:put, "/api/suppliers/#{shop['id']}", { version: 2, name: "Fresh", coupons: [{ percent: 5 }] })
      },
      chosen: -> { ask(:put, "/api/buying/styles/#{one['id']}/supplier", { supplier: shop["id"] }) },
      renamed: -> { rename(one) }, ordered: -> { bought = order({ style: one["id"], pack_size: 2, packs: 1 }) },
      later: -> { ask(:put, "/api/purchases/#{bought['id']}", { version: 1, expected_on: "2026-12-24" }) },
      came: -> { happen(bought, "arrived", 1) }, moved: -> { move(home, "2026-12-20") },
      ruled: -> { ask(:put, "/api/house-rules/buying.slack_days", { was: 2, value: 9 }) } }.each do |name, act|
      before = desk
      act.call

      refute_equal before, desk, name
      assert_equal fresh, desk, name
    end
  end

  def fresh
    studio = Server::Store::Studios.new(DATABASE).find(demo)
    JSON.parse(JSON.generate(Server::Buying.new(DATABASE, studio, today: TODAY.to_date).desk))
  end

  def rename(style)
    kept = ask(:get, "/api/styles/#{style['id']}")
    said = Server::Store::Styles::FIELDS.to_h { |name| [name.to_s, kept[name.to_s]] }
    ask(:put, "/api/styles/#{style['id']}", said.merge("version" => kept["version"], "name" => "Renamed"))
  end

  def move(home, visit_on)
    ask(:put, "/api/homes/#{home['id']}", home.except("id", "changed_at").merge("visit_on" => visit_on))
  end

  def test_closed_days_move_the_order_day
    one = desk["items"].find { |found| found["wanted_on"] }
    open_day = Date.iso8601(one["wanted_on"]) - 3
    shut = supplier("Shut", lead_days: 1, closed_on: [open_day.iso8601])
    offer(shut, one, one["pack_size"], 1)

    assert_equal (open_day - 1).iso8601, line(one["name"])["quote"]["order_by_on"]
  end

  def test_the_best_coupon_is_told_and_used
    one = desk["items"].first
    shop = supplier("Coupons", coupons: [{ percent: 10 }, { percent: 25, on: "line" },
                                         { percent: 80, until_on: "2026-11-18" }])
    offer(shop, one, one["pack_size"], 1000)
    cents = line(one["name"])["quote"]["cents"]
    told = desk["suppliers"].find { |found| found["id"] == shop["id"] }

    assert_equal [1, cents, (cents * 0.25).round, one["name"]],
                 [told["lines"], told["cents"], told["coupon"]["off_cents"], told["coupon"]["best_on"]]
    bought = order({ style: one["id"], pack_size: one["pack_size"], packs: 2, price_cents: 1000 }, supplier: shop["id"])

    assert_equal [500, 1500], bought["lines"].first.values_at("off_cents", "cents")
  end

  def test_from_short_to_ordered_to_have
    one = desk["items"].find { |found| found["quote"]["packs"].first["count"] >= 2 && found["pieces"] == 1 }
    want = ask(:get, "/api/buying/styles/#{one['id']}")["wants"].first
    packs = one["quote"]["packs"].first["count"]
    bought = order(taken(one, packs))

    assert_nil line(one["name"])
    coming = desk["coming"].find { |found| found["style"] == one["id"] }

    assert_equal packs * one["pack_size"], coming["quantity"]
    before = on_hand(one)
    happen(bought, "arrived", 1)

    assert_in_delta before + one["pack_size"], on_hand(one), 1e-6
    done = happen(bought, "arrived", packs - 1)

    assert_equal [false, 0, packs], done["lines"].first.values_at("open", "to_come", "stocked")
    assert_empty(desk["coming"].select { |found| found["style"] == one["id"] })
    short = ask(:get, "/api/homes/#{homes.find { |home| home['name'] == want['home'] }['id']}/shortages")["items"]

    assert_empty(short.select { |found| found["piece"] == want["piece"] && found["label"] == one["name"] })
  end

  def test_received_twice_counts_once
    one = desk["items"].first
    bought = order(taken(one, 3))
    key = SecureRandom.uuid
    before = on_hand(one)
    2.times { happen(bought, "arrived", 1, key: key) }

    assert_in_delta before + one["pack_size"], on_hand(one), 1e-6
    ordered = SecureRandom.uuid
    2.times { order(taken(one, 1), key: ordered) }

    assert_equal 1, DATABASE[:purchases].where(key: ordered).count
    told = happen(bought, "arrived", 3, status: 422)

    assert_equal ["/events/0/packs"], pointers(told)
    assert_match(/Only 2 of it can be/, told["errors"].first["message"])
  end

  def test_what_was_received_is_taken_back_with_its_count
    one = desk["items"].first
    bought = order(taken(one, 2))
    key = SecureRandom.uuid
    before = on_hand(one)
    happen(bought, "arrived", 2, key: key)
    2.times { ask(:post, "/api/purchases/#{bought['id']}/events/undo", { key: key }) }

    assert_in_delta before, on_hand(one), 1e-6
    assert_equal 2, ask(:get, "/api/purchases/#{bought['id']}")["lines"].first["to_come"]
    ask(:delete, "/api/purchases/#{bought['id']}", status: 204)

    assert line(one["name"])
    ask(:get, "/api/purchases/#{bought['id']}", status: 404)
  end

  def test_carried_home_at_once_is_in_stock_and_can_be_put_back
    one = desk["items"].first
    before = on_hand(one)
    key = SecureRandom.uuid
    bought = nil
    2.times { bought = order(taken(one, 1), arrived: true, key: key) }

    assert_in_delta before + one["pack_size"], on_hand(one), 1e-6
    ask(:delete, "/api/purchases/#{bought['id']}", status: 204)

    assert_in_delta before, on_hand(one), 1e-6
  end

  def test_what_is_on_its_way_is_not_merged_into_another
    one = desk["items"].find { |found| found["kind"] == "ornament" }
    goes = ask(:post, "/api/styles", { name: "Spare drop", kind: "ornament" }, status: 201)
    order(taken(goes, 1))
    told = ask(:post, "/api/styles/#{goes['id']}/merge", { into: one["id"], key: SecureRandom.uuid }, status: 422)

    assert_match(/is on its way/, told["errors"].first["message"])
  end

  def test_one_home_pays_its_share_of_what_it_shares
    told = ask(:get, "/api/budgets")["items"]

    told.each do |home|
      assert_equal home["to_buy_cents"], desk("?home=#{home['id']}")["totals"]["here_cents"]
      home["rooms"].each do |room|
        assert_equal room["to_buy_cents"], desk("?room=#{room['id']}")["totals"]["here_cents"]
      end
    end

    assert_nil desk["totals"]["here_cents"]
  end

  def test_what_came_is_bought_and_not_the_stocks_besides
    one = desk["items"].find { |found| found["pieces"] == 1 && found["price_cents"] }
    before = ask(:get, "/api/budgets")["items"].find { |home| home["id"] == one["homes"].first["id"] }
    order(taken(one, one["quote"]["packs"].first["count"]), arrived: true)
    after = ask(:get, "/api/budgets")["items"].find { |home| home["id"] == before["id"] }

    assert_operator after["stock_cents"], :<=, before["stock_cents"]
    assert_equal before["bought_cents"] + before["to_buy_cents"], after["bought_cents"] + after["to_buy_cents"]
  end

  def test_on_trial_it_is_stock_once_it_was_kept_and_money_comes_back
    one = desk["items"].find { |found| found["price_cents"] }
    before = on_hand(one)
    tried = order(taken(one, 3, decide_by: "2026-11-25"), arrived: true)

    assert_in_delta before, on_hand(one), 1e-6
    assert_equal [3, 3 * one["price_cents"]], tried["lines"].first.values_at("undecided", "back_cents")
    happen(tried, "kept", 2)
    done = happen(tried, "taken_back", 1)

    assert_in_delta before + (2 * one["pack_size"]), on_hand(one), 1e-6
    assert_equal [0, 2 * one["price_cents"], false], done["lines"].first.values_at("undecided", "cents", "open")
  end

  def test_what_went_back_from_stock_is_told_by_its_entry
    one = desk["items"].first
    bought = order(taken(one, 2), arrived: true)
    happen(bought, "taken_back", 1)
    entry = ask(:get, "/api/styles/#{one['id']}/moves")["items"].first

    assert_equal ["sent_back", -one["pack_size"]], entry.values_at("reason", "quantity")
  end

  def test_what_came_wrong_is_claimed_until_the_money_is_back
    one = desk["items"].first
    bought = order(taken(one, 2))
    wrong = happen(bought, "wrong_colour", 1)

    assert_equal [1, 2, true], wrong["lines"].first.values_at("claimed", "to_come", "open")
    happen(bought, "arrived", 1)
    done = happen(bought, "refunded", 1)

    assert_equal [0, 0, false], done["lines"].first.values_at("claimed", "to_come", "open")
    told = happen(bought, "refunded", 1, status: 422)

    assert_match(/Nothing of it is left/, told["errors"].first["message"])
  end

  def test_what_rests_on_an_arrival_keeps_it
    one = desk["items"].first
    key = SecureRandom.uuid
    tried = order(taken(one, 1, decide_by: "2026-11-25"))
    happen(tried, "arrived", 1, key: key)
    happen(tried, "kept", 1)
    ask(:post, "/api/purchases/#{tried['id']}/events/undo", { key: key }, status: 422)
    ask(:delete, "/api/purchases/#{tried['id']}", status: 422)
  end

  def test_a_delivery_after_the_visit_is_told_at_the_piece
    one = desk["items"].find { |found| found["wanted_on"] && found["pieces"] == 1 }
    want = ask(:get, "/api/buying/styles/#{one['id']}")["wants"].first
    bought = order(taken(one, one["quote"]["packs"].first["count"]), expected_on: "2026-11-20")

    assert_equal [["2026-11-20", false]], deliveries(want["piece"], one)
    late = (Date.iso8601(one["wanted_on"]) + 1).iso8601
    ask(:put, "/api/purchases/#{bought['id']}", { version: bought["version"], expected_on: late })

    assert_equal [[late, true]], deliveries(want["piece"], one)
    ask(:put, "/api/purchases/#{bought['id']}", { version: bought["version"], expected_on: late }, status: 409)
    told = ask(:put, "/api/purchases/#{bought['id']}", { version: bought["version"] + 1, expected_on: "2026-11-18" },
               status: 422)

    assert_equal ["/expected_on"], pointers(told)
  end

  def deliveries(piece, style)
    ask(:get, "/api/pieces/#{piece}/deliveries")["items"].select { |found| found["style"] == style["id"] }
                                                         .map { |found| found.values_at("expected_on", "late") }
  end

  def test_a_desk_is_asked_for_price_and_stock
    shop = supplier("Halyard Trimmings II", lead_days: 2)
    asked = ask(:post, "/api/suppliers/#{shop['id']}/questions", {}, status: 201)["asked"]

    assert_equal desk["total"], asked
    assert_equal asked, DATABASE[:offers].where(supplier_id: shop["id"]).distinct.select(:style_id).count
    bought = order(taken(desk["items"].first, 4), supplier: shop["id"])
    slip = ask(:get, "/api/purchases/#{bought['id']}/slip")

    assert_equal(4, slip["lines"].sum { |found| found["packs"] })
    assert_operator slip["comes_on"], :>=, bought["expected_on"]
  end

  def test_bad_purchases_are_refused_by_name
    one = desk["items"].first

    { { style: SecureRandom.uuid, pack_size: 1, packs: 1 } => "/lines/0/style",
      { style: one["id"], pack_size: 0, packs: 1 } => "/lines/0/pack_size",
      { style: one["id"], pack_size: 1, packs: 0 } => "/lines/0/packs",
      { style: one["id"], pack_size: 1, packs: 1, decide_by: "2026-13-01" } => "/lines/0/decide_by" }
      .each { |said, pointer| assert_equal [pointer], pointers(order(said, status: 422)) }
    assert_equal ["/expected_on"], pointers(order(taken(one, 1), expected_on: "2026-11-18", status: 422))
    assert_equal ["/supplier"], pointers(order(taken(one, 1), supplier: SecureRandom.uuid, status: 422))
    assert_equal 0, DATABASE[:purchases].count
  end

  def test_no_more_is_under_way_or_in_one_order_than_can_be_looked_through
    one = desk["items"].first
    lines = Array.new(Server::Store::PurchaseLines::MOST + 1) { taken(one, 1) }

    assert_equal ["/lines"], pointers(order(*lines, status: 422))
    bought = order(*lines.drop(1))
    event = { line: bought["lines"].first["id"], kind: "arrived", packs: 1 }
    told = ask(:post, "/api/purchases/#{bought['id']}/events",
               { key: SecureRandom.uuid, events: [event] * lines.size }, status: 422)

    assert_equal ["/events"], pointers(told)
    many_under_way(one)
    key = DATABASE[:purchases].get(:key)

    told = order(taken(one, 1), status: 422)

    assert_match(/300 orders are under way. Receive some first/, told["errors"].first["message"])
    # Asked for again it is the one that there is.
    assert_equal key, order(taken(one, 1), key: key)["key"]
  end

  def many_under_way(style)
    more = Server::Store::Purchases::MOST_OPEN - DATABASE[:purchases].count
    studio = DATABASE[:purchases].get(:studio_id)
    more.times do
      id = DATABASE[:purchases].returning(:id).insert(studio_id: studio, key: SecureRandom.uuid,
                                                      ordered_on: "2026-11-19", expected_on: "2026-11-21").first[:id]
      DATABASE[:purchase_lines].insert(studio_id: studio, purchase_id: id, style_id: style["id"], pack_size: 1,
                                       packs: 1)
    end
  end

  # One thing that lacks at many homes: the list tells the first dozen and how many there are.
  def test_a_line_tells_a_dozen_homes_and_how_many_there_are
    one = desk["items"].first
    claim = DATABASE[:piece_claims].where(style_id: one["id"]).first
    piece = DATABASE[:pieces].where(id: claim[:piece_id]).first
    14.times { |i| another_home(piece, claim, "Sail loft #{i}") }
    told = line(one["name"])

    assert_equal [12, one["homes_count"] + 14], [told["homes"].size, told["homes_count"]]
  end

  def another_home(piece, claim, name)
    home = ask(:post, "/api/homes", { name: name }, status: 201)
    room = ask(:post, "/api/homes/#{home['id']}/rooms",
               { name: "Hall", width_m: 4, depth_m: 4, ceiling_left_m: 2.6, ceiling_right_m: 2.6 }, status: 201)
    id = DATABASE[:pieces].returning(:id)
                          .insert(**piece.slice(:studio_id, :kind, :settings, :schema_version), name: name,
                                                                                                room_id: room["id"])
                          .first[:id]
    DATABASE[:piece_claims].insert(**claim, piece_id: id, held: 0, wanted: 2)
  end

  # However many things lack, at however many homes.
  def test_the_list_takes_few_statements_and_one_order_no_more_for_more_lines
    desk

    assert_operator statements { desk }, :<=, 20
    some = desk["items"].first(6)
    few = statements { order(taken(some[0], 1)) }
    many = statements { order(*some.drop(1).map { |one| taken(one, 1) }) }

    assert_equal few, many
  end

  def statements
    log = StringIO.new
    logger = Logger.new(log)
    DATABASE.loggers << logger
    yield
    log.string.scan(/\ds\) (?:SELECT|INSERT|UPDATE|DELETE|WITH) /).size
  ensure
    DATABASE.loggers.delete(logger)
  end

  def test_a_supplier_is_kept_changed_deleted_and_brought_back
    made = supplier("Moss", closed_weekdays: [7], closed_on: %w[2026-12-01])
    ask(:put, "/api/suppliers/#{made['id']}", { version: 1, name: "Moss", lead_days: 4 })
    ask(:put, "/api/suppliers/#{made['id']}", { version: 1, name: "Moss" }, status: 409)

    assert_equal ["/name"], pointers(ask(:post, "/api/suppliers", { name: "Moss" }, status: 422))
    assert_equal ["/closed_on/0"],
                 pointers(ask(:post, "/api/suppliers", { name: "Days", closed_on: %w[2026-02-30] }, status: 422))
    custom_request("PUT", "/api/suppliers/#{made['id']}",
                   '{"version": 1, "name": "Moss", "coupons": [{"percent": 1e999}]}',
                   "CONTENT_TYPE" => "application/json")

    assert_equal 422, last_response.status
    assert_equal ["/coupons/0/until_on"],
                 pointers(ask(:post, "/api/suppliers",
                              { name: "Off", coupons: [{ percent: 5, until_on: "soon" }] }, status: 422))
    ask(:delete, "/api/suppliers/#{made['id']}", status: 204)

    assert_empty ask(:get, "/api/suppliers")["items"]
    assert_equal 4, ask(:post, "/api/suppliers/#{made['id']}/restore", {})["lead_days"]
  end

  def test_homes_are_the_sum_of_their_rooms_and_all_of_what_is_to_buy
    ask(:put, "/api/prices", { version: 1, hourly_cents: 4200, mark_up_percent: 12.5, tax_percent: 21,
                               store_percent: 25, storage_cents: 900 })
    order(taken(desk["items"].first, 1))
    budgets = ask(:get, "/api/budgets")["items"]

    %w[bought_cents to_buy_cents stock_cents].each do |name|
      budgets.each { |home| assert_equal home[name], home["rooms"].sum { |room| room[name] }, name }
    end

    assert_equal(desk["totals"]["cents"], budgets.sum { |home| home["to_buy_cents"] })
    assert_equal(ask(:get, "/api/purchases")["items"].first["lines"].sum { |one| one["cents"] },
                 budgets.sum { |home| home["bought_cents"] })
    budgets.each do |home|
      charge = home["charge"]

      assert_equal charge["total_cents"], charge.except("total_cents").values.sum
      assert_equal home["bought_cents"] + home["to_buy_cents"], charge["materials_cents"]
      assert_equal home["minutes"].round * 70, charge["labour_cents"], "a whole minute is 70 cents"
    end
  end

  def test_a_budget_is_planned_by_home_and_room
    home = home_named("Number Nine, Ropewalk")
    room = home["rooms"].first
    told = ask(:put, "/api/homes/#{home['id']}/budget",
               { planned_cents: 18_000, rooms: [{ id: room["id"], planned_cents: 9000 }] })

    assert_equal [18_000, 18_000 - told["bought_cents"] - told["to_buy_cents"]],
                 told.values_at("planned_cents", "left_cents")
    assert_equal 9000, told["rooms"].first["planned_cents"]
    ask(:put, "/api/homes/#{home['id']}/budget",
        { planned_cents: nil, rooms: [{ id: room["id"], planned_cents: nil }] })

    assert_nil ask(:get, "/api/homes/#{home['id']}/budget")["left_cents"]
    other = homes.find { |found| found["id"] != home["id"] }
    ask(:put, "/api/homes/#{other['id']}/budget",
        { planned_cents: 1, rooms: [{ id: room["id"], planned_cents: 1 }] }, status: 422)
  end

  def test_of_a_favourite_a_spare_is_bought_also_where_nobody_lacks_any
    style = ask(:get, "/api/styles")["items"].find { |one| one["name"] == "Plum velvet, 8 cm" }
    kept = ask(:get, "/api/styles/#{style['id']}")
    said = kept.slice(*Server::Store::Styles::PARTICULARS.map(&:to_s), "owner_home_id", "version")
               .slice("season", "condition", "tag", "version")
    free = kept["on_hand"] - DATABASE[:piece_claims].where(style_id: style["id"]).sum(:held)

    assert_nil line(style["name"])
    ask(:put, "/api/styles/#{style['id']}/particulars", said.merge("spare_kept" => free.to_i + 3))
    one = line(style["name"])

    assert_equal [3, 0, nil, []], one.values_at("to_buy", "pieces", "wanted_on", "homes")
    told = ask(:get, "/api/buying/styles/#{style['id']}")

    assert_equal free.to_i + 3, told["spare_kept"]
    order(taken(one, 1))

    assert_nil line(style["name"])
  end

  def test_tags_are_kept_or_taken_back_by_their_day
    trial = ask(:get, "/api/trials")["items"].find { |one| one["tag"] == "may_go_back" && one["on_hand"] > 1 }
    key = SecureRandom.uuid
    2.times { ask(:post, "/api/trials/#{trial['id']}/decision", { key: key, back: 1 }) }

    assert_in_delta trial["on_hand"] - 1, on_hand(trial), 1e-6
    refute_includes ask(:get, "/api/trials")["items"].map { |one| one["id"] }, trial["id"]
    as(ASSISTANT) { ask(:post, "/api/trials/#{trial['id']}/decision", { key: SecureRandom.uuid, back: 1 }) }

    assert_in_delta trial["on_hand"] - 1, on_hand(trial), 1e-6, "somebody else pressed it too"
    ask(:post, "/api/trials/#{trial['id']}/decision/undo", { key: key, **trial.slice("tag", "decide_by") })

    assert_includes ask(:get, "/api/trials")["items"], trial
    told = ask(:post, "/api/trials/#{trial['id']}/decision", { key: SecureRandom.uuid, back: trial["on_hand"] + 1 },
               status: 422)

    assert_equal ["/back"], pointers(told)
  end

  def test_the_list_comes_on_paper_with_what_each_costs
    told = desk
    written = []
    with_method(Prawn::Document, :add_text_content, ->(text, *) { written << text }) do
      get("/api/buying.pdf?paper=letter")
    end

    assert last_response.body.start_with?("%PDF")
    told["items"].each do |one|
      assert_includes written, one["name"].gsub(/ +/, " ")
      assert_includes written, format("%.2f", one["quote"]["cents"] / 100.0)
    end
    get("/api/buying.pdf?paper=a4")

    assert_equal 200, last_response.status
  end

  def test_only_the_owner_says_what_an_hour_costs
    as(ASSISTANT) do
      ask(:put, "/api/prices", { version: 0, hourly_cents: 1, mark_up_percent: 0, tax_percent: 0, store_percent: 0,
                                 storage_cents: 0 }, status: 403)
    end
  end
end
