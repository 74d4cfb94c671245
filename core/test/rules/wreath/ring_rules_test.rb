# frozen_string_literal: true

require_relative "../../core_test"

# What is reckoned from a ring: its hook, bundles, sites; hanger ribbon, hoop, ground.
class RingRulesTest < CoreTest
  RING = { outer_m: 0.6, inner_m: 0.3 }.freeze

  def test_a_hook_on_the_line_is_in_the_middle_of_the_ring
    assert_in_delta 0.225, answer("wreath.hook", **RING, offset_m: 0)[:above_m]
    assert_in_delta 0.0, answer("wreath.hook", **RING, offset_m: 0.225)[:above_m]
    assert_equal([%w[offset_m hook_beyond_ring]],
                 faults_of("wreath.hook", **RING, offset_m: 0.23).map { |fault| [fault.input, fault.code] })
  end

  def test_an_opening_is_smaller_than_its_ring
    { "wreath.hook" => { offset_m: 0 }, "wreath.bundles" => { bundle_m: 0.2 },
      "wreath.elements" => { arc_share: 1, spacing_m: 0.1 },
      "wreath.profile" => { body_m: 0.1, items: [], wanted: { shape: "even", high_m: 0.1 } } }.each do |rule, rest|
      fault = faults_of(rule, outer_m: 0.3, inner_m: 0.3, **rest).first

      assert_equal %w[inner_m inside_out], [fault.input, fault.code], rule
      assert_includes fault.told("imperial"), "in", rule
    end
  end

  def test_bundles_and_sites_follow_the_way_round
    assert_equal 12, answer("wreath.bundles", **RING, bundle_m: 0.2)[:count]
    assert_equal 12, answer("wreath.elements", **RING, arc_share: 1, spacing_m: 0.12)[:count]
    assert_equal 1, answer("wreath.elements", **RING, arc_share: 0.01, spacing_m: 0.12)[:count]
  end

  def test_each_hanger_asks_for_what_it_goes_by
    missing = ->(kind) { faults_of("wreath.hanger", kind: kind).map(&:input) }

    assert_equal %w[drop_m thickness_m], missing.call("real")
    assert_equal %w[visible_m], missing.call("false")
    assert_equal %w[door_height_m], missing.call("taped")
  end

  def test_a_hoop_is_bent_dry_soaked_or_not_at_all
    bend = ->(thickness) { answer("wreath.hoop_strip", diameter_m: 0.6, thickness_m: thickness) }

    assert_equal(%w[dry soak soak no], [0.002, 0.0021, 0.004, 0.0041].map { |thickness| bend.call(thickness)[:bend] })
    assert_equal(["hoop_breaks"], codes(bend.call(0.0041)))
    assert_equal(["hoop_soak"], codes(bend.call(0.003)))
    assert_nil answer("wreath.hoop_strip", diameter_m: 0.6)[:bend]
  end

  def test_a_ground_of_another_lightness_or_another_colour_is_read
    reads = ->(greens, ground) { answer("wreath.ground", greens: greens, ground: ground)[:reads] }

    assert_equal "dull", reads.call("#2f5d4a", "#2f5d4a")
    assert_equal "well", reads.call("#2f5d4a", "#ffffff")
    assert_equal "well", reads.call("#2f5d4a", "#a02030")
    assert_equal reads.call("#2f5d4a", "#3b6062"), reads.call("#3b6062", "#2f5d4a")
  end

  def test_what_is_no_colour_is_named
    faults = faults_of("wreath.ground", greens: "2f5d4a#", ground: "spruce!")

    assert_equal([%w[greens not_a_colour], %w[ground not_a_colour]], faults.map { |fault| [fault.input, fault.code] })
  end

  def test_black_white_and_grey_are_where_the_eye_has_them
    assert_in_delta 100, Lab.of("#ffffff").lightness, 1e-3
    assert_in_delta 0, Lab.of("#000000").lightness, 1e-9
    assert_in_delta 0, Lab.of("#808080").chroma, 0.02
    assert_in_delta 53.59, Lab.of("#808080").lightness, 0.01
    assert_in_delta 104.55, Lab.of("#ff0000").chroma, 0.02
  end
end
