# frozen_string_literal: true

require_relative "server_test"

class KeptAnswersTest < Minitest::Test
  include DeckBough

  def kept
    @kept ||= Server::KeptAnswers.new(2)
  end

  # @return [Boolean] whether it had to be computed
  def computed?(question)
    anew = false

    assert_equal question * 2, kept.fetch(question) { (anew = true) && (question * 2) }
    anew
  end

  def test_an_answer_is_computed_once
    assert computed?(1)
    refute computed?(1)
  end

  def test_so_many_are_kept_and_what_was_asked_longest_ago_goes
    [1, 2].each { |question| assert computed?(question) }

    refute computed?(1)
    assert computed?(3)
    refute computed?(1)
    assert computed?(2)
  end
end
