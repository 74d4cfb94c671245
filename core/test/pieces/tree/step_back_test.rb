# frozen_string_literal: true

require_relative "../../core_test"

class StepBackTest < CoreTest
  def tree(place: surroundings, **groups)
    TreePlan.new(settings: dressed(**groups), surroundings: place, styles: coloured, kept: KEPT)
  end

  def coloured
    styles.each_with_index.map { |style, i| Style.new(**style.to_h, colour: "#00000#{i}") }
  end

  def found(told, code = nil)
    if code
      told[:findings].select { |finding| finding[:code] == code }
    else
      told[:findings].map { |finding| finding[:code] }
    end
  end

  def sites
    @sites ||= tree.call[:drawing][:ornaments]
  end

  def test_an_even_plan_has_nothing_to_mend
    assert_empty found(tree.step_back) & %w[hole clump one_sided within_reach]
  end

  def test_a_hole_is_found_where_it_is_with_mends_that_fill_it
    up = sites.reject { |site| site[:angle_deg].between?(20, 90) && site[:height_m].between?(0.4, 1.1) }
    hole = found(tree.step_back(up: up), "hole").first

    assert_in_delta 55, hole[:spots].first[:angle_deg], 25
    assert_match(/tier [1-3] at (half past )?[345]/, hole[:message])
    assert_equal(%w[add tuck pick], hole[:mends].map { |offered| offered[:mend][:kind] })
    filled = up + [{ **hole[:mends].first[:mend].slice(:style, :height_m, :angle_deg), number: 99 }]

    refute_equal hole[:message], found(tree.step_back(up: filled), "hole").first&.fetch(:message)
  end

  def test_two_too_near_are_a_clump_and_one_of_them_is_moved_away
    first = sites.find { |site| site[:style] == "velvet" }
    up = sites.reject do |site|
      site[:number] == 3 && site[:style] == "bell"
    end + [{ style: "bell", number: 3, height_m: first[:height_m] + 0.02, angle_deg: first[:angle_deg] + 1 }]
    clump = found(tree.step_back(up: up), "clump").first

    assert_includes clump[:message], "Plum velvet"
    assert_equal "move", clump[:mends].first[:mend][:kind]
  end

  def test_pairs_hung_on_purpose_are_no_clumps
    assert_empty found(tree(ornaments: { styles: styles.map(&:id), pattern: "twos" }).step_back, "clump")
  end

  def test_a_colour_on_one_side_is_told_with_its_side
    up = sites.reject { |site| site[:style] == "velvet" && site[:angle_deg].negative? }
    sided = found(tree.step_back(up: up), "one_sided").first

    assert_includes sided[:message], "Plum velvet: 100 % of it hangs at the right"
  end

  def test_top_and_bottom_are_weighed_by_size
    middle = TreeSurface.new(height_m: 2.4, spread_m: 1.4, hem_m: 0.24, arc_deg: 360).height_at_share(0.5)
    low = sites.select { |site| site[:height_m] < middle || (site[:number] % 3).zero? }

    assert_includes found(tree.step_back(up: low)), "bottom_heavy"
    assert_includes found(tree.step_back(up: sites.select { |site| site[:height_m] > middle })), "top_heavy"
  end

  def test_glass_within_reach_of_children_is_the_first_thing_told
    with_children = surroundings(children: [3])
    up = sites + [{ style: "slate", number: 90, height_m: 0.5, angle_deg: 0.0 }]
    told = tree(place: with_children).step_back(up: up)

    assert_equal "within_reach", told[:findings].first[:code]
    assert_equal "stop", told[:findings].first[:severity]
    assert(told[:findings].first[:mends].all? { |offered| offered[:mend][:height_m] >= 1.0 })
  end

  def test_nothing_up_is_said_and_no_tree_finds_nothing
    assert_equal %w[nothing_up], found(tree.step_back(up: []))
    assert_nil TreePlan.new(settings: {}, surroundings: surroundings, styles: []).step_back
  end

  def test_heat_is_where_nothing_hangs
    up = sites.select { |site| site[:angle_deg].positive? }
    left, right = tree.step_back(up: up)[:heat].partition { |spot| spot[:angle_deg].negative? }

    assert_operator left.sum { |spot| spot[:empty] } / left.size, :>,
                    1.5 * right.sum { |spot| spot[:empty] } / right.size
  end

  # On a riser of 60 cm the line of 1 m meets the tree at 40 cm.
  def test_reach_is_counted_from_the_floor_also_on_a_riser
    raised = tree(place: surroundings(children: [3]), measure: { height_m: 2.0, spread_m: 1.4, riser_m: 0.6 })
    glass = ->(height) { [{ style: "slate", number: 1, height_m: height, angle_deg: 0.0 }] }

    refute_includes found(raised.step_back(up: glass.call(0.6))), "within_reach"
    assert_includes found(raised.step_back(up: glass.call(0.3))), "within_reach"
  end
end
