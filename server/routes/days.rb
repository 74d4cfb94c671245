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
          text = Exchange::DaysCalendar.write(schedules.ahead(today: today), zone: query.fetch("zone", "UTC"), now: now,
                                                                             worker: worker, home: home)
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
