# frozen_string_literal: true

module DeckBough
  module Server
    # Who does what when on the days ahead. Visits that share a home or a day are planned together, since people are in
    # one place at a time; each such span is one schedule.
    #
    #   Schedules.new(database, studio, kept: kept).days(today: Date.new(2026, 11, 19), past: false, page: 1)[:items]
    #
    # A request computes as many spans as it may; the others are pending, and come when it is asked again.
    class Schedules
      # Seconds that go into schedules; one at least is made.
      BUDGET = 1.0
      SPANS_A_PAGE = 6
      # To choose from for a visit.
      MOST_HOMES = 200
      RULE = Rules::Days::Schedule
      ID = "days.schedule"
      DAY_MINUTES = 24 * 60

      def initialize(database, studio, kept:)
        @studio = studio
        @kept = kept
        @visits = Store::Visits.new(database, studio[:id])
        @workers = Store::Workers.new(database, studio[:id])
        @homes = Store::Homes.new(database, studio[:id])
        @rooms = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @rows = Store::Needs.new(database, studio[:id])
        @needs = Needs.new(database, studio)
      end

      # @return [Hash] items (spans, the next first), page, pages, total, workers, homes
      def days(today:, past:, page:)
        workers = @workers.list
        spans = spans(today, past)
        shown = spans.slice((page - 1) * SPANS_A_PAGE, SPANS_A_PAGE) || []
        { items: told(shown, workers), page: page, pages: [(spans.size / SPANS_A_PAGE.to_f).ceil, 1].max,
          total: spans.size, workers: workers, homes: @homes.to_visit(MOST_HOMES) }
      end

      private

      def spans(today, past)
        all = @visits.list.reduce([]) do |spans, visit|
          joined, others = spans.partition { |span| span.any? { |one| shared?(one, visit) } }
          [*others, [*joined.flatten, visit].sort_by { |one| one.values_at(:held_on, :from_min) }]
        end
        gone, ahead = all.partition { |span| span.last[:held_on] < today }
        past ? gone.sort_by { |span| span.first[:held_on] }.reverse : ahead.sort_by { |span| span.first[:held_on] }
      end

      def shared?(one, other)
        one[:home] == other[:home] || one[:held_on] == other[:held_on]
      end

      def told(spans, workers)
        homes = gathered(spans.flatten.map { |visit| visit[:home] }.uniq)
        until_when = now + BUDGET
        made = 0
        spans.map do |visits|
          span = Span.new(visits, workers, homes, house: @needs.house, order: @studio[:house_order])
          next span.told(nil) if span.pending? || (made.positive? && now > until_when)

          made += 1
          span.told(span.problem ? nil : scheduled(span))
        end
      end

      def scheduled(span)
        question = span.question
        @kept.fetch([ID, question]) { Catalogue.answer(ID, question) }
      end

      # The rooms of each home with their pieces and what there is to do on them, as far as that is reckoned.
      def gathered(ids)
        homes = @homes.of_ids(ids)
        rooms = @rooms.of_homes(ids)
        pieces = @pieces.listed(rooms.map { |room| room[:id] })
        @needs.complete
        reckoned = @needs.of(homes, rooms, pieces)
        work = @rows.work(pieces.map { |piece| piece[:id] })
        by_room = pieces.group_by { |piece| piece[:room_id] }
        by_home = rooms.group_by { |room| room[:home_id] }
        homes.to_h do |home|
          [home[:id], { **home, rooms: by_home.fetch(home[:id], []).map do |room|
            { id: room[:id], name: room[:name], pieces: by_room.fetch(room[:id], []).map do |piece|
              { **piece.slice(:id, :name, :kind), adhesive: room[:no_nails] || home[:rented],
                                                  reckoned: !reckoned[piece[:id]].nil?,
                                                  **work.fetch(piece[:id], { tasks: [], portrait: nil }) }
            end }
          end }]
        end
      end

      def now
        Process.clock_gettime(Process::CLOCK_MONOTONIC)
      end

      # Visits planned together: what the schedule is asked, and what it answered in words of homes and rooms.
      class Span
        # @param visits [Array<Hash>] by day and hour
        # @param workers [Array<Hash>] all of the studio
        # @param homes [Hash] by id, with rooms and pieces
        def initialize(visits, workers, homes, house:, order:)
          @visits = visits
          @homes = visits.map { |visit| visit[:home] }.uniq.to_h { |id| [id, homes.fetch(id)] }
          @workers = workers.select { |worker| visits.any? { |visit| visit[:workers].include?(worker[:id]) } }
          @house = house
          @order = order
        end

        def pending?
          pieces.any? { |piece| !piece[:reckoned] }
        end

        # Why it cannot be planned.
        def problem
          if steps.size > RULE::MOST_TASKS
            "There are #{steps.size} steps in these days; #{RULE::MOST_TASKS} can be planned together. Give a home " \
              "days that it shares with no other."
          elsif longest > RULE::MOST_HOURS
            "Somebody comes #{longest} times in these days; #{RULE::MOST_HOURS} can be planned together. Give a home " \
              "days that it shares with no other."
          end
        end

        # @return [Hash] as the rule reads it
        def question
          { "tasks" => steps.map { |told| task(told.step) }, "people" => as_workers.map { |worker| person(worker) } }
        end

        # @param answer [Hash, nil] of the rule; nil where there is none yet
        def told(answer)
          placed = answer ? answer[:steps].to_h { |one| [one[:task], one] } : {}
          { first_on: first.iso8601, last_on: @visits.last[:held_on].iso8601, problem: problem,
            pending: pending? || (answer.nil? && problem.nil?), chain: answer ? answer[:chain] : [],
            end_min: answer && answer[:end_min], bound_min: answer && answer[:bound_min],
            visits: @visits.map { |visit| { **visit, held_on: visit[:held_on].iso8601, starts_min: start_of(visit) } },
            steps: steps.map { |told| step(told, answer, placed[told.step.id]) },
            homes: @homes.keys.map { |id| home(id, placed) },
            pieces: pieces.map { |piece| piece.slice(:id, :name, :kind, :portrait) } }
        end

        private

        def first
          @visits.first[:held_on]
        end

        def pieces
          @homes.values.flat_map { |home| home[:rooms] }.flat_map { |room| room[:pieces] }
        end

        def steps
          @steps ||= @homes.flat_map do |id, home|
            DeckBough::Days::HomeSteps.new(id, home[:rooms], house: @house, order: @order).all
          end
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
          @stays ||= @visits.map do |visit|
            start = start_of(visit)
            lunch = visit[:lunch_from_min]
            DeckBough::Days::Visit.new(id: visit[:id], home: visit[:home], from: start + visit[:from_min],
                                       to: start + visit[:to_min], people: visit[:workers],
                                       lunch_from: lunch && (start + lunch), lunch: visit[:lunch_min])
          end
        end

        # Minutes from the first day's midnight to the midnight of a visit's day.
        def start_of(visit)
          (visit[:held_on] - first).to_i * DAY_MINUTES
        end

        def longest
          as_workers.map { |worker| worker.hours.size }.max || 0
        end

        def task(step)
          { "id" => step.id, "minutes" => step.minutes.clamp(0.1, DAY_MINUTES), "people" => step.people,
            "skill" => step.skill, "site" => step.site,
            "after" => step.after.map { |id, wait| { "id" => id, "wait_min" => wait } } }.compact
        end

        def person(worker)
          { "id" => worker.id, "pace" => worker.pace, "skills" => worker.skills,
            "hours" => worker.hours.map { |from, to, site| { "from_min" => from, "to_min" => to, "site" => site } } }
        end

        def step(told, answer, placed)
          { id: told.step.id, home: told.step.site, room: told.room, piece: told.piece,
            key: told.key, title: told.title,
            count: told.count, minutes: told.step.minutes.round(1), needs: told.step.people, skill: told.step.skill,
            high: told.high, after: told.step.after.map { |id, wait| { id: id, wait_min: wait } },
            from_min: placed && placed[:from_min], to_min: placed && placed[:to_min],
            workers: placed ? placed[:people] : [],
            slack_min: answer && answer[:slack][told.step.id], why: answer && why(told, answer) }
        end

        def why(told, answer)
          left = answer[:unplaced].find { |one| one[:task] == told.step.id } or return
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

        # When the last of a home is done, and what no plan in any order is before.
        def home(id, placed)
          own = steps.select { |told| told.step.site == id }
          done = own.filter_map { |told| placed.dig(told.step.id, :to_min) }.max
          bound = DeckBough::Days::Bound.new(own.map(&:step), as_workers).end_min.ceil unless placed.empty?
          { **@homes[id].slice(:id, :name, :client), rooms: @homes[id][:rooms].map { |room| room.slice(:id, :name) },
                                                     end_min: done, bound_min: bound }
        end
      end
      private_constant :Span
    end
  end
end
