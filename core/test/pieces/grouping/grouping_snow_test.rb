# frozen_string_literal: true

require_relative "../../core_test"

# Groups where something could be lit, on a fridge, of potted trees, in snow; risers found in stock.
class GroupingSnowTest < CoreTest
  RISERS = [[0.05, 1], [0.1, 1], [0.2, 2]].map do |high, count|
    Style.new(id: "riser_#{high}", kind: "decor", name: "Riser of #{high}", colour: "#a27b52", shape: "block",
              riser_height_m: high, on_hand: count)
  end
  TRAY = { form: "tray", across_m: 0.5, deep_m: 0.4 }.freeze
  ROOM = { stance: "wall", ceiling: Ceiling.new(left_m: 2.5, right_m: 2.5, width_m: 4.0) }.freeze

  def plan(things, surface: {}, room: {}, units: "metric", **groups)
    GroupingPlan.new(settings: { surface: { length_m: 1.2, cooked: false, **surface },
                                 things: { standing: things }, **groups },
                     surroundings: Surroundings.new(**ROOM, **room), styles: RISERS, units: units)
  end

  def told(things, **groups) = plan(things, **groups).call

  def codes(told) = told[:cautions].map { |one| one[:code].to_s }

  def said(told, code) = told[:cautions].find { |one| one[:code] == code }&.fetch(:message)

  def line(told, label) = told[:ledger].find { |one| one[:label].start_with?(label) }

  def firebox(*things) = told(things, surface: { surface: "firebox" })

  def test_in_a_firebox_nothing_stands_that_burns
    told = firebox({ form: "bundle" }, { form: "lantern" }, { form: "cloth" }, { form: "candle" })

    assert_includes codes(told), "hearth_locked"
    assert_equal(2, codes(told).count("firebox_burns"))
    assert_includes said(told, "firebox_burns"), "Bundle of stems"
    refute_includes codes(told([{ form: "bundle" }], surface: { surface: "hearth" })), "firebox_burns"
  end

  def test_lights_in_a_firebox_rise_in_steps_before_what_sparkles
    even = [{ form: "lantern", height_m: 0.3, out_m: 0.25 }, { form: "candle", height_m: 0.3, out_m: 0.25 }]

    assert_empty(%w[firebox_even firebox_behind] - codes(firebox(*even)))
    stepped = [even.first, { form: "candle", height_m: 0.2, out_m: 0.25 }, { form: "mirror", out_m: 0.05 }]

    assert_empty(%w[firebox_even firebox_behind] & codes(firebox(*stepped)))
    assert_includes codes(firebox(*stepped.first(2), { form: "bowl", out_m: 0.3 })), "firebox_behind"
    refute_includes codes(firebox({ form: "bowl" })), "firebox_behind"
  end

  def test_on_a_fridge_things_are_wound_in_or_stuck
    assert_includes codes(told([{ form: "bowl" }], surface: { surface: "fridge" })), "fridge_shakes"
    refute_includes codes(told([], surface: { surface: "fridge" })), "fridge_shakes"
    refute_includes codes(told([{ form: "bowl" }], surface: { surface: "cabinet_top" })), "fridge_shakes"
  end

  # Moss in the ring between trunk and rim, four centimetres deep.
  def test_small_trees_are_potted_with_wedges_and_moss
    pots = Array.new(2) { |i| { form: "tree", height_m: 0.4 - (i * 0.1), opening_m: 0.16, trunk_m: 0.08 } }
    told = told(pots, surface: { surface: "floor" })
    litres = 2 * Math::PI / 4 * ((0.16**2) - (0.08**2)) * 0.04 * 1000

    assert_equal litres.ceil, line(told, "Moss")[:need]
    assert_in_delta(16.0, told[:tasks].find { |task| task[:title].start_with?("Pot the small trees") }[:minutes])
    assert_includes codes(told), "pot_moss"
    assert_equal([0.16, 0.16], told[:drawing][:things].map { |thing| thing[:pot_m] })
    assert_in_delta litres, told[:sheets].fetch(line(told, "Moss")[:sheet])[:steps].first[:value]
  end

  def test_a_trunk_wider_than_its_pot_is_told_by_how_much
    narrow = { form: "tree", opening_m: 0.08, trunk_m: 0.1 }
    told = told([narrow])

    assert_includes said(told, "pot_narrow"), "2 cm wider"
    refute_includes codes(told), "pot_moss"
    assert_nil line(told, "Moss")
    assert_includes said(told([narrow], units: "imperial"), "pot_narrow"), "in wider"
    refute_includes codes(told([narrow.merge(trunk_m: 0.08)])), "pot_narrow"
    refute_includes codes(told([narrow.merge(form: "figure")])), "pot_narrow"
  end

  # Of the tray what nothing stands on.
  def test_snow_lies_in_the_tray_round_what_stands_there
    bare = told([TRAY], snow: { deep_m: 0.02 })
    dressed = told([TRAY, { form: "candle", across_m: 0.2 }], snow: { deep_m: 0.02 })

    assert_in_delta 0.5 * 0.4 * 20, bare[:drawing][:snow][:litres]
    assert_in_delta ((0.5 * 0.4) - (Math::PI / 4 * 0.04)) * 20, dressed[:drawing][:snow][:litres]
    assert_equal 4, line(dressed, "Snow")[:need]
    refute_includes codes(dressed), "snow_no_tray"
  end

  def test_snow_is_laid_last_and_cleared_up_after
    told = told([TRAY], snow: { deep_m: 0.02 })

    assert_equal "snow", told[:tasks].last[:step]
    assert_equal 10, told[:tasks].last[:minutes]
    assert(told([TRAY])[:tasks].none? { |task| task[:step] == "snow" })
  end

  def test_of_snow_it_is_told_where_it_clings_and_what_may_be_in_it
    told = told([{ form: "cloth" }, { form: "candle", flame: true }], snow: { deep_m: 0.02 },
                                                                      room: { children: [2] })

    assert_empty(%w[snow_no_tray snow_flame snow_small] - codes(told))
    assert_nil line(told, "Snow")
    assert_empty(codes(told([TRAY], snow: { deep_m: 0.02 }, room: { children: [3] })) & %w[snow_small snow_flame])
    assert_includes codes(told([TRAY], snow: { deep_m: 0.02 }, room: { pets: %w[cat] })), "snow_small"
  end

  def test_snow_over_lights_is_told
    lit = { fill: { shape: "cylinder", lights: "riser_0.1" }, snow: { deep_m: 0.01 } }

    assert_includes codes(told([TRAY], **lit)), "snow_lights"
    refute_includes codes(told([TRAY], **lit, snow: {})), "snow_lights"
  end

  def test_a_riser_from_stock_lifts_by_its_height_and_is_kept
    told = told([{ form: "bowl", height_m: 0.1, riser: "riser_0.1", riser_m: 0.02 }])

    assert_in_delta 0.12, told[:drawing][:things].first[:foot_m]
    assert_equal 1, line(told, "Riser of 0.1")[:need]
    assert_equal 0, line(told, "Riser of 0.1")[:short]
  end

  def risers(things, **groups) = plan(things, **groups).start(RISERS)[:risers]

  # About its own middle, by outline and darkness; one heavy dark thing beside small pale ones.
  def test_a_group_that_leans_and_one_that_falls_apart_are_told
    pair = [{ form: "vessel", at_m: -0.3, colour: "#333333" }, { form: "vessel", at_m: 0.3, colour: "#333333" }]
    heavy = [{ form: "vessel", at_m: -0.3, colour: "#222222", across_m: 0.1, height_m: 0.4 },
             { form: "candle", at_m: 0.3, colour: "#ffffff", height_m: 0.05 }]

    refute_includes codes(told(pair)), "group_leans"
    assert_includes said(told(heavy), "group_leans"), "leans to the left"
    assert_includes said(told(heavy.map { |one| one.merge(at_m: -one[:at_m]) }), "group_leans"), "leans to the right"
    assert_includes said(told(pair), "group_gap"), "A gap of 43 cm"
    refute_includes codes(told([pair.first.merge(at_m: -0.17), pair.last.merge(at_m: 0.17)])), "group_gap"
    assert_empty(codes(told([pair.first])) & %w[group_gap group_leans])
  end

  # 0.40, × 0.75 and × 0.55: 0.30 and 0.22.
  def test_risers_are_found_that_make_the_line
    things = [{ form: "vessel", height_m: 0.4 }, { form: "figure", height_m: 0.2 }, { form: "bowl", height_m: 0.18 }]
    found = risers(things)

    assert_equal([[2, "riser_0.1"], [3, "riser_0.05"]], found.map { |one| one.values_at(:thing, :style) })
    assert_in_delta 0.1, found.first[:wanted_m]
  end

  def test_no_riser_is_offered_twice_that_is_there_once_nor_one_far_off
    # Two are to be ten centimetres higher, and one riser is as high.
    two = [{ form: "vessel", height_m: 0.4 }, { form: "figure", height_m: 0.2 }, { form: "house", height_m: 0.12 }]

    assert_equal(["riser_0.1"], risers(two).map { |one| one[:style] })
    assert_empty risers([{ form: "vessel", height_m: 1.0 }, { form: "figure", height_m: 0.3 }])
    assert_empty risers([{ form: "vessel", height_m: 0.4 }, { form: "figure", height_m: 0.2, riser: "riser_0.05" }])
  end

  def test_what_is_to_hide_a_socket_is_lifted_high_enough_but_under_the_cabinet
    socket = { sockets: [{ at_m: 0.6, top_m: 0.25 }] }
    things = [{ form: "vessel", height_m: 0.2, at_m: 0, out_m: 0.2 }]
    found = risers(things, surface: socket)

    assert_equal 1, found.size
    assert_operator found.first[:riser_m], :>=, found.first[:wanted_m]
    clear = 0.2 + found.first[:riser_m] + 0.019

    assert_empty risers(things, surface: { **socket, clear_m: clear })
    assert_equal found, risers(things, surface: { **socket, clear_m: clear + 0.001 })
  end
end
