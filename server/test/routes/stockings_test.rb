# frozen_string_literal: true

require_relative "../server_test"
require_relative "../piece_requests"

# Stockings in a row through the same doors as any other piece.
class StockingsTest < ServerTest
  include PieceRequests

  def setup
    sign_in
    @piece = piece_called("Stockings on a batten")
  end

  def test_a_plan_tells_where_each_hangs_and_what_it_takes
    told = plan

    assert_equal [true, "stockings", 4], [*told.values_at("chosen", "kind"), told["drawing"]["hung"].size]
    assert_equal "Perpetua", told["drawing"]["hung"].first["name"]
    sheets = told["figures"].values.map { |figure| figure["sheet"] } + told["ledger"].map { |line| line["sheet"] }

    assert(sheets.uniq.all? { |sheet| ask(:post, "/api/pieces/#{@piece['id']}/working", { sheet: sheet })["title"] })
    refute plan(place: { length_m: nil })["chosen"]
    assert_empty plan(stockings: { hung: [] })["ledger"]
  end

  def test_they_are_claimed_and_let_go
    save(stockings: { hung: [{ name: "Perpetua", style: style("Felt stockings") }] })

    assert_in_delta 1, claimed("Felt stockings")
    assert_in_delta 0.76, claimed("Quince gingham ribbon")
    save(stockings: { hung: [] })

    assert_in_delta 0, claimed("Felt stockings")
  end

  def test_what_cannot_be_is_refused_where_it_was_said
    { { place: { from: "chimney" } } => "/settings/place/from",
      { place: { height_m: 9 } } => "/settings/place/height_m",
      { stockings: { hung: [{}] * 25 } } => "/settings/stockings/hung",
      { stockings: { hung: [{ name: "x" * 41 }] } } => "/settings/stockings/hung/0/name",
      { hang: { style: "gone" } } => "/settings/hang/style" }.each do |groups, pointer|
      told = save(**groups, status: 422)

      assert_equal([pointer], told["errors"].map { |error| error["pointer"] })
    end
  end
end
