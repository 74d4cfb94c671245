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
      assert_in_delta ledger.find { |line| line["style"] == ribbon["style"] }["need"], cuts.sum { |cut| cut["length_m"] }, 0.001
      assert_operator ribbon["new_rolls"], :<=, ribbon["lower_bound"] + 1
    end
  end

  def test_rolls_as_they_are_at_hand_change_the_plan_and_nothing_is_stored
    style = ask(:get, path)["ribbons"].first["style"]
    tried = ask(:post, path, { part_rolls_m: { style => [0.95, 0.95] } })["ribbons"].find { |ribbon| ribbon["style"] == style }

    assert_equal [0.95, 0.95], tried["part_rolls_m"]
    refute_equal [0.95, 0.95], ask(:get, path)["ribbons"].first["part_rolls_m"]
    bad = ask(:post, path, { part_rolls_m: { style => [-2] } }, status: 422)

    assert_includes bad["detail"], "cannot be negative"
  end

  def test_ends_go_back_to_stock_once
    ribbon = ask(:get, path)["ribbons"].first
    style = ask(:get, "/api/styles")["items"].find { |known| known["id"] == ribbon["style"] }
    kept = ask(:post, path("/ends"), { style: style["id"], version: style["version"], left_m: 1.25 })

    assert_in_delta 1.25, kept["on_hand"]
    ask(:post, path("/ends"), { style: style["id"], version: style["version"], left_m: 1.25 }, status: 409)
    other = ask(:get, "/api/styles")["items"].find { |known| known["kind"] == "light" }
    ask(:post, path("/ends"), { style: "00000000-0000-0000-0000-000000000000", version: other["version"], left_m: 1 }, status: 422)
  end
end
