# frozen_string_literal: true

require_relative "../../core_test"

class GarlandLightsTest < CoreTest
  def lights(**inputs)
    answer("garland.lights", run_m: 2.7, school: "classic", bulbs_per_string: 50, **inputs)
  end

  def test_bulbs_go_by_the_metre
    assert_equal([89, 135, 216], %w[soft classic bright].map { |school| lights(school: school)[:need] })
  end

  def test_strings_round_up_and_one_in_ten_is_spare
    assert_equal [3, 1], lights.outputs.values_at(:strings, :spare_strings)
    assert_equal [11, 2], lights(run_m: 11).outputs.values_at(:strings, :spare_strings)
  end
end
