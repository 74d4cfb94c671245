# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Styles with what is on hand, and looks.
      module Styles
        def self.registered(app)
          app.get("/api/styles") { answer(store(Store::Styles).list(page: query.fetch("page", 1), kind: query["kind"])) }
          app.post("/api/styles") { answer(store(Store::Styles).create(said), 201) }
          app.put("/api/styles/:id") { answer(store(Store::Styles).change(id, said["version"], said.except("version"))) }
          app.get("/api/looks") { answer(store(Store::Looks).list(page: query.fetch("page", 1))) }
        end
      end
    end
  end
end
