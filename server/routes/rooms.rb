# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Rooms and their surveys.
      class Rooms < Resource
        post "/api/homes/:id/rooms", :create
        get "/api/rooms/:id", :read
        put "/api/rooms/:id", :change
        delete "/api/rooms/:id", :delete
        post "/api/rooms/:id/restore", :restore

        def create
          answer(surveyed(rooms.create(id, said)), 201)
        end

        def read
          answer(surveyed(rooms.find(id)))
        end

        def change
          answer(surveyed(rooms.change(id, said["version"], said.except("version"))))
        end

        def delete
          _, frees = store(Store::Freed).by(rooms.pieces_of(id)) { rooms.delete(id, by: account[:id]) }
          answer(frees: frees)
        end

        def restore
          answer(surveyed(rooms.restore(id)))
        end

        private

        def rooms
          store(Store::Rooms)
        end

        # The room with the best size for each of its places.
        def surveyed(room)
          home = store(Store::Homes).find(room[:home_id])
          best = planning.best_sizes(home, room)
          { **room, home_name: home[:name],
                    places: room[:places].map { |place| { **place, best_size: best.fetch(place[:id]) } } }
        end
      end
    end
  end
end
