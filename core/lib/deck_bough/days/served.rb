# frozen_string_literal: true

module DeckBough
  module Days
    # Steps served one after the other in an order, each as early as it can be done after those it waits for.
    #
    #   Days::Served.new(steps, workers).in_order(steps.map(&:id)).end_min
    #
    # What cannot be placed, and what waits for that, is left out with its why.
    class Served
      # slots by step; unplaced: why by step.
      Plan = Struct.new(:slots, :unplaced, :left_out, keyword_init: true) do
        def end_min
          slots.values.map(&:to).max || 0
        end

        # The less work is left out the better, then the earlier done; where some is left out the earlier all else, so
        # that it may find room.
        def counts
          @counts ||= [left_out, unplaced.empty? ? end_min : slots.values.sum(&:to)]
        end

        # Then the earlier each of them.
        def worth
          @worth ||= [*counts, slots.values.sum(&:to)]
        end
      end

      # @param steps [Array<Step>] without a circle
      # @param workers [Array<Worker>]
      def initialize(steps, workers)
        @steps = steps.to_h { |step| [step.id, step] }
        @workers = workers
        @followers = Hash.new { |all, id| all[id] = [] }
        steps.each { |step| step.after.each_key { |id| @followers[id] << step.id } }
        @followers.default = [].freeze
        @waiting = steps.to_h { |step| [step.id, step.after.size] }
      end

      # @param ranks [Hash{String => Numeric}] by step: what may be done is done by rank, the lowest first
      # @return [Plan]
      def by(ranks)
        roster = Roster.new(@workers)
        plan = Plan.new(slots: {}, unplaced: {}, left_out: 0)
        waiting = @waiting.dup
        left = @steps.keys.sort_by { |id| [ranks.fetch(id), id] }
        until left.empty?
          id = left.delete_at(left.index { |one| waiting[one].zero? })
          place(@steps.fetch(id), roster, plan)
          @followers[id].each { |one| waiting[one] -= 1 }
        end
        plan
      end

      # First come, first served.
      def in_order(ids)
        by(ids.each_with_index.to_h)
      end

      # Not before what it waits for is done, has dried, has come.
      def since(step, slots)
        [step.not_before || 0, *step.after.map { |id, wait| slots.fetch(id).to + wait }].max
      end

      private

      def place(step, roster, plan)
        slot = slot_of(step, roster, plan)
        return plan.left_out += step.minutes * step.people unless slot

        roster.take(slot)
        plan.slots[step.id] = slot
      end

      # Where it finds none it is left out, and said why.
      def slot_of(step, roster, plan)
        missing = step.after.keys.find { |id| plan.unplaced.key?(id) }
        return left_out(step, plan, [:waits_for, missing]) if missing

        slot = roster.earliest(step, since(step, plan.slots))
        return left_out(step, plan, why(step)) unless slot
        return left_out(step, plan, [:too_late, slot.to]) if step.ready_by && slot.to > step.ready_by

        slot
      end

      def left_out(step, plan, why)
        plan.unplaced[step.id] = why
        nil
      end

      # Whether anybody could do it at all, were there nothing else.
      def why(step)
        return [:nobody_can, step.skill] if step.skill && @workers.none? { |worker| worker.skilled?(step.skill) }
        return [:too_few, step.people] if @workers.size < step.people

        Roster.new(@workers).earliest(step, 0) ? [:no_time, nil] : [:too_long, step.minutes]
      end
    end
  end
end
