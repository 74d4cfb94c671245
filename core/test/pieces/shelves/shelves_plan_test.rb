# frozen_string_literal: true

require_relative "../../core_test"

# Shelves in bays and trays in tiers: what goes in, what stays quiet, where each colour is met, what hangs over them.
class ShelvesPlanTest < CoreTest
  G = PropCheck::Generators
  JUG = Style.new(id: "jug", kind: "decor", name: "Stoneware jug", colour: "#5f7370", on_hand: 1, mass_g: 900)
  FIR = Style.new(id: "fir", kind: "garland", name: "Fir garland", length_m: 1.8, loft_m: 0.2, on_hand: 3)
  ROOM = { stance: "wall", ceiling: Ceiling.new(left_m: 2.6, right_m: 2.6, width_m: 5.0) }.freeze
  # Two columns of three rows: clear 0.4 each, 0.67 wide.
  UNIT = { width_m: 1.4, height_m: 1.28, columns: 2, rows: [{}, {}, {}] }.freeze
  TRAY = { shape: "tray", tiers: [{ across_m: 0.2 }, { across_m: 0.3, clear_m: 0.2 }] }.freeze

  def plan(things = [], unit: UNIT, room: {}, units: "metric", **groups)
    ShelvesPlan.new(settings: { unit: unit, dress: { standing: things }, **groups },
                    surroundings: Surroundings.new(**ROOM, **room), styles: [JUG, FIR], units: units)
  end

  def told(things = [], **groups) = plan(things, **groups).call

  def figure(told, name) = told[:figures].fetch(name)[:value]

  def codes(told) = told[:cautions].map { |one| one[:code] }

  def said(told, code) = told[:cautions].find { |one| one[:code] == code }&.fetch(:message)

  def line(told, label) = told[:ledger].find { |one| one[:label].start_with?(label) }

  def red(bay, **said) = { form: "figure", colour: "#9c2f3c", bay: bay, **said }

  def test_before_it_is_measured_nothing_is_told
    [{}, { shape: "tray" }].each do |unit|
      told = told([], unit: unit)

      refute told[:chosen]
      assert_empty told[:ledger]
      assert_nil plan([], unit: unit).portrait
    end
  end

  def test_bays_are_counted_from_the_upper_left_and_share_what_boards_leave
    bays = told[:drawing][:bays]

    assert_equal((1..6).to_a, bays.map { |bay| bay[:number] })
    assert_in_delta (1.28 - 0.08) / 3, bays.first[:clear_m]
    assert_in_delta (1.4 - 0.06) / 2, bays.first[:wide_m]
    assert_in_delta 1.28 - 0.02 - 0.4, bays.first[:foot_m]
    assert_in_delta 0.02, bays.last[:foot_m]
    assert_in_delta 0.02 + 0.67 + 0.02, bays[1][:left_m]
  end

  def test_rows_that_were_measured_stay_and_the_others_share_the_rest
    bays = told([], unit: UNIT.merge(rows: [{ clear_m: 0.5 }, {}, {}]))[:drawing][:bays]

    assert_in_delta 0.5, bays.first[:clear_m]
    assert_in_delta 0.35, bays.last[:clear_m]
    rows = [{ clear_m: 0.4 }] * 3

    assert_empty(codes(told([], unit: UNIT.merge(rows: rows))))
    assert_includes said(told([], unit: UNIT.merge(rows: rows, height_m: 1.2)), "rows_over"), "8 cm higher"
    assert_includes said(told([], unit: UNIT.merge(rows: rows, height_m: 1.4)), "rows_under"), "12 cm lower"
  end

  def test_what_cannot_be_is_refused_where_it_was_said
    { UNIT.merge(height_m: 0.1) => "unit height_m", UNIT.merge(width_m: 0.2, columns: 8) => "unit columns",
      UNIT.merge(colour: "red") => "unit colour" }.each do |unit, path|
      error = assert_raises(InputError) { told([], unit: unit) }

      assert_equal path, error.faults.first.path.join(" ")
    end
  end

  # Nothing of it is lost, and its number stays for when there are as many again.
  def test_what_stood_in_a_bay_that_is_no_more_is_in_the_last
    [[UNIT, 6], [TRAY, 2]].each do |unit, last|
      told = told([red(last), red(last + 1)], unit: unit)

      assert_equal([last, last], told[:drawing][:things].map { |thing| thing[:bay] })
      assert_includes said(told, "shelf_no_bay"), "1 thing stood in a bay that is no more: it is in the last"
      assert_equal last + 1, told[:settings].to_h[:dress][:standing].last[:bay]
      refute_includes codes(told([red(last)], unit: unit)), "shelf_no_bay"
    end
  end

  def test_things_stand_in_their_bays_side_by_side
    told = told([red(2, across_m: 0.2), red(2, across_m: 0.1, height_m: 0.3), { form: "board", bay: 2 }])
    things = told[:drawing][:things].sort_by { |thing| thing[:number] }
    bay = told[:drawing][:bays][1]
    gap = (0.67 - 0.3) / 3

    assert(things.all? { |thing| thing[:foot_m] == bay[:foot_m] })
    assert_in_delta bay[:left_m] + gap + 0.05, things[1][:left_m]
    assert_in_delta bay[:left_m] + (2 * gap) + 0.1 + 0.1, things[0][:left_m]
    assert_in_delta bay[:left_m] + (0.67 / 2), things[2][:left_m]
    assert_operator things[2][:out_m], :<, things[0][:out_m]
  end

  def test_what_does_not_go_in_is_told_by_how_much
    assert_includes said(told([red(1, height_m: 0.39)]), "shelf_too_high"), "into bay 1: 1 cm too high"
    assert_empty(codes(told([red(1, height_m: 0.38)])) & %w[shelf_too_high])
    assert_includes said(told([red(1, across_m: 0.34)] * 2), "shelf_too_full"), "Bay 1 is too full by about 1 cm"
    refute_includes codes(told([red(1, across_m: 0.335)] * 2)), "shelf_too_full"
    assert_includes said(told([red(1, deep_m: 0.35)]), "shelf_too_deep"), "5 cm out"
  end

  def test_a_third_of_the_bays_stays_quiet
    full = Array.new(5) { |i| red(i + 1) }

    assert_equal 2, figure(told(full.first(4)), :quiet)
    refute_includes codes(told(full.first(4))), "shelves_full"
    assert_includes said(told(full), "shelves_full"), "1 of 6 bays stays quiet; about 2"
    refute_includes codes(told([])), "shelves_full"
  end

  def test_each_colour_is_met_at_three_points_that_form_a_triangle
    assert_includes said(told([red(1), red(4)]), "shelves_colour"), "in 2 bays only"
    assert_empty(codes(told([red(1), red(4), red(5)])) & %w[shelves_colour shelves_in_line])
    assert_includes codes(told([red(1), red(3), red(5)])), "shelves_in_line"
    # Near colours are one, greens are the ground of all.
    near = red(4, colour: "#a23440")

    assert_equal 1, figure(told([red(1), near, red(5)]), :colours)
    assert_equal 1, figure(told([red(1), near, red(5), { form: "tree", bay: 2 }]), :colours)
    assert_equal 2, figure(told([red(1), near, red(5), red(2, colour: "#24524a")]), :colours)
  end

  def test_of_one_row_no_triangle_is_asked
    assert_empty(codes(told([red(1)], unit: { width_m: 1.4, rows: [{}], height_m: 0.4, columns: 3 })) &
                 %w[shelves_colour shelves_in_line])
  end

  def test_heights_of_bays_beside_each_other_alternate
    assert_includes said(told([red(1, height_m: 0.3), red(2, height_m: 0.26)]), "shelves_level"), "Bay 1 and bay 2"
    refute_includes codes(told([red(1, height_m: 0.3), red(2, height_m: 0.25)])), "shelves_level"
    # One under the other is beside nothing.
    refute_includes codes(told([red(2, height_m: 0.3), red(3, height_m: 0.3)])), "shelves_level"
  end

  def test_a_flame_under_a_board_and_what_is_used_every_day_are_told
    told = told([{ form: "candle", flame: true }, red(2, used: true)])

    assert_equal "stop", told[:cautions].find { |one| one[:code] == "shelf_flame" }[:severity]
    assert_includes said(told, "shelves_used"), "1 thing is used every day: ask what stands in for it"
    assert_empty(codes(told([{ form: "candle" }])) & %w[shelf_flame shelves_used])
  end

  # From one nail at the top centre to both corners, and down.
  def test_a_garland_hangs_from_one_nail
    told = told([], garland: { hung: true, style: "fir", sag_m: 0.1, drop_m: 0.5 })
    swag = Catalogue.answer("garland.swag", { spans: 2, span_m: 0.7, sag_m: 0.1 })[:length_m]

    assert_in_delta swag + 1.0, figure(told, :garland)
    assert_equal [2, 1], [line(told, "Fir garland")[:need], line(told, "Nail")[:need]]
    assert_in_delta figure(told, :garland) * 5, told[:tasks].find { |task| task[:step] == "garland" }[:minutes]
    band = Style.new(id: "band", kind: "ribbon", name: "Broad band")
    ribboned = ShelvesPlan.new(settings: { unit: UNIT, garland: { hung: true, style: "band" } }, styles: [band],
                               surroundings: Surroundings.new(**ROOM)).call

    assert_in_delta figure(ribboned, :garland), line(ribboned, "Broad band")[:need]
    refute_includes codes(told), "shelves_nail"
    assert_includes codes(told([], garland: { hung: true }, room: { no_nails: true })), "shelves_nail"
    refute told([], unit: TRAY, garland: { hung: true })[:figures].key?(:garland)
  end

  # They are done twice.
  def test_shelves_take_longer_than_once
    assert_in_delta 30 * 1.4, told([red(1)])[:tasks].first[:minutes]
    assert_in_delta 15 * 1.4, told([red(1)], unit: TRAY)[:tasks].first[:minutes]
    assert_empty told([])[:tasks]
    high = told([red(1)], unit: UNIT.merge(floor_m: 1.4))[:tasks].first[:minutes]

    assert_in_delta 30 * 1.4 * 1.15, high
  end

  def test_a_line_for_all_of_a_kind_says_where_they_stand
    told = told([{ form: "vessel", style: "jug", bay: 2 }, { form: "vessel", style: "jug", bay: 2 }, red(3)])
    jug = line(told, "Stoneware jug")

    assert_equal [2, 1], jug.values_at(:need, :short)
    assert_equal "2 × bay 2", told[:sheets].fetch(jug[:sheet])[:steps].first[:sum]
    assert_equal 1, line(told, "Figure, none chosen")[:need]
  end

  def test_tiers_lie_above_each_other_and_only_the_uppermost_is_open
    upper, lower = told([], unit: TRAY)[:drawing][:bays]

    assert_nil upper[:clear_m]
    assert_in_delta 0.2, upper[:foot_m] - lower[:foot_m] - Shelving::Unit::PLATE_M
    assert_in_delta 0.05, upper[:left_m]
    assert_equal "tiers", told([], unit: TRAY)[:figures][:bays][:unit]
  end

  def test_on_a_tray_each_colour_is_on_two_tiers
    assert_includes said(told([red(2)], unit: TRAY), "tray_colour"), "on one tier only"
    refute_includes codes(told([red(1), red(2)], unit: TRAY)), "tray_colour"
    assert_empty(codes(told([red(1)], unit: { shape: "tray", tiers: [{}] })) & %w[tray_colour])
  end

  # Opposite each other they hold the balance; one alone pulls, and a heavy one more.
  def test_a_tray_is_balanced_about_its_post
    pair = [red(2, across_m: 0.08), red(2, across_m: 0.08)]

    assert_in_delta 0, figure(told(pair, unit: TRAY), :aside), 1e-6
    refute_includes codes(told(pair, unit: TRAY)), "tray_aside"
    alone = told([red(2, across_m: 0.08)], unit: TRAY)

    assert_in_delta 0.15 - 0.01 - 0.04, figure(alone, :aside)
    assert_includes codes(alone), "tray_aside"
    assert_in_delta 0, figure(told([red(1)], unit: TRAY), :aside)
    assert_in_delta 0, figure(told([], unit: TRAY), :aside)
  end

  def test_a_tray_of_weighed_things_goes_by_what_they_weigh
    weighed = Array.new(2) { |i| Style.new(id: "w#{i}", kind: "decor", name: "W#{i}", mass_g: 100 + (200 * i)) }
    things = weighed.map { |style| { form: "figure", style: style.id, bay: 2, across_m: 0.08 } }
    plan = ShelvesPlan.new(settings: { unit: TRAY, dress: { standing: things } }, styles: weighed,
                           surroundings: Surroundings.new(**ROOM))

    assert_in_delta 0.1 * (300 - 100) / 400, plan.call[:figures][:aside][:value]
  end

  def test_what_does_not_go_round_a_tier_is_told
    refute_includes codes(told([red(2, across_m: 0.08)] * 6, unit: TRAY)), "shelf_too_full"
    assert_includes said(told([red(2, across_m: 0.08)] * 8, unit: TRAY), "shelf_too_full"), "Tier 2"
    assert_includes codes(told([red(2, across_m: 0.14)], unit: TRAY)), "shelf_too_full"
    # Under nothing one may be as wide as the tier.
    refute_includes codes(told([red(1, across_m: 0.18)], unit: TRAY)), "shelf_too_full"
    assert_includes codes(told([red(1, across_m: 0.19)], unit: TRAY)), "shelf_too_full"
  end

  def test_the_look_takes_things_along_and_leaves_the_unit
    from = SHELVES_KIND.check({ unit: UNIT, dress: { standing: [red(6)] }, garland: { hung: true } })
    onto = SHELVES_KIND.check({ unit: { width_m: 0.9, rows: [{}, {}] } })
    look = ShelvesLook.onto(from, onto, 1)

    assert_in_delta 0.9, SHELVES_KIND.check(look)[:unit][:width_m]
    assert_equal [6, true], [look[:dress][:standing].first[:bay], look[:garland][:hung]]
  end

  def test_what_a_room_has_of_shelves_is_offered
    thing = { name: "Book shelves", kind: "shelf", wall: "behind", at_m: 2, width_m: 1.4, depth_m: 0.3, height_m: 1.9,
              floor_m: 0 }
    plan = Rooms::FloorPlan.of(width_m: 4, depth_m: 3, ceiling_left_m: 2.5,
                               plan: { things: [thing, thing.merge(kind: "sofa")] })
    hosts = ShelvesHosts.of(plan)

    assert_equal ["Book shelves"], hosts.map(&:name)
    assert ShelvesPlan.new(settings: { unit: hosts.first.says }, styles: [], surroundings: Surroundings.new(**ROOM))
                      .call[:chosen]
  end

  def test_in_feet_no_metres_are_told
    told = told([red(1, height_m: 0.5), red(2, deep_m: 0.4)], units: "imperial")
    texts = told[:cautions].map { |one| one[:message] } + told[:sheets].values.flat_map do |sheet|
      sheet[:steps].map { |step| "#{step[:says]} #{step[:sum]}" }
    end

    assert_empty texts.grep(/\d c?m\b/)
  end

  # Whatever stands on a tier that has room for it: none in another, none over the rim.
  def test_what_goes_round_a_tier_stands_free
    sizes = G.array(G.choose(3..9), min: 1, max: 6, empty: false)
    PropCheck.forall(sizes: sizes) do |sizes:|
      bay = Shelving::Bay.new(number: 1, left_m: 0, foot_m: 0, wide_m: 0.4, clear_m: 0.2, deep_m: 0.4, round: true)
      things = sizes.map { |size| ["candle", "middle", size / 100.0, size / 50.0] }
      ring = Shelving::Ring.new(bay, things)
      next unless ring.fits?

      places = ring.places
      places.zip(things).combination(2) do |(one, a), (other, b)|
        apart = Math.hypot(one[0] - other[0], one[1] - other[1])

        assert_operator apart, :>=, ((a[2] + b[2]) / 2.0) - 0.012
      end
      places.zip(things).each { |(x, y), thing| assert_operator Math.hypot(x, y) + (thing[2] / 2.0), :<=, 0.19 + 1e-6 }
    end
  end

  # Side by side, none in another, all inside where there is room.
  def test_what_stands_in_a_bay_stands_side_by_side
    sizes = G.array(G.choose(2..15), min: 1, max: 8, empty: false)
    PropCheck.forall(sizes: sizes) do |sizes:|
      wide = (sizes.sum / 100.0) + 0.05
      things = sizes.map { |size| ["candle", "middle", size / 100.0, size / 50.0] }
      edges = Shelving::Row.of(wide, things).zip(sizes).map do |at, size|
        [at - (size / 200.0), at + (size / 200.0)]
      end.sort

      assert_operator edges.first.first, :>=, -1e-9
      assert_operator edges.last.last, :<=, wide + 1e-9
      edges.each_cons(2) { |one, other| assert_operator other.first, :>=, one.last - 1e-9 }
    end
  end
end
