# frozen_string_literal: true

require_relative "../../core_test"

class TableRulesTest < CoreTest
  def places(shape, **measures)
    Catalogue.answer("table.places", { "shape" => shape, **measures.transform_keys(&:to_s) })[:places]
  end

  def test_a_place_more_with_every_sixty_centimetres_and_one_at_each_wide_end
    assert_equal([6, 8], [1.8, 1.8].zip([0.74, 0.75]).map do |long, wide|
      places("rectangle", length_m: long, width_m: wide)
    end)
    assert_equal 4, places("rectangle", length_m: 1.79, width_m: 0.7)
  end

  def test_a_longer_table_seats_no_fewer
    seats = (6..40).map { |i| places("rectangle", length_m: i / 10.0, width_m: 0.9) }

    assert_equal seats.sort, seats
    assert_equal 6, places("round", diameter_m: 1.2)
  end

  def test_what_is_not_measured_is_named
    error = assert_raises(InputError) { places("rectangle", length_m: 2) }

    assert_equal ["width_m"], error.faults.first.path
    assert_raises(InputError) { places("round", length_m: 2, width_m: 1) }
  end

  def test_a_runner_hangs_over_both_ends_and_says_when_that_is_much
    runner = Catalogue.answer("table.runner", { "table_length_m" => 2.0, "table_width_m" => 0.9, "overhang_m" => 0.5 })

    assert_in_delta 3.0, runner[:length_m]
    assert_match(/Between 15 cm and 30 cm/, runner.findings.first.message)
  end
end
