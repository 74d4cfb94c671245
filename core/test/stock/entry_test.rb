# frozen_string_literal: true

require_relative "../core_test"

# What is written down moves the count by what it says, and never below nothing.
class EntryTest < CoreTest
  Entry = Stock::Entry

  def test_each_reason_brings_in_or_takes_out
    Entry::IN.each { |reason| assert_equal 3, Entry.moved(reason, 3, on_hand: 10), reason }
    Entry::OUT.each { |reason| assert_equal(-3, Entry.moved(reason, 3, on_hand: 10), reason) }
    assert_equal Entry::REASONS.size, Entry::REASONS.uniq.size
  end

  def test_a_count_moves_by_the_difference
    assert_equal(-4, Entry.moved("counted", 6, on_hand: 10))
    assert_equal 0, Entry.moved("counted", 10, on_hand: 10)
    assert_equal(-10, Entry.moved("counted", 0, on_hand: 10))
  end

  def test_no_more_goes_than_there_is
    assert_equal(-10, Entry.moved("lost", 10, on_hand: 10))
    error = assert_raises(InputError) { Entry.moved("lost", 10.5, on_hand: 10) }

    assert_equal [%w[quantity]], error.faults.map(&:path)
    assert_match(/Only 10 are on hand/, error.message)
    assert_raises(InputError) { Entry.moved("bought", 0, on_hand: 10) }
  end
end
