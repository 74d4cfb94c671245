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
    assert_equal [9, 9], less[:make_do].values_at(:crossed_out, :to_fill)
    velvet = ->(told) { told[:ledger].find { |line| line[:style] == "velvet" }[:need] }

    assert_equal velvet.call(whole) - 6, velvet.call(less)
    assert_operator less[:hanging][:evenness][:whole], :>=, 1.88
  end

  def test_kept_places_stay_where_they_were_and_the_empty_ones_are_told
    whole = plan(ornaments)
    kept = plan(ornaments(missing: MISSING, make_do: "keep_places"))
    places = ->(told) { hung(told).map { |site| site.values_at(:style, :height_m, :angle_deg) } }

    assert_empty places.call(kept) - places.call(whole)
    assert_equal 9, kept[:make_do][:to_fill]
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
    assert_equal plan(ornaments)[:ledger].find { |line| line[:style] == "velvet" }[:need], none[:make_do][:crossed_out]
  end

  def test_a_style_of_which_all_are_missing_leaves_every_pattern_whole
    TreeSettings::PATTERNS.each do |pattern|
      told = plan(ornaments(pattern: pattern,
                            missing: [{ style: "slate", count: 500 },
                                      { style: "velvet", count: 500 }]))

      assert_empty hung(told).map { |site| site[:style] } & %w[slate velvet], pattern
    end
  end

  # Slate ones are crossed out, and something that is not on the tree hangs instead of as many as there are of it.
  def with_stand_in(over, **more)
    other = style("moss", "Moss", 60, "velvet", on_hand: over)
    settings = dressed(ornaments: { styles: styles.map(&:id),
                                    missing: [{ style: "slate", count: 4, instead: "moss" }], **more })
    TreePlan.new(settings: settings, surroundings: surroundings, styles: [*styles, other], kept: KEPT).call
  end

  def need(told, id) = told[:ledger].find { |line| line[:style] == id }&.fetch(:need) || 0

  def test_something_else_hangs_instead_of_what_is_missing_as_far_as_it_goes
    whole = plan(ornaments)
    %w[spread_again keep_places].each do |make_do|
      told = with_stand_in(3, make_do: make_do)
      hanging = hung(told).group_by { |site| site[:style] }.transform_values(&:size)

      assert_equal [3, need(whole, "slate") - 4], [hanging["moss"], hanging["slate"]]
      assert_equal [3, need(whole, "slate") - 4], [need(told, "moss"), need(told, "slate")]
      assert_equal hung(whole).size - 1, hung(told).size
      assert_equal [4, 1], told[:make_do].values_at(:crossed_out, :to_fill)
      assert_equal 3, told[:make_do][:styles].find { |one| one[:style] == "slate" }[:stood_in]
      assert_equal((1..3).to_a, hung(told).select { |site| site[:style] == "moss" }.map { |site| site[:number] })
    end
  end

  def test_in_kept_places_what_stands_in_hangs_where_the_missing_one_would
    whole = plan(ornaments)
    places = ->(told, id) { hung(told).select { |site| site[:style] == id }.map { |site| site[:height_m] } }
    told = with_stand_in(9, make_do: "keep_places")

    assert_equal 4, places.call(told, "moss").size
    assert_empty places.call(told, "moss") - places.call(whole, "slate")
    assert_equal places.call(whole, "slate").sort, (places.call(told, "slate") + places.call(told, "moss")).sort
  end

  def test_what_is_on_the_tree_stands_in_only_with_what_is_over
    short = [style("slate", "Slate", 60, "velvet", on_hand: 50), style("moss", "Moss", 60, "velvet", on_hand: 22)]
    said = { count_by: "own", own_total: 40, styles: %w[slate moss],
             missing: [{ style: "slate", count: 6, instead: "moss" }] }
    told = TreePlan.new(settings: dressed(ornaments: said), surroundings: surroundings, styles: short, kept: KEPT).call

    assert_equal [14, 22], [need(told, "slate"), need(told, "moss")]
    assert_equal 36, hung(told).size
  end

  SHORT = [["plenty", 80, "glass", 400], ["some", 60, "velvet", 9], ["none", 45, "wood", 0]].freeze

  def with_short_stock(measure: {}, **more)
    stock = SHORT.map do |id, size, of, on_hand|
      style(id, id.capitalize, size, of, on_hand: on_hand, breakable: of == "glass")
    end
    settings = dressed(measure: { height_m: 2.4, **measure }, ornaments: { styles: stock.map(&:id), **more })
    plan(settings, with: stock)
  end

  def test_every_place_tells_the_same_number_whatever_is_done_about_what_is_short
    cases = [{}, { cross_out_short: true }, { cross_out_short: true, make_do: "keep_places", fill: "picks" },
             { missing: [{ style: "plenty", count: 15 }], pattern: "diamond" },
             { count_by: "own", own_total: 900 }, { cross_out_short: true, pattern: "threes", fill: "ribbon" }]
    cases.each do |ornaments|
      told = with_short_stock(**ornaments)
      needs = told[:ledger].select { |line| line[:kind] == "ornament" }.sum { |line| line[:need] }
      task = told[:tasks].find { |one| one[:house_rule] == "minutes.ornament" }
      picks = told[:ledger].select { |line| line[:kind] == "pick" }.sum { |line| line[:need] }
      steps = told[:sheets]["ornaments_total"][:steps].select { |step| step[:gives] == "total" }

      assert_equal [hung(told).size] * 4,
                   [told[:figures][:ornaments][:value], needs, task[:count], steps.last[:value]], ornaments.inspect
      assert_equal [told[:figures][:picks][:value]] * 2,
                   [picks, told[:tasks].find { |one| one[:house_rule] == "minutes.pick" }[:count]], ornaments.inspect
    end
  end

  def test_what_is_crossed_out_because_it_is_short_follows_the_size_of_the_tree
    [1.8, 2.4, 3.0].each do |height|
      bought = with_short_stock(measure: { height_m: height })
      done = with_short_stock(measure: { height_m: height }, cross_out_short: true)
      lacking = bought[:ledger].select { |line| line[:kind] == "ornament" }
                               .sum { |line| line[:short] - line[:spares_short] }
      short = done[:ledger].select { |line| line[:kind] == "ornament" && line[:short] > line[:spares_short] }

      assert_equal lacking, done[:make_do][:crossed_out]
      assert_empty short
      assert(done[:make_do][:styles].all? { |one| one[:crossed_out] <= one[:planned] })
    end
  end

  def test_what_has_no_place_is_needed_nowhere
    small = dressed(measure: { height_m: 0.9, spread_m: 0.6 }, ornaments: { styles: styles.map(&:id) })
    told = plan(small, place: surroundings(children: [3]))
    unplaced = told[:hanging][:unplaced].sum { |one| one[:count] }
    needs = told[:ledger].select { |line| line[:kind] == "ornament" }.sum { |line| line[:need] }

    assert_operator unplaced, :>, 0
    assert_equal told[:figures][:ornaments_planned][:value] - unplaced, needs
    assert_equal [hung(told).size] * 2, [needs, told[:figures][:ornaments][:value]]
  end

  def test_spares_are_told_apart_from_what_the_tree_needs
    glass = style("glass", "Glass", 80, "glass", on_hand: 12, breakable: true)
    line = plan(dressed(ornaments: { styles: ["glass"], count_by: "own", own_total: 12 }), with: [glass])[:ledger]
           .find { |one| one[:style] == "glass" }

    assert_equal [12, 2, 2, 2], line.values_at(:need, :spares, :short, :spares_short)
  end

  def test_what_fills_empty_spots_takes_time_and_is_in_the_figure_of_picks
    minutes = ->(told, rule) { told[:tasks].select { |one| one[:house_rule] == rule }.sum { |one| one[:count] } }
    bare = plan(ornaments(missing: MISSING))

    assert_equal 9, minutes.call(plan(ornaments(missing: MISSING, fill: "ribbon")), "minutes.tuck") -
                    minutes.call(bare, "minutes.tuck")
    assert_equal bare[:figures][:picks][:value] + 9,
                 plan(ornaments(missing: MISSING, fill: "picks"))[:figures][:picks][:value]
  end

  def test_the_map_takes_the_minutes_the_plan_says_with_the_ladder_in_them
    settings = dressed(measure: { height_m: 3.0 }, ornaments: { styles: styles.map(&:id) })
    tree = TreePlan.new(settings: settings, surroundings: surroundings, styles: styles)
    task = tree.reckoned[:tasks].find { |one| one[:house_rule] == "minutes.ornament" }
    sheet = tree.hanging_sheet

    assert_operator task[:high], :>, 0
    assert_in_delta task[:minutes], sheet[:minutes_left], 1e-6
    assert_in_delta task[:minutes], sheet[:styles].sum { |style| style[:minutes_left] }, 1e-6
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
