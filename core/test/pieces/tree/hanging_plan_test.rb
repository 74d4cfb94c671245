# frozen_string_literal: true

require_relative "../../core_test"

class HangingPlanTest < CoreTest
  def hung(plan)
    plan[:drawing][:ornaments]
  end

  def ornaments(**more)
    dressed(ornaments: { styles: styles.map(&:id), **more })
  end

  MISSING = [{ style: "velvet", count: 6 }, { style: "slate", count: 3 }].freeze

  def test_what_is_crossed_out_is_needed_no_more_and_the_rest_is_spread_again
    whole = plan(ornaments)
    less = plan(ornaments(missing: MISSING))

    assert_equal hung(whole).size - 9, hung(less).size
    assert_equal [9, 9], less[:hanging].values_at(:crossed_out, :to_fill)
    velvet = ->(told) { told[:ledger].find { |line| line[:style] == "velvet" }[:need] }

    assert_equal velvet.call(whole) - 6, velvet.call(less)
    assert_operator less[:hanging][:evenness][:whole], :>=, 1.88
  end

  def test_kept_places_stay_where_they_were_and_the_empty_ones_are_told
    whole = plan(ornaments)
    kept = plan(ornaments(missing: MISSING, make_do: "keep_places"))
    places = ->(told) { hung(told).map { |site| site.values_at(:style, :height_m, :angle_deg) } }

    assert_empty places.call(kept) - places.call(whole)
    assert_equal 9, kept[:hanging][:to_fill]
  end

  def test_empty_spots_are_filled_with_ribbon_or_picks_and_both_are_in_the_ledger
    bare = plan(ornaments(missing: MISSING))
    ribbon = plan(ornaments(missing: MISSING, fill: "ribbon"))
    picks = plan(ornaments(missing: MISSING, fill: "picks"))
    need = ->(told, kind) { told[:ledger].select { |line| line[:kind] == kind }.sum { |line| line[:need] } }

    assert_equal 9, ribbon[:drawing][:ribbon][:fills].size
    assert_operator need.call(ribbon, "ribbon"), :>, need.call(bare, "ribbon") + 5
    assert_equal need.call(bare, "pick") + 9, need.call(picks, "pick")
  end

  def test_more_missing_than_there_are_leaves_none_and_counts_only_those
    none = plan(ornaments(missing: [{ style: "velvet", count: 500 }]))

    refute_includes hung(none).map { |site| site[:style] }, "velvet"
    assert_equal plan(ornaments)[:ledger].find { |line| line[:style] == "velvet" }[:need], none[:hanging][:crossed_out]
  end

  def test_a_moved_ornament_hangs_where_it_was_moved_and_an_added_one_is_needed
    mends = [{ kind: "move", style: "bell", number: 2, height_m: 1.5, angle_deg: 12.0 },
             { kind: "add", style: "berry", height_m: 0.9, angle_deg: -40.0 }]
    before = plan(ornaments)
    after = plan(ornaments.merge(step_back: { mends: mends }))
    bell = hung(after).find { |site| site[:style] == "bell" && site[:number] == 2 }

    assert_equal [1.5, 12.0, 5.5], bell.values_at(:height_m, :angle_deg, :clock)
    assert_equal hung(before).size + 1, hung(after).size
    assert_equal before[:ledger].find { |line| line[:style] == "berry" }[:need] + 1,
                 after[:ledger].find { |line| line[:style] == "berry" }[:need]
  end

  def test_numbers_name_each_ornament_once
    names = hung(plan(ornaments)).map { |site| site.values_at(:style, :number) }

    assert_equal names.uniq, names
  end

  def test_keepsakes_hang_each_once_and_the_others_share_the_rest
    boats = style("boat", "Tin boat", 55, "metal", on_hand: 3, keepsake: true)
    told = plan(dressed(ornaments: { styles: [*styles.map(&:id), "boat"] }), with: [*styles, boats])

    assert_equal(3, hung(told).count { |site| site[:style] == "boat" })
    assert_equal plan(ornaments)[:figures][:ornaments][:value], hung(told).size
  end
end
