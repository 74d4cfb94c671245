# frozen_string_literal: true

require_relative "../../core_test"

class RunPlanTest < CoreTest
  FIR = Style.new(id: "fir", kind: "garland", name: "Fir garland", length_m: 1.8, loft_m: 0.2, mass_g: 900, on_hand: 2,
                  price_cents: 1_600, texture: "needle",
                  colour: "#24524a")
  LONG = Style.new(id: "long", kind: "garland", name: "Long fir", length_m: 2.7, loft_m: 0.2, mass_g: 1_350, on_hand: 1,
                   price_cents: 2_300, texture: "needle")
  CEDAR = Style.new(id: "cedar", kind: "stem", name: "Cedar drape", trail_m: 0.3, spread_m: 0.25, mass_g: 60,
                    on_hand: 5, price_cents: 200, texture: "scale",
                    colour: "#5c7d5a")
  LEAF = Style.new(id: "leaf", kind: "stem", name: "Leaf spray", rise_m: 0.3, spread_m: 0.3, mass_g: 40, on_hand: 12,
                   texture: "broadleaf", colour: "#8fa58a")
  BERRY = Style.new(id: "berry", kind: "stem", name: "Berry twig", rise_m: 0.2, spread_m: 0.2, mass_g: 20, on_hand: 8,
                    texture: "berry")
  CONE = Style.new(id: "cone", kind: "ornament", name: "Cone", diameter_mm: 80, mass_g: 60, on_hand: 9)
  STOCK = [FIR, LONG, CEDAR, LEAF, BERRY, CONE].freeze
  PLACE = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.55, right_m: 2.55, width_m: 3.8))

  MANTEL = { survey: { length_m: 1.52, depth_m: 0.14, height_m: 1.2, right_drop_m: 1.0 },
             length: { direction: "to_right" }, body: { bodies: [{ style: "fir" }] },
             rise_and_trail: { shape: "waterfall", low_m: 0.14, high_m: 0.34 } }.freeze

  def planned(place: PLACE, **groups)
    settings = MANTEL.merge(groups) { |_, one, other| one.merge(other) }
    RunPlan.new(settings: JSON.parse(JSON.generate(settings)), surroundings: place, styles: STOCK, stock: STOCK)
  end

  def run_plan(**rest)
    planned(**rest).call
  end

  def warned(plan)
    plan[:cautions].map { |caution| caution[:code] }
  end

  def line(plan, label)
    plan[:ledger].find { |one| one[:label] == label }
  end

  def test_is_ready_for_json_and_the_same_again
    assert_equal JSON.generate(run_plan), JSON.generate(run_plan)
    assert_in_delta 2.52, run_plan[:figures][:run][:value]
  end

  def test_an_unmeasured_run_plans_nothing_and_says_its_steps
    plan = RunPlan.new(settings: {}, surroundings: PLACE, styles: []).call

    refute plan[:chosen]
    assert_equal "measure", plan[:steps].first
    assert_empty plan[:ledger]
  end

  def test_every_kind_of_run_is_drawn_where_it_goes
    { "ledge" => 1.2, "table" => 1.2, "rod" => 1.2, "opening" => 1.2, "frame" => 3.2, "mirror" => 3.2,
      "ring" => Math::PI * 0.6 }.each do |kind, long|
      survey = { kind: kind, length_m: 1.2, right_drop_m: 0, side_m: %w[frame mirror].include?(kind) ? 1.0 : 0,
                 diameter_m: 0.6, height_m: 1.0 }
      plan = run_plan(survey: survey)

      assert_in_delta long, plan[:figures][:run][:value], 1e-6, kind
      assert_in_delta long, plan[:drawing][:samples].last[:at_m], 1e-6
    end
  end

  def test_the_weight_of_all_anchors_is_the_weight_of_all_layers
    plan = run_plan(rise_and_trail: { stems: [{ style: "cedar", count: 4, from_m: 0.4, to_m: 1.4 }] },
                    accents: { accents: [{ style: "cone", count: 5 }] })

    assert_in_delta plan[:figures][:weight][:value], plan[:anchors].sum { |anchor| anchor[:down_kg] }, 1e-9
    assert_in_delta (0.5 * 2.52 * 1.05) + 0.24 + 0.3, plan[:figures][:weight][:value], 1e-9
  end

  def test_a_wound_garland_takes_more_and_weighs_more
    rail = { kind: "rail", going_m: 3.7, rise_m: 2.7, height_m: 0.9, right_drop_m: 0, surface: "wood" }
    laid, wound, woven = %w[laid wrapped woven].map do |method|
      run_plan(survey: rail, length: { method: method })[:figures]
    end

    assert_in_delta 1.35 / 1.05 * laid[:garland][:value], woven[:garland][:value], 1e-9
    assert_operator wound[:garland][:value], :>, laid[:garland][:value]
    assert_operator wound[:weight][:value], :>, laid[:weight][:value]
    assert_equal laid[:run], wound[:run]
  end

  def test_pieces_joins_and_what_is_cut_off
    plan = run_plan

    assert_equal 2, line(plan, "Fir garland")[:need]
    assert_in_delta 3.5 - (2.52 * 1.05), plan[:figures][:garland][:value].then { |needed| 3.5 - needed }, 1e-9
    assert_equal([{ style: "fir", name: "Fir garland", length_m: 0.72 }],
                 plan[:offcuts].map { |one| { **one, length_m: one[:length_m].round(6) } })
    assert_equal 1, plan[:drawing][:joins].size
  end

  def test_two_lengths_of_the_same_greens_are_mixed
    plan = run_plan(survey: { right_drop_m: 0, length_m: 4.0 }, body: { bodies: [{ style: "fir", also: "long" }] })

    assert_equal([1, 1], [line(plan, "Fir garland"), line(plan, "Long fir")].map { |one| one[:need] })
  end

  def test_one_way_garland_from_the_middle_starts_twice
    mirrored = run_plan(survey: { right_drop_m: 0 }, length: { direction: "from_middle" })

    assert_equal 2, line(mirrored, "Fir garland")[:need]
    assert_equal 1, line(run_plan(survey: { right_drop_m: 0 }), "Fir garland")[:need]
  end

  def test_what_closes_a_thin_stretch_closes_it
    plan = run_plan
    part = plan[:closing].max_by { |one| one[:to_m] - one[:from_m] }
    way = part[:ways].find { |one| one[:kind] == "stems" }
    closed = run_plan(
      rise_and_trail: { stems: [{ style: way[:style], count: way[:count], from_m: way[:from_m], to_m: way[:to_m] }] }
    )

    assert way[:on_hand]
    assert_operator closed[:figures][:fullness][:value], :>, plan[:figures][:fullness][:value]
    assert_includes warned(plan), "thin"
  end

  def test_on_hand_ways_come_first
    ways = run_plan[:closing].flat_map { |part| part[:ways].map { |way| way[:on_hand] } }

    assert_includes ways, true
    run_plan[:closing].each do |part|
      assert_equal(part[:ways].map { |way| way[:on_hand] ? 0 : 1 }.sort,
                   part[:ways].map { |way| way[:on_hand] ? 0 : 1 })
    end
  end

  def test_built_from_stock_it_is_as_full_as_it_says
    built = planned.build
    plan = run_plan(body: { bodies: built[:bodies] }, rise_and_trail: { stems: built[:stems] })

    assert_in_delta built[:fullness], plan[:figures][:fullness][:value], 1e-9
    assert_operator built[:fullness], :>, run_plan[:figures][:fullness][:value]
    assert_operator built[:kg], :<=, built[:most_kg]
    assert(plan[:ledger].select { |one| %w[garland stem].include?(one[:kind]) }.all? { |one| one[:short].zero? })
  end

  # Of every household and way to hold it: what is built adds no stop the empty run did not have.
  def test_what_is_built_is_never_stopped_by_the_plan
    fire = { firebox: "working", firebox_width_m: 0.5, firebox_height_m: 0.85, right_drop_m: 0 }
    places = [PLACE, RENTED, Surroundings.new(stance: "wall", ceiling: PLACE.ceiling, children: [1], pets: ["cat"]),
              Surroundings.new(stance: "wall", ceiling: PLACE.ceiling, conifer_allergy: true, no_nails: true)]
    places.product([fire, { right_drop_m: 0 }, { surface: "brick" }, { kind: "table", right_drop_m: 0 }],
                   %w[level crest ends waterfall]).each do |place, survey, shape|
      groups = { place: place, survey: survey, rise_and_trail: { shape: shape, low_m: 0.14, high_m: 0.34 } }
      bare = planned(**groups, body: { bodies: [] })
      built = bare.build
      full = run_plan(**groups, body: { bodies: built[:bodies] },
                                rise_and_trail: { **groups[:rise_and_trail], stems: built[:stems] })

      assert_empty stops(full) - stops(bare.call), [survey, shape].inspect
    end
  end

  def stops(plan)
    plan[:cautions].select { |caution| caution[:severity] == "stop" }.map { |caution| caution[:code] }
  end

  def test_two_greens_and_three_textures_are_used_when_they_are_there_and_few_stems_are_spread
    level = { shape: "level", low_m: 0.1, high_m: 0.18 }
    built = planned(survey: { right_drop_m: 0 }, body: { bodies: [] }, rise_and_trail: level).build
    plan = run_plan(survey: { right_drop_m: 0 }, body: { bodies: built[:bodies] },
                    rise_and_trail: { **level, stems: built[:stems] })

    refute_includes warned(plan), "greens_few"
    refute_includes warned(plan), "textures_few"
    places = plan[:drawing][:stems].map { |stem| stem[:at_m] }.sort
    widest = [0, *places, 1.52].each_cons(2).map { |from, to| to - from }.max

    assert_operator widest, :<, 0.62
  end

  def test_says_which_wish_it_could_not_keep
    alone = RunPlan.new(settings: JSON.parse(JSON.generate(MANTEL.merge(body: { bodies: [] }))),
                        surroundings: PLACE, styles: [FIR], stock: [FIR]).build

    assert_equal ["Only one green is there; two at least read rich.",
                  "Only 1 texture is there; three make it rich."], alone[:wishes].first(2)
    fire = { firebox: "working", firebox_width_m: 1.4, firebox_height_m: 1.0, right_drop_m: 0 }

    assert_includes planned(survey: fire).build[:wishes], "Nothing trails into the zone kept clear of the firebox."
    nothing = RunPlan.new(settings: JSON.parse(JSON.generate(MANTEL)), surroundings: PLACE, styles: [FIR], stock: [])

    assert_equal ["Nothing that is on hand may be used here."], nothing.build[:wishes]
  end

  def test_fire_keeps_its_distance
    fire = { firebox: "working", firebox_width_m: 0.9 }
    codes = warned(run_plan(survey: fire))

    assert_includes codes, "fire_zone"
    assert_includes codes, "fire_unlit"
    assert_includes warned(run_plan(survey: fire.merge(dressed_lit: true))), "fire_lit"
    refute_includes warned(run_plan(survey: fire.merge(right_drop_m: 0))), "fire_zone"
    refute_includes warned(run_plan(survey: { firebox: "cold" })), "fire_zone"
  end

  def test_fixings_by_surface_and_leave
    assert_includes warned(run_plan(survey: { surface: "brick" }, anchors: { fixing: "large_hook" })), "fixing_never"
    rented = Surroundings.new(stance: "wall", ceiling: PLACE.ceiling, no_nails: true)
    told = run_plan(place: rented, survey: { surface: "wood" }, anchors: { fixing: "nail" })

    assert_includes warned(told), "fixing_no_nails"
    assert_equal "never", told[:fixings].find { |fixing| fixing[:name] == "nail" }[:here]
    assert_equal "goes",
                 run_plan(survey: { surface: "wood" })[:fixings].find { |fixing| fixing[:name] == "nail" }[:here]
  end

  RENTED = Surroundings.new(stance: "wall", ceiling: PLACE.ceiling, no_nails: true)

  def test_no_nails_or_glue_forbids_both_and_offers_what_needs_neither
    %w[nail large_hook small_hook large_strip putty].each do |fixing|
      told = run_plan(place: RENTED, survey: { surface: "wood" }, anchors: { fixing: fixing })

      assert_includes warned(told), "fixing_no_nails", fixing
      refute_match(/hook|strip|nail|putty/, told[:cautions].find { |one| one[:code] == "fixing_no_nails" }[:message]
                                                           .split(": ", 2).last, fixing)
    end
    offered = ->(kind) { open_to(RENTED, kind: kind) }

    assert_equal %w[tension_rod freestanding_frame none], offered.call("frame")
    assert_equal %w[padded_tie cable_tie none], offered.call("rail")
    assert_equal %w[shelf_weight none], offered.call("mantel")
    %w[large_hook nail].each do |holder|
      assert_includes warned(run_plan(place: RENTED, mantel: { stockings: 2, holder: holder })), "holder_no_nails"
    end
    refute_includes warned(run_plan(place: RENTED, mantel: { stockings: 2 })), "holder_no_nails"
  end

  def open_to(place, **survey)
    told = run_plan(place: place, survey: { right_drop_m: 0, going_m: 3.0, surface: "wood", **survey })[:fixings]
    told.reject { |fixing| fixing[:here] == "never" }.map { |fixing| fixing[:name] }
  end

  def test_what_nobody_says_fits_the_kind_the_wall_and_the_household
    toddler = Surroundings.new(stance: "wall", ceiling: PLACE.ceiling, no_nails: true, children: [2])
    assumed = ->(place = PLACE, **survey) { run_plan(place: place, survey: { going_m: 3.0, **survey })[:assumed] }

    assert_equal ["large_hook", 1.2], assumed.call.values_at(:fixing, :height_m)
    { "rail" => ["padded_tie", 0.9], "table" => ["none", 0.75] }.each do |kind, wanted|
      assert_equal wanted, assumed.call(kind: kind, right_drop_m: 0, height_m: nil).values_at(:fixing, :height_m)
    end
    assert_equal "nail", assumed.call(surface: "plaster")[:fixing]
    assert_equal "shelf_weight", assumed.call(RENTED)[:fixing]
    assert_equal %w[none rail], assumed.call(toddler).values_at(:fixing, :holder)
    assert_equal "Laid, nothing holds it",
                 run_plan(place: toddler)[:fixings].find { |one| one[:name] == "none" }[:title]
    assert_empty(run_plan(place: toddler)[:ledger].select { |line| line[:kind] == "fixing" })
  end

  def test_a_mantel_in_a_room_with_a_fire_stands_over_it_until_somebody_says_otherwise
    warm = Surroundings.new(stance: "wall", ceiling: PLACE.ceiling, heat: "fireplace")

    assert_includes warned(run_plan(place: warm)), "fire_unlit"
    refute_includes warned(run_plan(place: warm, survey: { firebox: "none" })), "fire_unlit"
    refute_includes warned(run_plan(place: warm, survey: { kind: "ledge" })), "fire_unlit"
    shallow = { survey: { depth_m: 0.1 } }

    assert_includes warned(run_plan(**shallow)), "shelf_shallow"
    assert_includes warned(run_plan(place: warm, **shallow)), "shelf_shallow_clear"
  end

  def test_a_stair_is_measured_by_its_flight_or_by_one_tread
    flight = run_plan(survey: { kind: "rail", right_drop_m: 0, going_m: 3.0, rise_m: 2.16, steps: 12 })
    tread = run_plan(survey: { kind: "rail", right_drop_m: 0, stair_by: "tread", going_m: 0.25, rise_m: 0.18,
                               steps: 12 })

    assert_in_delta Math.hypot(3.0, 2.16), flight[:figures][:run][:value]
    assert_equal flight[:figures][:run][:value], tread[:figures][:run][:value]
    assert_equal flight[:drawing][:stair], tread[:drawing][:stair]
    assert_in_delta 3.0, RUN_KIND.measure.call(RUN_KIND.check(tread[:settings]))[:length_m]
  end

  def test_heights_on_a_stair_count_from_the_tread_one_stands_on
    rail = run_plan(survey: { kind: "rail", right_drop_m: 0, going_m: 3.0, rise_m: 2.7, height_m: 0.9 })

    refute_includes warned(rail), "ladder"
    assert(rail[:anchors].all? { |anchor| (anchor[:floor_m] - 0.9).abs < 1e-6 })
    assert_in_delta 0.9 + 2.7, rail[:anchors].last[:y_m]
    assert(rail[:tasks].all? { |task| task[:high].zero? })
  end

  def test_nothing_hangs_through_the_floor_or_out_of_the_room
    deep = { survey: { kind: "rail", right_drop_m: 0, going_m: 3.0, rise_m: 2.7, height_m: 0.9 },
             length: { method: "swags", spans: 2, sag_m: 1.4 } }

    assert_raises(InputError) { run_plan(**deep) }
    assert_raises(InputError) do
      run_plan(survey: { right_drop_m: 0, height_m: 0.5 }, length: { method: "swags", sag_m: 0.6 })
    end
    small = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.4, right_m: 2.4, width_m: 2.0))
    deeper = Surroundings.new(stance: "wall", ceiling: small.ceiling, room_depth_m: 3.5)

    assert_includes warned(run_plan(place: small, survey: { length_m: 3.0 })), "run_beyond_room"
    assert_includes warned(run_plan(place: small, survey: { height_m: 2.6, right_drop_m: 0 })), "run_beyond_ceiling"
    refute_includes warned(run_plan(place: small)), "run_beyond_room"
    refute_includes warned(run_plan(place: deeper, survey: { length_m: 3.0 })), "run_beyond_room"
  end

  def test_an_anchor_over_its_half_says_how_many_it_takes
    heavy = run_plan(anchors: { fixing: "medium_hook" },
                     rise_and_trail: { stems: [{ style: "cedar", count: 5, from_m: 1.6, to_m: 2.4 }] })
    drop = heavy[:cautions].find { |caution| caution[:code] == "anchor_drop" }

    assert_includes drop[:message], "carries the whole drop"
    assert_operator line(heavy, "Medium adhesive hook")[:need], :>, heavy[:anchors].size
    refute_includes warned(run_plan(anchors: { fixing: "large_strip" })), "anchor_drop"
  end

  def test_laid_without_fixings_it_must_not_hang
    assert_includes warned(run_plan(anchors: { fixing: "none" })), "laid_hangs"
    flat = run_plan(anchors: { fixing: "none" }, survey: { right_drop_m: 0, depth_m: 0.3 },
                    rise_and_trail: { shape: "level", high_m: 0.2 })

    assert_empty warned(flat) & %w[laid_hangs laid_rolls]
    assert_empty flat[:anchors]
  end

  def test_mixes_and_textures
    plain = warned(run_plan)
    rich = warned(run_plan(rise_and_trail: { stems: [{ style: "cedar", count: 2 }, { style: "leaf", count: 2 }] }))

    assert_empty %w[greens_few textures_few] - plain
    assert_empty rich & %w[greens_few textures_few]
    assert_includes warned(run_plan(accents: { accents: [{ style: "cone", count: 70 }] })), "accents_hide"
  end

  def test_a_trailing_stem_wants_its_nest
    few = { rise_and_trail: { stems: [{ style: "cedar", count: 2 }] } }

    refute_includes warned(run_plan(**few)), "nest_thin"
    assert_includes warned(run_plan(**few, body: { bodies: [{ style: "fir", fluffed: false, to_m: 0.3 }] })),
                    "nest_thin"
  end

  def test_balance_by_school
    even = { survey: { right_drop_m: 0 }, rise_and_trail: { shape: "level" } }

    refute_includes warned(run_plan(**even)), "leans"
    vase = [{ name: "Tall vase", at_m: 1.4, width_m: 0.4, height_m: 0.9, lightness: 20 }]

    assert_includes warned(run_plan(**even, mantel: { things: vase })), "leans"
    assert_includes warned(run_plan(**even, mantel: { school: "one_sided", side: "left" })), "one_sided_little"
    refute_includes warned(run_plan(**even, mantel: { school: "one_sided", side: "right", things: vase })),
                    "one_sided_little"
  end

  def test_stockings_hang_evenly_and_not_over_a_fire
    plan = run_plan(mantel: { stockings: 4, holder: "shelf_weight" }, survey: { firebox: "working" })

    assert_equal 4, plan[:drawing][:stockings].size
    assert_includes warned(plan), "stockings_fire"
    assert_includes warned(run_plan(mantel: { stockings: 9 })), "stockings_tight"
    assert_includes warned(run_plan(mantel: { stockings: 2, stocking_kg: 1.2 })), "stocking_heavy"
  end

  def test_what_stands_on_a_shelf_is_in_the_ledger_as_the_homes_own_and_fits_its_depth
    vase = { name: "Tall vase", at_m: 0.3, width_m: 0.15, height_m: 0.6, depth_m: 0.15 }
    plan = run_plan(survey: { depth_m: 0.13 }, mantel: { things: [vase], stockings: 3, holder: "shelf_weight" })

    told = ["Tall vase, 60 cm high", "Stockings"].map { |label| line(plan, label).values_at(:need, :own, :short) }

    assert_equal [[1, true, 0], [3, true, 0]], told
    assert_includes warned(plan), "thing_deep"
    refute_includes warned(run_plan(survey: { depth_m: 0.2 }, mantel: { things: [vase] })), "thing_deep"
  end

  def test_rails_stay_usable
    rail = { kind: "rail", going_m: 3.7, rise_m: 2.7, height_m: 0.9, right_drop_m: 0 }

    assert_includes warned(run_plan(survey: rail.merge(free_side: false))), "rail_no_grasp"
    refute_includes warned(run_plan(survey: rail)), "rail_no_grasp"
    assert_equal 14, run_plan(survey: rail.merge(steps: 14))[:drawing][:stair][:treads].size
  end

  def test_lights_before_or_after_the_stems
    after = run_plan[:steps]
    before = run_plan(lights: { goes: "before" })[:steps]

    assert_operator after.index("lights"), :>, after.index("rise_and_trail")
    assert_operator before.index("lights"), :<, before.index("rise_and_trail")
    assert_equal before.sort, after.sort
    studio = RunPlan.new(settings: JSON.parse(JSON.generate(MANTEL)), surroundings: PLACE, styles: STOCK,
                         lights: "before").call

    assert_equal before, studio[:steps]
  end

  def test_layers_are_told_in_the_order_of_work
    plan = run_plan(rise_and_trail: { stems: [{ style: "cedar", count: 2 }, { style: "leaf", count: 2 }] })

    assert_equal(["Anchors", "Base", "Trail", "Rise and texture", "Lights", "Fluff and step back"],
                 plan[:layers].map { |layer| layer[:title] })
  end

  def test_greens_repeat_in_the_room
    alone = lambda { |ids|
      RunPlan.new(settings: JSON.parse(JSON.generate(MANTEL)), surroundings: PLACE, styles: STOCK, elsewhere: ids).call
    }

    assert_includes warned(alone.call(["cedar"])), "greens_alone"
    refute_includes warned(alone.call(["fir"])), "greens_alone"
    refute_includes warned(alone.call([])), "greens_alone"
  end

  def test_ribbon_along_the_run
    woven = run_plan(ribbon: { method: "weave" })
    loops = run_plan(ribbon: { method: "loops" })

    assert_in_delta 1.3 * 2.52, line(woven, "Ribbon, no style chosen")[:need]
    assert_equal 6, loops[:drawing][:ribbon][:places].size
    assert_nil line(run_plan, "Ribbon, no style chosen")
  end

  def test_every_line_and_figure_opens_a_working
    plan = run_plan(survey: { firebox: "cold" }, mantel: { stockings: 2 },
                    rise_and_trail: { stems: [{ style: "cedar", count: 2 }] },
                    ribbon: { method: "bows" })
    keys = plan[:ledger].map { |one| one[:sheet] } + plan[:figures].values.map { |figure| figure[:sheet] }

    keys.each { |key| refute_empty plan[:sheets].fetch(key)[:steps], key }
  end

  def test_the_desk_is_told_what_is_short_and_worst
    told = planned.summary

    assert_equal [true, 2], told.values_at(:chosen, :short_lines)
    refute_nil told[:worst]
    refute RunPlan.new(settings: {}, surroundings: PLACE, styles: []).summary[:chosen]
  end

  def test_a_woven_ribbon_takes_a_tuck_at_every_arms_length
    house = HouseRules.default
    took = run_plan(ribbon: { method: "weave" })[:figures][:minutes][:value] - run_plan[:figures][:minutes][:value]

    assert_in_delta (2.52 / house["garland.loop_each"]).ceil * house["minutes.tuck"], took, 0.01
  end

  def test_a_drop_beside_a_stair_is_not_held_to_the_floor
    low = { right_drop_m: 1.0, height_m: 1.0 }

    assert_includes warned(run_plan(survey: low)), "drop_on_floor"
    refute_includes warned(run_plan(survey: { kind: "rail", going_m: 3.7, rise_m: 2.7, height_m: 0.9,
                                              left_drop_m: 0.88, right_drop_m: 0,
                                              surface: "wood" })), "drop_on_floor"
  end

  def test_more_anchors_than_needed_are_set_when_asked_for
    assert_equal run_plan[:anchors].size + 2, run_plan(anchors: { more: 2 })[:anchors].size
  end

  def test_a_drop_hangs_on_the_anchor_at_its_upper_end
    last = run_plan[:anchors].last[:kg]

    assert_operator last, :>, 2 * run_plan[:anchors].first[:kg]
    assert_operator last, :>, 2 * run_plan(survey: { right_drop_m: 0.1 })[:anchors].last[:kg]
  end

  def test_a_garland_laid_on_a_shelf_too_narrow_rolls_off
    laid = lambda { |depth|
      warned(run_plan(anchors: { fixing: "none" }, survey: { right_drop_m: 0, depth_m: depth },
                      rise_and_trail: { shape: "level" }))
    }

    assert_includes laid.call(0.05), "laid_rolls"
    refute_includes laid.call(0.4), "laid_rolls"
  end
end
