# frozen_string_literal: true

require_relative "../../core_test"

class PortraitTest < CoreTest
  def shapes(portrait, part)
    portrait[:shapes].select { |shape| shape[:part] == part }
  end

  def tree(settings = {}, styles: [])
    place = Surroundings.new(stance: "bay", ceiling: Ceiling.new(left_m: 3.1, right_m: 3.1, width_m: 6.4))
    TreePlan.new(settings: { measure: { height_m: 2.4, riser_m: 0.2 }, **settings }, surroundings: place,
                 styles: styles).portrait
  end

  def garland(survey, settings = {}, styles: [])
    place = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 3.1, right_m: 3.1, width_m: 6.4))
    RunPlan.new(settings: { survey: survey, **settings }, surroundings: place, styles: styles).portrait
  end

  def test_a_tree_stands_on_the_floor_as_high_and_wide_as_it_is
    told = tree({ crown: { topper: "none" } })
    foliage = shapes(told, "foliage").first[:points]

    assert_in_delta 2.6, told[:top_m]
    assert_equal told.values_at(:left_m, :right_m), foliage.map(&:first).minmax
    assert_in_delta 0, told[:left_m] + told[:right_m]
    assert_in_delta 0, shapes(told, "foot").first[:points].map(&:last).min
    assert_empty shapes(told, "topper")
  end

  def test_its_dots_lie_on_it_in_the_shares_of_its_styles
    styles = [%w[plum #6b2e4f], %w[slate #3d5a73]].map do |id, colour|
      Style.new(id: id, kind: "ornament", name: id, diameter_mm: 80, colour: colour)
    end
    told = tree({ ornaments: { styles: %w[plum slate], own_total: 90, count_by: "own" } }, styles: styles)
    colours = told[:dots].map { |dot| dot[:colour] }.tally

    assert_equal TreePortrait::DOTS, told[:dots].size
    assert_operator colours.values.max - colours.values.min, :<=, 1
    assert(told[:dots].all? { |dot| dot[:x_m].between?(told[:left_m], told[:right_m]) && dot[:y_m] < told[:top_m] })
    refute_empty shapes(told, "topper")
  end

  def test_a_mantel_is_drawn_with_its_firebox_and_the_drop
    told = garland({ kind: "mantel", length_m: 1.5, height_m: 1.2, right_drop_m: 0.9, firebox: "cold" })
    foliage = shapes(told, "foliage").first[:points]

    assert_equal([[0.0, 1.5], [0.0, 1.2]], shapes(told, "wood").first[:points].transpose.map(&:minmax))
    refute_empty shapes(told, "dark")
    assert_operator foliage.map(&:last).min, :<=, 0.35
    assert_empty shapes(garland({ kind: "mantel", length_m: 1.5, firebox: "none" }), "dark")
  end

  def test_what_is_straight_is_one_stroke
    told = garland({ kind: "ledge", length_m: 2.0, height_m: 1.2 })

    assert_equal [[0.0, 1.2], [2.0, 1.2]], shapes(told, "line").first[:points]
  end

  def test_what_is_bent_strays_nowhere_by_more_than_a_list_shows
    arc = (0..60).map { |i| [Math.cos(i * Math::PI / 60), Math.sin(i * Math::PI / 60)] }
    points = Portrait.new.tap { |one| one.area("foliage", arc) }.to_h[:shapes].first[:points]

    assert_operator points.size, :<, 30
    assert_equal [1.0, 0.0], points.first
    assert_equal [-1.0, 0.0], points.last
    points.each_cons(2) do |(x, y), (to_x, to_y)|
      assert_in_delta 1, Math.hypot((x + to_x) / 2, (y + to_y) / 2), 0.02
    end
  end

  def test_every_kind_of_run_has_one_that_reads_as_numbers
    { "rail" => { going_m: 3.0, rise_m: 2.4 }, "ledge" => {}, "frame" => { side_m: 2.0 }, "mirror" => { side_m: 1.2 },
      "rod" => {}, "opening" => {}, "table" => {}, "ring" => { diameter_m: 0.8 } }.each do |kind, more|
      told = garland({ kind: kind, **(%w[ring rail].include?(kind) ? {} : { length_m: 1.8 }), **more })
      numbers = told[:shapes].flat_map { |shape| shape[:points].flatten }

      assert_operator told[:right_m], :>, told[:left_m], kind
      assert_equal numbers, numbers.map { |number| number.round(2) }, kind
    end
  end

  def test_accents_are_dots_and_few
    cones = Style.new(id: "cones", kind: "accent", name: "Cones", diameter_mm: 90, colour: "#7a5535")
    told = garland({ kind: "mantel", length_m: 1.5 }, { accents: { accents: [{ style: "cones", count: 40 }] } },
                   styles: [cones])

    assert_equal [RunPortrait::DOTS, ["#7a5535"]], [told[:dots].size, told[:dots].map { |dot| dot[:colour] }.uniq]
  end

  def test_what_is_not_measured_has_none
    assert_nil RunPlan.new(settings: {}, surroundings: Surroundings.new(
      stance: "wall", ceiling: Ceiling.new(left_m: 3.1, right_m: 3.1, width_m: 6.4)
    ), styles: []).portrait
  end
end
