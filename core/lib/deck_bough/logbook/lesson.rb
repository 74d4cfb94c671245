# frozen_string_literal: true

module DeckBough
  module Logbook
    # What the jobs of one house rule teach, and what its value would be by them.
    #
    #   Logbook::Lesson.new("minutes.ornament", [], HouseRules.default).state # => "few"
    #
    # The rule `log.factor` compares the middle with what chance gives to spread ÷ √n. Five jobs that only scatter are
    # beyond that in about two cases of five, so a change is proposed only where the jobs also lie on one side of the
    # book as chance alone would leave them in fewer than one case of ten (sign test: whatever their spread is like).
    # Source: handbook 90, Log; the second condition is ours.
    class Lesson
      STATES = %w[few as_it_is too_wide chance suggests].freeze
      RULE = "log.factor"
      # Further from the middle than so many spreads a job is named.
      FAR = 3
      # Chance alone, at most.
      CHANCE = 0.1
      # A value is said in as few digits as stay this near to it.
      NEAR = 0.01

      attr_reader :key, :jobs

      # @param jobs [Array<Job>] of this rule, those left out among them
      def initialize(key, jobs, house)
        @key = key
        @jobs = jobs
        @house = house
      end

      def counting
        @counting ||= jobs.reject(&:left_out)
      end

      # @return [Answer, nil] of the rule; nil where no job counts
      def answer
        return if counting.empty?

        ratios = counting.map { |job| job.ratio.clamp(BOUNDS) }
        @answer ||= Catalogue.answer(RULE, { "ratios" => ratios }, house: @house)
      end

      def state
        return "few" unless answer && answer[:enough]
        return "as_it_is" if (answer[:factor] - 1).abs.round(9) <= @house["log.least_change"] || suggested.nil?
        return "too_wide" unless answer[:suggest]

        by_chance <= CHANCE ? "suggests" : "chance"
      end

      def suggests?
        state == "suggests"
      end

      # @return [Numeric, nil] what the rule's value would be; nil where it is the same or nothing counts
      def suggested
        return unless answer

        value = short(@house[key] * answer[:factor]).clamp(constant.low, constant.high)
        value unless (value - @house[key]).abs < 1e-9
      end

      # Jobs that lie far from the others; they count, and are named.
      #
      # @return [Array<Job>]
      def far
        return [] unless answer && answer[:enough] && answer[:spread].positive?

        counting.select { |job| (job.ratio - answer[:factor]).abs > FAR * answer[:spread] }
      end

      # How many lie above the book, and how many below.
      #
      # @return [Array(Integer, Integer)]
      def sides
        [counting.count { |job| job.ratio > 1 }, counting.count { |job| job.ratio < 1 }]
      end

      # How often jobs that only scatter about the book lie on one side of it as much as these do.
      def by_chance
        fewer = sides.min
        all = sides.sum
        return 1.0 if all.zero?

        ways = (0..fewer).sum { |below| choose(all, below) }
        [2.0 * ways / (2**all), 1.0].min
      end

      private

      # What the rule takes.
      BOUNDS = (0.01..100)
      private_constant :BOUNDS

      def constant
        HouseRules::CONSTANTS.fetch(key)
      end

      def short(value)
        (2..4).each do |digits|
          said = value.round(digits - 1 - Math.log10(value).floor)
          return said if (said - value).abs <= NEAR * value
        end
        value.round(4)
      end

      def choose(all, some)
        (1..some).reduce(1) { |ways, i| ways * (all - some + i) / i }
      end
    end
  end
end
