# frozen_string_literal: true

require_relative "../core_test"

class MassTest < CoreTest
  def test_prints_as_a_label_does
    assert_equal(["0 g", "250 g", "499 g", "0.50 kg", "12.35 kg"],
                 [0, 0.25, 0.4992, 0.4996, 12.346].map { |kilograms| Mass.print(kilograms, "metric") })
    assert_equal(["0 oz", "8.8 oz", "1.0 lb", "27.2 lb"],
                 [0, 0.25, 0.4536, 12.345].map { |kilograms| Mass.print(kilograms, "imperial") })
  end

  def test_what_no_scale_weighs_is_told_as_such
    assert_equal(["over 1000000 t", "over 1000000 tons"], %w[metric imperial].map { |units| Mass.print(1e308, units) })
  end
end
