# frozen_string_literal: true

require_relative "../core_test"

class InterleavingTest < CoreTest
  def test_each_kind_comes_as_often_as_it_counts
    counts = PropCheck::Generators.array(PropCheck::Generators.choose(0..40), min: 1, max: 6)
    PropCheck.forall(counts) do |given|
      laid = Interleaving.of(given, given.sum)

      assert_equal(given, given.each_index.map { |kind| laid.count(kind) })
    end
  end

  def test_nowhere_is_a_kind_further_from_its_share_than_the_others_allow
    [[16, 32], [1, 1, 1], [3, 5, 9], [40, 1]].each do |counts|
      laid = Interleaving.of(counts, counts.sum)
      (1..laid.size).each do |so_far|
        counts.each_with_index do |count, kind|
          share = count * so_far / counts.sum.to_f

          assert_in_delta share, laid.first(so_far).count(kind), counts.size - 1, "#{counts} after #{so_far}"
        end
      end
    end
  end

  def test_more_places_than_counts_take_shares_and_none_take_nothing
    assert_equal [0, 1, 0, 1], Interleaving.of([1, 1], 4)
    assert_empty Interleaving.of([], 4)
    assert_empty Interleaving.of([0, 0], 4)
    assert_empty Interleaving.of([2], 0)
  end
end
