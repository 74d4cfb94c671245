# frozen_string_literal: true

module DeckBough
  module Days
    # When who is still free, and who could do a step first.
    #
    #   Days::Roster.new([Days::Worker.new(id: "ida", hours: [[480, 720]])])
    #               .earliest(Days::Step.new(id: "tree", minutes: 60), 0).from
    #
    # A step lies inside one stretch of hours of each of its people, who do nothing else meanwhile; it takes as long as
    # the slowest of them. Of those who would be done as early the one is taken who can do less else.
    class Roster
      # When and by whom a step is done.
      Slot = Struct.new(:from, :to, :people, keyword_init: true)

      # @param workers [Array<Worker>]
      # @param free [Array<Array<Array(Integer, Integer)>>, nil] of each worker; all her hours where it is left out
      def initialize(workers, free = nil)
        @workers = workers
        @free = free || workers.map { |worker| worker.hours.dup }
        @paces = workers.map(&:pace)
        @levels = @paces.uniq.sort
        @humble = workers.each_index.sort_by { |i| [workers[i].skills.size, -workers[i].pace, i] }
      end

      # @param since [Integer] not before
      # @return [Slot, nil] nil where nobody has time for it any more
      def earliest(step, since)
        step.people == 1 ? alone(step, since) : together(step, since)
      end

      # Takes the time of those who do it.
      def take(slot)
        slot.people.each do |i|
          free = @free[i]
          at = free.index { |from, to| from <= slot.from && slot.to <= to }
          from, to, where = free[at]
          free[at, 1] = [[from, slot.from, where], [slot.to, to, where]].select { |one, other| one < other }
        end
      end

      # The latest time from which those people could do it, done by a time; nil where there is none.
      def latest(people, minutes, till, site = nil)
        fits = people.map { |i| at(site, i).filter_map { |from, to| latest_in(from, to, minutes, till) } }
        fits.flatten(1).map(&:last).uniq.sort.reverse.find do |start|
          fits.all? { |windows| windows.any? { |low, high| start.between?(low, high) } }
        end
      end

      private

      # When somebody is free there.
      def at(site, index)
        return @free[index] unless site

        @free[index].select { |_, _, where| where.nil? || where == site }
      end

      def latest_in(from, to, minutes, till)
        high = [to, till].min - minutes
        [from, high] if high >= from
      end

      # Those who can do less else are asked first.
      def alone(step, since)
        person = start = nil
        done = Float::INFINITY
        @humble.each do |i|
          next unless @workers[i].skilled?(step.skill)

          minutes = step.minutes_at(@paces[i])
          free = first_free(i, since, minutes, step.site)
          next unless free && free + minutes < done

          person = i
          start = free
          done = free + minutes
        end
        person && Slot.new(from: start, to: done, people: [person])
      end

      def first_free(index, since, minutes, site)
        @free[index].each do |from, to, where|
          start = [from, since].max
          return start if start + minutes <= to && (site.nil? || where.nil? || where == site)
        end
        nil
      end

      # At each pace those who are at least as fast; a slower one only where it is done sooner.
      def together(step, since)
        @levels.reduce(nil) do |best, pace|
          minutes = step.minutes_at(pace)
          windows = starts(pace, since, minutes, best ? best.to - minutes : Float::INFINITY, step.site)
          start = common(step, windows)
          start ? Slot.new(from: start, to: start + minutes, people: chosen(step, windows, start)) : best
        end
      end

      # From when to when each could begin, before a time.
      #
      # @return [Hash{Integer => Array<Array(Integer, Integer)>}]
      def starts(pace, since, minutes, before, site)
        fast = @workers.each_index.select { |i| @paces[i] <= pace }
        fast.to_h do |i|
          [i, at(site, i).filter_map do |from, to|
            low = [from, since].max
            [low, to - minutes] if to - minutes >= low && low < before
          end]
        end
      end

      def common(step, windows)
        return if windows.size < step.people

        present = skilled = 0
        comings(step, windows).each do |_, time, by, able|
          present += by
          skilled += by * able
          return time if by.positive? && present >= step.people && (step.skill.nil? || skilled.positive?)
        end
        nil
      end

      # Each time from which somebody could begin, and after which she could no longer, in order; whether she has the
      # skill. Who goes at a time is still there when another comes.
      def comings(step, windows)
        all = windows.flat_map do |i, those|
          able = @workers[i].skilled?(step.skill) ? 1 : 0
          those.flat_map { |low, high| [[low * 2, low, 1, able], [(high * 2) + 1, high, -1, able]] }
        end
        all.sort_by(&:first)
      end

      def there(windows, start)
        windows.filter_map { |i, those| i if those.any? { |low, high| start.between?(low, high) } }
      end

      # Of those who are there one who has the skill, the others who can do least else.
      def chosen(step, windows, start)
        present = there(windows, start)
        spare = @humble.select { |i| present.include?(i) }
        first = step.skill ? spare.find { |i| @workers[i].skilled?(step.skill) } : spare.first
        [first, *(spare - [first]).first(step.people - 1)].sort
      end
    end
  end
end
