# frozen_string_literal: true

require_relative "../../core_test"

class BowTest < CoreTest
  def length(**inputs)
    answer("ribbon.bow", loops: 6, loop_m: 0.2, tails: 0, tail_m: 0, **inputs)[:length_m]
  end

  def test_a_bow_without_tails_is_its_loops_and_knot
    assert_in_delta (6 * 0.42) + 0.1, length
  end

  def test_each_tail_adds_its_length
    assert_in_delta 2 * 0.6, length(tails: 2, tail_m: 0.6) - length
  end

  def test_the_knot_is_a_house_rule
    tight = Catalogue.answer("ribbon.bow", { loops: 6, loop_m: 0.2, tails: 0, tail_m: 0 },
                             house: HouseRules.with("ribbon.bow_knot" => 0))

    assert_in_delta 0.1, length - tight[:length_m]
  end
end
