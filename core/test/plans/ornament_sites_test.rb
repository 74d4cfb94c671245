# frozen_string_literal: true

require_relative "../core_test"

class OrnamentSitesTest < CoreTest
  def sites(place: surroundings, **groups)
    plan(dressed(**groups), place: place)[:drawing][:ornaments]
  end

  def test_every_ornament_is_placed_once_and_the_counts_are_kept
    planned = plan(dressed)
    placed = planned[:drawing][:ornaments].map { |site| site[:style] }.tally
    needed = planned[:ledger].select { |line| line[:kind] == "ornament" }.to_h { |line| [line[:style], line[:need]] }

    assert_equal needed, placed
    assert_equal((0...100).to_a, planned[:drawing][:ornaments].map { |site| site[:order] })
  end

  def test_every_style_keeps_pace_all_the_way_up
    all = sites
    all.map { |site| site[:style] }.tally.each do |id, count|
      half = all.first(all.size / 2).count { |site| site[:style] == id }

      assert_in_delta count / 2.0, half, 1.01, id
    end
  end

  def test_left_and_right_carry_about_the_same
    left, right = sites.partition { |site| site[:angle_deg].negative? }.map(&:size)

    assert_in_delta left, right, 4
  end

  def test_low_tiers_get_more_because_they_have_more_surface
    counts = plan(dressed)[:drawing][:tiers].map { |tier| tier[:ornaments].values.sum }

    assert_operator counts.first, :>, counts[counts.size / 2]
    assert_operator counts[1], :>, counts[-2]
  end

  def test_larger_ones_hang_deeper
    depths = sites.to_h { |site| [site[:style], site[:depth]] }

    assert_operator depths["star"], :<, depths["slate"]
    assert_operator depths["slate"], :<, depths["velvet"]
    assert_operator depths["velvet"], :<, depths["berry"]
  end

  def test_nothing_breakable_hangs_below_any_reach_line_while_something_else_is_left
    [%w[dog], [], %w[cat]].product([[], [3]]).each do |pets, children|
      place = surroundings(pets: pets, children: children)
      line = place.reach_m(HouseRules.default) || 0
      low = sites(place: place).select { |site| site[:height_m] < line }

      assert_empty low.map { |site| site[:style] } & %w[slate], "#{pets} #{children}"
    end
  end

  def test_the_reach_line_is_the_highest_of_all_who_reach
    house = HouseRules.default

    assert_nil surroundings.reach_m(house)
    assert_in_delta 0.7, surroundings(pets: ["dog"]).reach_m(house)
    assert_in_delta 1.0, surroundings(pets: ["dog"], children: [2]).reach_m(house)
    assert_nil surroundings(pets: ["cat"]).reach_m(house)
  end

  def test_who_has_to_be_thought_of_is_said_in_words
    assert_nil surroundings.climbers
    assert_equal "a cat", surroundings(pets: ["cat"]).climbers
    assert_equal "children, a dog and a cat", surroundings(pets: %w[dog cat], children: [2]).climbers
  end
end
