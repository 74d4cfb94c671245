# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What was seen in a shop, wishes, and what is looked for in the clearance.
      class Sightings < Resource
        get "/api/sightings", :list
        post "/api/sightings", :create
        put "/api/sightings/:id", :change
        delete "/api/sightings/:id", :delete
        post "/api/sightings/:id/restore", :restore
        post "/api/sightings/:id/settled", :settle

        def list
          answer({ items: sightings.list })
        end

        def create
          answer(sightings.create(said), 201)
        end

        def change
          answer(sightings.change(id, said["version"], said.except("version")))
        end

        def delete
          sightings.delete(id, by: account[:id])
          nothing
        end

        def restore
          answer(sightings.restore(id))
        end

        def settle
          answer(sightings.settle(id, said["settled"] ? today : nil))
        end

        private

        def sightings
          store(Store::Sightings)
        end
      end
    end
  end
end
