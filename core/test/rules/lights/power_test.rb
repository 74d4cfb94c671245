# frozen_string_literal: true

require_relative "../../core_test"

class LightsPowerTest < CoreTest
  def load(count, watts: 40, max_run: 3, **rest)
    answer("lights.power",
           strings: [{ watts: watts, count: count, max_run: max_run }], volts: 230, circuit_amps: 10, **rest)
  end

  def test_from_ok_over_near_to_over_as_strings_are_added
    verdicts = (0..60).map { |count| load(count)[:load] }

    assert_equal %w[ok near over], verdicts.uniq
    assert_equal verdicts.sort_by { |verdict| %w[ok near over].index(verdict) }, verdicts
    assert_includes load(60).findings.first.message, "licensed electrician"
  end

  def test_every_kind_begins_a_run_of_its_own
    strings = [{ watts: 5, count: 4, max_run: 3 }, { watts: 5, count: 2, max_run: 1 }]

    assert_equal 4, answer("lights.power", strings: strings, volts: 230, circuit_amps: 16)[:runs]
  end

  def test_what_else_is_on_counts_for_the_current_and_not_for_the_strings
    assert_in_delta load(2)[:watts], load(2, other_watts: 900)[:watts]
    assert_in_delta 900 / 230.0, load(2, other_watts: 900)[:amps] - load(2)[:amps]
  end
end
