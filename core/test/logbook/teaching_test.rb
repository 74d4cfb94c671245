# frozen_string_literal: true

require_relative "../core_test"

# A season after the other with hidden truths: what the log proposes brings plans nearer to them, and noise proposes
# nothing.
class TeachingTest < CoreTest
  RULES = %w[minutes.ornament minutes.fluff_slim minutes.tuck minutes.garland_hang minutes.pick minutes.bow].freeze
  NOISE = 0.12
  JOBS = 10

  # About one, never negative: e to a normal.
  def scattered(chance, by)
    Math.exp(by * Math.sqrt(-2 * Math.log(1 - chance.rand)) * Math.cos(2 * Math::PI * chance.rand))
  end

  def error(truths, house)
    truths.sum { |rule, truth| ((house[rule] / HouseRules::CONSTANTS[rule].value) - truth).abs / truth } / truths.size
  end

  def learnt(times, house)
    by_rule = Logbook::Job.all(times, house).group_by(&:rule)
    accepted = by_rule.filter_map do |rule, jobs|
      lesson = Logbook::Lesson.new(rule, jobs, house)
      [rule, lesson.suggested] if lesson.suggests?
    end
    HouseRules.with(house.changes.merge(accepted.to_h))
  end

  def timed(rule, chance, truths)
    base = 10 + chance.rand(90)
    truly = HouseRules::CONSTANTS[rule].value * truths[rule]
    Logbook::Timed.new(id: [rule, base], took: base * truly * scattered(chance, NOISE),
                       parts: [Logbook::Part.new(rule: rule, base: base)])
  end

  # @return [Array<Float>] mean error of a minute, before and after each round of jobs
  def season(seed)
    chance = Random.new(seed)
    truths = RULES.to_h { |rule| [rule, scattered(chance, 0.3)] }
    house = HouseRules.default
    times = []
    [error(truths, house), *Array.new(JOBS) do
      times += RULES.map { |rule| timed(rule, chance, truths) }
      house = learnt(times, house)
      error(truths, house)
    end]
  end

  def test_the_error_of_minutes_halves_within_ten_jobs_a_rule_and_never_grows
    curves = Array.new(40) { |seed| season(seed) }
    mean = curves.transpose.map { |errors| errors.sum / errors.size }

    assert_operator mean.last, :<=, mean.first / 2
    mean.each_cons(2) { |before, after| assert_operator after, :<=, before + 1e-3 }
  end

  def test_five_jobs_of_noise_propose_nothing_nine_times_of_ten
    proposals = Array.new(600) do |seed|
      chance = Random.new(seed)
      truths = Hash.new(1.0)
      learnt(Array.new(5) { timed(RULES.first, chance, truths) }, HouseRules.default).changes.size
    end

    assert_operator proposals.sum, :<=, 60
    assert_operator proposals.sum, :>, 0
  end

  def test_whole_days_teach_too
    curve = Array.new(20) do |seed|
      chance = Random.new(seed)
      truths = RULES.to_h { |rule| [rule, scattered(chance, 0.3)] }
      days = Array.new(40) do
        those = RULES.sample(3, random: chance).map { |rule| timed(rule, chance, truths) }
        Logbook::Timed.new(id: those.hash, took: those.sum(&:took), parts: those.flat_map(&:parts))
      end
      [error(truths, HouseRules.default), error(truths, learnt(days, HouseRules.default))]
    end
    before, after = curve.transpose.map { |errors| errors.sum / errors.size }

    assert_operator after, :<=, before / 2
  end
end
