# frozen_string_literal: true

require_relative "../../core_test"

# Cautions of a plan: the worst first, in the order of work, each once.
class CautionsTest < CoreTest
  def finding(severity, message)
    Finding.new(code: "told", severity: severity, message: message)
  end

  def test_the_worst_first_and_within_that_in_the_order_of_work
    told = Cautions.of("first" => [finding("info", "a"), nil], "second" => [finding("stop", "b"), finding("info", "c")])

    assert_equal(%w[b a c], told.map { |one| one[:message] })
  end

  def test_what_is_said_of_two_alike_is_said_once
    told = Cautions.of("first" => [finding("info", "a")] * 2, "second" => [finding("info", "a")])

    assert_equal(%w[first second], told.map { |one| one[:step] })
  end
end
