# frozen_string_literal: true

require_relative "../../core_test"

# A wall of wreaths: what hangs is what the rule places, what it takes is what each of them takes.
class WallPlanTest < CoreTest
  OLIVE = Style.new(id: "olive", kind: "wreath", name: "Olive", across_m: 0.3, opening_m: 0.15, mass_g: 210, on_hand: 3)
  LARGE = Style.new(id: "large", kind: "wreath", name: "Large", across_m: 0.5, opening_m: 0.25, mass_g: 600, on_hand: 1)
  RIBBON = Style.new(id: "plum", kind: "ribbon", name: "Plum", pack_size: 10, on_hand: 10)
  BERRY = Style.new(id: "berry", kind: "pick", name: "Berry", on_hand: 40)
  CONE = Style.new(id: "cone", kind: "ornament", name: "Cone", diameter_mm: 60, on_hand: 40)
  SHELF = [OLIVE, LARGE, RIBBON, BERRY, CONE].freeze
  ROOM = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.7, right_m: 2.7, width_m: 5))
  NEAR = 1e-9

  def plan(units: "metric", surroundings: ROOM, **groups)
    WallPlan.new(settings: { wall: { width_m: 3.0 } }.merge(groups), surroundings: surroundings, styles: SHELF,
                 units: units)
  end

  def told(**groups) = plan(**groups).call

  def rings(**groups) = told(**groups)[:drawing][:rings]

  def line(told, kind) = told[:ledger].find { |one| one[:kind] == kind }

  def codes(told) = told[:cautions].map { |one| one[:code].to_s }

  def olives(count, **more) = { hung: Array.new(count) { { style: "olive", **more } } }

  def test_before_it_is_measured_it_says_what_is_usual
    told = WallPlan.new(settings: {}, surroundings: ROOM, styles: []).call

    refute told[:chosen]
    assert_empty told[:ledger]
    assert_nil told[:drawing][:wall][:width_m]
    assert_equal "nail", told[:assumed][:fixing]
  end

  def test_they_hang_where_the_rule_says
    hung = rings(wreaths: olives(3), arrange: { gap_m: 0.2, middle_m: 1.6 })
    rule = Catalogue.answer("wreath.wall", { wall_width_m: 3.0, wall_height_m: 2.4, diameters_m: [0.3] * 3,
                                             arrangement: "row", gap_m: 0.2, middle_height_m: 1.6 })

    assert_equal(rule[:centres].map { |centre| centre.values_at(:left_m, :floor_m) },
                 hung.map { |ring| ring.values_at(:left_m, :floor_m) })
    # A hook holds the ring at the inner edge of its top, not at the middle.
    assert_equal([1.7125] * 3, hung.map { |ring| ring[:hook_floor_m].round(6) })
  end

  def test_furniture_below_is_what_they_are_centred_on
    hung = rings(wall: { width_m: 4.0, thing_width_m: 1.0, thing_left_m: 0.5 }, wreaths: olives(3))

    assert_in_delta 1.0, hung[1][:left_m]
  end

  def test_openings_over_furniture_are_centred_on_it
    told = told(wall: { width_m: 8.0, thing_width_m: 1.0, thing_left_m: 2.0, openings: 3, opening_width_m: 0.8 },
                arrange: { arrangement: "openings" }, wreaths: olives(1))

    assert_in_delta 2.5, told[:drawing][:rings][1][:left_m]
    assert_in_delta 2.5, told[:drawing][:openings][1][:left_m] + 0.4
  end

  def test_one_in_every_opening_hangs_in_its_middle
    told = told(wall: { width_m: 7.0, opening: "window", openings: 5, opening_width_m: 0.8, opening_height_m: 1.2,
                        opening_floor_m: 0.9, between_m: 0.3 },
                arrange: { arrangement: "openings" }, wreaths: olives(1))
    middles = told[:drawing][:openings].map { |one| one[:left_m] + 0.4 }

    assert_equal 5, middles.size
    assert_equal(middles.map { |at| at.round(6) }, told[:drawing][:rings].map { |ring| ring[:left_m].round(6) })
    assert(told[:drawing][:rings].all? { |ring| (ring[:floor_m] - 1.5).abs < NEAR })
    # What is usual at a window holds them.
    assert_equal "suction_hook", told[:assumed][:fixing]
  end

  def test_an_opening_that_says_no_size_takes_the_middle_of_its_band
    hung = rings(wall: { width_m: 7.0, openings: 3, opening_width_m: 0.8 }, arrange: { arrangement: "openings" },
                 wreaths: { hung: [{}] })

    assert_in_delta 0.8 * 0.575, hung.first[:diameter_m]
  end

  def test_a_pair_flanks_a_picture_at_the_same_height_and_mirrored
    told = told(wall: { width_m: 4.0, thing_width_m: 1.0, thing_floor_m: 1.2, thing_height_m: 0.8 },
                arrange: { arrangement: "flanking", gap_m: 0.15 }, wreaths: olives(1),
                layers: { layout: "crescent", picks: ["berry"] })
    one, other = told[:drawing][:rings]

    assert_in_delta 1.5 - 0.15 - 0.15, one[:left_m]
    assert_in_delta 2.5 + 0.15 + 0.15, other[:left_m]
    assert_equal([1.6] * 2, [one, other].map { |ring| ring[:floor_m].round(6) })
    right, left = told[:drawing][:looks].map { |look| look[:elements].map { |element| element[:at_h].round(6) }.sort }

    assert_equal right, left.map { |hour| ((12 - hour) % 12).round(6) }.sort
  end

  def test_a_pair_beside_nothing_is_refused_where_it_is_said
    error = assert_raises(InputError) { plan(arrange: { arrangement: "flanking" }) }

    assert_equal([%w[wall thing_width_m]], error.faults.map(&:path))
  end

  def test_what_does_not_fit_is_told_and_takes_nothing
    told = told(wall: { width_m: 0.9 }, wreaths: olives(4))

    assert_equal 2, told[:drawing][:rings].size
    assert_equal [0.3, 0.3], told[:left_out]
    assert_includes codes(told), "wall_left_out"
    assert_equal 2, line(told, "wreath")[:need]
  end

  def test_those_that_fit_are_told_and_hang_alone_as_they_were
    hung = [{ outer_m: 1.4 }, { outer_m: 0.3, star: "bow" }, { outer_m: 0.3 }, { outer_m: 0.3, star: "figure" }]
    told = told(wall: { width_m: 0.7 }, wreaths: { hung: hung })
    kept = told[:drawing][:rings].map { |ring| ring[:said] }
    alone = told(wall: { width_m: 0.7 }, wreaths: { hung: hung.values_at(*kept) })

    assert_equal [1, 2], kept
    assert_equal [1.4, 0.3], told[:left_out]
    assert_empty alone[:left_out]
    assert_equal told[:drawing][:looks], alone[:drawing][:looks]
  end

  def test_where_none_fits_that_is_said_and_nothing_is_taken
    told = told(wall: { width_m: 0.3, height_m: 0.3 }, wreaths: olives(4))

    assert_includes codes(told), "wall_none_fits"
    assert_empty told[:ledger]
    assert_match(/None of 4 wreaths fits here/, told[:cautions].find do |one|
      one[:code].to_s == "wall_none_fits"
    end[:message])
  end

  def test_what_one_ribbon_gives_to_hangers_and_bows_is_told_for_each_step
    one, three = [1, 3].map do |count|
      line(told(wreaths: olives(count), hang: { hanger: "real", ribbon: "plum" },
                star: { kind: "bow", style: "plum" }), "ribbon")
    end

    assert_equal(%w[hang star], one[:uses].keys)
    one[:uses].each { |step, metres| assert_in_delta metres * 3, three[:uses][step] }
    assert_in_delta three[:need], three[:uses].values.sum
  end

  def test_the_ledger_is_what_each_of_them_takes
    told = told(wreaths: { hung: [{ style: "olive" }, { style: "large", star: "bow" }, { style: "olive" }] },
                layers: { layout: "bottom_swag", picks: ["berry"], between: "cone" }, star: { style: "plum" },
                hang: { hanger: "false", ribbon: "plum", drop_m: 0.25 })
    looks = told[:drawing][:rings].map { |ring| told[:drawing][:looks][ring[:look]] }
    stood = looks.flat_map { |look| look[:elements] }.group_by { |element| element[:style] }.transform_values(&:size)

    assert_equal(stood, told[:ledger].select { |one| %w[berry cone].include?(one[:style]) }
                                     .to_h { |one| [one[:style], one[:need]] })
    assert_equal({ "olive" => 2, "large" => 1 }, told[:ledger].select { |one| one[:kind] == "wreath" }
                                                              .to_h { |one| [one[:style], one[:need]] })
    bow = Catalogue.answer("ribbon.bow", { loops: 2, loop_m: 0.5 / 6, tails: 2, tail_m: 0.3 })[:length_m]

    assert_in_delta (3 * 0.35) + bow, line(told, "ribbon")[:need]
    assert_in_delta line(told, "ribbon")[:need], told[:figures][:ribbon][:value]
  end

  def test_weights_and_sites_add_up_over_all_of_them
    told = told(wreaths: olives(3), layers: { picks: ["berry"] })

    assert_in_delta(told[:drawing][:rings].sum { |ring| ring[:kg] }, told[:figures][:weight][:value])
    assert_equal line(told, "pick")[:need], told[:figures][:sites][:value]
    assert_equal 3, told[:figures][:count][:value]
  end

  def test_every_line_and_figure_opens_a_sheet_that_ends_at_it
    told = told(wreaths: olives(3), layers: { picks: ["berry"] }, star: { kind: "bow", style: "plum" })

    told[:ledger].each do |one|
      assert_in_delta one[:need], told[:sheets].fetch(one[:sheet])[:steps].last[:value], NEAR, one[:label]
    end
    told[:figures].each_value { |figure| assert_includes told[:sheets], figure[:sheet] }
  end

  def test_spare_strings_are_for_all_of_them
    told = told(wall: { width_m: 6.0 }, wreaths: olives(12), lights: { school: "soft" })
    spares = (line(told, "light")[:need] / HouseRules.default["lights.spare_per"].to_f).ceil

    assert_equal spares, line(told, "light")[:spares]
    assert_operator spares, :>, 1
    assert_operator spares, :<, 12
  end

  def test_one_that_is_said_to_differ_differs_alone
    hung = Array.new(3) { { style: "olive" } }
    hung[1] = { style: "olive", layout: "top_swag", pick: "cone", star: "bow" }
    told = told(wreaths: { hung: hung }, layers: { layout: "bottom_swag", picks: ["berry"] })
    first, second, third = told[:drawing][:rings].map { |ring| ring[:look] }

    assert_equal first, third
    refute_equal first, second
    assert_equal ["cone"], told[:drawing][:looks][second][:elements].map { |element| element[:style] }.uniq
    assert_equal "bow", told[:drawing][:looks][second][:star][:kind]
    assert_nil told[:drawing][:looks][first][:star]
  end

  def test_a_drag_knows_how_far_each_moves_for_a_wider_gap
    Wreaths::Arrangement::KINDS.each do |kind|
      before = rings(wall: { width_m: 6 }, wreaths: olives(5),
                     arrange: { arrangement: kind, gap_m: 0.1, middle_m: 1.2 })
      after = rings(wall: { width_m: 6 }, wreaths: olives(5), arrange: { arrangement: kind, gap_m: 0.2, middle_m: 1.2 })
      before.zip(after).each do |one, other|
        assert_in_delta one[:left_m] + (0.1 * one[:moves_across]), other[:left_m], 1e-5, kind
        assert_in_delta one[:floor_m] + (0.1 * one[:moves_up]), other[:floor_m], 1e-5, kind
      end
    end
  end

  def test_a_pair_moves_apart_at_both_sides
    arrange = lambda do |gap|
      rings(wall: { width_m: 4, thing_width_m: 1 }, wreaths: olives(1),
            arrange: { arrangement: "flanking", gap_m: gap })
    end
    before = arrange.call(0.1).first

    assert_in_delta before[:left_m] + (0.2 * before[:moves_across]), arrange.call(0.3).first[:left_m], 1e-5
  end

  def test_lapped_ones_show_enough_and_none_is_moved_by_a_gap
    hung = rings(wreaths: olives(3), arrange: { overlap: 0.2 })

    assert(hung.all? { |ring| ring[:visible] >= 0.70 })
    told = told(wreaths: olives(3), arrange: { overlap: 0.2 })[:figures]

    assert_in_delta 0.06, told[:lap][:value]
    assert_nil told[:gap]
    assert_equal([[0.0, 0.0]] * 3, hung.map { |ring| ring.values_at(:moves_across, :moves_up) })
  end

  def test_cautions_are_those_of_the_group_and_of_each_once
    assert_includes codes(told(wreaths: olives(4))), "wall_many"
    refute_includes codes(told(wreaths: olives(3))), "wall_many"
    low = told(wall: { width_m: 3, thing_width_m: 1.5, thing_height_m: 1.4 }, wreaths: olives(3),
               arrange: { middle_m: 1.5 })

    assert_includes codes(low), "wall_on_thing"
    heavy = told(wreaths: olives(3), hang: { rated_kg: 0.1 })

    assert_equal 1, codes(heavy).count("wreath_over")
    # A band of sizes is for one alone over a mantel.
    refute_includes codes(told(wreaths: olives(3))), "wreath_small"
  end

  def test_a_ribbon_that_reaches_into_the_wreath_above_is_told
    rows = { wreaths: olives(4), arrange: { arrangement: "two_rows", gap_m: 0.2 } }

    assert_includes codes(told(**rows, hang: { hanger: "false", drop_m: 0.25 })), "wall_ribbon_meets"
    refute_includes codes(told(**rows, hang: { hanger: "false", drop_m: 0.2 })), "wall_ribbon_meets"
    refute_includes codes(told(**rows, hang: { drop_m: 0.25 })), "wall_ribbon_meets"
    refute_includes codes(told(wreaths: olives(4), hang: { hanger: "false", drop_m: 0.9 })), "wall_ribbon_meets"
  end

  def test_where_nothing_may_be_nailed_nails_that_are_there_are_no_worry
    there = rings(wreaths: olives(3)).map do |ring|
      StayingAnchor.new(place: "Wall", kind: "nail", since: 2020, own: true, left_m: ring[:hook_left_m],
                        floor_m: ring[:hook_floor_m])
    end
    rented = lambda do |anchors|
      Surroundings.new(stance: "wall", ceiling: ROOM.ceiling, no_nails: true, anchors: anchors)
    end
    hang = { wreaths: olives(3), hang: { fixing: "nail" } }

    assert_includes codes(plan(surroundings: rented.call([]), **hang).call), "fixing_no_nails"
    refute_includes codes(plan(surroundings: rented.call(there), **hang).call), "fixing_no_nails"
    assert_includes codes(plan(surroundings: rented.call(there.first(2)), **hang).call), "fixing_no_nails"
  end

  def test_in_a_rented_home_what_leaves_no_mark_is_taken
    rented = Surroundings.new(stance: "wall", ceiling: ROOM.ceiling, no_nails: true)

    assert_equal "tie", plan(surroundings: rented).call[:assumed][:fixing]
    assert_includes codes(plan(surroundings: rented, hang: { fixing: "nail" }).call), "fixing_no_nails"
  end

  def test_minutes_are_those_of_each
    told = told(wreaths: olives(3))
    house = HouseRules.default

    assert_in_delta 3 * house["minutes.wreath_hang"], told[:figures][:minutes][:value]
    high = told(wreaths: olives(3), arrange: { middle_m: 2.2 })

    assert_operator high[:figures][:minutes][:value], :>, told[:figures][:minutes][:value]
  end

  def test_a_look_goes_onto_another_wall_and_leaves_its_measures
    from = WALL_KIND.check(wall: { width_m: 3 }, star: { kind: "bow" }, hang: { ribbon: "plum", fixing: "nail" })
    onto = WALL_KIND.check(wall: { width_m: 2 }, hang: { fixing: "tie" })
    worn = WallDressing.onto(from, onto, 1.5)

    assert_equal [2, "bow", "plum", "tie"],
                 [worn[:wall][:width_m], worn[:star][:kind], worn[:hang][:ribbon], worn[:hang][:fixing]]
  end

  def test_its_portrait_has_the_wall_and_every_ring
    told = plan(wall: { width_m: 3, thing_width_m: 1 }, wreaths: olives(3)).portrait

    assert_equal(3, told[:shapes].count { |shape| shape[:part] == "foliage" })
    assert_in_delta 3.0, told[:right_m]
  end

  def test_a_studio_in_feet_meets_no_metres
    told = plan(units: "imperial", wreaths: olives(4), wall: { width_m: 1.0, thing_width_m: 0.8, thing_height_m: 1.4 },
                hang: { hanger: "false" }).call
    said = told[:cautions].map { |one| one[:message] } +
           told[:sheets].values.flat_map { |sheet| sheet[:steps].map { |one| one[:sum] } }

    said.each { |text| refute_match(/\d c?m\b/, text) }
  end
end
