# frozen_string_literal: true

# Jobs whose minutes follow hidden factors and noise: what is proposed from them is compared with what made them.
#
#   HiddenTruths.new(7).curve.last # => mean error of a minute after ten jobs a rule
class HiddenTruths
  include DeckBough

  RULES = %w[minutes.ornament minutes.fluff_slim minutes.tuck minutes.garland_hang minutes.pick minutes.bow].freeze
  JOBS = 10

  # @param apart [Float] how far the truths lie from the book; noise: how much a job differs from its truth
  def initialize(seed, apart: 0.3, noise: 0.12)
    @chance = Random.new(seed)
    @noise = noise
    @truths = RULES.to_h { |rule| [rule, scattered(apart)] }
  end

  attr_reader :truths

  # What is proposed is accepted after each round of jobs.
  #
  # @return [Array<Float>] mean error of a minute, before and after each round
  def curve
    house = HouseRules.default
    times = []
    [error(house), *Array.new(JOBS) do
      times += RULES.map { |rule| job(rule) }
      error(house = learnt(times, house))
    end]
  end

  # @return [DeckBough::Logbook::Timed]
  def job(rule)
    base = 10 + @chance.rand(90)
    took = base * HouseRules::CONSTANTS[rule].value * truths[rule] * scattered(@noise)
    Logbook::Timed.new(id: [rule, base], took: took, parts: [Logbook::Part.new(rule: rule, base: base)])
  end

  # Several kinds of work of which only the whole was timed.
  def day(kinds)
    jobs = RULES.sample(kinds, random: @chance).map { |rule| job(rule) }
    Logbook::Timed.new(id: jobs.hash, took: jobs.sum(&:took), parts: jobs.flat_map(&:parts))
  end

  def error(house)
    truths.sum { |rule, truth| ((house[rule] / HouseRules::CONSTANTS[rule].value) - truth).abs / truth } / truths.size
  end

  # @return [DeckBough::HouseRules] with all that is proposed
  def learnt(times, house)
    by_rule = Logbook::Job.all(times, house).group_by(&:rule)
    accepted = by_rule.filter_map do |rule, jobs|
      lesson = Logbook::Lesson.new(rule, jobs, house)
      [rule, lesson.suggested] if lesson.suggests?
    end
    HouseRules.with(house.changes.merge(accepted.to_h))
  end

  private

  # About one, never negative: e to a normal.
  def scattered(by)
    Math.exp(by * Math.sqrt(-2 * Math.log(1 - @chance.rand)) * Math.cos(2 * Math::PI * @chance.rand))
  end
end
