# frozen_string_literal: true

require_relative "../core_test"

class MeasureTest < CoreTest
  def test_a_fault_is_told_in_the_units_of_who_reads_it
    fault = assert_raises(InputError) { TREE_KIND.check("measure" => { "height_m" => 400 }) }.faults.first

    assert_equal "Height is 400 m. Nobody dresses that. Enter 12 m or less.", fault.told("metric")
    assert_equal "Height is 1312 ft 4 in. Nobody dresses that. Enter 39 ft 4 in or less.", fault.told("imperial")
  end

  def test_what_is_missing_is_named_as_on_the_screen_with_what_would_do
    faults = assert_raises(InputError) { Inputs.check(Survey::ROOM, {}) }.faults

    assert_equal ["Name is missing. Enter it.", "Width is missing. Enter 0.5 m to 100 m.",
                  "Depth is missing. Enter 0.5 m to 100 m.", "Ceiling is missing. Enter 0.5 m to 20 m."],
                 faults.map(&:message)
    assert_equal "Width is missing. Enter 1 ft 7⅝ in to 328 ft 1 in.", faults[1].told("imperial")
  end

  def test_other_units_are_told_as_they_are_read
    told = lambda do |units, *measures|
      measures.map { |number, unit| Measure.new(number, unit).told(units) }
    end

    assert_equal ["5.3 m²", "120°", "4.90", "3 bulbs"],
                 told.call("metric", [5.3, "m2"], [120, "degrees"], [490, "cents"], [3, "bulbs"])
    assert_equal ["57.049 ft²", "120°", "4.90", "3 in", "1.1 lb"],
                 told.call("imperial", [5.3, "m2"], [120, "degrees"], [490, "cents"], [76.2, "mm"], [0.5, "kg"])
  end
end
