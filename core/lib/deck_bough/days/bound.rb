# frozen_string_literal: true

module DeckBough
  module Days
    # The end that no schedule is before: the longest chain by those who would do it fastest; all the work over all the
    # hours; what one skill has to do over the hours of those who have it. Each also for what can begin only later.
    #
    #   Days::Bound.new(steps, workers).end_min
    #
    # Minutes from the first day's midnight. Source: handbook 90, Schedule.
    class Bound
      # @param steps [Array<Step>] without a circle
      # @param workers [Array<Worker>]
      def initialize(steps, workers)
        @steps = steps
        @workers = workers
      end

      # @return [Float] 0 without steps
      def end_min
        [chain, work(@workers, @steps.map { |step| [step, step.people] }),
         *@steps.map(&:skill).compact.uniq.map { |skill| skilled(skill) }].max.to_f.round(6)
      end

      # When each is done at the earliest, were there nothing else to do.
      #
      # @return [Hash{String => Integer}] by step; those that cannot be done at all are left out
      def earliest
        @earliest ||= sorted.each_with_object({}) do |step, done|
          next if step.after.any? { |id, _| !done.key?(id) }

          slot = roster.earliest(step, since(step, done)) or next
          done[step.id] = slot.to
        end
      end

      private

      def roster
        @roster ||= Roster.new(@workers)
      end

      def since(step, done)
        [step.not_before || 0, *step.after.map { |id, wait| done.fetch(id) + wait }].max
      end

      # Each after those it waits for.
      def sorted
        left = @steps.to_h { |step| [step.id, step] }
        sorted = []
        until left.empty?
          ready = left.values.select { |step| step.after.none? { |id, _| left.key?(id) } }
          ready.each { |step| left.delete(step.id) }
          sorted.concat(ready)
        end
        sorted
      end

      def chain
        earliest.values.max || 0
      end

      def skilled(skill)
        work(@workers.select { |worker| worker.skilled?(skill) },
             @steps.select { |step| step.skill == skill }.map { |step| [step, 1] })
      end

      # From each time on from which some of it can begin only: when all of that is done, were it divided freely.
      def work(workers, shares)
        known = shares.select { |step, _| earliest.key?(step.id) }
        begun = known.map { |step, people| [since(step, earliest), step.minutes * people] }
        stretches = stretches_of(workers)
        begun.map(&:first).uniq.map do |from|
          done_by(stretches, from, begun.sum { |since, minutes| since >= from ? minutes : 0 })
        end.max || 0
      end

      # When hours since a time come to so much work at each one's pace.
      def done_by(stretches, since, minutes)
        left = minutes.to_f
        stretches.each do |begins, to, speed|
          from = [begins, since].max
          next if to <= from
          return from + (left / speed) if left <= ((to - from) * speed) + 1e-9

          left -= (to - from) * speed
        end
        since
      end

      # Between two times at which somebody comes or goes: how much is done a minute.
      #
      # @return [Array<Array(Integer, Integer, Float)>] from, to, speed
      def stretches_of(workers)
        comings = workers.flat_map do |worker|
          worker.hours.flat_map { |from, to| [[from, 1.0 / worker.pace], [to, -1.0 / worker.pace]] }
        end
        speed = 0.0
        changes = comings.group_by(&:first).sort.map { |time, those| [time, speed += those.sum(&:last)] }
        changes.each_cons(2).filter_map { |(from, fast), (to, _)| [from, to, fast] if fast > 1e-9 }
      end
    end
  end
end
