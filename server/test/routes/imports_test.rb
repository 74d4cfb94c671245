# frozen_string_literal: true

require "base64"
require "simple_xlsx_reader"
require_relative "../server_test"

# Tables in and out: every bad cell is named, nothing is loaded until all is right, and what goes out comes in the same.
class ImportsTest < ServerTest
  def setup
    sign_in
  end

  def begun(bytes, name: "things.csv", size: bytes.bytesize)
    ask(:post, "/api/stock/imports", { name: name, size: size }, status: 201)["id"]
  end

  def send_part(id, bytes, place: 0, status: 200)
    ask(:post, "/api/stock/imports/#{id}/parts", { at: place, content: Base64.strict_encode64(bytes) }, status: status)
  end

  def sent(bytes, name: "things.csv")
    id = begun(bytes, name: name)
    (0...bytes.bytesize).step(900_000) { |place| send_part(id, bytes.byteslice(place, 900_000), place: place) }
    id
  end

  def read(id, status: 200) = ask(:post, "/api/stock/imports/#{id}/reading", {}, status: status)

  def check(id, mapping, status: 200)
    from = 0
    told = []
    loop do
      told << ask(:post, "/api/stock/imports/#{id}/check", { mapping: mapping, from: from }, status: status)
      return told.last if status != 200

      from = told.last["checked"]
      break if from == told.last["rows"]
    end
    %w[new changed same bad].to_h { |state| [state, told.sum { |one| one[state] }] }
                            .merge("faults" => told.flat_map { |one| one["faults"] })
  end

  def load(id, status: 200) = ask(:post, "/api/stock/imports/#{id}/load", {}, status: status)

  def looked_at(bytes, name: "things.csv")
    id = sent(bytes, name: name)
    [id, check(id, read(id)["columns"].map { |column| column["field"] })]
  end

  def table(format)
    get "/api/stock/table.#{format}"

    assert_equal 200, last_response.status
    last_response.body
  end

  NEW = <<~CSV
    Kind,Name,Colour,Size (mm),On hand,Price of a pack,Season,Box,Breakable
    ornament,"Gull, 7 cm",#d8d2c4,70,12,"14,80",winter,31,yes
    ribbon,Tide ribbon,#33547a,,21,9.5,,31,
  CSV

  def test_new_things_come_in_whole_with_count_box_and_price
    id, told = looked_at(NEW)

    assert_equal [2, 0, 0, 0, []], told.values_at("new", "changed", "same", "bad", "faults")
    assert_empty DATABASE[:styles].where(name: "Gull, 7 cm").all
    2.times { assert_equal 2, load(id)["new"] }
    gull = ask(:get, "/api/stock?q=gull+7")["items"].first

    assert_equal [12.0, 70.0, 1480, "winter", true, [31]],
                 [*gull.values_at("on_hand", "diameter_mm", "price_cents", "season", "breakable"),
                  gull["where"].map { |lot| lot["number"] }]
    assert_equal 1, DATABASE[:stock_moves].where(style_id: gull["id"], reason: "opening", note: "read in").count
    tide = DATABASE[:styles].where(name: "Tide ribbon").get(:id)

    assert_in_delta 21, DATABASE[:stock_lots].where(style_id: tide).sum(:quantity)
  end

  def test_every_bad_cell_is_named_and_nothing_is_loaded
    bad = NEW.sub("70,12", "tall,-3").sub("winter", "spring").sub("#33547a", "blue")
    id, told = looked_at("#{bad}ribbon,Tide ribbon\n")

    assert_equal 3, told["bad"]
    assert_equal [[2, "On hand", "-3"], [2, "Season", "spring"], [2, "Size (mm)", "tall"], [3, "Colour", "blue"],
                  [4, "Name", "Tide ribbon"]], told["faults"].map { |fault|
                                                 fault.values_at("row", "column", "value")
                                               }.sort
    before = DATABASE[:styles].count

    assert_match(/3 rows have a bad cell/, load(id, status: 422)["errors"].first["message"])
    assert_equal before, DATABASE[:styles].count
  end

  def test_what_goes_out_comes_in_the_same
    %w[csv xlsx].each do |format|
      _, told = looked_at(table(format), name: "stockroom.#{format}")

      assert_equal [0, 0, DATABASE[:styles].count, []], told.values_at("new", "changed", "same", "faults"), format
    end
    DATABASE[:studios].update(units: "imperial")
    _, told = looked_at(table("csv"))

    assert_equal [0, 0, DATABASE[:styles].count, []], told.values_at("new", "changed", "same", "faults")
  end

  def test_a_formula_stays_text_on_its_way_out_and_in
    DATABASE[:styles].where(name: "Snips").update(name: "=1+1", finish: nil, bought_from: "+SUM(A1)")
    csv = table("csv")

    assert_includes csv, "'=1+1"
    refute_match(/(^|,)"?=1\+1/, csv)
    book = SimpleXlsxReader.parse(StringIO.new(table("xlsx"))).sheets.first.rows.to_a

    assert_includes book.flatten, "=1+1"
    Zip::File.open_buffer(StringIO.new(table("xlsx"))).select { |entry| entry.name.include?("sheet1") }.each do |entry|
      refute_includes entry.get_input_stream.read, "<f>"
    end
    _, told = looked_at(csv)

    assert_equal 0, told["new"] + told["changed"] + told["bad"]
  end

  def test_foreign_columns_are_mapped_and_remembered
    foreign = "Artikel;Art;Stk\nPeg star;ornament;7\n"
    id = sent(foreign)

    assert_equal([nil, nil, nil], read(id)["columns"].map { |column| column["field"] })
    check(id, [nil, nil, nil], status: 422)
    check(id, %w[name kind name], status: 422)
    check(id, %w[name kind elephants], status: 422)

    assert_equal 1, check(id, %w[name kind on_hand])["new"]
    load(id)

    assert_equal(%w[name kind on_hand], read(sent(foreign))["columns"].map { |column| column["field"] })
  end

  def test_a_thing_that_is_there_is_changed_and_counted_by_an_entry
    id, told = looked_at("Name,Kind,On hand,Box,Finish\n\"Teal ball, 8 cm\",ornament,20,14,matte\n")

    assert_equal 1, told["changed"]
    load(id)
    teal = ask(:get, "/api/stock?q=teal+ball+8")["items"].first

    assert_equal [20.0, [14]], [teal["on_hand"], teal["where"].map { |lot| lot["number"] }]
    assert_equal(%w[moved counted opening], ask(:get, "/api/styles/#{teal['id']}/moves")["items"].map do |move|
      move["reason"]
    end)
    assert_equal "#2f6f74", teal["colour"]
  end

  def test_a_file_cut_off_at_any_byte_leaves_nothing
    before = DATABASE[:styles].count
    bytes = table("xlsx")
    [1, 2, 30, bytes.bytesize / 3, bytes.bytesize / 2, bytes.bytesize - 30].each do |cut|
      [bytes.bytesize, cut].each do |size|
        id = begun(bytes, size: size)
        send_part(id, bytes.byteslice(0, cut))
        read(id, status: 422)
        load(id, status: 422)
        ask(:delete, "/api/stock/imports/#{id}", status: 204)
      end
    end

    assert_equal before, DATABASE[:styles].count
    assert_equal 0, DATABASE[:stock_import_rows].count
  end

  def test_what_is_no_table_is_told
    ["\x00\x01", "\xff\xfeK", "only one line\n", "Kind,Name\n\"ornament,Ball\n", "\n\n\n"].each do |bytes|
      assert_equal "/file", read(sent(bytes.b), status: 422)["errors"].first["pointer"]
    end
    id = begun("abc")
    send_part(id, "abcd", status: 422)
    send_part(id, "c", place: 2, status: 422)
    ask(:post, "/api/stock/imports/#{id}/parts", { at: 0, content: "%%%" }, status: 422)
    ask(:post, "/api/stock/imports", { name: "x.csv", size: 99_000_000 }, status: 422)
    ask(:delete, "/api/stock/imports/#{id}", status: 204)
    read(id, status: 404)
  end

  def test_rows_are_looked_at_one_after_the_other
    id = sent(NEW)
    mapping = read(id)["columns"].map { |column| column["field"] }
    ask(:post, "/api/stock/imports/#{id}/check", { mapping: mapping, from: 1 }, status: 422)

    assert_match(/every row/, load(id, status: 422)["errors"].first["message"])
    check(id, mapping)
    ask(:post, "/api/stock/imports/#{id}/check", { mapping: mapping.reverse, from: 2 }, status: 422)
  end

  def test_what_somebody_changed_since_it_was_looked_at_is_not_set_back
    id, = looked_at("Name,Kind,Finish\n\"Teal ball, 8 cm\",ornament,matte\nPeg star,ornament,\n")
    teal = DATABASE[:styles].where(name: "Teal ball, 8 cm")
    ask(:post, "/api/styles/#{teal.get(:id)}/moves", { key: SecureRandom.uuid, reason: "broken", quantity: 3 },
        status: 201)
    told = load(id, status: 422)

    assert_match(/Teal ball, 8 cm.* since/, told["errors"].first["message"])
    assert_equal [13.0, nil], [ask(:get, "/api/stock?q=teal+ball+8")["items"].first["on_hand"], teal.get(:finish)]
    assert_empty DATABASE[:styles].where(name: "Peg star").all
  end

  def test_rows_are_numbered_as_in_the_file_whatever_lies_between_them
    id, told = looked_at("Name,Kind,On hand\nPeg star,ornament,7\n\n,,\nFelt star,ornament,many\n\n")

    assert_equal([[5, "many"]], told["faults"].map { |fault| fault.values_at("row", "value") })
    assert_equal [1, 1], told.values_at("new", "bad")
    load(id, status: 422)
  end
end
