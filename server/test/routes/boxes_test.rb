# frozen_string_literal: true

require_relative "../server_test"

# Boxes: where things lie, moved and counted there; what lies somewhere always sums to what is on hand.
class BoxesTest < ServerTest
  def setup
    sign_in
    @velvet = style("Plum velvet, 8 cm")
    @ribbon = style("Plum velvet ribbon")
    @bell = style("Old brass bell, 6 cm")
    DATABASE[:stock_lots].where(style_id: [@velvet, @ribbon, @bell]).update(box_id: nil)
  end

  def style(name) = DATABASE[:styles].where(name: name).get(:id)

  def make(**fields)
    ask(:post, "/api/boxes", fields, status: 201)
  end

  def box(id) = ask(:get, "/api/boxes/#{id}")

  def inside(id)
    box(id)["inside"].to_h { |thing| [thing["name"], thing["quantity"]] }
  end

  def carry(things, into:, key: SecureRandom.uuid, status: 200)
    ask(:post, "/api/boxes/carry", { key: key, into: into, things: things }, status: status)
  end

  def count(id, seen, key: SecureRandom.uuid, note: "", status: 200)
    ask(:post, "/api/boxes/#{id}/counts",
        { key: key, note: note, seen: seen.map do |style, quantity|
          { style: style, quantity: quantity }
        end }, status: status)
  end

  def on_hand(style) = DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)

  def sums!
    sum = Sequel.function(:sum, :quantity).as(:sum)
    lots, moves = %i[stock_lots stock_moves].map do |table|
      DATABASE[table].group(:style_id).select_hash(:style_id, sum)
    end
    DATABASE[:stock_quantities].each do |row|
      assert_in_delta row[:on_hand], lots.fetch(row[:style_id], 0), 1e-6
      assert_in_delta row[:on_hand], moves.fetch(row[:style_id], 0), 1e-6
    end
  end

  def test_a_box_gets_the_next_number_and_keeps_what_was_said
    first = make(place: "Boat shed", name: "Velvet")
    second = make

    assert_equal first["number"] + 1, second["number"]
    assert_equal ["Boat shed", "Velvet", 45, 0], first.values_at("place", "name", "litres", "things")
    told = ask(:post, "/api/boxes", { number: first["number"] }, status: 422)

    assert_equal ["/number", "There is a box #{first['number']} already. #{second['number'] + 1} is free."],
                 told["errors"].first.values_at("pointer", "message")
    make(number: 900)
    ask(:post, "/api/boxes", { number: 0 }, status: 422)
    ask(:post, "/api/boxes", { litres: 1e308 }, status: 422)
    ask(:post, "/api/boxes", { place: "x" * 61 }, status: 422)
  end

  def test_two_who_change_a_box_are_told
    made = make
    ask(:put, "/api/boxes/#{made['id']}", { version: made["version"], number: made["number"], place: "Loft left" })
    told = ask(:put, "/api/boxes/#{made['id']}", { version: made["version"], number: made["number"], place: "Shed" },
               status: 409)

    assert_equal "Loft left", told["current"]["place"]
  end

  def test_things_move_and_no_count_does
    made = make
    before = on_hand(@velvet)
    key = SecureRandom.uuid
    2.times { carry([{ style: @velvet, from: nil, quantity: 10 }], into: made["id"], key: key) }

    assert_equal({ "Plum velvet, 8 cm" => 10 }, inside(made["id"]))
    assert_in_delta before, on_hand(@velvet)
    other = make
    carry([{ style: @velvet, from: made["id"] }, { style: @bell, from: nil }], into: other["id"])

    assert_empty inside(made["id"])
    assert_equal({ "Old brass bell, 6 cm" => 18, "Plum velvet, 8 cm" => 10 }, inside(other["id"]))
    moved = ask(:get, "/api/styles/#{@velvet}/moves")["items"].first

    assert_equal ["moved", 0, "from box #{made['number']} to box #{other['number']}"],
                 moved.values_at("reason", "quantity", "note")
    sums!
  end

  def test_a_move_is_reversed_where_it_went
    made = make
    carry([{ style: @velvet, from: nil, quantity: 10 }], into: made["id"])
    ask(:post, "/api/moves/#{ask(:get, "/api/styles/#{@velvet}/moves")['items'].first['id']}/reverse", {}, status: 201)

    assert_empty inside(made["id"])
    sums!
  end

  def test_what_is_reversed_into_a_box_that_is_gone_lies_in_none
    first = make
    second = make
    carry([{ style: @velvet, from: nil }], into: first["id"])
    carry([{ style: @velvet, from: first["id"] }], into: second["id"])
    ask(:delete, "/api/boxes/#{first['id']}", status: 204)
    ask(:post, "/api/moves/#{ask(:get, "/api/styles/#{@velvet}/moves")['items'].first['id']}/reverse", {}, status: 201)

    assert_equal [nil], ask(:get, "/api/styles/#{@velvet}")["where"].map { |lot| lot["box"] }.uniq
    assert_empty inside(second["id"])
    sums!
  end

  def test_rolls_stay_what_they_are_wherever_they_lie
    made = make
    carry([{ style: @ribbon, from: nil }], into: made["id"])

    assert_equal [9, 9, 3], box(made["id"])["inside"].first["rolls"]
    assert_equal [9, 9, 3], ask(:get, "/api/styles/#{@ribbon}")["rolls"]
  end

  def test_boxes_and_things_that_are_none_are_refused
    made = make
    carry([{ style: @velvet, from: SecureRandom.uuid }], into: made["id"], status: 422)
    carry([{ style: @velvet, from: "box" }], into: made["id"], status: 422)
    carry([{ style: SecureRandom.uuid, from: nil }], into: made["id"], status: 404)
    carry([{ style: "none", from: nil }], into: made["id"], status: 404)
    carry([], into: made["id"], status: 422)
    carry([{ style: @velvet, from: nil }], into: made["id"], key: "once", status: 422)
    ask(:get, "/api/boxes/none", status: 404)
    count(SecureRandom.uuid, {}, status: 404)
  end

  def test_what_was_seen_is_what_is_there_and_says_so
    made = make
    carry([{ style: @velvet, from: nil, quantity: 10 }, { style: @bell, from: nil, quantity: 6 }], into: made["id"])
    key = SecureRandom.uuid
    told = Array.new(2) do
      count(made["id"], { @velvet => 8, @bell => 6, @ribbon => 4.5 }, key: key, note: "after frost")
    end

    assert_equal({ "Plum velvet, 8 cm" => -2, "Plum velvet ribbon" => 4.5 },
                 told.first["differences"].to_h { |one| one.values_at("name", "by") })
    assert_equal 8, inside(made["id"])["Plum velvet, 8 cm"]
    assert_in_delta 22, on_hand(@velvet)
    assert_equal "Ottoline Marsh", told.first["box"]["seen_by"]
    entries = ask(:get, "/api/styles/#{@bell}/moves")["items"]

    assert_equal ["counted", 0, "after frost"], entries.first.values_at("reason", "quantity", "note")
    assert_equal(1, entries.count { |entry| entry["note"] == "after frost" })
    sums!
  end

  def test_a_box_that_is_not_empty_stays_and_an_empty_one_comes_back
    made = make
    carry([{ style: @bell, from: nil }], into: made["id"])
    told = ask(:delete, "/api/boxes/#{made['id']}", status: 422)

    assert_equal "It is not empty", told["title"]
    carry([{ style: @bell, from: made["id"] }], into: nil)
    ask(:delete, "/api/boxes/#{made['id']}", status: 204)
    ask(:get, "/api/boxes/#{made['id']}", status: 404)
    carry([{ style: @bell, from: nil }], into: made["id"], status: 422)

    assert_equal made["number"], ask(:post, "/api/boxes/#{made['id']}/restore", {})["number"]
  end

  def test_an_entry_says_where_and_takes_from_there
    made = make
    carry([{ style: @velvet, from: nil, quantity: 10 }], into: made["id"])
    ask(:post, "/api/styles/#{@velvet}/moves",
        { key: SecureRandom.uuid, reason: "broken", quantity: 3, box: made["id"] }, status: 201)

    assert_equal 7, inside(made["id"])["Plum velvet, 8 cm"]
    ask(:post, "/api/styles/#{@velvet}/moves",
        { key: SecureRandom.uuid, reason: "broken", quantity: 8, box: made["id"] }, status: 422)
    wrong = ask(:get, "/api/styles/#{@velvet}/moves")["items"].first["id"]
    ask(:post, "/api/moves/#{wrong}/reverse", {}, status: 201)

    assert_equal 10, inside(made["id"])["Plum velvet, 8 cm"]
    sums!
  end

  def test_what_is_cut_is_cut_off_the_rolls_of_the_plan_and_taken_back_there
    tree = DATABASE[:pieces].where(name: "Quay window tree").get(:id)
    sheet = ask(:get, "/api/pieces/#{tree}/cut-plan")["ribbons"].find { |one| one["style"] == @ribbon }
    before = ask(:get, "/api/styles/#{@ribbon}")["rolls"]

    assert_equal before.sum, sheet["part_rolls_m"].sum
    version = DATABASE[:styles].where(id: @ribbon).get(:version)
    act = ask(:post, "/api/pieces/#{tree}/cut-plan/ends", { style: @ribbon, key: SecureRandom.uuid, version: version },
              status: 201)["act"]
    after = ask(:get, "/api/styles/#{@ribbon}")["rolls"]

    assert_equal sheet["back_rolls_m"].sort, after.sort
    sums!
    ask(:post, "/api/acts/#{act['id']}/take-back", {})

    assert_equal before, ask(:get, "/api/styles/#{@ribbon}")["rolls"]
    sums!
  end

  def test_a_proposal_keeps_every_limit_and_is_packed_once
    told = ask(:get, "/api/boxes/proposal")
    before = ask(:get, "/api/boxes")["items"].map { |one| one["number"] }
    key = SecureRandom.uuid

    told["boxes"].each do |one|
      assert_operator one["litres"], :<=, one["most_litres"] + 1e-6
      assert_operator one["kg"], :<=, (one["breakable"] ? 8 : 15) + 1e-6
    end
    wanted = told["boxes"].map do |one|
      { box: one["box"], things: one["items"].map { |item| item.slice("style", "quantity") } }
    end
    2.times { ask(:post, "/api/boxes/proposal", { key: key, place: "Loft left", boxes: wanted }) }
    boxes = ask(:get, "/api/boxes")["items"]

    fresh = boxes.reject { |one| before.include?(one["number"]) }

    assert_equal told["boxes"].size, fresh.size
    assert_equal(["Loft left"], fresh.map { |one| one["place"] }.uniq)
    assert_equal told["left"], ask(:get, "/api/boxes/proposal")["left"]
    sums!
  end

  def test_labels_are_printed_and_their_code_opens_the_box
    made = make(number: 77)
    pdf = ask_pdf("/api/boxes/labels.pdf?boxes=#{made['id']}&paper=letter")

    assert pdf.start_with?("%PDF")
    ask(:get, "/api/boxes/labels.pdf?boxes=none", status: 404)
    Dir.mktmpdir do |folder|
      printer = Server::StandIns::LabelPrinter.new(folder)

      assert_equal(%w[box-labels-0001.pdf box-labels-0002.pdf], Array.new(2) { printer.print("box-labels", pdf) })
    end
    number = ask(:get, "/api/boxes/scanned")["code"][%r{/boxes/(\d+)\z}, 1]

    assert_includes ask(:get, "/api/boxes")["items"].map { |one| one["number"] }, number.to_i
    printed = ask(:post, "/api/boxes/labels", { boxes: [made["id"]] }, status: 201)

    assert_equal 1, printed["labels"]
    assert_path_exists File.join(CONFIGURATION.labels_folder, printed["printer"])
  end

  def test_a_count_that_is_sent_again_says_the_same_and_is_not_seen_again
    made = make
    carry([{ style: @velvet, from: nil, quantity: 10 }], into: made["id"])
    key = SecureRandom.uuid
    first = count(made["id"], { @velvet => 8 }, key: key)
    DATABASE[:boxes].where(id: made["id"]).update(seen_at: Time.utc(2026, 11, 1))
    again = count(made["id"], { @velvet => 8 }, key: key)

    assert_equal first["differences"], again["differences"]
    assert_equal(-2, again["differences"].first["by"])
    assert_equal ["2026-11-01", first["box"]["version"]], [again["box"]["seen_at"][0, 10], again["box"]["version"]]
  end

  def test_a_studio_with_more_empty_boxes_than_are_packed_at_once_gets_a_proposal
    studio = DATABASE[:studios].get(:id)
    DATABASE[:boxes].multi_insert(Array.new(320) { |i| { studio_id: studio, number: 1_000 + i, litres: 1 } })

    assert_operator ask(:get, "/api/boxes/proposal")["boxes"].size, :>, 0
  end

  private

  def ask_pdf(path)
    get path

    assert_equal 200, last_response.status
    last_response.body
  end
end
