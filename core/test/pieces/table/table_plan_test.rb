# frozen_string_literal: true

require_relative "../../core_test"

# A table laid for guests: places by rule, layers that show, a middle one sees over, what leaves for a meal.
class TablePlanTest < CoreTest
  G = PropCheck::Generators
  RUNNER = Style.new(id: "oat", kind: "decor", name: "Oat runner", colour: "#d9cdb3", on_hand: 1)
  GREENS = Style.new(id: "cedar", kind: "garland", name: "Cedar", colour: "#4b6b4c", length_m: 0.6, on_hand: 1)
  BAND = Style.new(id: "band", kind: "ribbon", name: "Chalk band", colour: "#f0ece0", on_hand: 3.0)
  PLATE = Style.new(id: "pewter", kind: "decor", name: "Pewter charger", colour: "#8f9498", on_hand: 6, across_m: 0.32)
  STRING = Style.new(id: "string", kind: "light", name: "Fine string", lit_length_m: 1.0, on_hand: 1)
  ROOM = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.6, right_m: 2.6, width_m: 5.0))
  ALLERGIC = Surroundings.new(stance: "wall", ceiling: ROOM.ceiling, conifer_allergy: true)

  def plan(table: {}, standing: nil, layers: nil, units: "metric", surroundings: ROOM, **groups)
    groups[:centre] = { standing: standing } if standing
    groups[:setting] = { **groups.fetch(:setting, {}), layers: layers } if layers
    TablePlan.new(settings: { table: { length_m: 2.2, width_m: 1.1 }.merge(table), **groups }, units: units,
                  surroundings: surroundings, styles: [RUNNER, GREENS, BAND, PLATE, STRING])
  end

  def told(**groups) = plan(**groups).call

  def figure(told, name) = told[:figures].fetch(name)[:value]

  def codes(told) = told[:cautions].map { |one| one[:code] }

  def line(told, label) = told[:ledger].find { |one| one[:label] == label }

  def test_before_it_is_measured_it_says_what_is_usual
    told = plan(table: { length_m: nil }).call

    refute told[:chosen]
    assert_empty told[:ledger]
    assert_in_delta(0.33, told[:assumed][:layers].find { |layer| layer[:name] == "charger" }[:across_m])
    assert_nil plan(table: { width_m: nil }).portrait
    assert_nil plan(table: { shape: "round" }).outline
  end

  # One source for places: the rule, the seats drawn, the working.
  def test_as_many_sit_as_the_rule_has_it
    told = told()

    assert_equal answer("table.places", shape: "rectangle", length_m: 2.2, width_m: 1.1)[:places],
                 figure(told, :guests)
    assert_equal 8, told[:drawing][:seats].size
    assert_in_delta 2.2 / 3, figure(told, :apart)
    assert_equal 7, figure(told(table: { shape: "round", diameter_m: 1.4 }), :places)
    assert_equal 1, figure(told(table: { length_m: 0.4, width_m: 0.4 }), :guests)
  end

  def test_more_than_have_elbow_room_are_told
    told = told(table: { guests: 10 })

    assert_equal 10, told[:drawing][:seats].size
    assert_includes codes(told), "table_crowded"
    refute_includes codes(told()), "table_crowded"
    assert_includes codes(told(table: { width_m: 0.7, ends: 1 })), "table_end_narrow"
  end

  def test_what_lies_at_each_place_is_counted_with_spares
    told = told(table: { guests: 9, ends: 2 }, layers: [{ layer: "charger", style: "pewter" },
                                                        { layer: "plate", own: true }])
    charger = line(told, "Pewter charger")

    assert_equal [9, 2, 5], charger.values_at(:need, :spares, :short)
    assert_equal [9, 0, 0], line(told, "Plate").values_at(:need, :spares, :short)
    assert_in_delta(0.32, told[:drawing][:layers].first[:across_m])
    assert_nil line(told, "Napkin, none chosen")
  end

  def test_bows_take_ribbon_by_the_rule_and_time
    told = told(setting: { bow: true, bow_style: "band", loop_m: 0.1, tail_m: 0.2 })
    each = answer("ribbon.bow", loops: 2, loop_m: 0.1, tails: 2, tail_m: 0.2)[:length_m]

    assert_in_delta 8 * each, line(told, "Chalk band")[:need]
    assert_in_delta each, line(told, "Chalk band")[:spares]
    assert_equal "#f0ece0", told[:drawing][:bow]
    assert_equal(9, told[:tasks].find { |task| task[:title] == "Bows on the napkins" }[:count])
    assert_nil told()[:drawing][:bow]
    assert_includes codes(told(setting: { bow: true, thick: true })), "napkins_thick"
  end

  def test_layers_that_sink_into_each_other_are_told
    pale = [{ layer: "charger", colour: "#ffffff" }, { layer: "plate", colour: "#f0f0f0", patterned: true },
            { layer: "salad_plate", colour: "#223322", patterned: true }]
    told = told(layers: pale.reverse)
    alike = told[:cautions].select { |one| one[:code] == "layers_alike" }

    assert_equal(["plate on charger: hardly lighter or darker (5 apart; 25 are plain)."],
                 alike.map { |one| one[:message].downcase })
    assert_includes codes(told), "layers_patterned"
    refute_includes codes(told()), "layers_alike"
  end

  def test_mats_agree_with_the_runner
    mat = [{ layer: "mat", colour: "#202060" }]

    assert_includes codes(told(layers: mat)), "mats_disagree"
    refute_includes codes(told(layers: mat, runner: { kind: "greens" })), "mats_disagree"
    refute_includes codes(told(layers: [{ layer: "mat", colour: "#d9cdb3" }], runner: { style: "oat" })),
                    "mats_disagree"
  end

  def test_cloth_hangs_over_both_ends_as_the_rule_has_it
    told = told(runner: { kind: "cloth", style: "oat", overhang_m: 0.25 })
    rule = answer("table.runner", table_length_m: 2.2, table_width_m: 1.1, overhang_m: 0.25)

    assert_in_delta rule[:length_m], figure(told, :runner)
    assert_in_delta rule[:width_m], figure(told, :runner_width)
    assert_in_delta(-0.25, told[:drawing][:runner][:from_m])
    assert_equal 1, line(told, "Oat runner")[:need]
    assert_in_delta 0.55, figure(told, :depth)
    assert_includes codes(told(runner: { overhang_m: 0.5 })), "overhang_unusual"
    assert_in_delta 2.6, line(told(runner: { style: "band" }), "Chalk band")[:need]
    assert_nil told(runner: { kind: "none" })[:drawing][:runner]
  end

  def test_greens_leave_what_a_place_takes
    told = told(runner: { kind: "greens", style: "cedar", lit: true, lights: "string" })

    assert_in_delta 0.2, figure(told, :runner_width)
    assert_in_delta 2.2 - 0.9, figure(told, :runner)
    assert_in_delta 0.45, figure(told, :depth)
    assert_equal [3, 2], [line(told, "Cedar")[:need], line(told, "Fine string")[:need]]
    refute_includes codes(told), "place_shallow"
    narrow = told(table: { width_m: 0.9, guests: 6 }, runner: { kind: "greens" })

    assert_in_delta 0.12, figure(narrow, :runner_width)
    assert_in_delta 2.2 + 0.4, figure(narrow, :runner)
    assert_in_delta 0.39, figure(narrow, :depth)
    assert_includes codes(narrow), "place_shallow"
    assert_includes codes(told(runner: { kind: "greens" }, surroundings: ALLERGIC)), "table_allergy"
    assert_in_delta 0.5, figure(told(table: { shape: "round", diameter_m: 1.4 }, runner: { kind: "greens" }), :runner)
  end

  def test_what_nobody_sees_over_leaves_for_a_meal
    told = told(standing: [{ form: "lantern" }, { form: "candle", height_m: 0.28 }])
    leaves = told[:drawing][:things].to_h { |thing| [thing[:form], thing[:leaves]] }

    assert_equal({ "lantern" => true, "candle" => false }, leaves)
    assert_equal [1, 1], [figure(told, :leaves), figure(told, :clear)]
    assert told[:drawing][:show][:blocks]
    refute told[:drawing][:meal][:blocks]
    refute_includes codes(told), "table_hides"
  end

  def test_what_stays_although_nobody_sees_over_it_is_told
    stays = told(standing: [{ form: "lantern", meal: "stays" }])

    assert_includes codes(stays), "table_hides"
    assert_equal 0, figure(stays, :leaves)
    refute_includes codes(told(standing: [{ form: "lantern", meal: "stays", see_through: true }])), "table_hides"
    refute_includes codes(told(standing: [{ form: "candle", across_m: 0.03, height_m: 0.4 }])), "table_hides"
    assert_equal 1, figure(told(standing: [{ form: "bowl", meal: "leaves" }]), :leaves)
    raised = told(standing: [{ form: "bowl", riser_m: 0.25, meal: "stays" }])

    assert_includes codes(raised), "table_hides"
  end

  # Of the two who look over it the one it stands farther from sees less of the other.
  def test_the_worse_of_both_sides_is_told
    ray = told(standing: [{ form: "vessel", height_m: 0.2, out_m: 0.8, meal: "stays" }])[:drawing][:meal]

    assert_in_delta 0.3, ray[:away_m]
    assert_in_delta 0.2 - (0.25 * 0.3 / 0.8), ray[:meets_m]
  end

  def test_the_place_with_least_says_up_to_what
    sum = ->(told) { told[:sheets]["depth"][:steps].last.values_at(:says, :sum) }

    assert_equal ["The place with least: place 1", "from the edge to the middle of the table"], sum.call(told)
    assert_equal "from the edge to the greens", sum.call(told(runner: { kind: "greens" })).last
    assert_equal ["The place with least: place 2", "from the edge to bowl"],
                 sum.call(told(standing: [{ form: "bowl", out_m: 0.4, meal: "stays" }]))
  end

  def test_what_leaves_takes_no_room_from_a_place
    broad = { form: "bowl", across_m: 0.5, height_m: 0.1 }

    assert_in_delta 0.3, figure(told(standing: [{ **broad, meal: "stays" }]), :depth)
    assert_in_delta 0.55, figure(told(standing: [{ **broad, meal: "leaves" }]), :depth)
  end

  # Whatever stands there, the line drawn goes from the eye over its top, and ends where the figure says.
  def test_the_line_drawn_is_the_figure
    PropCheck.forall(G.choose(5..90), G.choose(5..95), G.choose(8..20)) do |high, out, wide|
      told = told(table: { width_m: wide / 10.0 },
                  standing: [{ form: "vessel", height_m: high / 100.0, out_m: out / 100.0 * wide / 10.0,
                               meal: "stays" }])
      ray = told[:drawing][:meal]
      across = told[:drawing][:table][:width_m]
      slope = (0.45 - ray[:over_m]) / (across - ray[:away_m])

      assert_in_delta 0.45 - (slope * across), ray[:meets_m], 1e-6
      assert_in_delta [ray[:meets_m], 0].max, figure(told, :hidden), 1e-9
      assert_includes [out / 100.0 * across, across - (out / 100.0 * across)].map { |away| away.round(6) },
                      ray[:away_m].round(6)
    end
  end

  def test_what_stays_never_adds_to_a_place
    PropCheck.forall(G.choose(0..24), G.choose(4..40), G.choose(2..12)) do |at, size, guests|
      bare = figure(told(table: { guests: guests }), :depth)
      stood = told(table: { guests: guests },
                   standing: [{ form: "bowl", across_m: size / 100.0, at_m: (at - 12) / 10.0, meal: "stays" }])

      assert_operator figure(stood, :depth), :<=, bare + 1e-9
      assert_operator figure(stood, :depth), :>=, 0
    end
  end

  def test_what_stands_over_the_edge_or_in_another_is_told
    assert_includes codes(told(standing: [{ form: "bowl", out_m: 1.0 }])), "thing_over_edge"
    refute_includes codes(told(standing: [{ form: "bowl", out_m: 0.9 }])), "thing_over_edge"
    assert_includes codes(told(standing: [{ form: "bowl" }, { form: "vessel", at_m: 0.05 }])), "things_meet"
    round = { shape: "round", diameter_m: 1.4 }

    assert_includes codes(told(table: round, standing: [{ form: "bowl", at_m: 0.45, out_m: 1.1 }])), "thing_over_edge"
    refute_includes codes(told(table: round, standing: [{ form: "bowl", at_m: 0.3, out_m: 1.1 }])), "thing_over_edge"
    assert_includes codes(told(table: round, standing: [{ form: "block", at_m: 0.6 }])), "thing_over_edge"
  end

  def test_the_tallest_belongs_in_the_middle_third
    assert_includes codes(told(standing: [{ form: "lantern", at_m: 0.6 }])), "centre_aside"
    refute_includes codes(told(standing: [{ form: "lantern", at_m: 0.3 }])), "centre_aside"
  end

  def test_flames_sets_and_remotes_are_told
    flat = told(standing: [{ form: "candle" }, { form: "candle" }])
    burning = told(standing: [{ form: "candle", flame: true }, { form: "bundle" }])

    assert_equal %w[candles_remote tapers_alike], codes(flat).grep(/candle|taper/).sort
    assert_includes codes(burning), "flame_near"
    refute_includes codes(burning), "candles_remote"
  end

  def test_beside_a_busy_wall_the_table_stays_quiet
    assert_includes codes(told(table: { busy: true }, standing: [{ form: "candle" }] * 6)), "table_busy"
    assert_includes codes(told(table: { busy: true }, layers: [{ layer: "plate", patterned: true }])), "table_busy"
    refute_includes codes(told(table: { busy: true })), "table_busy"
  end

  def test_lengths_are_told_in_the_persons_units
    told = told(runner: { kind: "greens" }, table: { width_m: 0.9 }, units: "imperial",
                standing: [{ form: "lantern", meal: "stays" }])
    shown = [*told[:cautions].map { |one| one[:message] },
             *told[:sheets].values.flat_map { |sheet| sheet[:steps].map { |step| step[:sum] } }].join("\n")

    refute_match(/\d (cm|m)\b/, shown)
    assert_includes shown, "ft"
  end

  def test_two_of_a_layer_are_refused
    fault = assert_raises(InputError) { plan(layers: [{ layer: "plate" }, { layer: "plate" }]) }.faults.first

    assert_equal ["setting", "layers", 1, "layer"], fault.path
    assert_match(/a plate at each place already/, fault.told("metric"))
    faults = assert_raises(InputError) { plan(table: { colour: "reddish" }, runner: { colour: "#12345" }) }.faults

    assert_equal([%w[table colour], %w[runner colour]], faults.map(&:path))
  end

  def test_lights_along_the_runner_can_be_left_out
    lit = plan(runner: { lit: true })

    assert_equal(%w[unlit], lit.quieter.map { |way| way[:way] })
    assert_empty plan.quieter
    assert_empty TablePlan.new(settings: lit.quieter.first[:settings], surroundings: ROOM, styles: []).quieter
    assert_operator lit.call[:figures][:minutes][:value], :>, told[:figures][:minutes][:value]
  end

  def test_its_look_goes_on_another_table
    from = TableSettings.check(runner: { kind: "greens", width_m: 0.3 }, setting: { bow: true },
                               centre: { standing: [{ form: "bowl", at_m: 0.4, out_m: 0.2 }] })
    onto = TableLook.onto(from, TableSettings.check(table: { shape: "round", diameter_m: 1.2 }), 0.5)
    checked = TableSettings.check(onto)

    assert_equal "round", checked[:table][:shape]
    assert_nil checked[:runner][:width_m]
    assert checked[:setting][:bow]
    assert_equal [nil, nil], checked[:centre][:standing].first.values_at(:at_m, :out_m)
  end

  def test_tables_of_the_survey_one_could_sit_at
    things = [{ kind: "table", name: "Dining table", wall: "behind", at_m: 2.0, out_m: 2.0, width_m: 1.1, depth_m: 2.2,
                height_m: 0.75, floor_m: 0 },
              { kind: "table", name: "Low table", wall: "behind", at_m: 2.0, out_m: 1.0, width_m: 1.1, depth_m: 0.5,
                height_m: 0.42, floor_m: 0 }]
    plan = Rooms::FloorPlan.of(width_m: 5, depth_m: 5, ceiling_left_m: 2.6, plan: { things: things })

    assert_equal([["Dining table", 2.2, 1.1, 0.75]],
                 TableHosts.of(plan).map { |host| [host.name, *host.says.values_at(:length_m, :width_m, :height_m)] })
  end
end
