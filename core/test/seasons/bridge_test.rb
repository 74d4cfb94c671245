# frozen_string_literal: true

require_relative "../core_test"

# Surfaces that stand empty, dressed for the winter.
class BridgeTest < CoreTest
  STOCK = [{ style: "lantern", kind: "decor", shape: "lantern", colour: "#3b3b3b", free: 3 },
           { style: "bowl", kind: "decor", shape: "bowl", colour: "#8a6844", free: 1 },
           { style: "throw", kind: "decor", shape: "cloth", colour: "#4a5f73", free: 2 },
           { style: "pine", kind: "stem", colour: "#3c6b4e", free: 12 },
           { style: "amber", kind: "decor", shape: "candle", colour: "#c9812b", free: 2 }].freeze

  def plan(*surfaces, stock: STOCK) = Seasons::Bridge.new(surfaces, stock).plan

  def test_each_surface_gets_something_tall_low_green_and_the_one_accent
    told = plan("Mantel")

    assert_equal "amber", told[:accent]
    assert_equal([%w[lantern throw pine amber]], told[:surfaces].map do |one|
      one[:things].map do |thing|
        thing[:style]
      end
    end)
    assert_equal(%i[tall low green accent], told[:surfaces].first[:things].map { |thing| thing[:role] })
  end

  def test_nothing_is_used_more_often_than_there_is_of_it
    used = plan(*%w[a b c d e f]).fetch(:surfaces).flat_map { |one| one[:things].map { |thing| thing[:style] } }.tally

    STOCK.each { |thing| assert_operator used.fetch(thing[:style], 0), :<=, thing[:free] }
    assert_equal({ "lantern" => 3, "throw" => 2, "bowl" => 1, "pine" => 6, "amber" => 2 }, used)
  end

  def test_the_accent_carries_on_and_never_stands_alone
    told = plan("a", "b", stock: STOCK.last(1))

    assert_equal([[], []], told[:surfaces].map { |one| one[:things] })
  end

  def test_without_stock_surfaces_are_named_and_nothing_is_made_up
    assert_equal({ accent: nil, surfaces: [{ surface: "a", things: [] }] }, plan("a", stock: []))
  end

  def test_grey_and_green_warm_nothing
    assert_nil plan("a", stock: STOCK.first(4)).fetch(:accent)
  end
end
