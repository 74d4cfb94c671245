# frozen_string_literal: true

module DeckBough
  module Server
    # Visits planned together: their steps, who is where when, and what the schedule is asked.
    class DaySpan
      RULE = Rules::Days::Schedule
      DAY_MINUTES = 24 * 60
      STRIKE = "strike/"
      NO_PROGRESS = { journal: DeckBough::Days::Journal.new([]), done: [] }.freeze

      # @param visits [Array<Hash>] by day and hour
      # @param facts [Hash] as DayFacts gathers them
      # @param today [Date] a visit that is over and was worked from gives no more hours
      def initialize(visits, facts, house:, order:, today:)
        @visits = visits
        @homes = visits.map { |visit| visit[:home] }.uniq.to_h { |id| [id, facts[:homes].fetch(id)] }
        @workers = facts[:workers].select { |worker| visits.any? { |visit| visit[:workers].include?(worker[:id]) } }
        @house = house
        @order = order
        @today = today
        @facts = facts
      end

      attr_reader :visits

      # Where the work of a visit is done, as the schedule knows it: what is put up and what is taken down in one home
      # are no work for each other's visits.
      def self.site(visit)
        visit[:purpose] == Store::Visits::STRIKE ? "#{STRIKE}#{visit[:home]}" : visit[:home]
      end

      # @return [String] id of the home a step is done in
      def self.home_of(step)
        step.site.delete_prefix(STRIKE)
      end

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

      # @param without [Hash] ids of steps that are left out
      # @return [Hash] as the rule reads it
      def question(without = {})
        { "tasks" => open_steps.map(&:step).reject { |step| without.key?(step.id) }.map { |step| task(step, without) },
          "people" => as_workers.map { |worker| person(worker) } }
      end

      # Steps of pieces that are left out first.
      #
      # @return [Hash] by id
      def optional
        @optional ||= begin
          ids = pieces.select { |piece| piece[:optional] }.to_h { |piece| [piece[:id], true] }
          open_steps.select { |told| ids.key?(told.piece) && dressing?(told.step) }.to_h { |told| [told.step.id, true] }
        end
      end

      # @return [Array<DeckBough::Days::HomeSteps::Told>] all there are, what is done among them
      def steps
        @steps ||= @homes.flat_map do |id, home|
          dressing = DeckBough::Days::HomeSteps.new(id, home[:rooms], house: @house, order: @order).all
          sites(id).flat_map { |site| site == id ? dressing : taking_down(site, dressing) }
        end
      end

      def home(id) = @homes.fetch(id)

      # Where somebody would be, in spite of what is fixed.
      #
      # @return [Array<Array>] stretches: from, to, home
      def hours(worker)
        @hours ||= {}
        @hours[worker] ||= DeckBough::Days::Visit.hours(stays, worker, @house["minutes.crossing"])
      end

      # Whether it puts something up.
      def dressing?(step) = @homes.key?(step.site)

      # How long a step takes those people.
      def minutes(step, workers)
        step.minutes_at(@workers.select { |one| workers.include?(one[:id]) }.map { |one| one[:pace] }.max || 1)
      end

      def open?(step) = !done?(step)

      # Minutes from the first day's midnight to the midnight of a visit's day.
      def start_of(visit)
        (visit[:held_on] - first).to_i * DAY_MINUTES
      end

      # @return [Hash] by id, with rooms and pieces
      attr_reader :homes

      # Steps by whether they are done, what they wait for, and where they stand.
      def done?(step)
        done_ids.key?(step.id)
      end

      def journal(home)
        progress(home)[:journal]
      end

      # @return [Days::Act, nil] what a step waits for, as somebody in a visit said
      def waiting(step)
        journal(DaySpan.home_of(step)).waiting(step.id)
      end

      # @return [Hash{String => Array<Hash>}] by step, as DayWorked tells it
      def worked = DayWorked.new(@visits, @workers).of { |visit| said_in(visit) }

      # What of a step is still to come, the last of it.
      #
      # @return [Hash, nil] label, on
      def arrival(step)
        arriving[step.id]
      end

      # Steps that stand where a person put them, as far as there is such a visit still.
      #
      # @return [Hash{String => Hash}] by step: from, to, workers
      def pinned
        @pinned ||= open_steps.map(&:step).filter_map do |step|
          pin = @facts[:pins][step.id] or next
          visit = @visits.find { |one| one[:id] == pin[:visit] && !over?(one) } or next
          from = start_of(visit) + pin[:from_min]
          [step.id, { **pin, from: from, to: from + minutes(step, pin[:workers]) }]
        end.to_h
      end

      # @return [Hash, nil] as DaysOff has it
      def day_off(visit)
        Store::DaysOff.on(@facts[:days_off], visit[:home], visit[:held_on])
      end

      def first
        @visits.first[:held_on]
      end

      def pieces
        rooms.flat_map { |room| room[:pieces] }
      end

      def rooms
        @rooms ||= @homes.values.flat_map { |home| home[:rooms] }
      end

      def open_steps
        @open_steps ||= steps.reject { |told| done?(told.step) }
      end

      # What no plan of a home in any order is before: as if nothing were fixed.
      #
      # @return [Integer]
      def bound_of(home)
        left = open_steps.map(&:step).select { |step| DaySpan.home_of(step) == home }
                         .map do |step|
          DeckBough::Days::Step.new(**step.to_h, after: still(step.after),
                                                 not_before: not_before(step))
        end
        DeckBough::Days::Bound.new(left, workers { |id| hours(id) }).end_min.ceil
      end

      private

      def sites(home)
        @visits.select { |visit| visit[:home] == home }.map { |visit| DaySpan.site(visit) }.uniq
      end

      def taking_down(site, dressing)
        DeckBough::Days::StrikeSteps.new(site, dressing, @facts[:going], house: @house,
                                                                         bridged: @facts[:bridged]).all
      end

      def done_ids
        @done_ids ||= @homes.keys.flat_map { |id| progress(id)[:done] }.to_h { |id| [id, true] }
      end

      def progress(home)
        @facts[:progress].fetch(home, NO_PROGRESS)
      end

      def fixed(worker)
        pinned.select { |_, pin| pin[:workers].include?(worker) }
              .map { |step, pin| [pin[:from], pin[:to], "pin/#{step}"] }
      end

      # The visits as the core takes them.
      def stays
        @stays ||= @visits.reject { |visit| over?(visit) }.map do |visit|
          start = start_of(visit)
          lunch = visit[:lunch_from_min]
          DeckBough::Days::Visit.new(id: visit[:id], home: DaySpan.site(visit), from: start + still_from(visit),
                                     to: start + visit[:to_min], people: visit[:workers],
                                     lunch_from: lunch && (start + lunch), lunch: visit[:lunch_min])
        end
      end

      # What was said in a visit, by the clock on the wall there.
      def said_in(visit)
        @said_in ||= {}
        @said_in[visit[:id]] ||= journal(visit[:home]).live.select { |act| act.visit == visit[:id] }
      end

      def over?(visit)
        day_off(visit) || (visit[:held_on] < @today && said_in(visit).any?(&:up?)) ||
          still_from(visit) >= visit[:to_min]
      end

      # What is left of it is planned from where the work is now.
      def still_from(visit)
        there = said_in(visit).select { |act| act.up? && act.day == visit[:held_on] }
        [visit[:from_min], *there.map(&:minute)].max
      end

      # With hours as they are asked for.
      #
      # @return [Array<DeckBough::Days::Worker>]
      def workers
        @workers.map { |one| DeckBough::Days::Worker.new(**one.slice(:id, :pace, :skills), hours: yield(one[:id])) }
      end

      def as_workers
        @as_workers ||= workers { |id| DeckBough::Days::Pinning.cut(hours(id), fixed(id)) }
      end

      def still(after, without = {})
        after.reject { |id, _| done_ids.key?(id) || without.key?(id) }
      end

      def longest
        as_workers.map { |worker| worker.hours.size }.max || 0
      end

      def task(step, without)
        { "id" => step.id, "minutes" => step.minutes.clamp(0.1, DAY_MINUTES), "people" => step.people,
          "skill" => step.skill, "site" => pinned.key?(step.id) ? "pin/#{step.id}" : step.site,
          "not_before_min" => not_before(step), "ready_by_min" => ready_by(step),
          "after" => still(step.after, without).map { |id, wait| { "id" => id, "wait_min" => wait } } }.compact
      end

      # What waits fills the next visit; what comes is there from its day on.
      def not_before(step)
        act = waiting(step)
        visit = act && @visits.find { |one| one[:id] == act.visit }
        arrival = arrival(step)
        [visit && (start_of(visit) + visit[:to_min]), arrival && minute_of(arrival[:on], 0), set(step)].compact.max
      end

      # When what was done before it has set or is dry.
      def set(step)
        @setting ||= DaySetting.new(@homes.keys.map { |id| journal(id) }, done_ids)
        day, minute = @setting.over(step)
        day && minute_of(day, minute)
      end

      def arriving
        @arriving ||= @facts[:arrivals].each_with_object({}) do |((piece, key), arrival), all|
          own = steps.select { |told| told.piece == piece && dressing?(told.step) }
          found = own.find { |told| told.key == key } || own.first or next
          all[found.step.id] = [all[found.step.id], arrival].compact.max_by { |one| one[:on] }
        end
      end

      # When its room is to be ready.
      def ready_by(step)
        return unless dressing?(step)

        @room_of ||= steps.to_h { |told| [told.step.id, rooms.find { |room| room[:id] == told.room }] }
        room = @room_of.fetch(step.id)
        room[:ready_on] && minute_of(room[:ready_on], room[:ready_min])
      end

      # From the first day's midnight, as far as the rule counts.
      def minute_of(day, minute)
        (((day - first).to_i * DAY_MINUTES) + minute).clamp(0, RULE::LAST)
      end

      def person(worker)
        { "id" => worker.id, "pace" => worker.pace, "skills" => worker.skills,
          "hours" => worker.hours.map { |from, to, site| { "from_min" => from, "to_min" => to, "site" => site } } }
      end
    end
  end
end
