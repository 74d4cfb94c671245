# frozen_string_literal: true

require_relative "../core_test"

class KitTest < CoreTest
  def kit(keys: [], kinds: [], high: false, down: false)
    Days::Kit.of(keys: keys, kinds: kinds, high: high, down: down).map { |one| one[:key] }
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

  def test_what_comes_down_wants_reels_meter_and_tissue_and_nothing_to_hang_it_by
    down = kit(keys: %w[boxes_in off_lights off_hang], kinds: %w[light ribbon], down: true)

    assert_empty %w[tissue reels power_meter tape filler labels] - down
    assert_empty down & %w[wire ties hooks bulbs batteries]
    assert_empty kit(keys: ["lights"], kinds: %w[light ribbon]) & %w[tissue reels power_meter tape]
  end
end
