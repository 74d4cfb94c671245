# frozen_string_literal: true

require_relative "../../core_test"

# A run's drawing is true to its figures: as many as are counted, where they are reckoned to be.
class RunDrawingTest < CoreTest
  FIR = Style.new(id: "fir", kind: "garland", name: "Fir garland", length_m: 1.8, loft_m: 0.2, mass_g: 900, on_hand: 4,
                  texture: "needle", colour: "#24524a")
  LEAF = Style.new(id: "leaf", kind: "stem", name: "Leaf spray", rise_m: 0.3, trail_m: 0.1, spread_m: 0.3, mass_g: 40,
                   on_hand: 12, texture: "broadleaf")
  CONE = Style.new(id: "cone", kind: "ornament", name: "Cone", diameter_mm: 80, mass_g: 60, on_hand: 9)
  BELL = Style.new(id: "bell", kind: "ornament", name: "Bell", diameter_mm: 60, mass_g: 40, on_hand: 9)
  PLACE = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.6, right_m: 2.6, width_m: 5.0))

  def told(survey: {}, **groups)
    settings = { survey: { length_m: 2.0, depth_m: 0.2, height_m: 1.2, **survey }, body: { bodies: [{ style: "fir" }] },
                 **groups }
    RunPlan.new(settings: JSON.parse(JSON.generate(settings)), surroundings: PLACE, styles: [FIR, LEAF, CONE, BELL])
           .call
  end

  def drawn(**rest)
    told(**rest)[:drawing]
  end

  def test_samples_follow_the_way_from_one_end_to_the_other
    samples = drawn(survey: { right_drop_m: 0.8 })[:samples]
    steps = samples.each_cons(2).map { |a, b| Math.hypot(b[:x_m] - a[:x_m], b[:y_m] - a[:y_m]) }

    assert_equal [0.0, 1.2], samples.first.values_at(:x_m, :y_m).map(&:to_f)
    assert_in_delta 0.4, samples.last[:y_m]
    assert_operator steps.max, :<=, 0.051
    assert(samples.all? { |one| ((one[:out_x]**2) + (one[:out_y]**2) - 1).abs < 1e-9 })
  end

  def test_every_stem_stands_on_the_way_as_often_as_it_is_counted
    stems = drawn(rise_and_trail: { stems: [{ style: "leaf", count: 7 }] })[:stems]

    assert_equal 7, stems.size
    assert_equal [0.3, 0.1, 0.3], stems.first.values_at(:rise_m, :trail_m, :spread_m)
    assert(stems.all? { |stem| (stem[:y_m] - 1.2).abs < 1e-9 && stem[:x_m].between?(0, 2) })
    assert_equal stems.map { |stem| stem[:x_m] }.uniq.size, stems.size
  end

  def test_accents_take_turns_along_the_whole_run_by_how_many_there_are
    accents = drawn(accents: { accents: [{ style: "cone", count: 6 }, { style: "bell", count: 3 }] })[:accents]
    order = accents.map { |one| one[:style] }

    assert_equal({ "cone" => 6, "bell" => 3 }, order.tally)
    assert_operator order.chunk { |id| id }.map { |_, same| same.size }.max, :<=, 2
    assert_equal(accents.map { |one| one[:x_m] }.sort, accents.map { |one| one[:x_m] })
  end

  def test_as_many_bulbs_are_drawn_as_are_reckoned
    plan = told(lights: { school: "classic" })

    assert_equal plan[:figures][:bulbs][:value], plan[:drawing][:bulbs].size
    assert_empty drawn(lights: { school: "none" })[:bulbs]
  end

  def test_ribbon_lies_as_its_way_says
    loops = drawn(ribbon: { method: "loops" })[:ribbon]

    assert_equal (2.0 / HouseRules.default["garland.loop_each"]).ceil, loops[:places].size
    weave = drawn(ribbon: { method: "weave" })[:ribbon][:places].map { |place| place[:y_m] <=> 1.2 }

    assert_equal [1, -1], weave.first(2)
    assert_empty drawn(ribbon: { method: "none" })[:ribbon][:places]
  end

  def test_bows_sit_at_the_joins
    drawing = drawn(survey: { length_m: 4.0 }, ribbon: { method: "bows" })

    assert_equal drawing[:joins].map { |at| at.slice(:x_m, :y_m) }, drawing[:ribbon][:places]
    assert_operator drawing[:joins].size, :>=, 1
  end

  def test_stockings_hang_under_the_shelf_unless_they_hang_elsewhere
    stockings = drawn(mantel: { stockings: 3 })[:stockings]

    assert_equal 3, stockings.size
    assert(stockings.all? { |one| one[:top_m] < 1.2 && one[:x_m].between?(0, 2) })
    assert_empty drawn(mantel: { stockings: 3, holder: "rail" })[:stockings]
  end

  def test_a_firebox_and_what_hangs_above_stand_in_the_middle
    drawing = drawn(survey: { firebox: "working", firebox_width_m: 0.8, mirror_width_m: 0.9, mirror_height_m: 0.7 })

    [drawing[:firebox], drawing[:mirror], drawing[:clear_zone]].each do |box|
      assert_in_delta 1.0, (box[:left_m] + box[:right_m]) / 2
    end
    assert_in_delta 0.7, drawing[:mirror][:top_m] - drawing[:mirror][:bottom_m]
    assert_operator drawing[:mirror][:bottom_m], :>, 1.2
    refute drawn(survey: { firebox: "cold" }).key?(:clear_zone)
  end

  def test_a_stair_has_its_treads_from_the_floor_to_its_rise
    stair = drawn(survey: { kind: "rail", going_m: 3.0, rise_m: 2.4, steps: 12, height_m: 0.9 })[:stair]

    assert_equal 12, stair[:treads].size
    assert_in_delta 2.4, stair[:treads].last[:y_m]
    assert_in_delta 0.2, stair[:treads].first[:y_m]
    assert_equal 11, drawn(survey: { kind: "rail", going_m: 2.86, rise_m: 2.0, height_m: 0.9 })[:stair][:treads].size
  end
end
