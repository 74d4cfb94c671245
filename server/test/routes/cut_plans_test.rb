# frozen_string_literal: true

require_relative "../server_test"

class CutPlansRoutesTest < ServerTest
  def setup
    sign_in
    @tree = quay_tree
  end

  def path(rest = "")
    "/api/pieces/#{@tree['id']}/cut-plan#{rest}"
  end

  def test_every_ribbon_of_the_ledger_is_cut_to_the_length_it_needs
    ledger = ask(:post, "/api/pieces/#{@tree['id']}/plan", {})["ledger"].select { |line| line["kind"] == "ribbon" }
    ribbons = ask(:get, path)["ribbons"]

    assert_equal ledger.map { |line| line["style"] }.sort, ribbons.map { |ribbon| ribbon["style"] }.sort
    ribbons.each do |ribbon|
      cuts = ribbon["rolls"].flat_map { |roll| roll["cuts"] }

      assert_equal ribbon["pieces"], cuts.size
      assert_in_delta ledger.find { |line| line["style"] == ribbon["style"] }["need"],
                      cuts.sum { |cut| cut["length_m"] }, 0.001
      assert_operator ribbon["new_rolls"], :<=, ribbon["lower_bound"] + 1
    end
  end

  def test_rolls_as_they_are_at_hand_change_the_plan_and_nothing_is_stored
    style = ask(:get, path)["ribbons"].first["style"]
    tried = ask(:post, path, { part_rolls_m: { style => [0.95, 0.95] } })["ribbons"].find do |ribbon|
      ribbon["style"] == style
    end

    assert_equal [0.95, 0.95], tried["part_rolls_m"]
    refute_equal [0.95, 0.95], ask(:get, path)["ribbons"].first["part_rolls_m"]
    bad = ask(:post, path, { part_rolls_m: { style => [-2] } }, status: 422)

    assert_includes bad["detail"], "cannot be negative"
    absurd = ask(:post, path, { part_rolls_m: { style => [4.0, 99_999] } }, status: 422)

    assert_equal ["/part_rolls_m/#{style}/1"], pointers(absurd)
    assert_equal "A roll at hand is 99999 m. Nobody dresses that. Enter 500 m or less.", absurd["detail"]
  end

  def keep_ends(ribbon, status: 201, key: SecureRandom.uuid, **more)
    style = ask(:get, "/api/styles")["items"].find { |known| known["id"] == ribbon["style"] }
    ask(:post, path("/ends"), { key: key, style: ribbon["style"], version: style["version"], **more }, status: status)
  end

  def ribbon_line(style)
    ask(:post, "/api/pieces/#{@tree['id']}/plan", {})["ledger"].find { |line| line["style"] == style }
  end

  def on_hand(style)
    ask(:get, "/api/styles")["items"].find { |known| known["id"] == style }["on_hand"]
  end

  def test_a_ribbon_is_cut_once_however_often_it_is_pressed
    ribbon = ask(:get, path)["ribbons"].first
    before = on_hand(ribbon["style"])
    done = keep_ends(ribbon)

    assert_in_delta ribbon["back_m"], done["style"]["on_hand"]
    as(ASSISTANT) { assert_equal done["act"]["id"], keep_ends(ribbon)["act"]["id"] }
    assert_in_delta ribbon["back_m"], on_hand(ribbon["style"])
    shown = ask(:get, path)["ribbons"].first

    assert_equal [done["act"]["id"], ribbon["rolls"]], [shown["act"]["id"], shown["rolls"]]
    2.times { ask(:post, "/api/acts/#{done['act']['id']}/take-back", {}) }

    assert_in_delta before, on_hand(ribbon["style"])
    refute ask(:get, path)["ribbons"].first.key?("act")
  end

  def test_what_is_cut_is_no_longer_short
    ribbon = ask(:get, path)["ribbons"].first
    keep_ends(ribbon)
    line = ribbon_line(ribbon["style"])

    assert_in_delta 0, line["short"]
    assert_in_delta ribbon["back_m"] + ribbon["length_m"], line["have"], 1e-6
    assert_equal "cut", ask(:get, "/api/styles/#{ribbon['style']}/moves")["items"].first["reason"]
  end

  def test_nobodys_word_is_taken_for_what_is_left
    ribbon = ask(:get, path)["ribbons"].first
    told = keep_ends(ribbon, part_rolls_m: { ribbon["style"] => [20.0] })

    assert_operator told["style"]["on_hand"], :<=, 20.0
    keep_ends({ "style" => ask(:get, "/api/styles")["items"].find { |known| known["kind"] == "light" }["id"] },
              status: 422)
  end

  def test_of_a_large_stock_only_what_is_cut_goes
    ribbon = ask(:get, path)["ribbons"].first
    style = ask(:get, "/api/styles")["items"].find { |known| known["id"] == ribbon["style"] }
    ask(:put, "/api/styles/#{style['id']}", style.except("id").merge("on_hand" => 90_000))
    keep_ends(ribbon)

    assert_in_delta 90_000 - ribbon["length_m"], on_hand(ribbon["style"]), 1.0
  end

  def test_ends_of_a_ribbon_that_was_counted_meanwhile_are_not_kept
    ribbon = ask(:get, path)["ribbons"].first
    ask(:post, path("/ends"), { key: SecureRandom.uuid, style: ribbon["style"], version: 99 }, status: 409)

    assert_empty ask(:get, "/api/pieces/#{@tree['id']}")["acts"]
  end

  def test_more_rolls_than_lie_on_a_table_are_refused
    ribbons = ask(:get, path)["ribbons"]
    many = ribbons.to_h { |ribbon| [ribbon["style"], [1.0] * 150] }

    assert_equal ["/part_rolls_m"], pointers(ask(:post, path, { part_rolls_m: many }, status: 422))
  end
end
