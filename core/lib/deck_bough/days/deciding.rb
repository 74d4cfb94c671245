# frozen_string_literal: true

module DeckBough
  module Days
    # What decides the end of a schedule, and how much later each step could be done without moving it.
    #
    #   Days::Deciding.new(steps, workers, plan).chain
    #
    # Each keeps its people, and the order in which they do things. Minutes.
    class Deciding
      # @param plan [Served::Plan]
      def initialize(steps, workers, plan)
        @steps = steps.to_h { |step| [step.id, step] }
        @workers = workers
        @slots = plan.slots
        @end = plan.end_min
      end

      # From the first to the last: each begins when the one before it, with its wait, lets it.
      #
      # @return [Array<String>]
      def chain
        last = @slots.select { |_, slot| slot.to == @end }.keys.min or return []
        links = [last]
        while (before = decides(links.first))
          links.unshift(before)
        end
        links
      end

      # @return [Hash{String => Integer}] by step
      def slack
        @slots.keys.to_h { |id| [id, latest.fetch(id) - @slots.fetch(id).from] }
      end

      private

      # Those it waits for, and what its people did when it could have been done as well, with when they let it begin.
      def before(id, earlier)
        slot = @slots.fetch(id)
        waits = @steps.fetch(id).after.map { |one, wait| [one, @slots.fetch(one).to + wait] }
        until_when = [earlier + slot.to - slot.from, slot.from].min
        meanwhile = slot.people.filter_map { |person| previous(person, until_when) }
        waits + meanwhile.map { |one| [one, @slots.fetch(one).to] }
      end

      # The one that lets it begin last, where it could begin earlier without that: not before its people come.
      def decides(id)
        slot = @slots.fetch(id)
        step = @steps.fetch(id)
        earlier = roster.latest(slot.people, slot.to - slot.from, slot.to - 1, step.site) or return
        found, free = before(id, earlier).max_by { |one, let| [let, one] }
        found if found && free >= (step.not_before || 0)
      end

      # Where nobody does anything else.
      def roster
        @roster ||= Roster.new(@workers)
      end

      # What somebody did last before a time.
      def previous(person, time)
        rows.fetch(person).reverse_each.find { |_, one| one.from < time }&.first
      end

      # What each does, in order.
      def rows
        @rows ||= @slots.values.flat_map(&:people).uniq.to_h do |person|
          own = @slots.select { |_, slot| slot.people.include?(person) }
          [person, own.sort_by { |_, slot| slot.from }]
        end
      end

      def latest
        @latest ||= @slots.keys.sort_by { |id| -@slots.fetch(id).from }.each_with_object({}) do |id, starts|
          starts[id] = latest_of(id, starts)
        end
      end

      def latest_of(id, starts)
        slot = @slots.fetch(id)
        till = [@end, @steps.fetch(id).ready_by, *followers(id, slot).map do |one, wait|
          starts.fetch(one) - wait
        end].compact.min
        roster.latest(slot.people, slot.to - slot.from, till, @steps.fetch(id).site) || slot.from
      end

      def followers(id, slot)
        waiting = (waiters[id] || []).select { |one, _| @slots.key?(one) }
        waiting + slot.people.filter_map { |person| (one = after(person, slot)) && [one, 0] }
      end

      def waiters
        @waiters ||= @steps.values.each_with_object({}) do |step, all|
          step.after.each { |one, wait| (all[one] ||= []) << [step.id, wait] }
        end
      end

      def after(person, slot)
        own = rows.fetch(person)
        own[own.index { |_, one| one.equal?(slot) } + 1]&.first
      end
    end
  end
end
