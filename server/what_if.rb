# frozen_string_literal: true

module DeckBough
  module Server
    # What the days would come to if somebody were ill, a visit fell out, or something came late; nothing is kept.
    #
    #   WhatIf.new(database, studio, kept: kept).of(visit_id, { "without" => true }, today: today)[:then]
    class WhatIf
      def initialize(database, studio, kept:)
        @schedules = Schedules.new(database, studio, kept: kept)
        @visits = Store::Visits.new(database, studio[:id])
      end

      # @param asked [Hash] ill (the id of somebody, on the day of the visit), without (true: the visit falls out), late
      #   (style, on: a day)
      # @return [Hash] now, then: homes (id, name, first_on, end_min, unplaced)
      def of(visit_id, asked, today:)
        visit = @visits.find(visit_id)
        now, after = @schedules.what_if(visit, today: today) { |visits, facts| changed(visits, facts, visit, asked) }
        { now: told(now, now), then: told(after, now) }
      end

      private

      def changed(visits, facts, visit, asked)
        visits = visits.reject { |one| one[:id] == visit[:id] } if asked["without"]
        visits = visits.map { |one| without(one, asked["ill"], visit[:held_on]) } if asked["ill"]
        late = asked["late"]
        [visits, late ? { **facts, arrivals: delayed(facts[:arrivals], late) } : facts]
      end

      def without(visit, worker, day)
        visit[:held_on] == day ? { **visit, workers: visit[:workers] - [worker] } : visit
      end

      def delayed(arrivals, late)
        on = Date.iso8601(late["on"])
        arrivals.transform_values { |one| one[:style] == late["style"] ? { **one, on: on } : one }
      rescue Date::Error
        raise Problem.invalid([{ pointer: "/late/on", code: "not_a_day",
                                 message: "“#{late['on'][0, 20]}” is no day. Choose one such as 2026-12-02." }])
      end

      # Where no visit is left, nothing of any home finds a place.
      def told(span, now)
        span ||= { **now, homes: [], steps: [] }
        now[:homes].map do |home|
          steps = now[:steps].select { |step| step[:home] == home[:id] && !step[:done] }
          there = span[:homes].find { |one| one[:id] == home[:id] }
          left = there ? span[:steps].count { |step| step[:home] == home[:id] && step[:why] } : steps.size
          { **home.slice(:id, :name), first_on: span[:first_on], end_min: there && there[:end_min], unplaced: left }
        end
      end
    end
  end
end
