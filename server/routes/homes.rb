# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Homes of clients, the season desk that lists them, and a home's plan as a document.
      module Homes
        def self.registered(app)
          app.get("/api/season") { answer(Season.new(@database, studio, kept: @kept).desk(today: today, page: query.fetch("page", 1))) }
          app.get("/api/homes") { answer(store(Store::Homes).list(page: query.fetch("page", 1))) }
          app.post("/api/homes") { answer(store(Store::Homes).create(said), 201) }
          app.post("/api/homes/import") { answer(Exchange::HomePlan.new(@database, studio).read(said["text"]), 201) }
          app.get("/api/homes/:id/plan.json") { home_plan }
          app.get("/api/homes/:id") { answer(Season.new(@database, studio, kept: @kept).home(id, today)) }
          app.put("/api/homes/:id") { answer(store(Store::Homes).change(id, said["version"], said.except("version"))) }
          app.delete("/api/homes/:id") { owner! || (store(Store::Homes).delete(id) && nothing) }
          app.post("/api/homes/:id/restore") { owner! || answer(store(Store::Homes).restore(id)) }
          app.helpers Answers
        end

        module Answers
          def home_plan
            plan = Exchange::HomePlan.new(@database, studio).write(id)
            file("#{JSON.pretty_generate(plan)}\n", "application/json", "#{plan[:home][:name]}.home-plan.json")
          end
        end
      end
    end
  end
end
