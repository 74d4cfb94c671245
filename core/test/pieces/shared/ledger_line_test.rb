# frozen_string_literal: true

require_relative "../../core_test"

class LedgerLineTest < CoreTest
  def line(need:, spares:, on_hand:)
    LedgerLine.new(kind: "ornament", step: "ornaments",
                   style: style("bell", "Old brass bell", 60, "metal", on_hand: on_hand), need: need, spares: spares,
                   sheet: "x")
  end

  # A pack of 4 costs 1000.
  def test_spares_come_from_the_shelf_and_are_worth_what_they_cost
    assert_equal 4_500, line(need: 16, spares: 2, on_hand: 30).to_h[:stock_cents]
    assert_equal 4_000, line(need: 16, spares: 0, on_hand: 30).to_h[:stock_cents]
    assert_equal 3_000, line(need: 16, spares: 2, on_hand: 12).to_h[:stock_cents]
  end

  def test_a_piece_claims_what_it_takes_less_what_is_cut_for_it
    lines = [line(need: 16, spares: 2, on_hand: 12), line(need: 3, spares: 0, on_hand: 12)].map(&:to_h)
    own = LedgerLine.new(kind: "thing", step: "foot", label: "The home's own blanket", need: 1, own: true, sheet: "y")

    assert_equal({ "bell" => { whole: 21, wanted: 21 } }, LedgerLine.claims([*lines, own.to_h]))
    assert_equal({ "bell" => { whole: 21, wanted: 5.5 } }, LedgerLine.claims(lines, { "bell" => 15.5 }))
    assert_equal({ "bell" => { whole: 21, wanted: 0 } }, LedgerLine.claims(lines, { "bell" => 30 }))
  end

  def test_what_others_keep_is_told_and_not_had
    kept = LedgerLine.new(kind: "ornament", step: "ornaments", need: 5, sheet: "x",
                          style: style("bell", "Old brass bell", 60, "metal", on_hand: 2).with(elsewhere: 7))

    assert_equal [2, 7, 3], kept.to_h.values_at(:have, :elsewhere, :short)
  end

  def test_spares_are_bought_too_in_whole_packs
    told = line(need: 16, spares: 2, on_hand: 12).to_h

    assert_equal [6, 2, 2_000, 2], told.values_at(:short, :packs, :buy_cents, :left_over)
  end
end
