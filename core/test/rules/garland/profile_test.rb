# frozen_string_literal: true

require_relative "../../core_test"

class ProfileTest < CoreTest
  BODY = { kind: "body", from_m: 0, to_m: 2, loft_m: 0.2, kg_per_m: 0.5 }.freeze
  RISE = { kind: "rise", at_m: 1.0, spread_m: 0.4, rise_m: 0.35, kg: 0.06 }.freeze
  TRAIL = { kind: "trail", at_m: 0.5, spread_m: 0.3, trail_m: 0.4, kg: 0.09 }.freeze

  def profile(*items, wanted: { shape: "level", high_m: 0.2 }, run: 2.0)
    answer("garland.profile", run_m: run, items: items, wanted: wanted)
  end

  def at(told, place)
    told[:samples].min_by { |sample| (sample[:at_m] - place).abs }
  end

  def test_bodies_add_by_cross_section
    assert_in_delta 0.2, at(profile(BODY), 1)[:thickness_m]
    assert_in_delta 0.2 * Math.sqrt(2), at(profile(BODY, BODY), 1)[:thickness_m]
    assert_in_delta 0.4, at(profile(BODY.merge(passes: 4)), 1)[:thickness_m]
    assert_in_delta 0.12, at(profile(BODY.merge(fluffed: false)), 1)[:thickness_m]
  end

  def test_a_second_garland_counts_where_it_lies
    told = profile(BODY, BODY.merge(from_m: 0.5, to_m: 1.0))

    assert_in_delta 0.2, at(told, 0.4)[:thickness_m]
    assert_in_delta 0.2828, at(told, 0.75)[:thickness_m], 1e-4
    assert_in_delta 0.2, at(told, 1.2)[:thickness_m]
  end

  def test_a_rise_lifts_the_upper_edge_and_a_trail_drops_the_lower_one
    told = profile(BODY, RISE, TRAIL)

    assert_equal([0.35, 0.1], at(told, 1.0).values_at(:upper_m, :lower_m).map { |edge| edge.round(9) })
    assert_equal([0.1, 0.4], at(told, 0.5).values_at(:upper_m, :lower_m).map { |edge| edge.round(9) })
    assert_in_delta 0.175, at(told, 1.1)[:upper_m], 1e-9
    assert_in_delta 0.1, at(told, 1.3)[:upper_m], 1e-9
  end

  def test_weights_add_up
    told = profile(BODY.merge(passes: 2), RISE, TRAIL)

    assert_in_delta 2.0 + 0.06 + 0.09, told[:kg]
    step = 0.05
    inside = told[:samples][1..-2].sum { |sample| sample[:kg_per_m] * step } +
             told[:samples].values_at(0, -1).sum { |sample| sample[:kg_per_m] * step / 2 }

    assert_in_delta told[:kg], inside, 0.03
  end

  def test_sampled_each_five_centimetres_with_both_ends
    assert_equal([0, 0.05, 0.1, 0.12], profile(BODY, run: 0.12)[:samples].map { |sample| sample[:at_m] })
    assert_equal 41, profile(BODY)[:samples].size
  end

  def test_outlines_wanted
    wanted = ->(shape, **rest) { profile(BODY, wanted: { shape: shape, low_m: 0.1, high_m: 0.3, **rest }) }
    of = ->(told) { [0, 0.5, 1, 2].map { |place| at(told, place)[:wanted_m].round(4) } }

    assert_equal [0.3, 0.3, 0.3, 0.3], of.call(wanted.call("level"))
    assert_equal [0.1, 0.2, 0.3, 0.1], of.call(wanted.call("crest"))
    assert_equal [0.3, 0.2, 0.1, 0.3], of.call(wanted.call("ends"))
    assert_equal [0.1, 0.2732, 0.3, 0.1], of.call(wanted.call("crescent"))
    assert_equal [0.1, 0.1313, 0.2, 0.3], of.call(wanted.call("waterfall"))
    assert_equal [0.3, 0.2688, 0.2, 0.1], of.call(wanted.call("waterfall", side: "left"))
  end

  def test_free_points_are_met_and_never_overshot
    points = [{ at_m: 0, thickness_m: 0.1 }, { at_m: 0.6, thickness_m: 0.3 }, { at_m: 1.4, thickness_m: 0.3 },
              { at_m: 2, thickness_m: 0.12 }]
    told = profile(BODY, wanted: { shape: "free", points: points })

    points.each { |point| assert_in_delta point[:thickness_m], at(told, point[:at_m])[:wanted_m], 1e-9 }
    assert(told[:samples].all? { |sample| sample[:wanted_m].between?(0.1 - 1e-9, 0.3 + 1e-9) })
  end

  def test_says_where_it_is_thin_and_where_too_full
    told = profile(BODY.merge(to_m: 1), BODY.merge(to_m: 0.5), BODY.merge(from_m: 0, to_m: 0.5))

    assert_equal [{ from_m: 1.05, to_m: 2.0, by_m: 0.2 }], told[:short]
    assert_equal([[0, 0.5]], told[:over].map { |part| part.values_at(:from_m, :to_m) })
    assert_equal %w[thin too_thick], codes(told)
    assert_in_delta 21.0 / 41, told[:fullness]
  end

  def test_adding_never_makes_it_thinner
    random = Random.new(7)
    items = [BODY]
    fullness = 20.times.map do
      items << [BODY.merge(from_m: random.rand(0.0..1.0), to_m: random.rand(1.0..2.0)),
                RISE.merge(at_m: random.rand(0.0..2.0)),
                TRAIL.merge(at_m: random.rand(0.0..2.0))].sample(random: random)
      profile(*items, wanted: { shape: "level", high_m: 0.6 })[:fullness]
    end

    assert_equal fullness.sort, fullness
  end

  def test_what_lacks_is_named_where_it_lacks
    faults = faults_of("garland.profile",
                       run_m: 2, items: [{ kind: "body", from_m: 0 }, { kind: "rise", at_m: 1, rise_m: 0.2 }],
                       wanted: { shape: "free" })

    assert_equal(%w[items.0.to_m items.0.loft_m items.1.spread_m wanted.points],
                 faults.map { |fault| fault.path.join(".") })
  end
end
