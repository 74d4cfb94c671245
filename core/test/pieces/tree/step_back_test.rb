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
    assert_equal(%w[add tuck pick], hole[:mends].map { |offered| offered[:mends].first[:kind] })
    filled = up + [{ **hole[:mends].first[:mends].first.slice(:style, :height_m, :angle_deg), number: 99 }]

    refute_equal hole[:message], found(tree.step_back(up: filled), "hole").first&.fetch(:message)
  end

  def test_two_too_near_are_a_clump_and_one_of_them_is_moved_away
    first = sites.find { |site| site[:style] == "velvet" }
    up = sites.reject do |site|
      site[:number] == 3 && site[:style] == "bell"
    end + [{ style: "bell", number: 3, height_m: first[:height_m] + 0.02, angle_deg: first[:angle_deg] + 1 }]
    clump = found(tree.step_back(up: up), "clump").first

    assert_includes clump[:message], "Plum velvet"
    assert_equal "move", clump[:mends].first[:mends].first[:kind]
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
    assert(told[:findings].first[:mends].all? { |offered| offered[:mends].all? { |mend| mend[:height_m] >= 1.0 } })
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

  # What is up after a mend was applied to it.
  def mended(up, offered)
    offered[:mends].reduce(up) do |sites, mend|
      place = mend.slice(:height_m, :angle_deg)
      if mend[:kind] == "move"
        whose = mend.values_at(:style, :number)
        sites.map { |site| site.values_at(:style, :number) == whose ? site.merge(place) : site }
      else
        [*sites, { style: mend[:style], number: 900 + sites.size, **place }]
      end
    end
  end

  def spots_of(told, code)
    found(told, code).map do |finding|
      [finding[:message][/\A[^:]*/], finding[:spots].map { |spot| spot.slice(:height_m, :angle_deg) }]
    end
  end

  # Trees hung without any plan: everything where it fell.
  def test_an_offered_mend_brings_what_was_found_below_its_limit
    offered = Hash.new(0)
    random = Random.new(11)
    24.times do |i|
      low, high = [[0.3, 2.1], [0.3, 1.2], [1.0, 2.1]][i % 3]
      turns = [[-170, 170], [-170, 40], [-30, 170]][i / 3 % 3]
      up = Array.new(40 + random.rand(40)) do |n|
        { style: styles[random.rand(styles.size)].id, number: n, height_m: low + (random.rand * (high - low)),
          angle_deg: turns.first + (random.rand * (turns.last - turns.first)) }
      end
      told = tree.step_back(up: up)
      %w[one_sided top_heavy bottom_heavy hole clump].each do |code|
        finding = found(told, code).first
        mend = finding && finding[:mends].first or next
        after = tree.step_back(up: mended(up, mend))
        offered[code] += 1
        spotted = %w[hole clump].include?(code)
        left = spotted ? spots_of(after, code) & [spots_of(told, code).first] : same(after, finding)

        assert_empty left, "#{code}: #{finding[:message]} #{mend[:label]}"
      end
    end

    %w[one_sided hole clump].each { |code| assert_operator offered[code], :>, 3, code }
    assert_operator offered["top_heavy"] + offered["bottom_heavy"], :>, 1
  end

  # The same colour on the same side, or the same half.
  def same(told, finding)
    found(told, finding[:code]).map { |one| one[:message][/\A[^:]*/] } & [finding[:message][/\A[^:]*/]]
  end

  # Styles of many colours and sizes, on trees of all shapes: the eye finds the plan even.
  def test_a_plan_is_not_what_step_back_calls_lopsided
    random = Random.new(3)
    colours = %w[#6d2f45 #5b7083 #b8863b #e8e2d6]
    12.times do |i|
      kinds = Array.new(4 + random.rand(6)) do |n|
        style("s#{n}", "S#{n}", [40, 60, 80, 100, 150][random.rand(5)], "felt", colour: colours[n % 4], on_hand: 99)
      end
      measure = { height_m: [1.5, 2.1, 2.7][i % 3], shape: %w[slim classic full half][i % 4] }
      ornaments = { styles: kinds.map(&:id), seed: i, pattern: %w[scatter diamond][i % 2] }
      made = TreePlan.new(settings: { measure: measure, ornaments: ornaments }, surroundings: surroundings,
                          styles: kinds)

      assert_empty made.step_back[:findings].map { |one| one[:code] } & %w[one_sided top_heavy bottom_heavy],
                   made.step_back[:findings].map { |one| one[:message] }.join(" ")
      every_third(made, kinds)
    end
  end

  # Groups of one size may hold a colour nothing else has: they hang on both sides, so that it can.
  def test_twos_hang_on_both_sides
    random = Random.new(3)
    colours = %w[#6d2f45 #5b7083 #b8863b #e8e2d6]
    sided = Array.new(60) do |i|
      kinds = Array.new(4 + random.rand(6)) do |n|
        style("s#{n}", "S#{n}", [40, 60, 80, 100, 150][random.rand(5)], "felt", colour: colours[n % 4], on_hand: 99)
      end
      ornaments = { styles: kinds.map(&:id), seed: i, pattern: "twos" }
      measure = { height_m: [1.5, 2.1, 2.7][i % 3], shape: %w[slim classic full half][i % 4] }
      made = TreePlan.new(settings: { measure: measure, ornaments: ornaments }, surroundings: surroundings,
                          styles: kinds)
      made.step_back[:findings].count { |one| one[:code] == "one_sided" }
    end

    assert_operator sided.sum, :<=, 1
  end

  # Wherever there are as many places as colours.
  def every_third(made, kinds)
    sites = made.places[:drawing][:ornaments]
    hem = made.reckoned[:figures][:hem][:value]
    top = made.reckoned[:settings][:measure][:height_m]
    third = ->(site) { ((site[:height_m] - hem) / (top - hem) * 3).floor.clamp(0, 2) }
    colour = kinds.to_h { |kind| [kind.id, kind.colour] }
    roomy = sites.map(&third).tally.select { |_, count| count >= colour.values.uniq.size }.keys
    sites.group_by { |site| colour[site[:style]] }.each_value do |own|
      assert_empty roomy - own.map(&third) if own.size >= Hanging::Balance::FOR_THIRDS
    end
  end

  # On a riser of 60 cm the line of 1 m meets the tree at 40 cm.
  def test_reach_is_counted_from_the_floor_also_on_a_riser
    raised = tree(place: surroundings(children: [3]), measure: { height_m: 2.0, spread_m: 1.4, riser_m: 0.6 })
    glass = ->(height) { [{ style: "slate", number: 1, height_m: height, angle_deg: 0.0 }] }

    refute_includes found(raised.step_back(up: glass.call(0.6))), "within_reach"
    assert_includes found(raised.step_back(up: glass.call(0.3))), "within_reach"
  end
end
