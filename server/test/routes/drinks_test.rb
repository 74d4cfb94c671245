# frozen_string_literal: true

require_relative "../server_test"
require_relative "../piece_requests"

# A drink corner through the same doors as any other piece.
class DrinksTest < ServerTest
  include PieceRequests

  def setup
    sign_in
    @piece = piece_called("Drink corner")
  end

  def test_a_plan_tells_how_long_each_lasts_and_what_it_takes
    told = plan

    assert_equal [true, "drinks", 5], [*told.values_at("chosen", "kind"), told["drawing"]["jars"].size]
    assert_in_delta 25, told["drawing"]["jars"].first["lasts"]
    sheets = told["figures"].values.map { |figure| figure["sheet"] } + told["ledger"].map { |line| line["sheet"] }

    assert(sheets.uniq.all? { |sheet| ask(:post, "/api/pieces/#{@piece['id']}/working", { sheet: sheet })["title"] })
    refute plan(place: { length_m: nil })["chosen"]
    assert_empty plan(jars: { jars: [] })["ledger"]
    assert_nil plan(jars: { jars: [{ a_day: 0 }] })["drawing"]["jars"].first["lasts"]
  end

  def test_it_is_claimed_and_let_go
    save(jars: { jars: [{ style: style("Enamel pail") }] })

    assert_in_delta 1, claimed("Enamel pail")
    assert_operator claimed("Jute cord"), :>, 0.5
    save(jars: { jars: [] })

    assert_in_delta 0, claimed("Enamel pail")
    assert_in_delta 0, claimed("Jute cord")
  end

  def test_what_cannot_be_is_refused_where_it_was_said
    { { jars: { days: 0 } } => "/settings/jars/days", { jars: { jars: [{}] * 17 } } => "/settings/jars/jars",
      { jars: { jars: [{ holds: 5, on_show: 6 }] } } => "/settings/jars/jars/0/on_show",
      { jars: { jars: [{ allergens: ["dust"] }] } } => "/settings/jars/jars/0/allergens/0",
      { dress: { bow_style: "gone" } } => "/settings/dress/bow_style" }.each do |groups, pointer|
      told = save(**groups, status: 422)

      assert_equal([pointer], told["errors"].map { |error| error["pointer"] })
    end
  end

  def test_what_it_could_stand_on_is_offered
    hosts = ask(:get, "/api/pieces/#{@piece['id']}/hosts")["items"]

    assert_equal([["Work table", 1.8]], hosts.map { |host| [host["name"], host["says"]["length_m"]] })
  end
end
