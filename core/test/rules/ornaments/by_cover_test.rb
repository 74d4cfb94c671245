# frozen_string_literal: true

require_relative "../../core_test"

class ByCoverTest < CoreTest
  def test_fuller_covers_take_more
    totals = Rules::Ornaments::ByCover::COVERS.map do |cover|
      answer("ornaments.by_cover", area_m2: 4.9, cover: cover)[:total]
    end

    assert_equal [59, 98, 147, 206], totals
  end

  def test_both_schools_agree_on_a_classic_tree_seen_all_round_and_part_on_a_slim_one_at_a_wall
    area = ->(spread, arc) { answer("tree.visible_area", height_m: 2.286, spread_m: spread, arc_deg: arc)[:area_m2] }
    by_foot = answer("ornaments.by_foot", height_m: 2.286, styles: [{}] * 12)[:total]
    cover = ->(surface) { answer("ornaments.by_cover", area_m2: surface, cover: "balanced")[:total] }

    assert_in_delta by_foot, cover.call(area.call(1.326, 360)), 10
    assert_operator cover.call(area.call(0.96, 240)), :<, by_foot / 2
  end
end
