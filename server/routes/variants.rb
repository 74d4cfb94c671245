# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Named versions of a piece.
      module Variants
        def self.registered(app)
          app.get("/api/pieces/:id/variants") { answer(store(Store::Variants).list(piece[:id], page: query.fetch("page", 1))) }
          app.post("/api/pieces/:id/variants") { answer(store(Store::Variants).keep(piece[:id], said, said.fetch("settings", piece[:settings])), 201) }
          app.delete("/api/variants/:id") { store(Store::Variants).delete(id) && nothing }
        end
      end
    end
  end
end
