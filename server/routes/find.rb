# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Finds anything of the studio by a part of its name.
      module Find
        def self.registered(app)
          app.get("/api/find") { answer(items: store(Store::Names).like(query.fetch("text"))) }
        end
      end
    end
  end
end
