# frozen_string_literal: true

require_relative "../core_test"
require_relative "hidden_truths"

# A season after the other with hidden truths: what the log proposes brings plans nearer to them, and noise proposes
# nothing.
class TeachingTest < CoreTest
  def means(curves) = curves.transpose.map { |errors| errors.sum / errors.size }

  def test_the_error_of_minutes_halves_within_ten_jobs_a_rule_and_never_grows
    mean = means(Array.new(40) { |seed| HiddenTruths.new(seed).curve })

    assert_operator mean.last, :<=, mean.first / 2
    mean.each_cons(2) { |before, after| assert_operator after, :<=, before + 1e-3 }
  end

  def test_five_jobs_of_noise_propose_nothing_nine_times_of_ten
    [0.05, 0.12, 0.25].each do |noise|
      proposals = Array.new(400) do |seed|
        truths = HiddenTruths.new(seed, apart: 0, noise: noise)
        truths.learnt(Array.new(5) { truths.job("minutes.ornament") }, HouseRules.default).changes.size
      end

      assert_operator proposals.sum, :<=, 40, "noise of #{noise}"
      assert_operator proposals.sum, :>, 0
    end
  end

  def test_whole_days_teach_too
    before, after = means(Array.new(20) do |seed|
      truths = HiddenTruths.new(seed)
      house = truths.learnt(Array.new(40) { truths.day(3) }, HouseRules.default)
      [truths.error(HouseRules.default), truths.error(house)]
    end)

    assert_operator after, :<=, before / 2
  end
end
