# frozen_string_literal: true

require_relative "../core_test"

# The look of a piece on another one of its kind: dressing comes along and fits, measures and what is built in stay.
class LookTest < CoreTest
  def test_a_tree_takes_the_dressing_and_keeps_its_measures_and_what_is_built_in
    from = TREE_KIND.check(measure: { height_m: 3.0, shape: "full" }, lights: { school: "blaze", prelit_strings: 4 },
                           crown: { kind: "finial", rise_m: 0.4 },
                           ribbon: { method: "bows", bows: 40, styles: ["plum"] },
                           ornaments: { own_total: 200, count_by: "own", styles: ["slate"],
                                        missing: [{ style: "slate", count: 3 }] }, foot: { kind: "collar" })
    onto = TREE_KIND.check(measure: { height_m: 1.5, shape: "slim" }, lights: { prelit_strings: 2, circuit_amps: 10 },
                           foot: { stand: "rotating" })
    told = TREE_KIND.check(TreeLook.onto(from, onto, 0.25))

    assert_equal onto[:measure], told[:measure]
    assert_equal ["blaze", 2, 10], told[:lights].values_at(:school, :prelit_strings, :circuit_amps)
    assert_equal ["finial", 0.2], told[:crown].values_at(:kind, :rise_m)
    assert_equal [10, ["plum"]], told[:ribbon].values_at(:bows, :styles)
    assert_equal [50, [], ["slate"]], told[:ornaments].values_at(:own_total, :missing, :styles)
    assert_equal %w[collar rotating], told[:foot].values_at(:kind, :stand)
  end

  def test_mends_made_for_what_hung_elsewhere_do_not_come_along
    mend = { kind: "add", style: "slate", height_m: 2.8, angle_deg: 0 }
    mended = TREE_KIND.check(measure: { height_m: 3.0 }, step_back: { looked: ["door"], mends: [mend] })
    plain = TREE_KIND.check(measure: { height_m: 1.5 })

    [[mended, plain], [plain, mended], [mended, mended]].each do |from, onto|
      told = TREE_KIND.check(TreeLook.onto(from, onto, 0.5))

      assert_equal [[], []], told[:step_back].values_at(:looked, :mends)
    end
  end

  def test_a_tiny_tree_still_has_one_of_each
    from = TREE_KIND.check(measure: { height_m: 6.0 }, ribbon: { bows: 2 }, ornaments: { own_total: 3 },
                           crown: { loop_m: 0.03 })
    told = TREE_KIND.check(TreeLook.onto(from, TREE_KIND.check({}), 0.001))

    assert_equal [1, 1, 0.02], [told[:ribbon][:bows], told[:ornaments][:own_total], told[:crown][:loop_m]]
  end

  def test_what_grows_stays_within_what_a_dial_can_be_turned_to
    tree = TREE_KIND.check(ornaments: { own_total: 1_500 }, ribbon: { bows: 150 }, crown: { rise_m: 1.5 })
    run = RUN_KIND.check(rise_and_trail: { stems: [{ style: "cedar", count: 150, from_m: 0, to_m: 150 }] },
                         accents: { accents: [{ style: "cones", count: 400 }] })
    told = TREE_KIND.check(TreeLook.onto(tree, TREE_KIND.check({}), 9.0))
    laid = RUN_KIND.check(RunLook.onto(run, RUN_KIND.check({}), 9.0))

    assert_equal [2_000, 200, 2], [told[:ornaments][:own_total], told[:ribbon][:bows], told[:crown][:rise_m]]
    assert_equal [200, 200, 500], [*laid[:rise_and_trail][:stems].first.values_at(:count, :to_m),
                                   laid[:accents][:accents].first[:count]]
  end

  def test_a_run_is_drawn_in_to_a_shorter_way
    from = RUN_KIND.check(survey: { length_m: 3.0 },
                          body: { bodies: [{ style: "fir", from_m: 1.0, to_m: 2.0 }, { style: "fir" }] },
                          rise_and_trail: { shape: "free", points: [{ at_m: 1.5, thickness_m: 0.3 }],
                                            stems: [{ style: "cedar", count: 6, from_m: 0, to_m: 3.0 }] },
                          accents: { accents: [{ style: "cones", count: 1 }] }, lights: { school: "none" },
                          mantel: { side: "left", stockings: 4 })
    onto = RUN_KIND.check(survey: { kind: "ledge", length_m: 1.0 }, anchors: { more: 2 }, mantel: { stockings: 1 })
    told = RUN_KIND.check(RunLook.onto(from, onto, 1 / 3.0))

    assert_equal onto[:survey], told[:survey]
    assert_equal([[0.333, 0.667], [0, nil]], told[:body][:bodies].map { |body| body.values_at(:from_m, :to_m) })
    assert_equal [0.5, 2, 1.0], [told[:rise_and_trail][:points].first[:at_m],
                                 *told[:rise_and_trail][:stems].first.values_at(:count, :to_m)]
    assert_equal [1, "none", 2], [told[:accents][:accents].first[:count], told[:lights][:school], told[:anchors][:more]]
    assert_equal ["left", 1], told[:mantel].values_at(:side, :stockings)
  end

  def test_a_tree_that_is_too_tall_becomes_the_best_size_of_its_new_place
    low = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.3, right_m: 2.3, width_m: 4))
    high = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 3.3, right_m: 3.3, width_m: 6))
    settings = { measure: { height_m: 2.7, spread_m: 1.6 } }
    plan = ->(place) { TreePlan.new(settings: settings, surroundings: place, styles: []) }
    fitted = plan.call(low).fitted[:measure]

    assert_equal [plan.call(low).best_size[:height_m], nil], fitted.values_at(:height_m, :spread_m)
    assert_operator fitted[:height_m], :<, 2.3
    assert_in_delta 2.7, plan.call(high).fitted[:measure][:height_m]
  end
end
