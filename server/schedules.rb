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
      ID = "days.schedule"

      def initialize(database, studio, kept:)
        @studio = studio
        @kept = kept
        @visits = Store::Visits.new(database, studio[:id])
        @workers = Store::Workers.new(database, studio[:id])
        @homes = Store::Homes.new(database, studio[:id])
        @rooms = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @rows = Store::Needs.new(database, studio[:id])
        @acts = Store::VisitActs.new(database, studio[:id])
        @needs = Needs.new(database, studio)
      end

      # @return [Hash] items (spans, the next first), page, pages, total, workers, homes
      def days(today:, past:, page:)
        workers = @workers.list
        spans = spans(today, past)
        shown = spans.slice((page - 1) * SPANS_A_PAGE, SPANS_A_PAGE) || []
        { items: told(shown, workers, today), page: page, pages: [(spans.size / SPANS_A_PAGE.to_f).ceil, 1].max,
          total: spans.size, workers: workers, homes: @homes.to_visit(MOST_HOMES) }
      end

      # All days ahead, planned as far as a request may.
      #
      # @return [Array<Hash>] spans
      def ahead(today:)
        told(spans(today, false), @workers.list, today)
      end

      # The days a visit is planned with, as far as they are reckoned.
      #
      # @param visit [Hash] as Store::Visits has it
      # @return [Array(DaySpan, Hash)] and as it is told
      def of_visit(visit, today:)
        ahead = [*spans(today, false), *spans(today, true)].find { |span| span.any? { |one| one[:id] == visit[:id] } }
        ids = ahead.map { |one| one[:home] }.uniq
        span = day_span(ahead, @workers.list, gathered(ids), today, @acts.progress(ids))
        [span, span.told(span.pending? || span.problem ? nil : scheduled(span))]
      end

      private

      def day_span(visits, workers, homes, today, progress)
        DaySpan.new(visits, workers, homes, house: @needs.house, order: @studio[:house_order], progress: progress,
                                            today: today)
      end

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

      def told(spans, workers, today)
        ids = spans.flatten.map { |visit| visit[:home] }.uniq
        homes = gathered(ids)
        progress = @acts.progress(ids)
        until_when = now + BUDGET
        made = 0
        spans.map do |visits|
          span = day_span(visits, workers, homes, today, progress)
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
    end
  end
end
