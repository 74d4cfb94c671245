# frozen_string_literal: true

require_relative "../server_test"

class StylesRoutesTest < ServerTest
  def setup
    sign_in
  end

  def test_lists_by_kind_with_what_is_on_hand
    ribbons = ask(:get, "/api/styles?kind=ribbon")["items"]

    assert_equal ["ribbon"], ribbons.map { |style| style["kind"] }.uniq
    assert_in_delta 6.5, ribbons.find { |style| style["name"] == "Brass gauze ribbon" }["on_hand"]
  end

  def test_a_style_is_added_and_counted_again
    style = ask(:post, "/api/styles",
                { name: "Tin bell", kind: "ornament", colour: "#A0A5AA", diameter_mm: 50, pack_size: 6,
                  price_cents: 700, on_hand: 5 },
                status: 201)

    assert_equal "#a0a5aa", style["colour"]
    counted = ask(:put, "/api/styles/#{style['id']}", style.except("id").merge("version" => 1, "on_hand" => 11))

    assert_equal [11, 2], counted.values_at("on_hand", "version")
    ask(:put, "/api/styles/#{style['id']}", style.except("id").merge("version" => 1), status: 409)
  end

  def built(run)
    ask(:post, "/api/pieces/#{run}/build", {})["bodies"].map { |body| body["style"] }
  end

  def needed(run)
    ask(:post, "/api/pieces/#{run}/plan", {})["ledger"].map { |line| line.values_at("style", "need") }
  end

  def test_a_retired_style_is_offered_no_more_and_stays_where_it_is_used
    pieces = home_named("The Signal Loft")["rooms"].flat_map { |room| room["pieces"] }
    run = pieces.find { |piece| piece["kind"] == "run" }["id"]
    before = needed(run)
    style = ask(:get, "/api/styles?kind=garland")["items"].find { |one| one["id"] == built(run).first }
    kept = ask(:put, "/api/styles/#{style['id']}", style.except("id").merge("retired" => true))

    assert kept["retired"]
    refute_includes built(run), style["id"]
    assert_equal before, needed(run)
  end

  def test_a_ribbon_has_a_width_and_edges
    given = { name: "Tape", kind: "ribbon", width_mm: 38, wire: "unwired" }
    made = ask(:post, "/api/styles", given, status: 201)

    assert_equal [38, "unwired", false], made.values_at("width_mm", "wire", "retired")
    assert_equal ["/width_mm", "/wire"],
                 pointers(ask(:post, "/api/styles", given.merge(width_mm: 0, wire: "barbed"), status: 422)).sort
  end

  def test_faults_and_a_name_taken_are_told
    assert_equal %w[/diameter_mm /pack_size],
                 pointers(ask(:post, "/api/styles", { name: "Dust", kind: "ornament", diameter_mm: 1, pack_size: 0 },
                              status: 422)).sort
    assert_equal ["/colour"],
                 pointers(ask(:post, "/api/styles", { name: "Dust", kind: "ornament", colour: "mauve!" }, status: 422))
    assert_equal ["/name"],
                 pointers(ask(:post, "/api/styles", { name: "Plum velvet ribbon", kind: "ribbon" }, status: 422))
  end

  def test_looks_carry_palette_and_styles
    look = ask(:get, "/api/looks")["items"].find { |told| told["name"] == "Harbour dusk" }

    assert_equal(100, look["colours"].sum { |colour| colour["share_percent"] })
    assert_equal 13, look["style_ids"].size
  end
end
