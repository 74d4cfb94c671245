# frozen_string_literal: true

require_relative "../server_test"
require_relative "../piece_requests"

# A grouping through the same doors as any other piece: kept, planned, claimed from stock, begun from what is free.
class GroupingsTest < ServerTest
  include PieceRequests

  def setup
    sign_in
    @piece = piece_called("Counter by the window")
  end

  def test_a_plan_tells_what_stands_there_and_what_it_takes
    told = plan

    assert_equal [true, "grouping"], told.values_at("chosen", "kind")
    assert_equal 7, told["drawing"]["things"].size
    assert_equal "Brass tray, 38 cm", told["ledger"].first["label"]
    working = ask(:post, "/api/pieces/#{@piece['id']}/working", { sheet: "hides" })

    assert_equal "What the socket is hidden by", working["title"]
    ask(:post, "/api/pieces/#{@piece['id']}/working", { sheet: "none" }, status: 404)
  end

  # What lifts a thing is of the stock, is named as such there, and is kept for it.
  def test_risers_are_found_in_stock_and_claimed
    standing = [{ form: "vessel", height_m: 0.4 }, { form: "figure", height_m: 0.2 }]
    alone = settings(things: { standing: standing }, fill: { shape: "none" }, surface: { clear_m: nil })
    told = ask(:post, "/api/pieces/#{@piece['id']}/group", { settings: alone })
    found = told["risers"].first

    assert_equal [2, "Middle riser, oak", 0.1], found.values_at("thing", "name", "riser_m")
    known = ask(:get, "/api/styles?piece=#{@piece['id']}")["items"].find { |one| one["id"] == found["style"] }

    assert_in_delta 0.1, known["riser_height_m"]
    planned = plan(things: { standing: [standing[0], standing[1].merge(riser: found["style"])] })

    assert_equal 1, planned["ledger"].find { |line| line["label"] == "Middle riser, oak" }["need"]
  end

  # What others keep of it is not there for the vessel.
  def test_the_vessel_is_filled_with_what_is_left_over
    sizes = plan["drawing"]["fill"]["sizes"].to_h { |size| [size["name"], size.values_at("count", "on_hand")] }

    assert_equal [4, 4], sizes["Pewter leaf, 8 cm"]
    assert_equal 12, DATABASE[:stock_quantities].where(style_id: style("Pewter leaf, 8 cm")).get(:on_hand)
  end

  def test_what_stands_there_is_claimed_and_let_go
    save(things: { standing: [{ form: "vessel", style: style("Stoneware jug") }] })
    ask(:get, "/api/homes/#{DATABASE[:homes].where(name: 'Number Nine, Ropewalk').get(:id)}")

    assert_in_delta 1, claimed("Stoneware jug")
    save(things: { standing: [] })
    ask(:get, "/api/homes/#{DATABASE[:homes].where(name: 'Number Nine, Ropewalk').get(:id)}")

    assert_in_delta 0, claimed("Stoneware jug")
  end

  def test_what_cannot_be_is_refused_where_it_was_said
    told = save(surface: { length_m: 1.0 }, status: 422)

    assert_equal(%w[/settings/surface/sockets/0/at_m /settings/surface/sockets/1/at_m
                    /settings/surface/keep_free/1/to_m], told["errors"].map { |error| error["pointer"] })
    told = save(things: { standing: [{ form: "cupboard" }] }, status: 422)

    assert_equal(["/settings/things/standing/0/form"], told["errors"].map { |error| error["pointer"] })
    told = save(fill: { balls: [{ style: "gone" }] }, status: 422)

    assert_equal(["/settings/fill/balls/0/style"], told["errors"].map { |error| error["pointer"] })
  end

  def test_a_first_group_from_what_is_free
    told = ask(:post, "/api/pieces/#{@piece['id']}/group", { settings: settings(things: { standing: [] }) })
    forms = told["standing"].map { |thing| thing["form"] }

    assert_equal "tray", forms.first
    assert_equal forms.uniq, forms
    refute_empty told["balls"]
    assert_empty told["risers"]
    planned = plan(things: { standing: told["standing"] }, fill: { balls: told["balls"] })

    assert_empty(planned["ledger"].select { |line| line["short"].positive? })
  end

  def test_only_a_grouping_that_is_measured_is_begun
    told = ask(:post, "/api/pieces/#{@piece['id']}/group",
               { settings: settings(surface: { length_m: nil, sockets: [], keep_free: [] }) }, status: 422)

    assert_equal "urn:deck-bough:problem:not-measured", told["type"]
    wreath = DATABASE[:pieces].where(name: "Door wreath").get(:id)
    ask(:post, "/api/pieces/#{wreath}/group", {}, status: 404)
  end

  def test_it_is_taken_out_and_read_in_with_its_home
    home = DATABASE[:homes].where(name: "Number Nine, Ropewalk").get(:id)
    taken = ask(:get, "/api/homes/#{home}/plan.json")
    taken["home"]["name"] = "Number Ten"
    made = ask(:post, "/api/homes/import", { text: JSON.generate(taken) }, status: 201)
    pieces = ask(:get, "/api/homes/#{made['id']}")["rooms"].flat_map { |room| room["pieces"] }

    assert_includes(pieces.map { |piece| piece.values_at("name", "kind") }, ["Counter by the window", "grouping"])
  end
end
