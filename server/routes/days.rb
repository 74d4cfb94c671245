# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # The days ahead: who works, when they are where, and who does what when.
      class Days < Resource
        get "/api/days", :show
        get "/api/days.ics", :calendar
        post "/api/visits", :create_visit
        put "/api/visits/:id", :change_visit
        delete "/api/visits/:id", :delete_visit
        post "/api/visits/:id/restore", :restore_visit
        post "/api/visits/:id/moves", :move
        post "/api/visits/:id/what-if", :what_if
        post "/api/visits/:id/what-if/keep", :keep_what_if
        post "/api/days-off", :create_day_off
        delete "/api/days-off/:id", :delete_day_off
        post "/api/days-off/:id/restore", :restore_day_off
        put "/api/rooms/:id/ready-by", :be_ready
        put "/api/pieces/:id/optional", :be_optional
        post "/api/workers", :create_worker
        put "/api/workers/:id", :change_worker
        delete "/api/workers/:id", :delete_worker
        post "/api/workers/:id/restore", :restore_worker

        def show
          schedules = Schedules.new(context.database, studio, kept: context.kept)
          answer({ house_order: studio[:house_order],
                   **schedules.days(today: today, past: query.fetch("past", false), page: page) })
        end

        # For a calendar: of everybody, of one person, of one home.
        def calendar
          worker = query["worker"] && workers.find(query_id("worker"))[:id]
          home = query["home"] && store(Store::Homes).find(query_id("home"))[:id]
          schedules = Schedules.new(context.database, studio, kept: context.kept)
          springs = worker ? [] : store(Store::Homes).springs(today)
          text = Exchange::DaysCalendar.write(schedules.ahead(today: today), zone: query.fetch("zone", "UTC"), now: now,
                                                                             worker: worker, home: home,
                                                                             springs: springs)
          file(text, "text/calendar", "days.ics")
        end

        def create_visit
          answer(visits.answered(visits.create(said)), 201)
        end

        def change_visit
          answer(visits.answered(visits.change(id, said["version"], said.except("version"))))
        end

        def delete_visit
          visits.delete(id, by: account[:id])
          nothing
        end

        def restore_visit
          answer(visits.answered(visits.restore(id)))
        end

        def move
          moves = StepMoves.new(context.database, studio, kept: context.kept)
          answer(moves.move(id, said, today: today))
        end

        def what_if
          answer(what_ifs.of(id, said, today: today))
        end

        def keep_what_if
          answer(what_ifs.keep(id, said, by: account[:id]))
        end

        def create_day_off
          answer(days_off.answered(days_off.create(said)), 201)
        end

        def delete_day_off
          days_off.delete(id, by: account[:id])
          nothing
        end

        def restore_day_off
          answer(days_off.answered(days_off.restore(id)))
        end

        def be_ready
          store(Store::Rooms).find(id)
          store(Store::Rooms).be_ready(id, said["ready_on"] && ready_on, said["ready_min"] || 0)
          nothing
        end

        def be_optional
          store(Store::Pieces).find(id)
          store(Store::OptionalPieces).put(id, said["optional"])
          nothing
        end

        def create_worker
          answer(workers.create(said), 201)
        end

        def change_worker
          answer(workers.change(id, said["version"], said.except("version")))
        end

        def delete_worker
          workers.delete(id, by: account[:id])
          nothing
        end

        def restore_worker
          answer(workers.restore(id))
        end

        private

        def ready_on
          day = Date.iso8601(said["ready_on"])
          Store::Visits::YEARS.cover?(day.year) ? day : raise(Date::Error)
        rescue Date::Error
          raise Problem.invalid([{ pointer: "/ready_on", code: "not_a_day",
                                   message: "“#{said['ready_on'][0, 20]}” is no day. Choose one such as 2026-12-02." }])
        end

        def what_ifs = WhatIf.new(context.database, studio, kept: context.kept)

        def days_off
          store(Store::DaysOff)
        end

        def visits
          store(Store::Visits)
        end

        def workers
          store(Store::Workers)
        end
      end
    end
  end
end
