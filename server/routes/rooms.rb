# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Rooms and their surveys.
      module Rooms
        def self.registered(app)
          app.post("/api/homes/:id/rooms") { answer(surveyed(store(Store::Rooms).create(id, said)), 201) }
          app.get("/api/rooms/:id") { answer(surveyed(store(Store::Rooms).find(id))) }
          app.put("/api/rooms/:id") { answer(surveyed(store(Store::Rooms).change(id, said["version"], said.except("version")))) }
          app.delete("/api/rooms/:id") { store(Store::Rooms).delete(id) && nothing }
          app.post("/api/rooms/:id/restore") { answer(surveyed(store(Store::Rooms).restore(id))) }
          app.helpers Answers
        end

        module Answers
          # The room with the best size for each of its places.
          def surveyed(room)
            home = store(Store::Homes).find(room[:home_id])
            best = planning.best_sizes(home, room)
            { **room, home_name: home[:name], places: room[:places].map { |place| { **place, best_size: best.fetch(place[:id]) } } }
          end
        end
      end
    end
  end
end
