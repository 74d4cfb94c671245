# frozen_string_literal: true

require_relative "../core_test"

# What weighs more to the eye, as on a beam.
class BeamTest < CoreTest
  def beam(*items, span: 2.0)
    Beam.new(span_m: span, items: items.map { |at, area, light| { at_m: at, area_m2: area, lightness: light } })
  end

  def test_it_leans_to_the_larger_the_darker_and_the_further_out
    assert_in_delta 0, beam.value
    assert_in_delta 0, beam([0.5, 0.2, 40], [1.5, 0.2, 40]).value
    assert_operator beam([0.5, 0.2, 40], [1.5, 0.3, 40]).value, :>, 0
    assert_operator beam([0.5, 0.2, 40], [1.5, 0.2, 20]).value, :>, 0
    assert_operator beam([0.5, 0.2, 40], [1.7, 0.2, 40]).value, :>, 0
    assert_in_delta 1, beam([2.0, 0.2, 40]).value
  end
end
