# frozen_string_literal: true

require_relative "../../core_test"

class WreathLayoutTest < CoreTest
  def arcs(layout, **rest)
    WreathLayout.arcs({ layout: layout, mirrored: false, from_h: 7, to_h: 1, **rest })
  end

  def test_arcs_of_the_layouts
    assert_equal [[7.0, 6.0]], arcs("crescent")
    assert_equal [[4.0, 4.0]], arcs("bottom_swag")
    assert_equal [[10.0, 4.0]], arcs("top_swag")
    assert_equal [[3.0, 12.0]], arcs("crescent", from_h: 3, to_h: 3)
    # Two to one.
    assert_in_delta(2.0, arcs("two_clusters").map(&:last).reduce(:/))
  end

  def test_mirrored_twice_is_as_it_was_and_once_is_the_other_side
    WreathSettings::LAYOUTS.each do |layout|
      plain = arcs(layout)
      turned = arcs(layout, mirrored: true)
      back = turned.map { |from, hours| [(12.0 - from - hours) % 12, hours] }

      assert_equal plain, back, layout
      plain.zip(turned) do |arc, other|
        sites = WreathLayout.sites(arc, 5).map { |hour| ((12 - hour) % 12).round(9) }

        assert_equal sites.sort, WreathLayout.sites(other, 5).map { |hour| hour.round(9) }.sort, layout
      end
    end
  end

  def test_sites_stand_evenly_within_their_arc
    sites = WreathLayout.sites([10.0, 4.0], 4)

    assert_equal [10.5, 11.5, 0.5, 1.5], sites
    assert_equal [11.0, 0.0, 1.0], WreathLayout.between([10.0, 4.0], 4)
    assert_equal 6, WreathLayout.between([0.0, 12.0], 6).size
  end

  def test_a_layout_is_turned_as_a_whole
    swag = { layout: "bottom_swag", mirrored: false }

    assert_equal [[7.0, 4.0]], WreathLayout.arcs(**swag, turned_h: 3)
    assert_equal [[2.0, 4.0]], WreathLayout.arcs(**swag, turned_h: 10)
    clusters = WreathLayout.arcs(layout: "two_clusters", mirrored: true, turned_h: 0)
    turned = WreathLayout.arcs(layout: "two_clusters", mirrored: true, turned_h: 2.5)

    assert_equal clusters.map { |from, hours| [(from + 2.5) % 12, hours] }, turned
    assert_equal WreathLayout.arcs(**swag, turned_h: 0), WreathLayout.arcs(**swag, turned_h: 12)
  end
end
