# frozen_string_literal: true

require_relative "../../core_test"

class TreePlanTest < CoreTest
  def figure(plan, name)
    plan[:figures].fetch(name)[:value]
  end

  def warned(plan)
    plan[:cautions].map { |caution| caution[:code] }
  end

  def test_without_a_tree_it_offers_the_best_size
    empty = plan({})

    refute empty[:chosen]
    assert_in_delta 2.7, empty[:best_size][:height_m]
    assert_equal 17, empty[:best_size][:sizes].size
    assert_empty empty[:ledger]
  end

  def test_offers_sizes_as_trees_are_sold_where_the_studio_works_whatever_units_it_reads
    %w[metric imperial].each do |units|
      by_the_foot = plan({}, units: units, region: Region.of("north_america"))
      by_centimetres = plan({}, units: units)

      assert_in_delta 9 * 0.3048, by_the_foot[:best_size][:height_m]
      assert_in_delta 2.7, by_centimetres[:best_size][:height_m]
    end
  end

  def test_sizes_reach_as_high_by_the_foot_as_by_centimetres
    hall = surroundings(ceiling: flat_ceiling(6.5), free_width_m: nil, free_depth_m: nil)
    found = %w[europe north_america].map { |name| plan({}, place: hall, region: Region.of(name))[:best_size] }

    assert_in_delta 6.0, found.first[:height_m]
    assert_in_delta 20 * 0.3048, found.last[:height_m]
    found.each { |best| assert_in_delta 6.5 - 0.2, best[:tallest_m] }
  end

  def test_the_mains_are_those_of_the_region_unless_the_tree_hangs_on_a_circuit_of_its_own
    watts = { lights: { watts: 40.0, max_run: 50 } }
    load = ->(figures) { %i[amps load_limit].map { |name| figures[name][:value] } }
    europe, america = %w[europe north_america].map do |name|
      load.call(plan(dressed(**watts), region: Region.of(name))[:figures])
    end

    assert_in_delta 230.0 / 120, america.first / europe.first, 1e-9
    assert_in_delta 15.0 / 16, america.last / europe.last, 1e-9
    own = plan(dressed(lights: { **watts[:lights], volts: 120, circuit_amps: 15 }))[:figures]

    assert_equal america, load.call(own)
  end

  def test_under_a_slope_each_size_meets_the_ceiling_above_its_own_spread
    slope = Ceiling.new(left_m: 2.2, right_m: 3.6, width_m: 7.0)
    near = plan({}, place: surroundings(ceiling: slope, from_left_m: 1.0))
    far = plan({}, place: surroundings(ceiling: slope, from_left_m: 5.0))

    assert_in_delta 1.8, near[:best_size][:height_m]
    assert_in_delta 2.7, far[:best_size][:height_m]
    assert_equal "too_tall", near[:best_size][:sizes].find { |size| size[:height_m].to_s == "2.4" }[:height]
  end

  def test_a_size_that_would_narrow_the_walkway_is_not_the_best_one
    place = surroundings(stance: "corner", free_width_m: 1.0, free_depth_m: 1.0, walkway_m: 0.8)
    best = plan({}, place: place)[:best_size]

    assert_in_delta 1.5, best[:height_m]
    assert_includes best[:findings].first[:message], "1.80 m, would leave people less than 76 cm"
    assert_equal "too_wide", best[:sizes].find { |size| size[:height_m] > 1.5 }[:floor]
  end

  def test_where_nobody_can_pass_anyway_no_size_is_offered
    best = plan({}, place: surroundings(walkway_m: 0.7))[:best_size]

    assert_equal [nil, "floor", "nothing_fits_walkway"], [best[:height_m], best[:limit], best[:findings].first[:code]]
  end

  def test_every_best_size_fits_by_its_own_chip
    [0.76, 0.9, 1.4].product([0.8, 1.2, 2.0], [2.2, 2.7, 3.3]) do |walkway, free, ceiling|
      place = surroundings(ceiling: flat_ceiling(ceiling), free_width_m: free, free_depth_m: free, walkway_m: walkway)
      best = plan({}, place: place)[:best_size]
      chip = best[:sizes].find { |size| size[:height_m] == best[:height_m] }

      assert_equal "ok", chip[:height]
      assert_includes %w[ok squeezed], chip[:floor]
    end
  end

  def test_same_settings_give_the_same_plan_and_every_part_is_ready_for_json
    first = plan(dressed)

    assert_equal first, plan(dressed)
    assert_equal JSON.parse(JSON.generate(first)), JSON.parse(JSON.generate(JSON.parse(JSON.generate(first))))
  end

  def test_every_figure_and_line_opens_a_sheet_that_tells_its_value
    full = plan(dressed(measure: { height_m: 2.4, support_width_m: 0.5 }))
    opened = full[:figures].values.map { |figure| figure[:sheet] } + full[:ledger].map { |line| line[:sheet] }

    assert_empty opened.uniq - full[:sheets].keys
    full[:sheets].each { |key, sheet| refute_empty sheet[:steps], key }
  end

  def test_ledger_of_ornaments_sums_to_the_total_by_every_count
    { "foot" => 40, "cover" => 100, "own" => 77 }.each do |count_by, total|
      counted = plan(dressed(ornaments: { styles: styles.map(&:id), count_by: count_by, own_total: 77 }))
      lines = counted[:ledger].select { |line| line[:kind] == "ornament" }

      assert_equal total, lines.sum { |line| line[:need] }, count_by
      assert_equal total, counted[:drawing][:ornaments].size
    end
  end

  def test_short_is_need_and_spares_less_what_is_there_in_whole_packs
    slate = plan(dressed)[:ledger].find { |line| line[:style] == "slate" }

    assert_equal 25, slate[:need]
    assert_equal 2, slate[:spares]
    assert_equal 15, slate[:short]
    assert_equal [4, 4000, 1], slate.values_at(:packs, :buy_cents, :left_over)
  end

  def test_a_ribbon_used_twice_is_one_line
    ribbon = Style.new(id: "plum", kind: "ribbon", name: "Plum velvet ribbon", pack_size: 9.0, price_cents: 800,
                       on_hand: 21.0)
    lines = plan(dressed(ribbon: { styles: ["plum"] }), with: [*styles, ribbon])[:ledger].select do |line|
      line[:kind] == "ribbon"
    end

    assert_equal 1, lines.size
    figures = plan(dressed)[:figures]

    assert_in_delta figures[:crown_ribbon][:value] + figures[:ribbon][:value], lines.first[:need]
  end

  def test_two_ribbons_share_the_body_whole_piece_by_piece
    ribbons = %w[plum gauze].map { |id| Style.new(id: id, kind: "ribbon", name: id, pack_size: 9.0) }
    %w[tuck cascade spiral bows].each do |method|
      planned = plan(dressed(ribbon: { method: method, styles: %w[plum gauze] }, crown: { topper: "none" }),
                     with: [*styles, *ribbons])
      lines = planned[:ledger].select { |line| line[:kind] == "ribbon" }

      assert_in_delta figure(planned, :ribbon), lines.sum { |line| line[:need] }, 1e-9, method
      assert_equal 2, lines.size
    end
  end

  def test_glass_stays_above_the_reach_line_as_long_as_there_is_something_else
    low = plan(dressed, place: surroundings(children: [2, 7], pets: ["dog"]))
    below = low[:drawing][:ornaments].select { |site| site[:height_m] < 1.0 }

    refute_empty below
    refute(below.any? { |site| site[:style] == "slate" })
    assert_includes warned(low), "glass_above"
    assert_includes warned(low), "small_parts"
    all_glass = plan(dressed(ornaments: { styles: ["slate"] }), place: surroundings(children: [4]))

    assert_includes warned(all_glass), "bare_below"
    assert(all_glass[:drawing][:ornaments].all? { |site| site[:height_m] >= 1.0 })
    short = plan(dressed(measure: { height_m: 0.9 }, ornaments: { styles: ["slate"] }),
                 place: surroundings(children: [4]))

    assert_includes warned(short), "unplaced_reach"
    assert_empty short[:drawing][:ornaments]
  end

  def test_a_riser_lifts_the_tree_above_the_reach_line
    flat = plan(dressed(ornaments: { styles: ["slate"] }), place: surroundings(pets: ["dog"]))
    raised = plan(dressed(measure: { height_m: 2.0, riser_m: 0.6 }, ornaments: { styles: ["slate"] }),
                  place: surroundings(pets: ["dog"]))

    assert_includes warned(flat), "bare_below"
    refute_includes warned(raised), "bare_below"
    assert_includes warned(raised), "riser_with_climbers"
    assert_includes warned(raised), "riser_bears"
    refute_includes warned(flat), "riser_bears"
  end

  BEADS = Style.new(id: "beads", kind: "garland", name: "Bead garland", length_m: 2.7, on_hand: 3, price_cents: 900)

  def test_a_garland_goes_round_the_tree_or_hangs_across_its_front
    none, turns, swag = %w[none turns swag].map do |garland|
      plan(dressed(ribbon: { garland: garland, garland_style: "beads" }), with: [*styles, BEADS])
    end

    assert_nil none[:figures][:garland]
    assert_in_delta 1.15 * turns[:figures][:area][:value] / 0.45, turns[:figures][:garland][:value], 1e-9
    assert_in_delta answer("garland.swag", spans: 1, span_m: 0.8, sag_m: 0.15)[:length_m],
                    swag[:figures][:garland][:value], 1e-9
    assert_equal([nil, 5, 1],
                 [none, turns, swag].map { |told| told[:ledger].find { |line| line[:style] == "beads" }&.fetch(:need) })
    assert_operator turns[:figures][:minutes][:value], :>, none[:figures][:minutes][:value]
  end

  def test_a_swag_is_drawn_as_wide_and_as_deep_as_it_is
    points = plan(dressed(ribbon: { garland: "swag" }))[:drawing][:garland][:points]
    tree = TreeSurface.new(height_m: 2.4, spread_m: 1.4, hem_m: 0.24, arc_deg: 360, p: 1.0)
    top = points.first.first
    across = points.map { |_, angle| tree.radius_at(top) * Math.sin(angle * Math::PI / 180) }

    assert_in_delta 0.8, across.last - across.first, 0.01
    assert_in_delta 0.15, top - points.map(&:first).min, 0.002
    assert_empty plan(dressed)[:drawing][:garland][:points]
  end

  def test_warns_where_it_can_hurt
    place = surroundings(pets: ["cat"], no_nails: true, near_heat: true, near_socket: false, heat: "underfloor",
                         conifer_allergy: true)
    codes = warned(plan(dressed(measure: { height_m: 2.4, kind: "real", support_width_m: 0.3 }), place: place))

    %w[tie_back no_nails near_heat no_socket heated_floor conifer_allergy ladder tips_over cats].each do |code|
      assert_includes codes, code
    end
    quiet = warned(plan(dressed(measure: { height_m: 1.5 })))

    assert_empty quiet & %w[tie_back no_nails near_heat no_socket heated_floor conifer_allergy ladder cats]
  end

  def test_stops_come_before_cautions_before_notes
    severities = plan(dressed(measure: { height_m: 3.0 }))[:cautions].map { |caution| caution[:severity] }

    assert_equal severities.sort_by { |severity| Cautions::ORDER.fetch(severity) }, severities
    assert_equal "stop", severities.first
  end

  def test_house_rules_reach_every_figure
    mine = plan(dressed, house: HouseRules.with("ornaments.per_m2_balanced" => 40, "minutes.ornament" => 1.2))

    assert_in_delta 2 * figure(plan(dressed), :ornaments), figure(mine, :ornaments), 1
    assert_operator figure(mine, :minutes), :>, figure(plan(dressed), :minutes)
  end

  def test_a_style_the_plan_was_not_given_is_left_out_of_the_counts
    counted = plan(dressed(ornaments: { styles: %w[velvet gone] }))

    assert_equal([100], counted[:ledger].select { |line| line[:kind] == "ornament" }.map { |line| line[:need] })
  end
end
