# frozen_string_literal: true

module DeckBough
  module Server
    # What the days would come to if somebody were ill, a visit fell out, or something came late; nothing is kept until
    # somebody says so.
    #
    #   what_if = WhatIf.new(database, studio, kept: kept)
    #   what_if.of(visit_id, { "without" => true }, today: today)[:then]
    #   what_if.keep(visit_id, { "without" => true }, by: account_id)
    class WhatIf
      def initialize(database, studio, kept:)
        @database = database
        @schedules = Schedules.new(database, studio, kept: kept)
        @visits = Store::Visits.new(database, studio[:id])
        @purchases = Store::Purchases.new(database, studio[:id])
      end

      # @param asked [Hash] ill (the id of somebody, on the day of the visit), without (true: the visit falls out), late
      #   (style, on: a day)
      # @return [Hash] now, then: homes (id, name, first_on, end_min, unplaced)
      def of(visit_id, asked, today:)
        visit = @visits.find(visit_id)
        now, after = @schedules.what_if(visit, today: today) { |visits, facts| changed(visits, facts, visit, asked) }
        { now: told(now, now), then: told(after, now) }
      end

      # All of what was asked, or nothing of it.
      #
      # @return [Hash] visits and purchases as they were, each with the version it has now; what fell out is restored
      def keep(visit_id, asked, by:)
        @database.transaction do
          visit = @visits.find(visit_id)
          @visits.delete(visit_id, by: by) if asked["without"]
          { visits: asked["ill"] ? ill(asked["ill"], visit[:held_on]) : [],
            purchases: asked["late"] ? put_off(*asked["late"].values_at("style", "on")) : [] }
        end
      end

      private

      def ill(worker, day)
        theirs = @visits.list.select { |visit| visit[:held_on] == day && visit[:workers].include?(worker) }
        theirs.map do |visit|
          before = @visits.answered(visit)
          fields = before.except(:id, :version).transform_keys(&:to_s)
          now = @visits.change(visit[:id], visit[:version], { **fields, "workers" => visit[:workers] - [worker] })
          { **before, version: now[:version] }
        end
      end

      # What is still to come of a thing comes on the day that is sure now.
      def put_off(style, day)
        rows = Store::Ids.id?(style) ? @purchases.coming([style]).values.flatten : []
        ids = rows.map { |row| row[:purchase] }.uniq.sort
        if ids.empty?
          raise Problem.invalid([{ pointer: "/late/style", code: "not_ordered",
                                   message: "Nothing of it is on its way. Order it first." }])
        end

        ids.map do |id|
          before = @purchases.find(id)
          now = @purchases.change(id, before[:version], day)
          { id: id, version: now[:version], expected_on: before[:expected_on] }
        end
      end

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
