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

  def test_spares_are_bought_too_in_whole_packs
    told = line(need: 16, spares: 2, on_hand: 12).to_h

    assert_equal [6, 2, 2_000, 2], told.values_at(:short, :packs, :buy_cents, :left_over)
  end
end
