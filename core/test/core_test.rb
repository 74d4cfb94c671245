# frozen_string_literal: true

require "minitest/autorun"
require "prop_check"
require_relative "../lib/deck_bough"

# What all tests of the core share; it touches no file, database or clock.
class CoreTest < Minitest::Test
  include DeckBough

  # Within 0.2 %, and for counts and words exactly.
  def assert_close(expected, actual, message = nil)
    if expected.is_a?(Array) && expected.size == actual.size
      return expected.zip(actual) { |wanted, got| assert_close(wanted, got, message) }
    end
    return expected.each { |name, wanted| assert_close(wanted, named(actual, name), message) } if expected.is_a?(Hash)
    return assert_nil(actual, message) if expected.nil?
    return assert_equal(expected, actual, message) unless expected.is_a?(Float)

    assert_in_delta expected, actual, [0.002 * expected.abs, 1e-4].max, message
  end

  # Outputs are named by symbols, what was asked about by the names it came with.
  def named(actual, name)
    actual.fetch(name.to_sym) { actual[name] }
  end

  def answer(rule, **inputs)
    Catalogue.answer(rule, inputs)
  end

  def codes(answer)
    answer.findings.map(&:code)
  end

  def faults_of(rule, **inputs)
    assert_raises(InputError) { answer(rule, **inputs) }.faults
  end

  def flat_ceiling(height = 3.1)
    Ceiling.new(left_m: height, right_m: height, width_m: 5.2)
  end

  def surroundings(**changes)
    Surroundings.new(stance: "bay", ceiling: flat_ceiling, free_width_m: 2.2, free_depth_m: 1.9, near_socket: true,
                     **changes)
  end

  def styles
    [style("slate", "Slate glass", 100, "glass", breakable: true, on_hand: 12),
     style("velvet", "Plum velvet", 80, "velvet", on_hand: 24),
     style("bell", "Old brass bell", 60, "metal", on_hand: 18), style("star", "Paper star", 120, "paper", on_hand: 10),
     style("berry", "Frosted berry", 40, "felt", on_hand: 30)]
  end

  def style(id, name, diameter, material, **rest)
    Style.new(id: id, kind: "ornament", name: name, diameter_mm: diameter, material: material, pack_size: 4,
              price_cents: 1000, **rest)
  end

  # Answers that take long are the same for the same question, whichever test asks.
  class Kept
    def fetch(key)
      (@answers ||= {})[key] ||= yield
    end
  end
  KEPT = Kept.new

  def plan(settings, place: surroundings, with: styles, **rest)
    TreePlan.new(settings: settings, surroundings: place, styles: with, kept: KEPT, **rest).call
  end

  def dressed(**groups)
    { measure: { height_m: 2.4, spread_m: 1.4 }, ornaments: { styles: styles.map(&:id) } }.merge(groups)
  end
end
