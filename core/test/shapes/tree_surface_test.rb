# frozen_string_literal: true

require_relative "../core_test"

class TreeSurfaceTest < CoreTest
  def surface(p: 1.0, arc: 360, height: 2.4, spread: 1.4)
    TreeSurface.new(height_m: height, spread_m: spread, hem_m: 0.24, arc_deg: arc, p: p)
  end

  # A plain midpoint sum of the handbook's integral, fine enough to judge the shape's own arithmetic.
  def integral(tree)
    steps = 400_000
    (0...steps).sum do |i|
      left = 1 - ((i + 0.5) / steps)
      slope = tree.radius * tree.p / tree.foliage * (left**(tree.p - 1))
      tree.radius * (left**tree.p) * Math.sqrt(1 + (slope**2))
    end * tree.foliage / steps * tree.arc
  end

  [0.6, 0.7, 0.85, 1.15, 1.4].each do |p|
    define_method("test_area_keeps_to_the_integral_at_roundness_#{p}") do
      tree = surface(p: p)

      assert_in_delta 1, tree.area / integral(tree), 0.002
    end
  end

  def test_a_barely_rounded_tree_has_the_area_of_the_cone
    assert_in_delta surface(p: 1.0).area, surface(p: 1.000001).area, 1e-3
  end

  [0.7, 1.0, 1.3].each do |p|
    define_method("test_height_at_share_and_share_between_agree_at_roundness_#{p}") do
      tree = surface(p: p)

      [0.05, 0.3, 0.5, 0.9].each do |share|
        assert_in_delta share, tree.share_between(tree.hem, tree.height_at_share(share)), 1e-3
      end
    end
  end

  def test_tiers_cover_the_surface_and_low_tiers_get_more
    tiers = surface(p: 0.85).tiers(0.3)

    assert_in_delta 1, tiers.sum { |tier| tier[:share] }, 1e-9
    assert_equal(tiers.map { |tier| tier[:share] }.sort.reverse, tiers.map { |tier| tier[:share] })
    assert_equal 7, tiers.size
  end

  def test_sites_stay_on_the_visible_surface_and_share_it_equally
    tree = surface(arc: 200)
    sites = tree.sites(120)

    assert(sites.all? { |height, angle| height.between?(tree.hem, tree.height) && angle.between?(-100, 100) })
    lower = sites.count { |height, _| height < tree.height_at_share(0.5) }
    left = sites.count { |_, angle| angle.negative? }

    assert_equal 60, lower
    assert_in_delta 60, left, 2
  end
end
