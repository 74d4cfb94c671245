# frozen_string_literal: true

require_relative "../server_test"
require_relative "../piece_requests"

# A table through the same doors as any other piece: kept, planned, claimed from stock, taken along.
class TablesTest < ServerTest
  include PieceRequests

  def setup
    sign_in
    @piece = piece_called("Table for eight")
  end

  def test_a_plan_tells_who_sits_there_and_what_it_takes
    told = plan

    assert_equal [true, "table"], told.values_at("chosen", "kind")
    assert_equal 8, told["drawing"]["seats"].size
    assert_equal "Winter grass garland, 1.5 m", told["ledger"].first["label"]
    refute told["drawing"]["meal"]["blocks"]
    working = ask(:post, "/api/pieces/#{@piece['id']}/working", { sheet: "sight" })

    assert_equal "Seeing each other over the table", working["title"]
    assert(told["ledger"].all? { |line| ask(:post, "/api/pieces/#{@piece['id']}/working", { sheet: line["sheet"] }) })
    assert(told["figures"].values.all? do |figure|
      ask(:post, "/api/pieces/#{@piece['id']}/working", { sheet: figure["sheet"] })
    end)
  end

  # As many bows as guests and spares, by the metre; what the home has of its own is nobody's to keep.
  def test_what_lies_and_stands_there_is_claimed
    save(table: { guests: 4 })
    ask(:get, "/api/homes/#{DATABASE[:homes].where(name: 'Number Nine, Ropewalk').get(:id)}")

    assert_in_delta 5 * 0.66, claimed("Quince gingham ribbon")
    assert_in_delta 3, claimed("Bottle brush trees")
    save(setting: { bow: false }, centre: { standing: [] })
    ask(:get, "/api/homes/#{DATABASE[:homes].where(name: 'Number Nine, Ropewalk').get(:id)}")

    assert_in_delta 0, claimed("Quince gingham ribbon")
    assert_in_delta 0, claimed("Bottle brush trees")
  end

  def test_what_cannot_be_is_refused_where_it_was_said
    { { table: { guests: 0 } } => "/settings/table/guests", { table: { length_m: 90 } } => "/settings/table/length_m",
      { runner: { style: "gone" } } => "/settings/runner/style",
      { setting: { layers: [{ layer: "plate" }, { layer: "plate" }] } } => "/settings/setting/layers/1/layer",
      { centre: { standing: [{ form: "candle", colour: "red" }] } } => "/settings/centre/standing/0/colour",
      { centre: { standing: [{ form: "candle" }] * 25 } } => "/settings/centre/standing" }.each do |groups, pointer|
      told = save(**groups, status: 422)

      assert_equal([pointer], told["errors"].map { |error| error["pointer"] })
    end
  end

  def test_before_it_is_measured_nothing_is_told_of_it
    told = plan(table: { length_m: nil })

    refute told["chosen"]
    assert_empty told["ledger"]
    assert_nil told["drawing"]["seats"]
  end

  def test_tables_of_the_survey_are_offered
    hosts = ask(:get, "/api/pieces/#{@piece['id']}/hosts")["items"]

    assert_equal([["Dining table", 2.2, 1.1]],
                 hosts.map { |host| [host["name"], *host["says"].values_at("length_m", "width_m")] })
  end

  def test_it_is_taken_out_and_read_in_with_its_home
    home = DATABASE[:homes].where(name: "Number Nine, Ropewalk").get(:id)
    taken = ask(:get, "/api/homes/#{home}/plan.json")
    taken["home"]["name"] = "Number Ten"
    made = ask(:post, "/api/homes/import", { text: JSON.generate(taken) }, status: 201)
    pieces = ask(:get, "/api/homes/#{made['id']}")["rooms"].flat_map { |room| room["pieces"] }
    table = pieces.find { |piece| piece["kind"] == "table" }

    assert_equal "Table for eight", table["name"]
    assert_equal 6, ask(:get, "/api/pieces/#{table['id']}")["settings"]["centre"]["standing"].size
  end
end
