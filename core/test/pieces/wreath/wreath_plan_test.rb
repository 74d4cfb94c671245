# frozen_string_literal: true

require_relative "../../core_test"

# A wreath planned: what it comes to, what it takes, what is said of it.
class WreathPlanTest < CoreTest
  STOCK = [
    Style.new(id: "spruce", kind: "wreath", name: "Spruce wreath", colour: "#2c5646", across_m: 0.62, opening_m: 0.34,
              mass_g: 620, on_hand: 1, price_cents: 2_950),
    Style.new(id: "small", kind: "wreath", name: "Small wreath", across_m: 0.3, opening_m: 0.15, on_hand: 2),
    Style.new(id: "giant", kind: "wreath", name: "Giant wreath", across_m: 0.6, on_hand: 0),
    Style.new(id: "cedar", kind: "stem", name: "Cedar tips", rise_m: 0.1, spread_m: 0.2, mass_g: 10, on_hand: 24),
    Style.new(id: "berry", kind: "pick", name: "Berry picks", mass_g: 30, on_hand: 4, pack_size: 6, price_cents: 600),
    Style.new(id: "fern", kind: "pick", name: "Fern picks", mass_g: 30, on_hand: 40),
    Style.new(id: "cone", kind: "ornament", name: "Cones", diameter_mm: 60, mass_g: 20, on_hand: 9),
    Style.new(id: "velvet", kind: "ribbon", name: "Velvet", on_hand: 6, pack_size: 9, price_cents: 900)
  ].freeze
  PAIR = { host: "pair", width_m: 1.2, height_m: 2.1 }.freeze

  def plan(place: PAIR, around: surroundings, units: "metric", house: HouseRules.default, **settings)
    WreathPlan.new(settings: { place: place, **settings }, surroundings: around, styles: STOCK, stock: STOCK,
                   units: units, house: house)
  end

  def figures(**settings)
    plan(**settings).reckoned[:figures].transform_values { |figure| figure[:value] }
  end

  def lines(**settings)
    plan(**settings).lines.to_h { |line| [line[:label], line] }
  end

  def told(**settings)
    plan(**settings).reckoned[:cautions]
  end

  def codes_of(**settings)
    told(**settings).map { |caution| caution[:code] }
  end

  def test_nothing_is_reckoned_before_a_width_is_known
    unmeasured = plan(place: { host: "door" })

    refute_predicate unmeasured, :chosen?
    assert_equal [false, []], unmeasured.reckoned.values_at(:chosen, :ledger)
    assert_nil unmeasured.portrait
    assert_nil unmeasured.extent
    assert_equal PlanSummary::NONE, unmeasured.summary
  end

  def test_a_wreath_is_as_large_as_it_is_or_as_said_or_the_middle_of_the_band
    assert_in_delta 0.63, figures[:outer]
    assert_in_delta 0.62, figures(size: { style: "spruce" })[:outer]
    assert_in_delta 0.34, figures(size: { style: "spruce" })[:inner]
    assert_in_delta 0.5, figures(size: { style: "spruce", outer_m: 0.5 })[:outer]
    assert_in_delta 0.25, figures(size: { outer_m: 0.5 })[:inner]
  end

  # There are 24 of them, and 26 are wanted.
  def test_stems_that_are_picks_too_are_there_once
    told = plan(greens: { stems: [{ style: "cedar", count: 20 }] }, layers: { picks: ["cedar"] }).lines
    greens, layer = told.select { |line| line[:style] == "cedar" }

    assert_equal [20, 24, 0], greens.values_at(:need, :have, :short)
    assert_equal 4, layer[:have]
    assert_equal layer[:need] - 4, layer[:short]
    assert_operator layer[:short], :>, 0
  end

  def test_hanger_and_bow_of_one_ribbon_know_their_parts
    line = lines(hang: { ribbon: "velvet" }, star: { kind: "bow", style: "velvet" }).fetch("Velvet")

    assert_equal %w[hang star], line[:uses].keys
    assert_in_delta line[:need], line[:uses].values.sum
  end

  def test_of_the_stock_the_one_nearest_the_middle_that_is_free
    assert_equal({ style: "spruce", name: "Spruce wreath", outer_m: 0.62 }, plan.reckoned[:choice])
    assert_nil plan(place: { host: "window", width_m: 2.0 }).reckoned[:choice]
    assert_equal "small", plan(place: { host: "cabinet", width_m: 0.55 }).reckoned[:choice][:style]
  end

  # Six sites in half a ring, one fewer between them; each drawn is each counted.
  def test_sites_what_is_on_them_and_between_them
    settings = { size: { style: "spruce" }, layers: { picks: %w[berry fern], between: "cone" } }
    drawing = plan(**settings).reckoned[:drawing]

    assert_equal [6, 5], figures(**settings).values_at(:sites, :between)
    assert_equal([3, 3, 5], ["Berry picks", "Fern picks", "Cones"].map { |label| lines(**settings)[label][:need] })
    assert_equal({ "berry" => 3, "fern" => 3, "cone" => 5 }, drawing[:elements].map { |one| one[:style] }.tally)
    drawing[:elements].each { |one| assert_operator (one[:at_h] - 7) % 12, :<=, 6 }
  end

  def test_sites_without_a_style_are_needed_all_the_same
    line = lines(size: { style: "spruce" })["Picks, no style chosen"]

    assert_equal [6, 6, nil], line.values_at(:need, :short, :buy_cents)
  end

  def test_light_spacing_and_all_round
    full = figures(size: { style: "spruce" }, layers: { layout: "all_round" })[:sites]
    light = figures(size: { style: "spruce" }, layers: { layout: "all_round", spacing: "light" })[:sites]

    assert_equal [13, 8], [full, light]
    between = { layout: "all_round", picks: ["berry"], between: "cone" }

    assert_equal 13, figures(size: { style: "spruce" }, layers: between)[:between]
  end

  def test_hanger_and_bow_of_one_ribbon_are_one_line
    settings = { size: { style: "spruce" }, hang: { ribbon: "velvet" }, star: { kind: "bow", style: "velvet" } }
    hanger, bow = figures(**settings).values_at(:hanger, :bow)

    assert_in_delta 0.39, hanger
    assert_in_delta 0.62 / 3, bow
    tied = answer("ribbon.bow", loops: 2, loop_m: bow / 2, tails: 2, tail_m: 0.3)[:length_m]

    assert_in_delta hanger + tied, lines(**settings)["Velvet"][:need]
  end

  def test_the_hook_of_a_pair_is_where_the_ring_passes
    told = figures(size: { style: "spruce" }, hang: { offset_m: 0.06 })[:hook_floor]

    assert_in_delta 1.5 + Math.sqrt((0.24**2) - (0.06**2)), told
    hook = plan(size: { style: "spruce" }, hang: { leaf: "right" }).reckoned[:drawing][:hook]

    assert_equal [0.06, "right"], hook.values_at(:x_m, :leaf)
    assert_equal ["/hang/offset_m"],
                 assert_raises(UnplannableError) { plan(size: { outer_m: 0.2 }, hang: { offset_m: 0.5 }).reckoned }
                   .faults.map(&:pointer)
  end

  def test_a_real_ribbon_carries_and_needs_no_hook
    door = { host: "door", width_m: 0.9 }

    refute_includes lines(place: door).keys, "Hook over the door"
    assert_includes lines(place: door, hang: { hanger: "false" }).keys, "Hook over the door"
    assert_nil figures(place: door)[:may]
  end

  def test_weight_is_all_that_hangs_there
    bare = figures(size: { style: "spruce" })[:weight]
    dressed = figures(size: { style: "spruce" }, greens: { stems: [{ style: "cedar", count: 10 }] },
                      layers: { picks: ["berry"], between: "cone" })[:weight]

    assert_in_delta 0.62, bare
    assert_in_delta 0.62 + (10 * 0.01) + (6 * 0.03) + (5 * 0.02), dressed
    assert_includes codes_of(size: { style: "spruce" }, hang: { rated_kg: 1.0 }), "wreath_over"
    refute_includes codes_of(size: { style: "spruce" }, hang: { rated_kg: 1.3 }), "wreath_over"
  end

  def test_what_is_put_on_one_side_turns_it
    left = { size: { style: "spruce" }, layers: { layout: "crescent", picks: ["berry"] } }

    assert_includes codes_of(**left), "wreath_leans"
    assert_includes told(**left).find { |one| one[:code] == "wreath_leans" }[:message], "to the left"
    mirrored = left.merge(layers: left[:layers].merge(mirrored: true))

    assert_includes told(**mirrored).find { |one| one[:code] == "wreath_leans" }[:message], "to the right"
    refute_includes codes_of(**left, layers: { layout: "bottom_swag", picks: ["berry"] }), "wreath_leans"
  end

  def test_handle_knocker_and_slot_stay_free
    door = { host: "door", width_m: 0.7, handle: "right" }

    assert_includes codes_of(place: door, size: { outer_m: 0.6, centre_m: 1.05 }), "wreath_covers"
    refute_includes codes_of(place: door, size: { outer_m: 0.4 }), "wreath_covers"
    assert_includes codes_of(place: PAIR.merge(slot_m: 1.22)), "wreath_covers"
    refute_includes codes_of(place: PAIR.merge(slot_m: 0.8)), "wreath_covers"
    assert_includes codes_of(place: PAIR.merge(glass_from_m: 1.4, glass_to_m: 1.9)), "wreath_glass"
  end

  def test_a_storm_door_a_narrow_host_and_the_edges_stop_it
    stops = ->(**settings) { told(**settings).select { |one| one[:severity] == "stop" }.map { |one| one[:code] } }

    assert_equal ["wreath_storm"], stops.call(place: PAIR.merge(storm_gap_m: 0.1))
    assert_empty stops.call(place: PAIR.merge(storm_gap_m: 0.13))
    assert_includes stops.call(size: { outer_m: 1.3 }), "wreath_wider"
    assert_includes stops.call(size: { centre_m: 2.0 }), "wreath_over_top"
    assert_includes stops.call(place: { host: "window", width_m: 1.0 }, size: { centre_m: 1.0 }), "wreath_under_edge"
  end

  def test_no_nails_takes_what_leaves_no_mark_and_stops_what_does
    rented = surroundings(no_nails: true)

    assert_equal "door_hook", plan(around: rented).reckoned[:assumed][:fixing]
    assert_equal "large_hook", plan.reckoned[:assumed][:fixing]
    assert_includes codes_of(around: rented, hang: { fixing: "nail" }), "fixing_no_nails"
    Wreaths::Holding::USUAL.each_key do |host|
      assert_includes Wreaths::Holding.usual(host, no_nails: true).hosts, host
    end
  end

  def test_ways_of_making_take_their_own_things_and_time
    minutes = ->(making) { figures(size: { outer_m: 0.6 }, greens: { making: making })[:minutes] }

    assert_equal([25, 5, 5 + 45, 5 + 50], %w[enriched bought frame hoop].map { |making| minutes.call(making).round })
    assert_equal 10, lines(size: { outer_m: 0.6 }, greens: { making: "frame" })["Bundles of greens"][:need]
    assert_equal 3, lines(size: { outer_m: 0.6 }, greens: { making: "hoop" })["Bundles of greens"][:need]
    assert_includes codes_of(greens: { making: "hoop", wood_m: 0.02 }), "hoop_breaks"
  end

  def test_thin_arcs_are_told_by_the_clock_and_measured_as_drawn
    settings = { size: { style: "spruce" }, greens: { high_m: 0.3, stems: [{ style: "cedar", count: 12 }] } }
    reckoned = plan(**settings).reckoned

    assert_operator reckoned[:figures][:fullness][:value], :<, 1
    assert_equal reckoned[:drawing][:thin].size, plan(**settings).call[:sheets]["fullness"][:steps]
                                                                 .find { |step| step[:gives] == "short" }[:value]
    assert_includes codes_of(**settings).join, "ring_thin"
  end

  # What is offered for a thin arc, put there, closes as much of it as was said.
  def test_what_is_offered_for_a_thin_arc_closes_it
    greens = { high_m: 0.17, stems: [{ style: "cedar", count: 8, from_h: 6, to_h: 12 }] }
    thin = plan(size: { style: "spruce" }, greens: greens)
    arc = thin.reckoned[:closing].first
    way = arc[:ways].first

    assert_equal ["cedar", 16], way.values_at(:style, :free)
    assert_operator way[:closes], :>=, WreathClosing::WORTH
    more = { style: "cedar", count: way[:count], **arc.slice(:from_h, :to_h) }
    closed = plan(size: { style: "spruce" }, greens: greens.merge(stems: [*greens[:stems], more]))
    fullness = [thin, closed].map { |one| one.reckoned[:figures][:fullness][:value] }

    assert_operator fullness.last, :>, fullness.first
    assert_in_delta lacking(thin, arc) * (1 - way[:closes]), lacking(closed, arc), 1e-6
  end

  def lacking(told, arc)
    hours = (arc[:to_h] - arc[:from_h]) % 12
    samples = told.reckoned[:drawing][:samples].select { |sample| (sample[:at_h] - arc[:from_h]) % 12 <= hours + 1e-9 }
    samples.sum { |sample| [sample[:wanted_m] - sample[:thickness_m], 0].max }
  end

  def test_nothing_is_offered_that_is_not_free
    greens = { high_m: 0.3, stems: [{ style: "cedar", count: 24 }] }

    assert_empty(plan(size: { style: "spruce" }, greens: greens).reckoned[:closing].flat_map { |arc| arc[:ways] })
  end

  def test_every_figure_and_line_opens_a_working_and_feet_see_no_metre
    settings = { size: { style: "spruce" }, hang: { ribbon: "velvet" }, star: { kind: "word", words: "Noel" },
                 greens: { making: "frame", stems: [{ style: "cedar", count: 12 }] }, lights: { school: "soft" },
                 layers: { picks: ["berry"], between: "cone" } }
    told = plan(**settings, units: "imperial").call
    sheets = told[:figures].values.map { |figure| figure[:sheet] } + told[:ledger].map { |line| line[:sheet] }

    assert_empty sheets - told[:sheets].keys
    said = told[:cautions].map { |one| one[:message] } + told[:ledger].map { |line| line[:label] }

    assert_empty said.grep(/\d(\.\d+)? (m|cm|kg)\b/)
    JSON.generate(told)
  end

  def test_the_portrait_shows_host_ring_and_colours
    portrait = plan(size: { style: "spruce" }, layers: { picks: ["berry"] }).portrait

    assert_equal(%w[wood line foliage wood], portrait[:shapes].map { |shape| shape[:part] })
    assert_equal 6, portrait[:dots].size
  end

  def test_its_look_goes_onto_another
    from = WREATH_KIND.check(place: PAIR, size: { outer_m: 0.6 },
                             greens: { body_m: 0.2, stems: [{ style: "cedar", count: 10 }] },
                             layers: { layout: "top_swag", picks: ["berry"] }, star: { kind: "bow", tail_m: 0.4 })
    onto = WREATH_KIND.check(place: { host: "window", width_m: 0.8 }, hang: { fixing: "tie" })
    told = WREATH_KIND.check(WreathLook.onto(from, onto, 0.5))

    assert_equal onto[:place], told[:place]
    assert_equal [0.1, 5], [told[:greens][:body_m], told[:greens][:stems].first[:count]]
    assert_equal ["top_swag", "bow", 0.2, "tie"],
                 [told[:layers][:layout], told[:star][:kind], told[:star][:tail_m], told[:hang][:fixing]]
  end

  # A third of it is green: what is drawn, what it weighs and where its bundles go.
  def test_a_hoop_is_green_below
    hoop = { size: { outer_m: 0.6 }, greens: { making: "hoop" } }
    base = plan(**hoop).reckoned[:drawing][:base]
    whole = figures(size: { outer_m: 0.6 })[:weight]

    assert_equal [4.0, 4.0], base.values_at(:from_h, :hours)
    base[:bundles].each { |hour| assert_includes 4.0..8.0, hour }
    assert_in_delta (whole / 3) + (3 * 0.06), figures(**hoop)[:weight]
  end

  def test_as_many_stems_as_may_be_are_planned_soon_and_closed_from_many_kinds
    many = Array.new(60) { |i| STOCK[3].with(id: "stem-#{i}", trail_m: 0.05, on_hand: 100 + i) }
    stems = many.first(2).map { |style| { style: style.id, count: 100, from_h: 1, to_h: 6 } }
    told = WreathPlan.new(settings: { place: PAIR, greens: { high_m: 0.3, stems: stems } }, surroundings: surroundings,
                          styles: many, stock: many).reckoned

    assert_equal 200, told[:drawing][:stems].size
    told[:closing].each { |arc| assert_operator arc[:ways].size, :<=, WreathClosing::WAYS }
  end

  def test_what_cannot_be_is_refused_where_it_was_said
    faults = lambda do |document|
      assert_raises(InputError) { WREATH_KIND.check(document) }.faults.map(&:pointer)
    end

    assert_equal ["/place/colour"], faults.call(place: { colour: "spruce!" })
    assert_equal ["/place/glass_to_m"], faults.call(place: { glass_from_m: 1.5, glass_to_m: 1.2 })
    assert_equal ["/size/inner_m"], faults.call(size: { outer_m: 0.4, inner_m: 0.4 })
    assert_equal ["/greens/stems"],
                 faults.call(greens: { stems: Array.new(2) { { style: "cedar", count: 101 } } })
  end
end
