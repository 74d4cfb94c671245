# frozen_string_literal: true

require_relative "../../core_test"

class HangDropsTest < CoreTest
  def drops(count, shortest: 0.2, longest: 1.2, seed: 1)
    Catalogue.answer("hang.drops", { "count" => count, "shortest_m" => shortest, "longest_m" => longest,
                                     "seed" => seed })[:drops_m]
  end

  def test_sorted_they_are_even_and_no_neighbours_are_alike
    (2..40).to_a.push(300).each do |count|
      hung = drops(count, seed: count)
      steps = hung.sort.each_cons(2).map { |one, other| other - one }

      steps.each { |step| assert_in_delta 1.0 / (count - 1), step, 1e-9 }
      hung.each_cons(2) { |one, other| assert_operator (one - other).abs, :>=, 0.2 - 1e-9, count }
    end
  end

  def test_another_seed_hangs_them_otherwise_the_same_one_the_same
    assert_equal drops(12, seed: 3), drops(12, seed: 3)
    refute_equal drops(12, seed: 3), drops(12, seed: 4)
    assert_equal [0.2], drops(1)
  end

  def test_the_longest_is_no_shorter_than_the_shortest
    error = assert_raises(InputError) { drops(3, longest: 0.1) }

    assert_match(/which is 20 cm/, error.message)
  end
end
