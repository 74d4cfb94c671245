# frozen_string_literal: true

require_relative "../../core_test"

# Where things go: as many places as the ledger has of them, inside what is drawn.
class SitesTest < CoreTest
  STOCK = [Style.new(id: "house", kind: "decor", name: "Paper house", on_hand: 9),
           Style.new(id: "star", kind: "ornament", name: "Paper star", diameter_mm: 120, on_hand: 20),
           Style.new(id: "slate", kind: "ornament", name: "Slate ball", diameter_mm: 80, on_hand: 20),
           Style.new(id: "spruce", kind: "garland", name: "Spruce", length_m: 1.8, loft_m: 0.2, on_hand: 9),
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

  def test_what_is_not_measured_has_no_places
    assert_empty plan("drops", place: { length_m: nil }).sites
    assert_empty TreePlan.new(settings: dressed, surroundings: surroundings, styles: styles, kept: KEPT).sites
  end
end
