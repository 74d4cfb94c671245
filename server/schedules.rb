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
        @days_off = Store::DaysOff.new(database, studio[:id])
        @facts = DayFacts.new(database, studio)
      end

      # @return [Hash] items (spans, the next first), page, pages, total, workers, homes, days_off
      def days(today:, past:, page:)
        workers = @workers.list
        spans = spans(today, past)
        shown = spans.slice((page - 1) * SPANS_A_PAGE, SPANS_A_PAGE) || []
        { items: told(shown, today), page: page, pages: [(spans.size / SPANS_A_PAGE.to_f).ceil, 1].max,
          total: spans.size, workers: workers, homes: @homes.to_visit(MOST_HOMES),
          days_off: @days_off.list.map { |one| @days_off.answered(one) } }
      end

      # All days ahead, planned as far as a request may.
      #
      # @return [Array<Hash>] spans
      def ahead(today:)
        told(spans(today, false), today)
      end

      # All days ahead as they are and as they would be by other house rules, as far as a request may.
      #
      # @param house [HouseRules]
      # @param homes [#call] what is to be done in homes by the other rules, from what it is now (as DayFacts has it)
      # @yield [DaySpan, Hash, DaySpan, Hash] both, each as it is told; the latter two nil where there was no time
      # @return [Array] what the block makes of each
      def ahead_by(house, homes, today:)
        visits = spans(today, false)
        facts = @facts.of(visits.flatten.map { |visit| visit[:home] }.uniq, today)
        other = { **facts, homes: homes.call(facts[:homes]) }
        until_when = now + BUDGET
        visits.each_with_index.map do |span, i|
          before = day_span(span, facts, today)
          next yield(before, DaySpanTold.new(before, nil).call) if before.pending? || (i.positive? && now > until_when)

          after = DaySpan.new(span, other, house: house, order: @studio[:house_order], today: today)
          yield(before, planned(before), after, planned(after))
        end
      end

      # What is reckoned with.
      def house
        @facts.house
      end

      # The days a visit is planned with, as far as they are reckoned.
      #
      # @param visit [Hash] as Store::Visits has it
      # @return [Array(DaySpan, Hash)] and as it is told
      def of_visit(visit, today:)
        ahead = [*spans(today, false), *spans(today, true)].find { |span| span.any? { |one| one[:id] == visit[:id] } }
        span = day_span(ahead, @facts.of(ahead.map { |one| one[:home] }.uniq, today), today)
        [span, planned(span)]
      end

      # Days as they would be with other visits, or with other facts: those of a visit, and others that this changes.
      #
      # @param everywhere [Boolean] whether other days may change as well
      # @yield [Array<Hash>, Hash] visits of a span and facts (as DayFacts has them); gives them changed
      # @return [Array(Array<Array(Hash, Hash)>, Integer)] spans as they are told now and as they would be (nil without
      #   visits), that of the visit first; and how many more would change
      def what_if(visit, today:, everywhere: false)
        ahead = spans(today, false)
        own = [*ahead, *spans(today, true)].find { |span| span.any? { |one| one[:id] == visit[:id] } }
        looked_at = [own, *(everywhere ? ahead - [own] : [])]
        facts = @facts.of(looked_at.flatten.map { |one| one[:home] }.uniq, today)
        pairs = looked_at.map do |span|
          visits, changed = yield(span, facts)
          [day_span(span, facts, today), visits.empty? ? nil : day_span(visits, changed, today)]
        end
        others = pairs.drop(1).select { |before, after| changes?(before, after) }
        [[pairs.first, *others.first(SPANS_A_PAGE)].map { |pair| pair.map { |span| span && planned(span) } },
         [others.size - SPANS_A_PAGE, 0].max]
      end

      private

      def changes?(before, after)
        !before.pending? && !before.problem && before.question != after.question
      end

      def day_span(visits, facts, today)
        DaySpan.new(visits, facts, house: @facts.house, order: @studio[:house_order], today: today)
      end

      def planned(span)
        DaySpanTold.new(span, span.pending? || span.problem ? nil : scheduled(span)).call
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
        DaySpan.site(one) == DaySpan.site(other) || one[:held_on] == other[:held_on]
      end

      def told(spans, today)
        facts = @facts.of(spans.flatten.map { |visit| visit[:home] }.uniq, today)
        until_when = now + BUDGET
        made = 0
        spans.map do |visits|
          span = day_span(visits, facts, today)
          next DaySpanTold.new(span, nil).call if span.pending? || (made.positive? && now > until_when)

          made += 1
          planned(span)
        end
      end

      # Where there is no time for all, what is optional is left out, as far as that lets the others in.
      def scheduled(span)
        all = answered(span.question)
        lacking = wanted(all, span)
        return all if lacking.zero? || span.optional.empty?

        without = answered(span.question(span.optional))
        wanted(without, span) < lacking ? without : all
      end

      def wanted(answer, span)
        answer[:unplaced].count { |one| !span.optional.key?(one[:task]) }
      end

      def answered(question)
        @kept.fetch([ID, question]) { Catalogue.answer(ID, question) }
      end

      def now
        Process.clock_gettime(Process::CLOCK_MONOTONIC)
      end
    end
  end
end
