# frozen_string_literal: true

require_relative "../../core_test"

# Stockings on a batten, hooks, a rail or stairs: alike apart, of one family, on hooks that carry them.
class StockingsPlanTest < CoreTest
  G = PropCheck::Generators
  FELT = Style.new(id: "felt", kind: "decor", name: "Felt stocking", colour: "#8c3f36", mass_g: 200, on_hand: 2)
  BAND = Style.new(id: "band", kind: "ribbon", name: "Chalk band", colour: "#f0ece0", on_hand: 1.0)
  SPRIG = Style.new(id: "sprig", kind: "pick", name: "Sprig", colour: "#56775a", on_hand: 9)
  CEILING = Ceiling.new(left_m: 2.6, right_m: 2.6, width_m: 5.0)
  ROOM = Surroundings.new(stance: "wall", ceiling: CEILING)
  RENTED = Surroundings.new(stance: "wall", ceiling: CEILING, no_nails: true)
  NURSERY = Surroundings.new(stance: "wall", ceiling: CEILING, children: [4, 9])

  def plan(place: {}, hung: nil, stockings: {}, units: "metric", surroundings: ROOM, **groups)
    StockingsPlan.new(settings: { place: { length_m: 1.8 }.merge(place), **groups,
                                  stockings: { hung: hung || ([{ style: "felt" }] * 4), **stockings } },
                      surroundings: surroundings, styles: [FELT, BAND, SPRIG], units: units)
  end

  def told(**groups) = plan(**groups).call

  def figure(told, name) = told[:figures].fetch(name)[:value]

  def codes(told) = told[:cautions].map { |one| one[:code] }

  def line(told, label) = told[:ledger].find { |one| one[:label] == label }

  def test_before_it_is_measured_it_says_what_is_usual
    told = told(place: { length_m: nil, from: "stairs" })

    refute told[:chosen]
    assert_empty told[:ledger]
    assert_equal "padded_tie", told[:assumed][:fixing]
    assert_nil plan(place: { length_m: nil }).portrait
  end

  def test_an_empty_batten_is_planned
    told = told(hung: [])

    assert_equal 0, figure(told, :count)
    assert_empty told[:ledger]
    assert_empty told[:cautions]
    assert_nil told[:figures][:gap]
  end

  # One source for the places: rule, drawing and working.
  def test_they_hang_where_the_rule_has_it
    told = told()
    rule = answer("stockings.spacing", clear_m: 1.8, count: 4, width_m: 0.19)

    assert_equal(rule[:centres_m], told[:drawing][:hung].map { |one| one[:at_m] })
    assert_in_delta rule[:gap_m], figure(told, :gap)
    assert_equal([4, 2], line(told, "Felt stocking").values_at(:need, :short))
    assert_equal 4, line(told, "Large adhesive hook")[:need]
    assert_includes codes(told(hung: [{}] * 9)), "stockings_tight"
  end

  def test_on_stairs_each_hangs_higher_than_the_one_before
    told = told(place: { from: "stairs", height_m: 0.9, length_m: 2.0 })
    hooks = told[:drawing][:hung].map { |one| one[:hook_m] }

    assert_equal hooks.sort, hooks
    assert_in_delta 0.9 + (0.75 * told[:drawing][:hung].first[:at_m]), hooks.first
    assert_in_delta hooks.first - 0.45, figure(told, :toe)
    assert_includes codes(told), "stockings_rail"
    level = told(place: { from: "rail", rise_m: 0 })

    assert_in_delta 1.3 - 0.45, figure(level, :toe)
  end

  def test_toes_keep_off_the_floor
    assert_includes codes(told(place: { height_m: 0.5 })), "stockings_low"
    refute_includes codes(told(place: { height_m: 0.55 })), "stockings_low"
    assert_includes codes(told(place: { heat: true })), "stockings_heat"
  end

  def test_one_family_or_all_alike
    near = [{ name: "Ada", colour: "#8c3f36" }, { name: "Lev", colour: "#9c4a40" }]
    far = [*near, { colour: "#2b5f8a" }]

    refute_includes codes(told(hung: near)), "stockings_differ"
    assert_includes codes(told(hung: near, stockings: { school: "alike" })), "stockings_differ"
    told = told(hung: far)[:cautions].find { |one| one[:code] == "stockings_differ" }

    assert_match(/\AStocking 3 is plainly another colour than Ada/, told[:message])
  end

  def test_one_for_a_visitor
    assert_includes codes(told), "stockings_visitors"
    refute_includes codes(told(hung: [{}, { visitor: true }])), "stockings_visitors"
  end

  def test_a_filled_one_is_carried
    light = told
    heavy = told(fill: { filled_kg: 1.0 })

    assert_in_delta 1.0, figure(light, :filled)
    assert_in_delta figure(light, :may), 0.5 * light[:assumed][:rated_kg]
    refute_includes codes(light), "stocking_heavy"
    assert_includes codes(heavy), "stocking_heavy"
    refute_includes codes(told(fill: { filled_kg: 1.0 }, hang: { rated_kg: 3 })), "stocking_heavy"
  end

  def test_what_is_eaten_goes_in_near_the_day
    assert_includes codes(told(fill: { edible: true, days_before: 3 })), "stockings_early"
    refute_includes codes(told(fill: { edible: true, days_before: 2 })), "stockings_early"
    refute_includes codes(told(fill: { days_before: 9 })), "stockings_early"
  end

  def test_what_may_be_used_here_holds_them
    assert_equal "padded_tie", told(surroundings: RENTED, place: { from: "rail" })[:assumed][:fixing]
    assert_includes codes(told(surroundings: RENTED, hang: { fixing: "nail" })), "fixing_no_nails"
    refute_includes codes(told(surroundings: RENTED)), "fixing_no_nails"
    assert_includes codes(told(surroundings: NURSERY)), "stockings_pulled"
    older = Surroundings.new(stance: "wall", ceiling: CEILING, children: [6, 9])

    refute_includes codes(told(surroundings: older)), "stockings_pulled"
  end

  def test_what_is_on_each_is_counted
    bow = told(stockings: { trim: "bow", trim_style: "band" })
    each = answer("ribbon.bow", loops: 2, loop_m: 0.08, tails: 2, tail_m: 0.15)[:length_m]
    pick = told(stockings: { trim: "pick", trim_style: "sprig" })

    assert_in_delta 4 * each, line(bow, "Chalk band")[:need]
    assert_equal 4, line(pick, "Sprig")[:need]
    assert_in_delta 20, bow[:tasks].find { |task| task[:title] == "Bows or picks on them" }[:minutes]
    assert_nil line(told, "Tissue to stuff them")[:style]
    assert_nil line(told(fill: { stuffed: false }), "Tissue to stuff them")
  end

  # However many there are, gaps are alike and none hangs in another while there is room.
  def test_gaps_are_alike
    PropCheck.forall(G.choose(1..24), G.choose(2..80), G.choose(5..60)) do |count, long, wide|
      drawn = told(hung: [{}] * count, place: { length_m: long / 10.0 }, stockings: { width_m: wide / 100.0 })[:drawing]
      edges = drawn[:hung].flat_map { |one| [one[:at_m] - (wide / 200.0), one[:at_m] + (wide / 200.0)] }
      gaps = [0.0, *edges, long / 10.0].each_slice(2).map { |from, to| to - from }

      gaps.each { |gap| assert_in_delta drawn[:gap_m], gap, 1e-9 }
    end
  end

  def test_what_holds_them_may_be_chosen_from_stock
    pegs = Style.new(id: "pegs", kind: "fixing", name: "Brass pegs", rated_kg: 3, on_hand: 2)
    settings = { place: { length_m: 1.8 }, hang: { style: "pegs" }, stockings: { hung: [{}] * 4 } }
    told = StockingsPlan.new(settings: settings, surroundings: ROOM, styles: [pegs]).call

    assert_equal [4, 2], line(told, "Brass pegs").values_at(:need, :short)
    assert_in_delta 3, told[:assumed][:rated_kg]
    assert_in_delta 1.5, figure(told, :may)
  end

  def test_lengths_are_told_in_the_persons_units
    told = told(units: "imperial", place: { from: "stairs", height_m: 0.5 }, fill: { filled_kg: 9 }, hung: [{}] * 12,
                stockings: { trim: "bow" })
    shown = [*told[:cautions].map { |one| one[:message] },
             *told[:sheets].values.flat_map { |sheet| sheet[:steps].map { |step| step[:sum] } }].join("\n")

    refute_match(/\d (cm|m|kg)\b/, shown)
    assert_match(/\d lb/, shown)
  end

  def test_colours_are_colours
    faults = assert_raises(InputError) { plan(hung: [{ colour: "red" }], place: { colour: "#12345g" }) }.faults

    assert_equal([%w[place colour], ["stockings", "hung", 0, "colour"]], faults.map(&:path))
  end

  def test_its_look_goes_on_others
    from = StockingsSettings.check(stockings: { trim: "bow", school: "alike", hung: [{ style: "felt" }] })
    onto = StockingsSettings.check(place: { length_m: 2 }, stockings: { hung: [{ name: "Ada" }, { name: "Lev" }] })
    worn = StockingsSettings.check(StockingsLook.onto(from, onto, 1))[:stockings]

    assert_equal %w[bow alike], worn.values_at(:trim, :school)
    assert_equal([%w[Ada felt], %w[Lev felt]], worn[:hung].map { |one| one.values_at(:name, :style) })
    bare = StockingsSettings.check(stockings: {})

    assert_equal(2, StockingsLook.onto(bare, onto, 1)[:stockings][:hung].size)
  end

  def test_they_are_seen_in_their_room
    plan = plan()

    assert_in_delta 4 * 0.19 * 0.45, plan.outline.area_m2
    assert_in_delta 0.9, plan.outline.middle_m
    assert_empty plan.quieter
  end
end
