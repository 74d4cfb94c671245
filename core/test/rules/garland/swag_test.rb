# frozen_string_literal: true

require_relative "../../core_test"

class SwagTest < CoreTest
  def swag(**inputs)
    answer("garland.swag", spans: 4, span_m: 1.1, sag_m: 0.18, **inputs)
  end

  def test_without_sag_a_swag_is_as_long_as_its_span
    assert_in_delta 4.4, swag(sag_m: 0)[:length_m]
  end

  def test_deeper_takes_more_and_scaling_scales
    lengths = [0.05, 0.1, 0.2, 0.4].map { |sag| swag(sag_m: sag)[:arc_m] }

    assert_equal lengths.sort, lengths
    assert_in_delta 2 * swag[:arc_m], swag(span_m: 2.2, sag_m: 0.36)[:arc_m], 1e-9
    assert_in_delta 7 * swag[:arc_m], swag(spans: 7)[:length_m], 1e-9
  end
end
