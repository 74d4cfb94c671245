# frozen_string_literal: true

module DeckBough
  module Server
    # What was worked on the steps of some visits, and when, by their ticks.
    #
    #   DayWorked.new([], []).of { |visit| acts_of(visit) } # => {}
    class DayWorked
      # @param visits [Array<Hash>] by day and hour
      # @param workers [Array<Hash>] id, name
      def initialize(visits, workers)
        @visits = visits
        @ids = workers.to_h { |worker| worker.values_at(:name, :id) }
      end

      # @yield [Hash] a visit
      # @yieldreturn [Array<DeckBough::Days::Act>] what was said in it
      # @return [Hash{String => Array<Hash>}] by step: by, worker (id; nil where who ticks is none of them), from_min,
      #   to_min (from the first day's midnight)
      def of
        @visits.flat_map { |visit| stretches(visit, yield(visit)) }.group_by { |one| one.delete(:step) }
      end

      private

      # On its own day: what was ticked before or after it was no work in its hours.
      def stretches(visit, acts)
        acts = acts.select { |act| act.day == visit[:held_on] }
        return [] if acts.empty?

        start = (visit[:held_on] - @visits.first[:held_on]).to_i * DaySpan::DAY_MINUTES
        DeckBough::Logbook::Ticked.new(acts, from_min: visit[:from_min]).stretches.map do |one|
          { step: one.step, by: one.by, worker: @ids[one.by], from_min: start + one.from.floor,
            to_min: start + one.to.ceil }
        end
      end
    end
  end
end
