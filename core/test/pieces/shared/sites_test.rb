# frozen_string_literal: true

require_relative "../../core_test"

# Where things go: as many places as the ledger has of them, inside what is drawn.
class SitesTest < CoreTest
  STOCK = [Style.new(id: "house", kind: "decor", name: "Paper house", on_hand: 9),
           Style.new(id: "star", kind: "ornament", name: "Paper star", diameter_mm: 120, on_hand: 20),
           Style.new(id: "slate", kind: "ornament", name: "Slate ball", diameter_mm: 80, on_hand: 20),
           Style.new(id: "spruce", kind: "garland", name: "Spruce", length_m: 1.8, loft_m: 0.2, on_hand: 9),
           Style.new(id: "berry", kind: "pick", name: "Berry", on_hand: 40),
           Style.new(id: "olive", kind: "wreath", name: "Olive", across_m: 0.3, opening_m: 0.15, mass_g: 210,
                     on_hand: 3),
           Style.new(id: "cedar", kind: "stem", name: "Cedar", rise_m: 0.1, trail_m: 0.3, reach_m: 0.1, spread_m: 0.2,
                     on_hand: 40)].freeze

  def plan(kind, settings)
    Kinds.of(kind).plan.call(PlanBrief.new(settings: Kinds.of(kind).check(settings), surroundings: surroundings,
                                           styles: STOCK, units: "metric"))
  end

  def rail(**more)
    plan("run", survey: { kind: "rail", going_m: 2.4, rise_m: 1.7, height_m: 0.9 },
                body: { bodies: [{ style: "spruce" }] }, **more)
  end

  def need(told, id)
    told.lines.select { |line| line[:style] == id }.sum { |line| line[:need] }
  end

  def test_accents_of_a_run_lie_along_it_as_often_as_there_are
    told = rail(accents: { accents: [{ style: "star", count: 7 }, { style: "slate", count: 3 }] })
    sites = told.sites.group_by { |site| site[:style] }.transform_values(&:size)

    assert_equal [7, 3], sites.values_at("star", "slate")
    assert_equal [7, 3], [need(told, "star"), need(told, "slate")]
    portrait = told.portrait
    told.sites.each do |site|
      assert_includes portrait[:left_m]..portrait[:right_m], site[:x_m]
      assert_includes 0..(portrait[:top_m] + 0.1), site[:y_m]
    end
    assert_operator told.sites.map { |site| site[:x_m] }.uniq.size, :>, 7
  end

  def test_the_drawing_and_the_places_take_turns_alike
    told = rail(accents: { accents: [{ style: "star", count: 5 }, { style: "slate", count: 4 }] })
    along = told.sites.select { |site| %w[star slate].include?(site[:style]) }.map { |site| site[:style] }

    assert_equal(along, told.call[:drawing][:accents].map { |one| one[:style] })
  end

  def test_what_hangs_over_a_table_hangs_where_its_line_is
    hung = Array.new(4) { { style: "star", across_m: 0.12 } }
    told = plan("drops", place: { length_m: 2.0 }, things: { hung: hung })

    sites = told.sites

    assert_equal need(told, "star"), sites.size
    assert_equal %w[star], sites.map { |site| site[:style] }.uniq
    assert_equal sites.size, sites.map { |site| site[:x_m] }.uniq.size
  end

  # What lies on a ring is no further from its middle than the ring is wide.
  def assert_on_rings(centres, outer, sites)
    sites.each do |site|
      away = centres.map { |across, up| Math.hypot(site[:x_m] - across, site[:y_m] - up) }.min

      assert_operator away, :<=, outer / 2
      assert_operator away, :>, outer / 8
    end
  end

  def test_what_goes_on_a_wreath_lies_on_its_ring
    told = plan("wreath", size: { style: "olive" }, place: { width_m: 0.9, height_m: 2.0 },
                          layers: { picks: %w[berry slate] })
    sites = told.sites.group_by { |site| site[:style] }

    assert_equal [need(told, "berry"), need(told, "slate")], sites.values_at("berry", "slate").map(&:size)
    assert_operator sites["berry"].size, :>, 1
    assert_on_rings([[0.45, told.call[:drawing][:ring][:centre_m]]], 0.3, told.sites)
  end

  def test_on_a_wall_they_lie_on_each_of_its_rings
    told = plan("wall", wall: { width_m: 3.0 }, wreaths: { hung: Array.new(3) { { style: "olive" } } },
                        layers: { picks: %w[berry slate] })
    sites = told.sites.group_by { |site| site[:style] }
    centres = told.call[:drawing][:rings].map { |ring| ring.values_at(:left_m, :floor_m) }

    assert_equal [need(told, "berry"), need(told, "slate")], sites.values_at("berry", "slate").map(&:size)
    assert_on_rings(centres, 0.3, told.sites)
    nearest = told.sites.map do |site|
      centres.min_by { |across, up| Math.hypot(site[:x_m] - across, site[:y_m] - up) }
    end

    assert_equal centres, nearest.uniq
  end

  def test_what_is_not_measured_has_no_places
    assert_empty plan("drops", place: { length_m: nil }).sites
    assert_empty TreePlan.new(settings: dressed, surroundings: surroundings, styles: styles, kept: KEPT).sites
  end
end
