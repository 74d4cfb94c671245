# frozen_string_literal: true

module DeckBough
  module Logbook
    # How long each step of a visit took by the times of its ticks: from what somebody said before to what was done
    # then.
    #
    #   Logbook::Ticked.new([], from_min: 540).stretches # => []
    #
    # Each person has a line of time of her own; it begins with the visit, or when the last thing was in the car. A
    # note, what ran out and what was used belong to what is in hand; pauses and lunch are nobody's. Minutes are at the
    # usual pace: those of somebody slower count less. Source: handbook 90, Run sheet; Log.
    class Ticked
      # from, to: minutes of the day, by the clock there.
      Stretch = Struct.new(:by, :step, :minutes, :from, :to, keyword_init: true)

      # Until these the time is of nothing in the visit's plan.
      ELSEWHERE = %w[laid_out skip wait_for carry_on].freeze
      private_constant :ELSEWHERE

      # @param acts [Array<Days::Act>] of the visit, those that stand, as they came to pass
      # @param from_min [Integer] when the visit begins, by the clock there
      # @param lunch [Array(Integer, Integer), nil] from and to, by the clock there
      # @param paces [Hash{String => Float}] by the name of who ticks; who is not in it works at the usual pace
      def initialize(acts, from_min:, lunch: nil, paces: {})
        @acts = acts
        @from = from_min
        @lunch = lunch
        @paces = paces
      end

      # @return [Array<Stretch>] a person after the other, each in the order of her steps
      def stretches
        @acts.group_by(&:by).values.flat_map { |own| line(own) }
      end

      private

      def line(acts)
        since = [@from, minute(acts.first)].min
        acts.each_with_object([]) do |act, all|
          now = minute(act)
          if act.up?
            add(all, act, since, now)
            since = now
          elsif ELSEWHERE.include?(act.kind)
            since = now
          end
        end
      end

      def add(all, act, since, now)
        begun = Stretch.new(by: act.by, step: act.step, minutes: 0.0, from: since)
        last = all.last && all.last.step == act.step ? all.last : all.push(begun).last
        last.minutes += worked(since, now) / @paces.fetch(act.by, 1)
        last.to = now
      end

      # By the clock on the wall, seconds with it.
      def minute(act)
        first = @acts.first
        first.minute + ((act.at - first.at + first.at.sec) / 60.0)
      end

      def worked(from, to)
        off = away.sum { |start, finish| [[to, finish].min - [from, start].max, 0].max }
        [to - from - off, 0].max
      end

      # When nobody worked: pauses, and lunch as far as it lies in none.
      def away
        @away ||= begin
          pauses = paused
          @lunch.nil? || pauses.any? { |from, to| from < @lunch.last && to > @lunch.first } ? pauses : [*pauses, @lunch]
        end
      end

      def paused
        open = nil
        @acts.each_with_object([]) do |act, all|
          open ||= minute(act) if act.pause?
          next unless open && act.resume?

          all << [open, minute(act)]
          open = nil
        end
      end
    end
  end
end
