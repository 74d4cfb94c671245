# frozen_string_literal: true

require_relative "../../core_test"

# A grouping: where it stands, what it hides, how high its things are, what its vessel takes, what is said of it.
class GroupingPlanTest < CoreTest
  JUG = Style.new(id: "jug", kind: "decor", name: "Stoneware jug", colour: "#5f7370", price_cents: 2_400, on_hand: 1)
  PEWTER = Style.new(id: "pewter", kind: "ornament", name: "Pewter leaf", diameter_mm: 80, on_hand: 9, price_cents: 900,
                     pack_size: 6, colour: "#8d9194")
  SAGE = Style.new(id: "sage", kind: "ornament", name: "Sage velvet", diameter_mm: 60, on_hand: 20, colour: "#93a283")
  BEAD = Style.new(id: "bead", kind: "ornament", name: "Frost bead", diameter_mm: 40, on_hand: 32, colour: "#dde5e4")
  STRING = Style.new(id: "string", kind: "light", name: "Warm 20", bulbs: 20, on_hand: 2)
  SHELF = [JUG, PEWTER, SAGE, BEAD, STRING].freeze
  ROOM = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.5, right_m: 2.5, width_m: 4.0))
  COUNTER = { length_m: 2.4, sockets: [{ at_m: 1.1, top_m: 0.25 }] }.freeze
  THREE = [{ form: "vessel", style: "jug" }, { form: "candle" }, { form: "bowl" }].freeze

  def plan(surface: COUNTER, surroundings: ROOM, units: "metric", **groups)
    things = groups.delete(:things)
    groups[:things] = { standing: things } if things
    GroupingPlan.new(settings: { surface: surface, **groups }, surroundings: surroundings, styles: SHELF, units: units)
  end

  def told(**groups) = plan(**groups).call

  def figure(told, name) = told[:figures].fetch(name)[:value]

  def codes(told) = told[:cautions].map { |one| one[:code].to_s }

  def said(told, code) = told[:cautions].find { |one| one[:code] == code }&.fetch(:message)

  def thing(told, number) = told[:drawing][:things].find { |one| one[:number] == number }

  def test_before_it_is_measured_it_says_what_is_usual
    told = plan(surface: {}).call

    refute told[:chosen]
    assert_empty told[:ledger]
    assert_equal [0.6, 0.91], told[:assumed].values_at(:depth_m, :height_m)
    assert_nil told[:drawing][:surface][:length_m]
    assert_nil plan(surface: {}).portrait
  end

  def test_it_stands_before_the_socket_and_tells_what_stays_free
    told = told(site: { width_m: 0.9 }, things: THREE)

    assert_in_delta 1.1, figure(told, :site)
    assert_in_delta 1 - (0.9 / 2.4), figure(told, :free)
    assert_equal [1.1], told[:drawing][:site][:sites_m]
  end

  def test_it_is_kept_on_its_surface
    assert_in_delta 2.4 - 0.225, figure(told(site: { at_m: 2.39 }), :site)
    assert_in_delta 0.225, figure(told(site: { at_m: 0 }), :site)
  end

  # As the rule has it, with all heights from the floor.
  def test_the_ray_of_the_drawing_is_that_of_the_rule
    told = told(things: THREE, site: { eye_m: 1.6, distance_m: 1.5 })
    jug = thing(told, 1)
    ray = told[:drawing][:ray]
    slope = ray[:away_m] / (1.5 - ray[:away_m])

    assert_equal 1, ray[:thing]
    assert_in_delta jug[:out_m] - (jug[:deep_m] / 2), ray[:away_m]
    assert_in_delta 0.3 - ((1.6 - 0.91 - 0.3) * slope), ray[:meets_m]
    assert_in_delta ray[:meets_m], figure(told, :hidden_to)
    assert_equal ray[:meets_m] >= 0.25, ray[:hides]
  end

  def test_a_socket_that_shows_is_hidden_by_the_riser_it_tells
    short = [{ form: "vessel", height_m: 0.2 }]
    told = told(things: short)
    riser = figure(told, :riser)

    assert_includes codes(told), "socket_seen"
    raised = told(things: [{ form: "vessel", height_m: 0.2, riser_m: riser + 1e-6 }])

    refute_includes codes(raised), "socket_seen"
    assert raised[:drawing][:ray][:hides]
  end

  def test_twigs_hide_nothing
    told = told(things: [{ form: "bundle", slot: "tallest", height_m: 0.5 }])

    assert_nil told[:drawing][:ray]
    assert_includes codes(told), "socket_unhidden"
  end

  # Glass is seen through above what is in it.
  def test_a_vessel_hides_as_much_as_is_in_it
    empty = told(fill: { shape: "cylinder", filled_m: 0.4 })
    full = told(fill: { shape: "cylinder", filled_m: 0.4, balls: [{ style: "sage" }, { style: "bead" }] })

    assert_nil empty[:drawing][:ray]
    assert_includes codes(empty), "socket_unhidden"
    assert_operator full[:drawing][:ray][:over_m], :<=, 0.4
    assert_operator full[:drawing][:ray][:over_m], :>, 0.2
    half = told(fill: { shape: "cylinder", filled_m: 0.4, balls: [{ style: "sage", count: 6 }] })

    assert_operator half[:drawing][:ray][:over_m], :<, 0.15
    assert_includes codes(half), "socket_seen"
  end

  # What is free is hidden; what is in use beside it would have to stay within reach.
  def test_a_free_socket_comes_before_one_in_use
    sockets = [{ at_m: 1.12, top_m: 0.25, in_use: true }, { at_m: 1.0, top_m: 0.2 }]
    told = told(surface: COUNTER.merge(sockets: sockets), site: { at_m: 1.12, width_m: 0.5 },
                things: [{ form: "tray" }, { form: "vessel" }])

    assert_in_delta 0.2, told[:drawing][:ray][:socket_top_m]
    refute_includes codes(told), "socket_in_use"
  end

  def test_a_socket_in_use_stays_reachable
    surface = COUNTER.merge(sockets: [{ at_m: 1.1, top_m: 0.25, in_use: true }])

    assert_includes codes(told(surface: surface, site: { at_m: 1.1 }, things: THREE)), "socket_in_use"
    assert_equal([0.6, 1.8], told(surface: surface)[:drawing][:site][:sites_m].map { |metres| metres.round(9) })
  end

  def test_from_below_nothing_is_told_of_the_socket
    high = { surface: "cabinet_top", length_m: 2.0, sockets: [{ at_m: 1.0, top_m: 0.2 }] }

    assert_nil told(surface: high, things: THREE)[:drawing][:ray]
  end

  def test_a_group_in_the_way_of_everyday_life_is_told
    surface = COUNTER.merge(keep_free: [{ what: "sink", from_m: 0.0, to_m: 0.9 }])
    told = told(surface: surface, site: { at_m: 0.8 })

    assert_includes codes(told), "site_not_free"
    assert_match(/free for the sink/, said(told, "site_not_free"))
    refute_includes codes(told(surface: surface)), "site_not_free"
  end

  def test_a_cooking_counter_keeps_half_free_and_another_need_not
    wide = { site: { width_m: 1.3 } }

    assert_includes codes(told(**wide)), "counter_full"
    refute_includes codes(told(site: { width_m: 1.2 })), "counter_full"
    refute_includes codes(told(surface: COUNTER.merge(cooked: false), **wide)), "counter_full"
  end

  def test_what_stands_on_the_tray_stands_as_much_higher
    told = told(things: [{ form: "tray" }, { form: "vessel", riser_m: 0.05 }, { form: "candle", at_m: 0.6 }])

    assert_in_delta 0.03, thing(told, 2)[:base_m]
    assert_in_delta 0.08, thing(told, 2)[:foot_m]
    assert_equal 0, thing(told, 3)[:foot_m]
    assert_in_delta 0.38, figure(told, :tallest)
  end

  def test_heights_are_those_of_the_rule
    told = told(things: [{ form: "vessel", height_m: 0.4 }, { form: "candle", height_m: 0.1 },
                         { form: "bowl", height_m: 0.1 }])
    risers = told[:drawing][:things].to_h { |one| [one[:number], one[:wanted_riser_m]] }

    assert_equal [0.0, 0.2, 0.12], risers.values_at(1, 2, 3)
    assert_includes codes(told), "group_heights"
    mended = told(things: [{ form: "vessel", height_m: 0.4 }, { form: "candle", height_m: 0.1, riser_m: 0.2 },
                           { form: "bowl", height_m: 0.1, riser_m: 0.12 }])

    assert_equal 3, figure(mended, :steps)
    refute_includes codes(mended), "group_heights"
  end

  def test_even_numbers_are_told_and_odd_ones_are_not
    assert_includes codes(told(things: THREE.first(2))), "group_even"
    refute_includes codes(told(things: THREE)), "group_even"
  end

  def test_what_does_not_go_under_the_cabinets_is_a_stop
    low = COUNTER.merge(clear_m: 0.31)
    told = told(surface: low, things: THREE)
    stop = told[:cautions].first

    assert_equal %w[thing_too_high stop], stop.values_at(:code, :severity)
    assert_match(/1 cm too high/, stop[:message])
    assert_in_delta 0.01, figure(told, :under)
    aside = COUNTER.merge(clear_m: 0.31, above_from_m: 1.6)

    refute_includes codes(told(surface: aside, things: THREE)), "thing_too_high"
    assert_nil told(surface: aside, things: THREE)[:figures][:under]
  end

  # Of a board that stands higher than the line less is free above than above the line.
  def test_the_picture_measures_what_the_figures_say
    told = told(surface: COUNTER.merge(clear_m: 0.46), things: [{ form: "board", height_m: 0.4 }, *THREE])

    assert_equal({ tallest_m: figure(told, :tallest), under_m: figure(told, :under) }, told[:drawing][:high])
    assert_in_delta 0.06, told[:drawing][:high][:under_m]
    assert_in_delta 0.3, told[:drawing][:high][:tallest_m]
    ray = told[:drawing][:ray]

    assert_in_delta (ray[:meets_m] - ray[:socket_top_m]).abs, ray[:by_m]
    assert_nil told(things: [])[:drawing][:high]
  end

  def test_what_hangs_above_ends_after_it_begins
    [{ above_from_m: 1.8, above_to_m: 0.7 }, { above_from_m: 2.4 }, { above_to_m: 0 }].each do |above|
      faults = assert_raises(InputError) { GROUPING_KIND.check(surface: COUNTER.merge(clear_m: 0.4, **above)) }.faults

      assert_equal [%w[surface above_to_m]], faults.map(&:path), above
    end
  end

  def test_a_row_nobody_has_written_into_takes_no_time
    told = told(things: THREE, site: { lifted: [{ what: "Crock" }, { what: " " }, {}] })

    assert_in_delta 26.0, figure(told, :minutes)
  end

  def test_edges_and_crowds_are_told
    over = told(things: [{ form: "vessel", at_m: 1.25 }])
    met = told(things: [{ form: "vessel", at_m: 0 }, { form: "bowl", at_m: 0.05, out_m: 0.23 }, { form: "candle" }])

    assert_includes codes(over), "thing_over_edge"
    assert_includes codes(met), "things_meet"
    refute_includes codes(told(things: THREE)), "things_meet"
  end

  def test_one_thing_shiny_one_soft_one_green
    assert_match(/Nothing green yet/, said(told(things: THREE), "group_brings"))
    refute_includes codes(told(things: [*THREE, { form: "bundle" }])), "group_brings"
  end

  def test_a_pale_group_before_a_pale_wall
    pale = [{ form: "vessel", colour: "#e4e2da" }]

    assert_includes codes(told(things: pale)), "group_pale"
    refute_includes codes(told(surface: COUNTER.merge(wall_colour: "#24524a"), things: pale)), "group_pale"
  end

  def test_flames_near_greens_are_a_stop_and_alone_a_caution
    alone = told(things: [{ form: "candle", flame: true }])
    near = told(things: [{ form: "candle", flame: true, at_m: 0 }, { form: "tree", at_m: 0.3 }])
    far = told(things: [{ form: "candle", flame: true, at_m: 0 }, { form: "tree", at_m: 0.9 }])

    assert_equal %w[flame], codes(alone) & %w[flame flame_near]
    assert_equal %w[flame_near], codes(near) & %w[flame flame_near]
    assert_equal %w[flame], codes(far) & %w[flame flame_near]
    assert_empty codes(told(things: THREE)) & %w[flame flame_near]
  end

  def test_candles_alike_in_height_and_colour_read_flat
    alike = [{ form: "candle" }, { form: "candle" }]

    assert_includes codes(told(things: alike)), "tapers_alike"
    refute_includes codes(told(things: [{ form: "candle" }, { form: "candle", height_m: 0.3 }])), "tapers_alike"
    refute_includes codes(told(things: [{ form: "candle" }, { form: "candle", colour: "#33547a" }])), "tapers_alike"
  end

  def test_a_dressed_hearth_is_locked_out
    hearth = { surface: "hearth", length_m: 1.0 }

    assert_includes codes(told(surface: hearth, things: THREE)), "hearth_locked"
    refute_includes codes(told(surface: hearth)), "hearth_locked"
  end

  def test_conifers_where_somebody_is_allergic
    allergic = Surroundings.new(**ROOM.to_h, conifer_allergy: true)

    assert_includes codes(told(surroundings: allergic, things: [{ form: "tree" }])), "group_allergy"
    refute_includes codes(told(surroundings: allergic, things: THREE)), "group_allergy"
  end

  # One count for figure, ledger, list of sizes and drawing.
  def test_what_goes_in_is_one_count_everywhere
    told = told(fill: { shape: "cylinder", balls: [{ style: "bead" }, { style: "pewter" }] })
    rule = answer("bowl.mix", vessel_mm: 200, litres: 6.911503837897545,
                              balls: [{ mm: 80, on_hand: 9 }, { mm: 40, on_hand: 32 }])
    lines = told[:ledger].select { |line| line[:kind] == "ornament" }

    assert_equal(rule[:counts], lines.map { |line| line[:need] })
    assert_equal(rule[:counts], told[:drawing][:fill][:sizes].map { |size| size[:count] })
    assert_equal rule[:counts].sum, figure(told, :balls)
    assert_in_delta rule[:fill_share], figure(told, :fill_share)
    assert_in_delta 6.912, figure(told, :litres), 0.001
  end

  def test_a_count_by_hand_is_kept_and_what_is_short_and_over_is_told
    told = told(fill: { shape: "cylinder", balls: [{ style: "pewter", count: 12 }, { style: "bead", count: 300 }] })
    need = told[:ledger].to_h { |line| [line[:style], line.values_at(:need, :short)] }

    assert_equal [12, 3], need["pewter"]
    assert_includes codes(told), "fill_short"
    assert_includes codes(told), "fill_over"
    assert_includes codes(told(fill: { shape: "bowl" })), "fill_empty"
    assert_includes codes(told(fill: { shape: "cylinder", across_m: 0.07, balls: [{ style: "pewter" }] })),
                    "fill_too_large"
  end

  # Poured in, small balls do not find every gap of large ones.
  def test_what_the_figure_packs_closer_than_balls_lie_is_told
    mixed = told(fill: { shape: "cylinder", balls: [{ style: "pewter" }, { style: "sage" }, { style: "bead" }] })
    alone = told(fill: { shape: "cylinder", balls: [{ style: "sage" }] })

    assert_includes codes(mixed), "fill_close"
    refute_includes codes(alone), "fill_close"
    assert_operator mixed[:drawing][:fill][:balls].size, :<, figure(mixed, :balls)
    assert_equal figure(alone, :balls), alone[:drawing][:fill][:balls].size
  end

  def test_the_filled_vessel_stands_in_the_group
    told = told(things: THREE, fill: { shape: "cylinder", filled_m: 0.2 })
    vessel = told[:drawing][:things].find { |one| one[:form] == "filled" }

    assert_equal 4, vessel[:number]
    assert_in_delta 0.224, vessel[:height_m]
    assert_equal 4, figure(told, :things)
    assert_includes codes(told), "group_even"
  end

  def test_a_string_for_every_three_litres
    told = told(fill: { shape: "cylinder", lights: "string", balls: [{ style: "sage" }] })

    assert_equal 3, figure(told, :strings)
    assert_equal [3, 1], told[:ledger].find { |line| line[:kind] == "light" }.values_at(:need, :short)
    lit = plan(fill: { shape: "cylinder", lights: "string" }, things: THREE)

    assert lit.outline.lit
    assert_equal(%w[unlit], lit.quieter.map { |way| way[:way] })
  end

  def test_things_of_a_style_are_one_line
    told = told(things: [*THREE, { form: "vessel", style: "jug", at_m: 0.4 }, { form: "candle", at_m: 0.6 }])
    jug, candle = told[:ledger].first(2)

    assert_equal ["jug", 2, 1, 1, 2_400], jug.values_at(:style, :need, :have, :short, :buy_cents)
    assert_equal [nil, "Candle, none chosen", 2], candle.values_at(:style, :label, :need)
  end

  def test_minutes_by_what_it_stands_on
    minutes = %w[counter table shelf].map do |surface|
      figure(told(surface: { surface: surface, length_m: 2.0 }, things: THREE), :minutes)
    end

    assert_equal [25.0, 40.0, 40.0], minutes
    assert_in_delta 32.0, figure(told(things: THREE, site: { lifted: [{ what: "Crock" }, { what: "Jars" }] },
                                      fill: { shape: "cylinder", balls: [{ style: "sage" }] }), :minutes)
    assert_in_delta 0, figure(told, :minutes)
  end

  def test_every_figure_and_line_opens_its_working
    told = told(surface: COUNTER.merge(clear_m: 0.6), things: THREE,
                fill: { shape: "box", lights: "string", balls: [{ style: "sage" }] })
    keys = told[:figures].values.map { |one| one[:sheet] } + told[:ledger].map { |line| line[:sheet] }

    assert_empty keys - told[:sheets].keys
    told[:sheets].each_value { |sheet| refute_empty sheet[:steps], sheet[:title] }
  end

  def test_a_working_of_heights_counts_them_and_no_metres
    step = told(things: THREE)[:sheets]["heights"][:steps].first

    assert_equal [3, "of them"], step.values_at(:value, :unit)
  end

  def test_in_feet_nobody_reads_metres
    told = told(units: "imperial", surface: COUNTER.merge(clear_m: 0.2), things: THREE,
                fill: { shape: "cylinder", balls: [{ style: "sage" }] })
    steps = told[:sheets].values.flat_map { |sheet| sheet[:steps] }
    words = told[:cautions].map { |one| one[:message] } + steps.flat_map { |step| step.values_at(:says, :sum) }

    assert_empty(words.grep(/\d c?m\b/))
  end

  def test_what_cannot_be_is_refused_where_it_stands
    faults = assert_raises(InputError) do
      GROUPING_KIND.check(surface: { length_m: 2.0, sockets: [{ at_m: 2.5 }],
                                     keep_free: [{ from_m: 1.0, to_m: 0.5 }], wall_colour: "#zzzzzz" },
                          fill: { balls: [{ style: "sage" }, { style: "sage" }] })
    end.faults

    assert_equal [%w[surface wall_colour], ["surface", "sockets", 0, "at_m"], ["surface", "keep_free", 0, "to_m"],
                  ["fill", "balls", 1, "style"]], faults.map(&:path)
  end

  def test_it_is_seen_as_high_as_it_stands
    seen = plan(things: THREE).outline

    assert_in_delta 0.91 + 0.3, seen.top_m
    assert_in_delta 0.6, seen.depth_m
    refute seen.lit
  end

  def test_stepping_back_asks_for_cords_until_they_were_looked_for
    asked = plan(things: THREE).looked[:mechanics].map(&:code)
    done = plan(things: THREE, step_back: { looked: ["cords"] }).looked[:mechanics].map(&:code)

    assert_equal [%w[looks_cords], %w[looks_cords_done]], [asked, done]
  end

  def test_that_they_were_looked_for_is_said_by_a_press
    way = plan(things: THREE).mends[:mechanics].first

    assert_equal "They were looked for", way[:label]
    assert_equal %w[cords], GROUPING_KIND.check(way[:settings])[:step_back][:looked]
    assert_empty plan(things: THREE, step_back: { looked: ["cords"] }).mends[:mechanics]
  end

  def test_its_look_on_another_surface_brings_things_and_fill_and_no_places
    from = GROUPING_KIND.check(surface: { length_m: 1.0 }, fill: { shape: "bowl", at_m: 0.2 },
                               things: { standing: [{ form: "bowl", at_m: 0.3, out_m: 0.1 }] })
    onto = GROUPING_KIND.check(GroupingLook.onto(from, GROUPING_KIND.check(surface: { length_m: 3.0 }), 3.0))

    assert_in_delta 3.0, onto[:surface][:length_m]
    assert_equal ["bowl", nil, nil], onto[:things][:standing].first.values_at(:form, :at_m, :out_m)
    assert_equal ["bowl", nil], onto[:fill].values_at(:shape, :at_m)
  end

  def test_nothing_that_stands_nowhere_is_seen
    assert_nil plan.outline
    assert_nil plan.seen_areas
  end

  # A jug is not what a look's colours are looked for in; what is in the glass is.
  def test_a_look_is_looked_for_in_the_glass
    seen = plan(things: THREE, fill: { shape: "cylinder", balls: [{ style: "sage" }] }).seen_areas

    assert_equal ["#93a283"], seen[:areas].keys
    assert_in_delta 0.044, seen[:surface_m2]
    assert_nil plan(things: THREE).seen_areas
  end

  def test_a_socket_over_everybodys_head_is_let_be
    high = { surface: "shelf", length_m: 2.0, height_m: 1.7, sockets: [{ at_m: 1.0, top_m: 1.5 }] }

    assert_nil told(surface: high, site: { eye_m: 2.1 }, things: THREE)[:drawing][:ray]
  end

  def test_a_sentence_begins_with_a_capital
    assert_match(/\AJug stands over/, said(told(things: [{ form: "vessel", at_m: 1.25 }]), "thing_over_edge"))
  end

  def test_of_very_many_balls_a_share_is_drawn
    beads = BEAD.with(id: "bead", diameter_mm: 20, on_hand: 100_000)
    told = GroupingPlan.new(settings: { surface: COUNTER, fill: { shape: "box", across_m: 0.8, deep_m: 0.6,
                                                                  balls: [{ style: "bead" }] } },
                            surroundings: ROOM, styles: [beads]).call

    assert_operator figure(told, :balls), :>, 5_000
    assert_operator told[:drawing][:fill][:balls].size, :<=, Vessels::Packing::MOST
  end
end
