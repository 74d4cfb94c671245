# frozen_string_literal: true

require_relative "../../core_test"

# A first group from what is free: one thing for each place, nothing twice, nothing too high.
class GroupingStartTest < CoreTest
  ROOM = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.5, right_m: 2.5, width_m: 4.0))

  def decor(id, shape, on_hand: 1, **more)
    Style.new(id: id, kind: "decor", name: id.capitalize, shape: shape, on_hand: on_hand, colour: "#24524a", **more)
  end

  def ball(id, millimetres, on_hand, **more)
    Style.new(id: id, kind: "ornament", name: id.capitalize, diameter_mm: millimetres, on_hand: on_hand, **more)
  end

  def stock
    [decor("tray", "tray"), decor("basket", "basket"), decor("jug", "vessel", on_hand: 3), decor("lantern", "lantern"),
     decor("pillar", "candle"), decor("house", "house"), decor("dough", "bowl"), decor("stems", "bundle"),
     decor("riser", "block", riser_height_m: 0.1), decor("out", "vessel", on_hand: 0)]
  end

  def start(stock, **groups)
    plan(**groups).start(stock)
  end

  def plan(surface: { length_m: 2.4 }, **groups)
    GroupingPlan.new(settings: { surface: surface, **groups }, surroundings: ROOM, styles: [])
  end

  def chosen(stock, **groups) = start(stock, **groups)[:standing].map { |thing| thing[:style] }

  def test_one_for_each_place_from_the_back_to_the_front
    assert_equal %w[tray basket lantern pillar dough stems], chosen(stock)
    assert_empty start(stock)[:wishes]
  end

  def test_what_it_proposes_is_a_group_of_three_heights
    things = start(stock)[:standing]
    told = plan(things: { standing: things }, site: { width_m: 0.9 }).call

    assert_operator told[:figures][:steps][:value], :>=, 3
    assert_empty(told[:cautions].select { |one| %w[group_even group_heights group_brings].include?(one[:code]) })
  end

  def test_nothing_that_would_not_go_under_the_cabinets
    assert_includes chosen(stock, surface: { length_m: 2.4, clear_m: 0.35 }), "jug"
    refute_includes chosen(stock, surface: { length_m: 2.4, clear_m: 0.35 }), "lantern"
  end

  def test_what_is_missing_is_wished_for
    told = start([decor("jug", "vessel")])

    assert_equal(["jug"], told[:standing].map { |thing| thing[:style] })
    assert_equal ["Nothing that is free goes there: ground, back, middle, low, over the edge."], told[:wishes]
  end

  def test_where_nothing_is_known_by_what_it_is_it_says_where_that_is_said
    told = start([decor("odd", nil)])

    assert_empty told[:standing]
    assert_match(/Say in the stockroom/, told[:wishes].first)
  end

  def test_what_stands_out_from_the_wall_comes_first
    pale = decor("pale", "vessel", on_hand: 9).with(colour: "#e4e2da")

    assert_equal ["jug"], chosen([pale, decor("jug", "vessel")])
  end

  def test_left_overs_of_three_sizes_the_large_ones_first
    balls = [ball("quince", 70, 9), ball("sage", 60, 16), ball("plum", 60, 30), ball("bead", 40, 40),
             ball("tiny", 20, 3), ball("huge", 140, 5), ball("last", 50, 1), ball("heirloom", 80, 50, keepsake: true)]

    assert_equal(%w[quince plum bead], start(balls)[:balls].map { |one| one[:style] })
    assert_equal [nil], start(balls)[:balls].map { |one| one[:count] }.uniq
  end

  def test_before_it_is_measured_there_is_nothing_to_go_by
    assert_nil GroupingPlan.new(settings: {}, surroundings: ROOM, styles: []).start(stock)
  end
end
