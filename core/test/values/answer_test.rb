# frozen_string_literal: true

require_relative "../core_test"

# What a rule answers is written down when somebody asks, and once.
class AnswerTest < CoreTest
  def told(&tells)
    Answer.new(rule: "x", inputs: {}, outputs: { total: 3 }, findings: [], tells: tells)
  end

  def test_nobody_asks_and_nothing_is_written_down
    asked = 0
    answer = told { [(asked += 1), []] }

    assert_equal 3, answer[:total]
    assert_equal 0, asked
    2.times { answer.working }
    answer.constants

    assert_equal 1, asked
  end

  def test_what_is_settled_keeps_hold_of_nothing_else
    seen = []
    answer = told { [seen.push("once"), %w[tree.tip_gap]] }.settled

    assert_equal [["once"], %w[tree.tip_gap]], [answer.working, answer.constants]
    assert_equal ["once"], seen
    assert_predicate answer, :frozen?
  end

  def test_constants_are_those_of_the_answer_and_of_its_telling
    answer = Catalogue.answer("balance.wall", { "width_m" => 4.0, "items" => [] })

    assert_equal %w[balance.wall_even balance.wall_leaning], answer.constants.sort
  end
end
