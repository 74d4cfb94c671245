# frozen_string_literal: true

require_relative "../../core_test"

# A drink corner: jars side by side, what lasts how long, ribbon round each, what is eaten and on what.
class DrinksPlanTest < CoreTest
  G = PropCheck::Generators
  CLIP = Style.new(id: "clip", kind: "decor", name: "Clip jar", colour: "#cfdcdd", on_hand: 2)
  BAND = Style.new(id: "band", kind: "ribbon", name: "Chalk band", colour: "#f0ece0", on_hand: 1.0)
  ROOM = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.6, right_m: 2.6, width_m: 5.0))

  def plan(jars: [{ style: "clip" }] * 3, days: 14, place: {}, units: "metric", **groups)
    DrinksPlan.new(settings: { place: { length_m: 0.9 }.merge(place), jars: { jars: jars, days: days }, **groups },
                   surroundings: ROOM, styles: [CLIP, BAND], units: units)
  end

  def told(**groups) = plan(**groups).call

  def figure(told, name) = told[:figures].fetch(name)[:value]

  def codes(told) = told[:cautions].map { |one| one[:code] }

  def line(told, label) = told[:ledger].find { |one| one[:label] == label }

  def test_before_it_is_measured_nothing_is_told
    told = told(place: { length_m: nil })

    refute told[:chosen]
    assert_empty told[:ledger]
    assert_nil plan(place: { length_m: nil }).portrait
  end

  def test_without_jars_it_is_planned
    told = told(jars: [])

    assert_equal [0, 0], [figure(told, :jars), figure(told, :minutes)]
    assert_empty told[:ledger]
    assert_empty told[:cautions]
  end

  def test_what_is_in_a_jar_lasts_as_long_as_it_is_used
    told = told(jars: [{ what: "cocoa", holds: 10, in_store: 11, a_day: 3 }, { what: "tea", a_day: 0 }])
    cocoa, tea = told[:drawing][:jars]

    assert_in_delta 7, cocoa[:lasts]
    assert_nil tea[:lasts]
    assert_in_delta 7, figure(told, :first_out)
    # 21 of the 42 wanted are there; 11 of them go in later, ten at a time.
    assert_equal [2, 21], cocoa.values_at(:refills, :short)
    out = told[:cautions].find { |one| one[:code] == "drinks_out" }

    assert_equal "Cocoa is empty on day 7 of 14: 21 portions more.", out[:message]
    refute_includes codes(told(jars: [{ holds: 10, in_store: 32, a_day: 3 }])), "drinks_out"
  end

  def test_a_jar_that_is_not_full_lasts_less
    half = told(jars: [{ holds: 10, on_show: 5, a_day: 1 }])[:drawing][:jars].first

    assert_in_delta 0.5, half[:full]
    assert_in_delta 5, half[:lasts]
    fault = assert_raises(InputError) { plan(jars: [{ holds: 10, on_show: 11 }]) }.faults.first

    assert_equal ["jars", "jars", 0, "on_show"], fault.path
    assert_match(/which is 10 portions/, fault.told("metric"))
  end

  def test_ribbon_goes_round_each_and_is_tied
    told = told(jars: [{ across_m: 0.1 }, { across_m: 0.2 }], dress: { bow_style: "band", loop_m: 0.1, tail_m: 0.2 })
    each = answer("ribbon.bow", loops: 2, loop_m: 0.1, tails: 2, tail_m: 0.2)[:length_m]

    assert_in_delta (Math::PI * 0.3) + (2 * each), line(told, "Chalk band")[:need], 1e-5
    assert_in_delta figure(told, :ribbon), line(told, "Chalk band")[:need]
    assert_equal "#f0ece0", told[:drawing][:bow]
    assert_nil told(dress: { bow: false })[:drawing][:bow]
    assert_equal(8, told[:tasks].find { |task| task[:title] == "Bows on the jars" }[:minutes])
  end

  def test_jars_come_from_stock
    told = told()

    assert_equal [3, 1], line(told, "Clip jar").values_at(:need, :short)
    assert_equal(["Board", "Board behind"], told[:ledger].select { |one| one[:own] }.map { |one| one[:label] })
    bare = told(place: { behind: "nothing", under: "tray" })

    assert_equal(["Tray"], bare[:ledger].select { |one| one[:own] }.map { |one| one[:label] })
  end

  def test_what_is_eaten_is_minded
    jars = [{ allergens: %w[milk nuts] }, { allergens: %w[nuts egg] }]
    named = told(jars: jars)[:cautions].find { |one| one[:code] == "drinks_allergens" }

    assert_match(/milk, nuts, egg\./, named[:message])
    refute_includes codes(told), "drinks_allergens"
    assert_includes codes(told(place: { painted: true })), "drinks_painted"
  end

  def test_a_hand_gets_between_them
    assert_includes codes(told(place: { length_m: 0.43 })), "drinks_crowded"
    refute_includes codes(told(place: { length_m: 0.45 })), "drinks_crowded"
    assert_includes codes(told), "drinks_alike"
    refute_includes codes(told(jars: [{}, {}, { high_m: 0.3 }])), "drinks_alike"
  end

  def test_making_room_takes_time
    lifted = [{ what: "Toaster", to: "pantry" }, { what: "" }]

    assert_in_delta figure(told, :minutes) + 1, figure(told(place: { lifted: lifted }), :minutes)
  end

  # However they are dealt, gaps are alike and nothing lasts longer for being used more.
  def test_gaps_are_alike_and_more_use_lasts_less
    PropCheck.forall(G.array(G.choose(3..40), min: 1, max: 8), G.choose(1..20)) do |sizes, a_day|
      jars = sizes.map { |size| { across_m: size / 100.0, a_day: a_day } }
      drawn = told(jars: jars)[:drawing][:jars]
      edges = drawn.flat_map { |jar| [jar[:left_m] - (jar[:across_m] / 2), jar[:left_m] + (jar[:across_m] / 2)] }
      gaps = [0.0, *edges, 0.9].each_slice(2).map { |from, to| to - from }
      more = told(jars: jars.map { |jar| { **jar, a_day: a_day + 1 } })[:drawing][:jars]

      gaps.each { |gap| assert_in_delta gaps.first, gap, 1e-9 }
      drawn.zip(more) { |one, used| assert_operator used[:lasts], :<, one[:lasts] }
    end
  end

  def test_lengths_are_told_in_the_persons_units
    told = told(units: "imperial", place: { length_m: 0.4 })
    shown = [*told[:cautions].map { |one| one[:message] },
             *told[:sheets].values.flat_map { |sheet| sheet[:steps].map { |step| step[:sum] } }].join("\n")

    refute_match(/\d (cm|m)\b/, shown)
  end

  def test_cabinets_and_consoles_of_the_survey
    thing = { kind: "console", name: "Console", wall: "behind", at_m: 2.0, width_m: 1.1, depth_m: 0.4, height_m: 0.8,
              floor_m: 0 }
    plan = Rooms::FloorPlan.of(width_m: 5, depth_m: 5, ceiling_left_m: 2.6,
                               plan: { things: [thing, { **thing, kind: "sofa" }, { **thing, height_m: 1.7 }] })

    assert_equal([{ length_m: 1.1, height_m: 0.8, depth_m: 0.4 }], DrinksHosts.of(plan).map(&:says))
  end

  def test_its_look_goes_on_another
    from = DrinksSettings.check(place: { under: "runner" }, dress: { bow: false }, jars: { jars: [{}] })
    worn = DrinksSettings.check(DrinksLook.onto(from, DrinksSettings.check(place: { length_m: 2 }), 1))

    assert_equal ["runner", 2], worn[:place].values_at(:under, :length_m)
    refute worn[:dress][:bow]
    assert_empty worn[:jars][:jars]
  end

  def test_it_is_seen_in_its_room
    assert_in_delta 3 * 0.12 * 0.2, plan.outline.area_m2
    assert_empty plan.quieter
    assert_operator told(jars: [])[:figures][:jars][:value], :zero?
  end
end
