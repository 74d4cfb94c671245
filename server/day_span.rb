# frozen_string_literal: true

module DeckBough
  module Server
    # Visits planned together: what the schedule is asked, and what it answered in words of homes and rooms.
    class DaySpan
      RULE = Rules::Days::Schedule
      DAY_MINUTES = 24 * 60
      NO_PROGRESS = { journal: DeckBough::Days::Journal.new([]), done: [] }.freeze

      # @param visits [Array<Hash>] by day and hour
      # @param workers [Array<Hash>] all of the studio
      # @param homes [Hash] by id, with rooms and pieces
      # @param progress [Hash] by home: journal (Days::Journal of what was said there) and done (ids of steps)
      # @param today [Date] a visit that is over and was worked from gives no more hours
      def initialize(visits, workers, homes, house:, order:, progress: {}, today: Date.new)
        @visits = visits
        @homes = visits.map { |visit| visit[:home] }.uniq.to_h { |id| [id, homes.fetch(id)] }
        @workers = workers.select { |worker| visits.any? { |visit| visit[:workers].include?(worker[:id]) } }
        @house = house
        @order = order
        @progress = progress
        @today = today
      end

      attr_reader :visits

      def pending?
        pieces.any? { |piece| !piece[:reckoned] }
      end

      # Why it cannot be planned.
      def problem
        if open_steps.size > RULE::MOST_TASKS
          "There are #{open_steps.size} steps in these days; #{RULE::MOST_TASKS} can be planned together. Give a " \
            "home days that it shares with no other."
        elsif longest > RULE::MOST_HOURS
          "Somebody comes #{longest} times in these days; #{RULE::MOST_HOURS} can be planned together. Give a home " \
            "days that it shares with no other."
        end
      end

      # @return [Hash] as the rule reads it
      def question
        { "tasks" => open_steps.map { |told| task(told.step) }, "people" => as_workers.map { |worker| person(worker) } }
      end

      # @param answer [Hash, nil] of the rule; nil where there is none yet
      def told(answer)
        placed = answer ? answer[:steps].to_h { |one| [one[:task], one] } : {}
        { first_on: first.iso8601, last_on: @visits.last[:held_on].iso8601, problem: problem,
          pending: pending? || (answer.nil? && problem.nil?), chain: answer ? answer[:chain] : [],
          end_min: answer && answer[:end_min], bound_min: answer && answer[:bound_min],
          visits: @visits.map { |visit| { **visit, held_on: visit[:held_on].iso8601, starts_min: start_of(visit) } },
          steps: steps.map { |told| step(told, answer, placed[told.step.id]) },
          homes: @homes.keys.map { |id| told_home(id, placed) },
          pieces: pieces.map { |piece| { **piece.slice(:id, :name, :kind, :portrait), **state(piece) } } }
      end

      # @return [Array<DeckBough::Days::HomeSteps::Told>] all there are, what is done among them
      def steps
        @steps ||= @homes.flat_map do |id, home|
          DeckBough::Days::HomeSteps.new(id, home[:rooms], house: @house, order: @order).all
        end
      end

      def home(id)
        @homes.fetch(id)
      end

      private

      def first
        @visits.first[:held_on]
      end

      def pieces
        @homes.values.flat_map { |home| home[:rooms] }.flat_map { |room| room[:pieces] }
      end

      def open_steps
        @open_steps ||= steps.reject { |told| done?(told.step) }
      end

      def done?(step)
        done_ids.key?(step.id)
      end

      def done_ids
        @done_ids ||= @homes.keys.flat_map { |id| progress(id)[:done] }.to_h { |id| [id, true] }
      end

      def progress(home)
        @progress.fetch(home, NO_PROGRESS)
      end

      def waiting(step)
        progress(step.site)[:journal].waiting(step.id)
      end

      # How far a piece is: planned, begun, waiting, done.
      def state(piece)
        own = steps.select { |told| told.piece == piece[:id] }
        left = own.reject { |told| done?(told.step) }
        waits = left.filter_map { |told| waiting(told.step) }.last
        { state: state_of(own, left, waits), waits_for: waits&.says }
      end

      def state_of(own, left, waits)
        return "done" if own.any? && left.empty?
        return "waiting" if waits

        begun = left.size < own.size || left.any? { |told| progress(told.step.site)[:journal].begun?(told.step.id) }
        begun ? "begun" : "planned"
      end

      # @return [Array<DeckBough::Days::Worker>]
      def as_workers
        @as_workers ||= @workers.map do |worker|
          DeckBough::Days::Worker.new(**worker.slice(:id, :pace, :skills), hours: hours(worker[:id]))
        end
      end

      def hours(worker)
        DeckBough::Days::Visit.hours(stays, worker, @house["minutes.crossing"])
      end

      # The visits as the core takes them.
      def stays
        @stays ||= @visits.reject { |visit| over?(visit) }.map do |visit|
          start = start_of(visit)
          lunch = visit[:lunch_from_min]
          DeckBough::Days::Visit.new(id: visit[:id], home: visit[:home], from: start + still_from(visit),
                                     to: start + visit[:to_min], people: visit[:workers],
                                     lunch_from: lunch && (start + lunch), lunch: visit[:lunch_min])
        end
      end

      # What was said in a visit, by the clock on the wall there.
      def said_in(visit)
        @said_in ||= {}
        @said_in[visit[:id]] ||= progress(visit[:home])[:journal].live.select { |act| act.visit == visit[:id] }
      end

      def over?(visit)
        (visit[:held_on] < @today && said_in(visit).any?(&:up?)) || still_from(visit) >= visit[:to_min]
      end

      # What is left of it is planned from where the work is now.
      def still_from(visit)
        there = said_in(visit).select { |act| act.up? && act.day == visit[:held_on] }
        [visit[:from_min], *there.map(&:minute)].max
      end

      # Minutes from the first day's midnight to the midnight of a visit's day.
      def start_of(visit)
        (visit[:held_on] - first).to_i * DAY_MINUTES
      end

      def longest
        as_workers.map { |worker| worker.hours.size }.max || 0
      end

      def task(step)
        open = open_steps.to_h { |told| [told.step.id, true] }
        { "id" => step.id, "minutes" => step.minutes.clamp(0.1, DAY_MINUTES), "people" => step.people,
          "skill" => step.skill, "site" => step.site, "not_before_min" => not_before(step),
          "after" => step.after.select { |id, _| open.key?(id) }
                         .map { |id, wait| { "id" => id, "wait_min" => wait } } }.compact
      end

      # What waits fills the next visit.
      def not_before(step)
        act = waiting(step) or return
        visit = @visits.find { |one| one[:id] == act.visit } or return
        start_of(visit) + visit[:to_min]
      end

      def person(worker)
        { "id" => worker.id, "pace" => worker.pace, "skills" => worker.skills,
          "hours" => worker.hours.map { |from, to, site| { "from_min" => from, "to_min" => to, "site" => site } } }
      end

      def step(told, answer, placed)
        { id: told.step.id, home: told.step.site, room: told.room, piece: told.piece,
          key: told.key, title: told.title,
          count: told.count, minutes: told.step.minutes.round(1), needs: told.step.people, skill: told.step.skill,
          high: told.high, done: done?(told.step), waits_for: waiting(told.step)&.says,
          after: told.step.after.map { |id, wait| { id: id, wait_min: wait } },
          from_min: placed && placed[:from_min], to_min: placed && placed[:to_min],
          workers: placed ? placed[:people] : [],
          slack_min: answer && answer[:slack][told.step.id], why: answer && why(told, answer) }
      end

      def why(told, answer)
        left = answer[:unplaced].find { |one| one[:task] == told.step.id } or return
        waits = waiting(told.step)
        return Messages.sentence("unplaced", "still_waits", { value: waits.says }) if waits

        left[:waits_for] ? Messages.sentence("unplaced", "waits_for", { value: named(left[:waits_for]) }) : left[:why]
      end

      # A step in words: what, and of which piece or room.
      def named(id)
        told = steps.find { |one| one.step.id == id }
        place = told.piece ? pieces.find { |piece| piece[:id] == told.piece } : room(told.room)
        "#{told.title}, #{place[:name]}"
      end

      def room(id)
        @homes.values.flat_map { |home| home[:rooms] }.find { |room| room[:id] == id }
      end

      # Free of what is done already.
      def alone(step)
        after = step.after.reject { |id, _| done_ids.key?(id) }
        DeckBough::Days::Step.new(**step.to_h, after: after)
      end

      # When the last of a home is done, and what no plan in any order is before.
      def told_home(id, placed)
        own = open_steps.select { |told| told.step.site == id }
        done = own.filter_map { |told| placed.dig(told.step.id, :to_min) }.max
        bound = DeckBough::Days::Bound.new(own.map { |told| alone(told.step) }, as_workers).end_min.ceil if done
        { **@homes[id].slice(:id, :name, :client), rooms: @homes[id][:rooms].map { |room| room.slice(:id, :name) },
                                                   end_min: done, bound_min: bound }
      end
    end
  end
end
