# frozen_string_literal: true

module DeckBough
  module Server
    # What a season came to: what is still out, what was spent and what of the stock was used, minutes against the plan,
    # what broke, what was this year's, and what it taught.
    #
    #   SeasonSummary.new(database, studio, gathered: gathered).of(today: today)[:minutes]
    class SeasonSummary
      LESSONS = 10
      # What went wrong teaches before what would be nice.
      REMARKS = [*DeckBough::Logbook::Remark::PROBLEMS, "failed", "marked", *DeckBough::Logbook::Remark::IDEAS].freeze
      MOST_HOMES = 200

      def initialize(database, studio, gathered: nil)
        @database = database
        @studio = studio
        @gathered = gathered
        @facts = Store::SeasonFacts.new(database, studio[:id])
      end

      # @return [Hash] as the contract has SeasonSummary
      def of(today:)
        season = store(Store::Seasons).now(today)[:season]
        times = times(season)
        homes = homes(today, times)
        { season: season, homes: homes, **sums(homes), minutes: minutes(times),
          open: still_out(today), gone: @facts.gone(season), **@facts.base_and_change, lessons: lessons(season) }
      end

      private

      def store(kind)
        kind.new(@database, @studio[:id])
      end

      # By their visit.
      def listed
        @listed ||= begin
          ids = store(Store::Homes).to_visit(MOST_HOMES).map { |home| home[:id] }
          known = store(Store::Homes).of_ids(ids).to_h { |home| [home[:id], home] }
          known.values_at(*ids).compact
        end
      end

      # Work that was told or ticked this season.
      def times(season)
        house = store(Store::HouseRules).current
        rows = store(Store::LogTimes).of_season(season)
        rows.select { |row| row[:parts].all? { |part| DeckBough::Logbook::Learnt.work?(part.rule) } }.map do |row|
          { home: row[:home_id], took: Store::LogTimes.timed(row).plain,
            planned: row[:parts].sum { |part| part.planned(house) } }
        end
      end

      def homes(today, times)
        by_home = times.group_by { |time| time[:home] }
        Budget.new(@database, @studio, today: today, gathered: @gathered).of(listed).map do |home|
          { **home.slice(:id, :name, :client, :planned_cents, :bought_cents, :stock_cents, :pending),
            **minutes(by_home.fetch(home[:id], [])) }
        end
      end

      def minutes(times)
        { planned: times.sum { |time| time[:planned] }, took: times.sum { |time| time[:took] } }
      end

      def sums(homes)
        %i[bought_cents stock_cents].to_h { |name| [name, homes.sum { |home| home[name] }] }
      end

      # What a season cannot be closed over.
      def still_out(today)
        { standing: standing(today).map { |home| home.slice(:id, :name, :strike_on) }, lent: @facts.lent,
          on_trial: store(Store::Trials).list.select { |one| one[:tag] == "may_go_back" }
                                        .map { |one| one.slice(:id, :name, :decide_by) } }
      end

      # What was ticked as down is down; of other homes their day tells.
      def standing(today)
        ahead = listed.select { |home| home[:visit_on] && !over?(home, today) }
        down = StruckHomes.new(@database, @studio).among(ahead.map { |home| home[:id] }, today)
        ahead.reject { |home| down.include?(home[:id]) }
      end

      def over?(home, today)
        home[:strike_on] && home[:strike_on] < today.iso8601
      end

      # What was taken on first, then what went wrong, then what is for next year.
      def lessons(season)
        days = DeckBough::Stock::Wear.days_of(season)
        taken = store(Store::LogDecisions).list.select do |one|
          one[:accepted] && one[:taken_back_on].nil? && days.cover?(Date.iso8601(one[:decided_on]))
        end
        noted = @facts.remarks(season, REMARKS, LESSONS)
        [*taken.map { |one| { kind: "rule", **one.slice(:title, :unit, :was, :becomes) } },
         *noted.map { |one| { kind: "remark", **one } }].first(LESSONS)
      end
    end
  end
end
