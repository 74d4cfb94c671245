# frozen_string_literal: true

require_relative "../../core_test"

class OrnamentsMapTest < CoreTest
  TREE = { height_m: 2.4, spread_m: 1.4, arc_deg: 360 }.freeze
  SIZES = [130, 100, 95, 80, 75, 70, 65, 60, 50, 45, 40, 35, 110, 85].freeze
  # Asked by several tests of the same spread.
  ANSWERS = Class.new { def fetch(key) = (@kept ||= {})[key] ||= yield }.new

  def styles_of(total, count, **changes)
    share = LargestRemainder.share(total, Array.new(count, 1))
    Array.new(count) do |i|
      { id: "s#{i}", count: share[i], diameter_mm: SIZES[i % SIZES.size], mass_g: 40, colour: "#00000#{i % 5}",
        breakable: false, keepsake: false, **changes }
    end
  end

  def map(styles, tree: TREE, **rest)
    ANSWERS.fetch([styles, tree, rest]) { answer("ornaments.map", tree: tree, styles: styles, **rest) }
  end

  def sites(styles, **rest)
    map(styles, **rest)[:sites]
  end

  def reaches(site, tree: TREE)
    foliage = tree[:height_m] * 0.9
    slant = Math.hypot(foliage, tree[:spread_m] / 2)
    [slant * (tree[:height_m] - site[:height_m]) / foliage,
     site[:angle_deg] * Math::PI / 180 * tree[:spread_m] / 2 / slant]
  end

  # Measured anew from heights and angles, the plain way: every pair, the straight line on the unrolled cone, round the
  # back.
  def ratio_by_hand(sites, tree: TREE)
    flat = sites.map { |site| reaches(site, tree: tree) }
    fold = 2 * Math::PI * tree[:spread_m] / 2 / Math.hypot(tree[:height_m] * 0.9, tree[:spread_m] / 2)
    nearest = flat.each_index.map do |i|
      flat.each_index.reject { |j| j == i }.map do |j|
        turn = (flat[i][1] - flat[j][1]).abs
        turn = [turn, fold - turn].min if tree[:arc_deg] == 360
        Math.sqrt((flat[i][0]**2) + (flat[j][0]**2) - (2 * flat[i][0] * flat[j][0] * Math.cos(turn)))
      end.min
    end
    area = tree[:arc_deg] * Math::PI / 360 * tree[:spread_m] / 2 *
           Math.hypot(tree[:height_m] * 0.9, tree[:spread_m] / 2)
    nearest.sum / nearest.size / (0.5 / Math.sqrt(nearest.size / area))
  end

  def test_it_is_as_even_as_the_handbook_wants_on_trees_seen_from_all_round_and_in_a_corner
    [360, 240, 200].product([[60, 8], [120, 8], [250, 14]]).each do |arc, (total, count)|
      told = map(styles_of(total, count), tree: TREE.merge(arc_deg: arc))[:evenness]
      large = styles_of(total, count).select { |style| style[:count] >= 6 }

      assert_operator told[:whole], :>=, 1.88, "#{total} on #{arc}"
      assert_operator told[:largest_gap], :<=, 1.15, "#{total} on #{arc}"
      large.each { |style| assert_operator told[:styles][style[:id]], :>=, 1.60, "#{style[:id]} of #{total} on #{arc}" }
    end
  end

  def test_the_evenness_it_tells_is_the_one_measured_by_hand
    styles = styles_of(120, 8)
    told = map(styles)

    assert_in_delta ratio_by_hand(told[:sites]), told[:evenness][:whole], 1e-6
    own = told[:sites].select { |site| site[:style] == "s3" }

    assert_in_delta ratio_by_hand(own), told[:evenness][:styles]["s3"], 1e-6
  end

  def test_every_ornament_is_placed_once_and_in_one_order
    %w[scatter diamond twos threes].each do |pattern|
      styles = styles_of(97, 7)
      placed = sites(styles, pattern: pattern)

      assert_equal styles.to_h { |style| [style[:id], style[:count]] },
                   placed.map { |site| site[:style] }.tally.sort.to_h, pattern
      assert_equal (1..97).to_a, placed.map { |site| site[:order] }, pattern
      assert placed.all? { |site| site[:height_m].between?(0.24 - 1e-9, 2.25 + 1e-9) }, "pattern #{pattern}"
    end
  end

  def test_the_same_seed_gives_the_same_map_and_another_seed_another
    styles = styles_of(60, 6)

    assert_equal answer("ornaments.map", tree: TREE, styles: styles, seed: 4).outputs,
                 answer("ornaments.map", tree: TREE, styles: styles, seed: 4).outputs
    hung = ->(seed) { sites(styles, seed: seed).map { |site| [site[:style], site[:height_m]] } }

    refute_equal hung.call(4), hung.call(5)
  end

  def test_nothing_breakable_hangs_below_the_reach_line_and_nothing_heavy_in_the_top
    mixed = styles_of(120, 8).each_with_index.map do |style, i|
      style.merge(breakable: i.even?, mass_g: i % 4 == 1 ? 300 : 40)
    end
    %w[scatter diamond twos threes].each do |pattern|
      placed = sites(mixed, reach_m: 1.0, pattern: pattern)
      fragile, sturdy = placed.partition { |site| mixed.find { |style| style[:id] == site[:style] }[:breakable] }
      heavy = placed.select { |site| %w[s1 s5].include?(site[:style]) }

      assert_equal 120, placed.size, pattern
      assert fragile.all? { |site| site[:height_m] >= 1.0 }, "pattern #{pattern}"
      assert sturdy.any? { |site| site[:height_m] < 1.0 }, "pattern #{pattern}"
      assert heavy.all? { |site| site[:height_m] <= 2.4 - (0.15 * 2.16) + 1e-9 }, "pattern #{pattern}"
      assert heavy.all? { |site| site[:depth].between?(0.5, 0.7) }, "pattern #{pattern}"
    end
  end

  def test_a_riser_lifts_the_tree_over_the_line
    glass = styles_of(40, 4, breakable: true)

    assert_operator sites(glass, reach_m: 1.0, riser_m: 0.6).map { |site| site[:height_m] }.min, :<, 0.5
    assert_operator sites(glass, reach_m: 1.0).map { |site| site[:height_m] }.min, :>=, 1.0
  end

  def test_wishes_that_cannot_be_met_place_what_they_can_and_say_the_rest
    glass = styles_of(40, 4, breakable: true)
    none = map(glass, reach_m: 2.4)

    assert_empty none[:sites]
    assert_equal(40, none[:unplaced].sum { |one| one[:count] })
    assert_equal %w[unplaced_reach], codes(none)
    heavy = map(styles_of(40, 4, breakable: true, mass_g: 400), reach_m: 2.2)

    assert_equal ["reach_heavy"], heavy[:unplaced].map { |one| one[:reason] }.uniq
    half = map([*styles_of(20, 2), *glass.map { |style| style.merge(id: "g#{style[:id]}") }], reach_m: 2.4)

    assert_equal 20, half[:sites].size
    crowded = map(styles_of(900, 3))

    assert_equal 900, crowded[:sites].size + crowded[:unplaced].sum { |one| one[:count] }
    assert_equal %w[unplaced_room], codes(crowded)
  end

  def test_keepsakes_hang_last_in_front_at_eye_level
    kept = { id: "kept", count: 4, diameter_mm: 60, mass_g: 30, colour: nil, breakable: false, keepsake: true }
    placed = sites([*styles_of(90, 6), kept])
    own = placed.select { |site| site[:style] == "kept" }

    assert_equal((91..94).to_a, own.map { |site| site[:order] })
    assert(own.all? { |site| site[:height_m].between?(1.2, 1.7) && site[:angle_deg].abs <= 60 })
  end

  def test_keepsakes_without_a_place_at_eye_level_hang_as_near_to_it_as_may_be
    kept = { id: "kept", count: 4, diameter_mm: 60, mass_g: 30, colour: nil, breakable: false, keepsake: true }
    small = map([*styles_of(20, 2), kept], tree: { height_m: 0.9, spread_m: 0.5, arc_deg: 360 })
    highest = small[:sites].map { |site| site[:height_m] }.max(8)

    assert_empty small[:unplaced]
    assert_equal %w[keepsakes_aside], codes(small)
    assert(small[:sites].select { |site| site[:style] == "kept" }.all? { |site| site[:height_m] >= highest.last })
    many = map([*styles_of(90, 6), kept.merge(count: 60)])

    assert_equal 150, many[:sites].size
    assert_operator many[:evenness][:whole], :>=, 1.88
    low = map([*styles_of(20, 2), kept.merge(count: 2, breakable: true)], reach_m: 2.0)

    assert(low[:sites].select { |site| site[:style] == "kept" }.all? { |site| site[:height_m] >= 2.0 })
    assert_includes low.findings.map(&:message).join,
                    "2 keepsakes find no place in front at eye level, 1.20 m to 1.70 m, and hang as near"
  end

  def test_the_largest_come_first_and_deepest_and_the_small_ones_high
    styles = styles_of(120, 8)
    placed = sites(styles)
    size = styles.to_h { |style| [style[:id], Rules::Ornaments::Mix.size_of(style[:diameter_mm], HouseRules.default)] }
    ranks = placed.map { |site| Rules::Ornaments::Mix::SIZES.index(size[site[:style]]) }

    assert_equal ranks.sort, ranks
    depths = placed.group_by { |site| size[site[:style]] }
                   .transform_values { |own| own.map { |site| site[:depth] }.minmax }

    assert(%i[hero large].all? { |large| depths[large].first >= 0.5 && depths[large].last <= 0.7 })
    assert(depths[:medium].first >= 0.75 && depths[:medium].last <= 0.9)
    top = sites(styles_of(250, 14)).select { |site| site[:height_m] > 1.9 }

    assert_operator(top.count { |site| SIZES[site[:style].delete("s").to_i] < 60 }, :>,
                    top.count { |site| SIZES[site[:style].delete("s").to_i] >= 90 })
  end

  def test_no_style_is_its_own_nearest_neighbour_where_that_can_be_avoided
    [styles_of(120, 8), styles_of(60, 3),
     [*styles_of(30, 1).map { |style| style.merge(id: "many") }, *styles_of(60, 4)]].each do |styles|
      placed = sites(styles)
      flat = UnrolledSurface.new(TreeSurface.new(height_m: 2.4, spread_m: 1.4, hem_m: 0.24, arc_deg: 360))
      near = Neighbourhood.new(flat,
                               placed.map { |site| [flat.reach_at(site[:height_m]), flat.turn_of(site[:angle_deg])] },
                               cell: 0.2)

      assert_equal(0, placed.each_index.count { |i| placed[near.nearest_of(i)[1]][:style] == placed[i][:style] })
    end
  end

  def test_spacing_widens_from_the_top_to_the_hem
    placed = sites(styles_of(250, 14))
    spread = lambda { |low, high|
      placed.select { |site| site[:height_m].between?(low, high) }.then { |own| Math.sqrt(band(low, high) / own.size) }
    }

    assert_in_delta 1.3, spread.call(0.24, 0.6) / spread.call(1.9, 2.2), 0.2
  end

  def band(low, high)
    tree = TreeSurface.new(height_m: 2.4, spread_m: 1.4, hem_m: 0.24, arc_deg: 360)
    tree.area * tree.share_between(low, high)
  end

  def test_twos_hang_side_by_side_in_two_colours
    styles = [["a", 70, "#111111"], ["b", 75, "#222222"]].map do |id, size, colour|
      { id: id, count: 20, diameter_mm: size, colour: colour }
    end
    placed = sites(styles, pattern: "twos")
    pairs = placed.map { |site| nearest(site, placed) }

    assert(pairs.all? { |distance, _| distance.between?(0.055, 0.105) })
    assert_operator pairs.each_index.count { |i| pairs[i][1] == placed[i][:style] }, :<=, 2
  end

  def nearest(site, placed)
    reach, turn = reaches(site)
    placed.reject { |other| other.equal?(site) }.map do |other|
      far, round = reaches(other)
      [Math.sqrt((reach**2) + (far**2) - (2 * reach * far * Math.cos(turn - round))), other[:style]]
    end.min_by(&:first)
  end

  def test_rows_of_diamonds_widen_downwards
    rows = sites(styles_of(96, 6), pattern: "diamond").map { |site| site[:height_m].round(6) }.tally.sort
    rows = rows.select { |_, count| count == rows.first.last }
    gaps = rows.each_cons(2).map { |(low, _), (high, _)| high - low }

    assert_operator rows.size, :>, 5
    assert_equal gaps.sort.reverse, gaps
  end

  def test_too_many_or_the_same_style_twice_is_named
    assert_equal "too_many_hung", faults_of("ornaments.map", tree: TREE, styles: styles_of(2_001, 3)).first.code
    assert_equal "style_twice",
                 faults_of("ornaments.map", tree: TREE, styles: styles_of(4, 1) + styles_of(4, 1)).first.code
  end

  KEPT = { id: "kept", count: 2, diameter_mm: 140, mass_g: 40, colour: "#000001", breakable: false,
           keepsake: true }.freeze

  def test_keepsakes_go_up_last_however_large
    found = sites(styles_of(24, 4) + [KEPT])

    assert_equal([25, 26], found.select { |site| site[:style] == "kept" }.map { |site| site[:order] })
  end

  def test_eye_level_is_counted_from_the_floor_not_from_the_stand
    house = HouseRules.default
    kept = { **KEPT, count: 1, diameter_mm: 60 }
    height = sites(styles_of(12, 1) + [kept], riser_m: 0.4).find { |site| site[:style] == "kept" }[:height_m]

    assert_includes house["ornaments.eye_low"]..house["ornaments.eye_high"], height + 0.4
    assert_operator height, :<, house["ornaments.eye_low"]
  end
end
