# frozen_string_literal: true

module DeckBough
  module Server
    # What a schedule answered, in words of homes and rooms.
    #
    #   DaySpanTold.new(span, answer).call[:steps]
    class DaySpanTold
      CLOCK = DeckBough::Days::Clock

      # @param span [DaySpan]
      # @param answer [Hash, nil] of the rule; nil where there is none yet
      def initialize(span, answer)
        @span = span
        @answer = answer
        @worked = span.worked
        @placed = answer ? answer[:steps].to_h { |one| [one[:task], one] } : {}
      end

      # @return [Hash] as the contract's DaySpan
      def call
        { first_on: @span.first.iso8601, last_on: @span.visits.last[:held_on].iso8601, problem: @span.problem,
          pending: @span.pending? || (@answer.nil? && @span.problem.nil?), chain: @answer ? @answer[:chain] : [],
          end_min: @answer && @answer[:end_min], bound_min: @answer && @answer[:bound_min],
          visits: @span.visits.map { |visit| visit(visit) },
          steps: @span.steps.map { |told| step(told, @placed[told.step.id]) },
          homes: @span.homes.keys.map { |id| home(id) },
          pieces: @span.pieces.map { |piece| { **piece.slice(:id, :name, :kind, :portrait), **state(piece) } } }
      end

      private

      def visit(visit)
        off = @span.day_off(visit)
        { **visit, held_on: visit[:held_on].iso8601, starts_min: @span.start_of(visit),
                   day_off: off && (off[:why].empty? ? "a day off" : off[:why]) }
      end

      def step(told, placed)
        { id: told.step.id, home: DaySpan.home_of(told.step), room: told.room, piece: told.piece, key: told.key,
          title: told.title, count: told.count, minutes: told.step.minutes.round(1), needs: told.step.people,
          skill: told.step.skill, high: told.high, optional: @span.optional.key?(told.step.id), **standing(told),
          after: told.step.after.map { |id, wait| { id: id, wait_min: wait } },
          from_min: placed && placed[:from_min], to_min: placed && placed[:to_min],
          workers: placed ? placed[:people] : [], worked: @worked.fetch(told.step.id, []),
          slack_min: @answer && @answer[:slack][told.step.id],
          why: @answer && why(told) }
      end

      def standing(told)
        comes = @span.arrival(told.step)
        { done: @span.done?(told.step), waits_for: @span.waiting(told.step)&.says,
          comes: comes && { **comes, on: comes[:on].iso8601 }, pinned: @span.pinned.key?(told.step.id) }
      end

      def why(told)
        left = @answer[:unplaced].find { |one| one[:task] == told.step.id }
        return left_out(told) unless left

        awaited = @span.waiting(told.step)&.says || @span.arrival(told.step)&.fetch(:label)
        pin = @span.pinned[told.step.id]
        if awaited then say("still_waits", awaited)
        elsif pin then say("pinned", CLOCK.told(pin[:from]))
        elsif left[:waits_for] then say("waits_for", named(left[:waits_for]))
        else left[:why]
        end
      end

      def left_out(told)
        Messages.sentence("unplaced", "optional", {}) unless @placed.key?(told.step.id) || @span.done?(told.step)
      end

      def say(code, value)
        Messages.sentence("unplaced", code, { value: value })
      end

      # A step in words: what, and of which piece or room.
      def named(id)
        told = @span.steps.find { |one| one.step.id == id }
        places = told.piece ? @span.pieces : @span.rooms
        "#{told.title}, #{places.find { |place| place[:id] == (told.piece || told.room) }[:name]}"
      end

      # When the last of a home is done, and what no plan in any order is before.
      def home(id)
        own = @span.open_steps.select { |told| DaySpan.home_of(told.step) == id }
        done = own.filter_map { |told| @placed.dig(told.step.id, :to_min) }.max
        home = @span.homes[id]
        { **home.slice(:id, :name, :client), rooms: home[:rooms].map { |room| room(room) }, end_min: done,
                                             bound_min: done && @span.bound_of(id) }
      end

      def room(room)
        { **room.slice(:id, :name, :ready_min), ready_on: room[:ready_on]&.iso8601 }
      end

      # How far a piece is: planned, begun, waiting, done.
      def state(piece)
        own = @span.steps.select { |told| told.piece == piece[:id] }
        left = own.reject { |told| @span.done?(told.step) }
        waits = left.filter_map { |told| @span.waiting(told.step) }.last
        { state: state_of(own, left, waits), waits_for: waits&.says }
      end

      def state_of(own, left, waits)
        return "done" if own.any? && left.empty?
        return "waiting" if waits

        begun?(own, left) ? "begun" : unbegun(left)
      end

      def begun?(own, left)
        left.size < own.size || left.any? { |told| @span.journal(DaySpan.home_of(told.step)).begun?(told.step.id) }
      end

      def unbegun(left)
        left.any? && left.all? { |told| @span.optional.key?(told.step.id) } ? "optional" : "planned"
      end
    end
  end
end
