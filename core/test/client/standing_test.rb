# frozen_string_literal: true

require_relative "../core_test"

class StandingTest < CoreTest
  def of(*true_now)
    Client::Standing.of(**%i[withdrawn ended seen accepted commented changed].to_h do |one|
      [one, true_now.include?(one)]
    end)
  end

  def test_it_comes_from_sent_to_accepted
    assert_equal %w[sent seen commented accepted],
                 [of, of(:seen), of(:seen, :commented), of(:seen, :commented, :accepted)]
  end

  def test_what_changed_asks_again_and_what_is_withdrawn_asks_nothing
    assert_equal "changed", of(:seen, :accepted, :changed)
    assert_equal "withdrawn", of(:seen, :accepted, :changed, :withdrawn)
  end

  def test_its_day_ends_it_unless_it_was_accepted
    assert_equal "ended", of(:seen, :ended)
    assert_equal "accepted", of(:seen, :ended, :accepted)
  end

  def test_every_word_is_known
    words = [0, 1].product(*Array.new(5) { [0, 1] }).map do |bits|
      of(*%i[withdrawn ended seen accepted commented changed].zip(bits).select { |_, bit| bit == 1 }.map(&:first))
    end

    assert_empty words.uniq - Client::Standing::STATES
  end
end
