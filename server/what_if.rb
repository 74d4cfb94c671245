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
        @facts = DayFacts.new(database, studio)
        @schedules = Schedules.new(database, studio, kept: kept)
        @visits = Store::Visits.new(database, studio[:id])
        @purchases = Store::Purchases.new(database, studio[:id])
      end

      # @param asked [Hash] ill (the id of somebody, on the day of the visit), without (true: the visit falls out), late
      #   (style, on: a day)
      # @return [Hash] now, then: homes (id, name, first_on, end_min, unplaced) in the same order, those of the visit's
      #   days first; more: how many other days change
      def of(visit_id, asked, today:)
        visit = @visits.find(visit_id)
        late = asked["late"] && late(*asked["late"].values_at("style", "on"))
        delayed = nil
        pairs, more = @schedules.what_if(visit, today: today, everywhere: !late.nil?) do |visits, facts|
          delayed ||= late ? @facts.delayed(facts, today, late) : facts
          [changed(visits, visit, asked), delayed]
        end
        { now: pairs.flat_map { |now, _| told(now, now) }, then: pairs.flat_map { |now, after| told(after, now) },
          more: more }
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

      # What is still to come of a thing comes on the day that is sure now, and with it all that was ordered with it.
      def put_off(style, day)
        late(style, day)[:purchases].map do |id|
          before = @purchases.find(id)
          now = @purchases.change(id, before[:version], day)
          { id: id, version: now[:version], expected_on: before[:expected_on] }
        end
      end

      # @return [Hash] purchases (ids), day (Date)
      def late(style, text)
        day = CalendarDay.read(text) or
          raise wrong("/late/on", "“#{text[0, 20]}” is no day. Choose one such as 2026-12-02.")
        rows = Store::Ids.id?(style) ? @purchases.coming([style]).values.flatten : []
        raise wrong("/late/style", "Nothing of it is on its way. Order it first.") if rows.empty?

        { purchases: rows.map { |row| row[:purchase] }.uniq.sort, day: day }
      end

      def wrong(pointer, message)
        Problem.invalid([{ pointer: pointer, code: "wrong", message: message }])
      end

      def changed(visits, visit, asked)
        visits = visits.reject { |one| one[:id] == visit[:id] } if asked["without"]
        visits = visits.map { |one| without(one, asked["ill"], visit[:held_on]) } if asked["ill"]
        visits
      end

      def without(visit, worker, day)
        visit[:held_on] == day ? { **visit, workers: visit[:workers] - [worker] } : visit
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
