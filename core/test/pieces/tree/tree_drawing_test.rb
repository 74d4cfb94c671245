# frozen_string_literal: true

require_relative "../../core_test"

class TreeDrawingTest < CoreTest
  def drawing(place: surroundings, **groups)
    plan(dressed(**groups), place: place)[:drawing]
  end

  def test_silhouette_runs_from_the_hem_to_the_tip
    tree = drawing[:tree]

    assert_equal [0.7, 0.24], tree[:silhouette].first
    assert_equal [0.0, 2.4], tree[:silhouette].last
  end

  def test_tiers_tell_every_ornament_once
    drawn = drawing

    assert_equal(drawn[:ornaments].size, drawn[:tiers].sum { |tier| tier[:ornaments].values.sum })
  end

  def test_everything_hangs_within_the_visible_arc_and_the_foliage
    drawn = drawing(place: surroundings(stance: "corner"))
    spots = drawn[:ornaments].map { |site| site.values_at(:height_m, :angle_deg) } + drawn[:bulbs][:points] +
            drawn[:ribbon][:loops]

    assert_in_delta 200, drawn[:tree][:arc_deg]
    assert(spots.all? { |height, angle| height.between?(0.24, 2.4) && angle.between?(-100.1, 100.1) })
  end

  def test_draws_as_many_bulbs_as_are_counted
    planned = plan(dressed)

    assert_equal planned[:figures][:bulbs][:value], planned[:drawing][:bulbs][:points].size
  end

  def test_a_blaze_on_a_huge_tree_is_drawn_thinned_and_says_so
    bulbs = drawing(measure: { height_m: 8.0, spread_m: 5.0 }, lights: { school: "blaze" })[:bulbs]

    assert_operator bulbs[:one_in], :>, 1
    assert_operator bulbs[:points].size, :<=, TreeDrawing::MOST_BULBS
    assert_equal bulbs[:count] / bulbs[:one_in], bulbs[:points].size
  end

  def test_against_a_wall_lights_zigzag_and_never_jump_behind
    drawn = drawing(place: surroundings(stance: "wall"), lights: { school: "bright" })
    radius = ->(height) { 0.7 * (2.4 - height) / 2.16 }
    jumps = drawn[:bulbs][:points].each_cons(2).map do |(height, a), (_, b)|
      (a - b).abs * Math::PI / 180 * radius.call(height)
    end

    assert_operator jumps.max, :<, 0.2
  end

  def test_ribbon_is_drawn_by_its_method
    assert_equal 25, drawing[:ribbon][:loops].size
    assert_equal 9, drawing(ribbon: { method: "cascade" })[:ribbon][:runs].size
    assert_equal 1, drawing(ribbon: { method: "spiral" })[:ribbon][:runs].size
    assert_equal 12, drawing(ribbon: { method: "bows", bows: 12 })[:ribbon][:loops].size
    assert_empty(drawing(ribbon: { method: "none" })[:ribbon].keys & %i[loops runs])
  end

  def test_a_short_tree_takes_the_narrow_ribbon
    assert_in_delta 0.064, drawing[:ribbon][:width_m]
    assert_in_delta 0.038, drawing(measure: { height_m: 1.79 })[:ribbon][:width_m]
  end

  def test_no_ornament_hangs_where_the_crown_is
    assert(drawing[:ornaments].all? { |site| site[:height_m] <= 2.25 })
  end

  RIBBONS = %w[plum gauze].map { |id| Style.new(id: id, kind: "ribbon", name: id, pack_size: 9.0) }.freeze
  PICKS = %w[berry_pick fern].map { |id| Style.new(id: id, kind: "pick", name: id) }.freeze

  def test_each_part_of_a_shared_ribbon_is_of_one_of_its_styles_by_their_counts
    ribbon = plan(dressed(ribbon: { styles: %w[plum gauze] }), with: styles + RIBBONS)[:drawing][:ribbon]

    assert_equal ribbon[:loops].size, ribbon[:each].size
    assert_in_delta ribbon[:each].count(0), ribbon[:each].count(1), 1
    assert_equal %w[plum gauze], ribbon[:styles]
  end

  def test_each_pick_has_its_style_round_the_tree_and_behind_the_topper
    picks = plan(dressed(picks: { styles: %w[berry_pick fern], crown: 7 }), with: styles + PICKS)[:drawing][:picks]

    assert_equal picks[:sites].size, picks[:each].size
    assert_equal [0, 1, 0, 1, 0, 1, 0], picks[:ring]
    assert_empty plan(dressed(picks: { crown: 5 }))[:drawing][:picks][:each]
  end

  def test_without_ribbon_no_part_has_a_style
    assert_empty plan(dressed(ribbon: { method: "none" }))[:drawing][:ribbon][:each]
  end

  def ribboned(*ribbons)
    plan(dressed(ribbon: { method: "tuck", styles: ribbons.map(&:id) }), with: styles + ribbons)
  end

  def ribbon(id, **more)
    Style.new(id: id, kind: "ribbon", name: id.capitalize, pack_size: 9, **more)
  end

  def test_ribbon_is_drawn_as_wide_as_it_is_said_to_be
    assert_in_delta 0.064, ribboned(ribbon("plum"))[:drawing][:ribbon][:width_m]
    assert_in_delta 0.1,
                    ribboned(ribbon("plum", width_mm: 38), ribbon("wide", width_mm: 100))[:drawing][:ribbon][:width_m]
  end

  def test_what_is_said_of_its_edges_counts_before_its_kind
    told = lambda do |*ribbons|
      ribboned(*ribbons)[:cautions].select { |caution| caution[:code] == "ribbon_unwired" }.map { |one| one[:message] }
    end

    assert_match(/\APlum and Tape: without wire/,
                 told.call(ribbon("plum", wire: "unwired"), ribbon("tape", material: "unwired")).first)
    assert_empty told.call(ribbon("plum"), ribbon("tape", material: "unwired", wire: "wired"))
    assert_match(/\AVoile: without wire/, told.call(ribbon("voile", material: "sheer", wire: "unwired")).first)
  end
end
