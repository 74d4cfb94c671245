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

  # Ten bells on two lines of six: two lack, however they are told.
  def test_what_is_on_hand_is_there_once_for_all_lines_of_a_style
    first, second = LedgerLine.in_turn([line(need: 6, spares: 0, on_hand: 10),
                                        line(need: 6, spares: 0, on_hand: 10)]).map(&:to_h)

    assert_equal [10, 0], first.values_at(:have, :short)
    assert_equal [4, 2, 1, 2], second.values_at(:have, :short, :packs, :left_over)
    assert_equal 2_500, LedgerLine.totals(LedgerLine.in_turn([line(need: 6, spares: 0, on_hand: 10)] * 2))[:stock_cents]
  end

  # Four in a pack; one lacks for the first, three for the second.
  def test_a_pack_opened_for_one_line_serves_the_next
    told = LedgerLine.in_turn([line(need: 3, spares: 1, on_hand: 3), line(need: 3, spares: 0, on_hand: 3),
                               line(need: 2, spares: 0, on_hand: 3)]).map(&:to_h)

    assert_equal([1, 3, 2], told.map { |one| one[:short] })
    assert_equal([1, 0, 1], told.map { |one| one[:packs] })
    assert_equal([1_000, 0, 1_000], told.map { |one| one[:buy_cents] })
    assert_equal([3, 0, 2], told.map { |one| one[:left_over] })
  end

  def test_what_the_home_has_of_its_own_and_what_is_not_chosen_takes_from_nobody
    own = LedgerLine.new(kind: "thing", step: "foot", label: "Blanket", need: 1, own: true, sheet: "y")
    open = LedgerLine.new(kind: "pick", step: "picks", label: "Picks, no style chosen", need: 4, sheet: "z")

    assert_equal [1, 0, 0, 1], LedgerLine.in_turn([own, open, open, own]).map(&:have)
  end

  def test_what_serves_several_steps_is_laid_out_for_each
    ribbon = LedgerLine.new(kind: "ribbon", step: "crown", need: 15, spares: 0, sheet: "x",
                            uses: { "crown" => 4, "ribbon" => 11 },
                            style: style("plum", "Plum", nil, nil, kind: "ribbon", on_hand: 12)).to_h
    crown, body = LedgerLine.by_step([ribbon])

    assert_equal ["crown", 4, 0], crown.values_at(:step, :need, :short)
    assert_equal ["ribbon", 11, 3], body.values_at(:step, :need, :short)
    assert_equal(ribbon.values_at(:need, :short), %i[need short].map { |key| crown[key] + body[key] })
    bells = line(need: 1, spares: 1, on_hand: 0).to_h

    assert_equal [bells], LedgerLine.by_step([bells])
  end

  def test_spares_are_bought_too_in_whole_packs
    told = line(need: 16, spares: 2, on_hand: 12).to_h

    assert_equal [6, 2, 2_000, 2], told.values_at(:short, :packs, :buy_cents, :left_over)
  end
end
