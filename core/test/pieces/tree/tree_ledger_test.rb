# frozen_string_literal: true

require_relative "../../core_test"

class TreeLedgerTest < CoreTest
  RIBBONS = [DeckBough::Style.new(id: "plum", kind: "ribbon", name: "Plum velvet ribbon", pack_size: 9.0,
                                  price_cents: 1180, on_hand: 21.0),
             DeckBough::Style.new(id: "gauze", kind: "ribbon", name: "Brass gauze ribbon", pack_size: 10.0,
                                  price_cents: 890, on_hand: 2.0)].freeze
  PICKS = [DeckBough::Style.new(id: "berry", kind: "pick", name: "Berry picks", pack_size: 6, price_cents: 840,
                                on_hand: 3),
           DeckBough::Style.new(id: "fern", kind: "pick", name: "Fern picks", pack_size: 6, on_hand: 0)].freeze
  LIGHTS = DeckBough::Style.new(id: "warm", kind: "light", name: "Warm lights", bulbs: 200, lit_length_m: 14.0,
                                price_cents: 2290, on_hand: 2)

  def lines(kind, **groups)
    plan(dressed(**groups), with: [*styles, *RIBBONS, *PICKS, LIGHTS])[:ledger].select { |line| line[:kind] == kind }
  end

  def test_a_string_of_the_shelf_brings_its_own_bulbs
    plain = lines("light").first
    chosen = lines("light", lights: { style: "warm" }).first

    assert_equal ["Lights, 100 a string", 9, nil], plain.values_at(:label, :need, :packs)
    assert_equal ["Warm lights", 5, 1, 4, 4 * 2290], chosen.values_at(:label, :need, :spares, :packs, :buy_cents)
  end

  def test_ribbon_is_short_by_what_is_missing_and_bought_by_the_roll
    gauze = lines("ribbon", ribbon: { styles: %w[plum gauze] }).find { |line| line[:style] == "gauze" }

    assert_in_delta gauze[:need] - 2.0, gauze[:short], 1e-5
    assert_equal (gauze[:short] / 10.0).ceil, gauze[:packs]
    assert_in_delta (gauze[:packs] * 10.0) - gauze[:short], gauze[:left_over], 1e-5
  end

  def test_the_tree_its_crown_and_its_foot_are_the_homes_own
    told = lines("thing", measure: { height_m: 2.4, riser_m: 0.3 }, crown: { kind: "star" }, foot: { kind: "collar" })

    assert_equal(["Tree, classic, 2.40 m", "Riser, 30 cm", "Star for the crown", "Collar, 1.18 m across"],
                 told.map { |line| line[:label] })
    assert(told.all? { |line| line[:own] && line[:short].zero? && line[:buy_cents].zero? })
    %w[finial spray figure].each do |kind|
      assert_includes lines("thing", measure: { height_m: 2.4 }, crown: { kind: kind }).map { |line| line[:label] },
                      "#{kind.capitalize} for the crown"
      assert_empty lines("ribbon", ribbon: { method: "none" }, crown: { kind: kind })
    end
    plain = lines("thing", measure: { height_m: 2.4 })

    assert_equal(["Tree, classic, 2.40 m", "Skirt, 1.18 m across"], plain.map { |line| line[:label] })
  end

  def test_an_odd_piece_goes_to_the_first_ribbon
    plum, gauze = lines("ribbon", ribbon: { styles: %w[plum gauze] }, crown: { topper: "none" })

    assert_in_delta 0.65, plum[:need] - gauze[:need]
  end

  def test_a_crown_of_its_own_ribbon_is_a_line_of_its_own
    crowned = lines("ribbon", ribbon: { styles: ["gauze"] }, crown: { style: "plum" })

    assert_equal([%w[plum crown], %w[gauze ribbon]], crowned.map { |line| line.values_at(:style, :step) })
  end

  # Whoever makes the bow is told the bow's part, whoever tucks the rest.
  def test_a_ribbon_that_serves_crown_and_tree_is_one_line_that_knows_how_much_each_takes
    one = lines("ribbon", ribbon: { styles: ["plum"] }).first
    of_its_own = lines("ribbon", ribbon: { styles: ["gauze"] }, crown: { style: "plum" })

    assert_equal "crown", one[:step]
    assert_equal({ "crown" => of_its_own[0][:need], "ribbon" => of_its_own[1][:need] }, one[:uses])
    assert_in_delta one[:need], one[:uses].values.sum
    refute(of_its_own.any? { |line| line.key?(:uses) })
  end

  def test_no_ribbon_no_line
    assert_empty lines("ribbon", ribbon: { method: "none" }, crown: { kind: "star" })
  end

  def test_picks_are_shared_and_one_without_a_price_is_counted_as_such
    shared = lines("pick", picks: { styles: %w[berry fern] })

    assert_equal(32, shared.sum { |line| line[:need] })
    assert_nil shared.last[:buy_cents]
    assert_equal 2, plan(dressed(picks: { styles: %w[berry fern] }), with: [*styles, *PICKS])[:totals][:unpriced] - 1
  end

  def test_totals_are_the_sums_of_the_lines
    whole = plan(dressed(ribbon: { styles: %w[plum gauze] }, lights: { style: "warm" }, picks: { styles: %w[berry] }),
                 with: [*styles, *RIBBONS, *PICKS, LIGHTS])

    assert_equal whole[:ledger].sum { |line| line[:buy_cents] }, whole[:totals][:buy_cents]
    assert_equal whole[:ledger].sum { |line| line[:stock_cents] }, whole[:totals][:stock_cents]
    assert_equal 0, whole[:totals][:unpriced]
  end

  def test_stock_counts_only_as_far_as_it_is_needed
    velvet = lines("ornament").find { |line| line[:style] == "velvet" }
    used = [velvet[:need], velvet[:have]].min

    assert_equal (1000 * used / 4.0).round, velvet[:stock_cents]
  end

  def test_more_stock_never_makes_more_short
    PropCheck.forall(PropCheck::Generators.choose(0..120)) do |on_hand|
      less = shortage(on_hand)
      more = shortage(on_hand + 7)

      assert_operator more, :<=, less
    end
  end

  def shortage(on_hand)
    shelf = [style("slate", "Slate glass", 100, "glass", breakable: true, on_hand: on_hand)]
    ledger = plan(dressed(ornaments: { styles: ["slate"] }), with: shelf)[:ledger]
    ledger.find { |line| line[:kind] == "ornament" }[:short]
  end

  def test_every_sheet_of_a_line_ends_in_its_need
    whole = plan(dressed(ribbon: { styles: %w[plum gauze] }, picks: { styles: %w[berry fern] }),
                 with: [*styles, *RIBBONS, *PICKS])
    whole[:ledger].reject { |line| line[:kind] == "light" }.each do |line|
      told = whole[:sheets].fetch(line[:sheet])[:steps].select { |step| %w[need need_m crown_m].include?(step[:gives]) }

      assert_in_delta line[:need], told.sum { |step| step[:value] }, 1e-6, line[:label]
    end
  end
end
