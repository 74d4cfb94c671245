# frozen_string_literal: true

require_relative "../../core_test"

class PlanSummaryTest < CoreTest
  Book = Struct.new(:lines, :totals)
  Line = Struct.new(:short, :kind, :need)
  TOTALS = { buy_cents: 4_200, stock_cents: 100, unpriced: 1 }.freeze
  FAULT = Fault.new(path: %w[ribbon cover], code: "not_a_choice", message: "Cover is lush.")

  def caution(severity, message)
    { step: "ornaments", code: "x", severity: severity, message: message }
  end

  def summary(*cautions)
    ledger = Book.new([Line.new(0, "wreath", 3), Line.new(3, "ribbon", 9), Line.new(0.4, "wreath", 2)], TOTALS)
    PlanSummary.of(ledger: ledger, cautions: cautions, minutes: 95.0)
  end

  def test_counts_the_wreaths_that_hang
    assert_equal 5, summary[:wreaths]
    assert_equal 0, PlanSummary::NONE[:wreaths]
  end

  def test_counts_what_is_short_and_what_warns
    told = summary(caution("stop", "No riser."), caution("caution", "Glass low."), caution("caution", "Dark bands."),
                   caution("info", "One size."))

    assert_equal({ chosen: true, short_lines: 2, buy_cents: 4_200, unpriced: 1, stock_cents: 100, stops: 1, cautions: 2,
                   minutes: 95.0, worst: "No riser.", wreaths: 5 }, told)
  end

  def test_a_note_is_no_worry
    assert_nil summary(caution("info", "One size."))[:worst]
    assert_equal "Glass low.", summary(caution("info", "One size."), caution("caution", "Glass low."))[:worst]
  end

  def test_what_could_not_be_read_is_the_first_worry_but_for_a_stop
    unread = PlanSummary.unread(summary(caution("caution", "Glass low.")), ["Cover is lush."])

    assert_includes unread[:worst], "Cover is lush."
    assert_equal 2, unread[:cautions]
    assert_equal "No riser.", PlanSummary.unread(summary(caution("stop", "No riser.")), ["Cover is lush."])[:worst]
    assert_equal summary, PlanSummary.unread(summary, [])
  end

  def test_what_cannot_be_planned_or_breaks_has_one_worry_and_no_figures
    unplannable = PlanSummary.unplannable(UnplannableError.new("garland.tree", [FAULT]), "metric")

    [unplannable, PlanSummary.broken].each do |told|
      assert_equal [true, 1, 0, 0], told.values_at(:chosen, :cautions, :stops, :minutes)
      assert_equal PlanSummary::NONE.keys, told.keys
    end
    assert_includes unplannable[:worst], "Cover is lush."
    assert_includes PlanSummary.broken[:worst], "our side"
  end

  def test_what_cannot_be_planned_is_told_in_the_units_of_the_studio
    tall = TREE_KIND.read({ "measure" => { "height_m" => 400 } }).faults.first
    error = UnplannableError.new("garland.tree", [tall])

    assert_includes PlanSummary.unplannable(error, "metric")[:worst], tall.told("metric")
    assert_includes PlanSummary.unplannable(error, "imperial")[:worst], tall.told("imperial")
    refute_equal tall.told("metric"), tall.told("imperial")
  end
end
