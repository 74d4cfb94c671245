# frozen_string_literal: true

require_relative "../core_test"

class KitTest < CoreTest
  def kit(keys: [], kinds: [], high: false)
    Days::Kit.of(keys: keys, kinds: kinds, high: high).map { |one| one[:key] }
  end

  def test_some_things_come_along_whatever_there_is_to_do
    assert_equal %w[gloves cloths bags vacuum], kit
  end

  def test_what_is_taken_along_follows_from_steps_things_and_height
    assert_includes kit(high: true), "ladder"
    assert_includes kit(kinds: ["ribbon"]), "snips"
    assert_includes kit(keys: ["lights"]), "bulbs"
    assert_includes kit(keys: ["anchors"]), "filler"
    refute_includes kit(kinds: ["ornament"]), "snips"
  end
end
