# frozen_string_literal: true

module DeckBough
  module Days
    # The best of many orders in which steps could be served: first come, the longest tail first, what is to be ready
    # first, what fewest can do; then those near the best so far. It ends when nothing can be better.
    #
    #   Days::Search.new(steps, workers).call.end_min
    #
    # Deterministic: chance is seeded, and the tries are counted, not timed.
    class Search
      # So many steps are served in all, over all tries, where people come as often as on most jobs; fewer where there
      # is more to look through.
      SERVED = 12_000
      USUAL_STRETCHES = 32
      TRIES = 0..400
      # Of the steps so many are given another rank at a time.
      MOVED = 4

      # @param steps [Array<Step>] without a circle
      # @param workers [Array<Worker>]
      def initialize(steps, workers, seed: 1)
        @steps = steps
        @served = Served.new(steps, workers)
        @bound = Bound.new(steps, workers)
        @workers = workers
        @chance = Random.new(seed)
      end

      def bound_min
        @bound_min ||= @bound.end_min
      end

      # @return [Served::Plan]
      def call
        return @served.by({}) if @steps.empty?

        best, ranks = begun
        tries.times do
          break if best.unplaced.empty? && best.end_min <= bound_min.ceil

          near = shaken(ranks)
          plan = @served.by(near)
          # One that ends as early is a place to look on from.
          ranks = near if (plan.counts <=> best.counts) <= 0
          best = plan if (plan.worth <=> best.worth).negative?
        end
        best
      end

      private

      def tries
        stretches = [@workers.sum { |worker| worker.hours.size }, USUAL_STRETCHES].max
        (SERVED * USUAL_STRETCHES / (@steps.size * stretches)).clamp(TRIES.begin, TRIES.end)
      end

      # @return [Array(Served::Plan, Hash)]
      def begun
        orders.map { |ranks| [@served.by(ranks), ranks] }.min_by { |plan, _| plan.worth }
      end

      def orders
        come = @steps.each_with_index.to_h { |step, i| [step.id, i] }
        [come, ranked { |step| [-tails.fetch(step.id), come[step.id]] },
         ranked { |step| [step.ready_by || Float::INFINITY, -tails.fetch(step.id)] },
         ranked { |step| [able(step), -tails.fetch(step.id)] },
         ranked { |step| [-step.people, -tails.fetch(step.id)] },
         ranked { |step| [-step.minutes, come[step.id]] }]
      end

      def ranked(&)
        @steps.sort_by(&).each_with_index.to_h { |step, i| [step.id, i.to_f] }
      end

      def able(step)
        step.skill ? @workers.count { |worker| worker.skilled?(step.skill) } : @workers.size + 1
      end

      # How long it takes from the beginning of each to the end of all that waits for it.
      def tails
        @tails ||= @steps.to_h { |step| [step.id, tail(step.id)] }
      end

      def tail(id)
        @known ||= {}
        @known[id] ||= by_id.fetch(id).minutes +
                       (followers[id].map { |one, wait| tail(one) + wait }.max || 0)
      end

      def by_id
        @by_id ||= @steps.to_h { |step| [step.id, step] }
      end

      def followers
        @followers ||= @steps.each_with_object(Hash.new { |all, id| all[id] = [] }) do |step, all|
          step.after.each { |id, wait| all[id] << [step.id, wait] }
        end
      end

      # A few steps come earlier or later.
      def shaken(ranks)
        moved = ranks.keys.sample([1 + @chance.rand(MOVED), ranks.size].min, random: @chance)
        ranks.merge(moved.to_h { |id| [id, @chance.rand * ranks.size] })
      end
    end
  end
end
