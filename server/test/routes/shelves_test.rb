# frozen_string_literal: true

require_relative "../server_test"
require_relative "../piece_requests"

# Shelves through the same doors as any other piece.
class ShelvesTest < ServerTest
  include PieceRequests

  def setup
    sign_in
    @piece = piece_called("Book shelves")
  end

  def test_a_plan_tells_what_stands_where_and_what_it_takes
    told = plan

    assert_equal [true, "shelves", 12], [*told.values_at("chosen", "kind"), told["drawing"]["bays"].size]
    sheets = told["figures"].values.map { |figure| figure["sheet"] } + told["ledger"].map { |line| line["sheet"] }

    assert(sheets.uniq.all? { |sheet| ask(:post, "/api/pieces/#{@piece['id']}/working", { sheet: sheet })["title"] })
    refute plan(unit: { width_m: nil })["chosen"]
    tray = plan(unit: { shape: "tray", tiers: [{}, {}] }, dress: { standing: [{ bay: 2 }] })

    assert_nil tray["drawing"]["bays"].first["clear_m"]
    assert_equal 2, tray["drawing"]["things"].first["bay"]
  end

  def test_it_is_claimed_and_let_go
    save(dress: { standing: [{ form: "vessel", style: style("Enamel pail") }] })

    assert_in_delta 1, claimed("Enamel pail")
    save(dress: { standing: [] }, garland: { hung: false })

    assert_in_delta 0, claimed("Enamel pail")
  end

  def test_what_cannot_be_is_refused_where_it_was_said
    { { unit: { columns: 9 } } => "/settings/unit/columns", { unit: { height_m: 0.4 } } => "/settings/unit/height_m",
      { unit: { width_m: 0.2, columns: 8 }, dress: { standing: [] } } => "/settings/unit/columns",
      { dress: { standing: [{ bay: 81 }] } } => "/settings/dress/standing/0/bay",
      { dress: { standing: [{}] * 81 } } => "/settings/dress/standing",
      { garland: { style: "gone" } } => "/settings/garland/style" }.each do |groups, pointer|
      told = save(**groups, status: 422)

      assert_equal([pointer], told["errors"].map { |error| error["pointer"] })
    end
  end

  def test_what_the_room_has_of_shelves_is_offered
    hosts = ask(:get, "/api/pieces/#{@piece['id']}/hosts")["items"]

    assert_equal([["Book shelves", 1.4]], hosts.map { |host| [host["name"], host["says"]["width_m"]] })
  end
end
