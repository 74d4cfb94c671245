# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Things made by hand.
      class Recipes < Resource
        get "/api/recipes", :list
        post "/api/recipes", :create
        put "/api/recipes/:id", :change
        delete "/api/recipes/:id", :delete
        post "/api/recipes/:id/restore", :restore
        post "/api/recipes/:id/makings", :make
        post "/api/recipes/:id/unmake", :unmake
        get "/api/recipes/:id/start", :start

        def list
          answer({ items: recipes.list })
        end

        def create
          answer(recipes.create(said), 201)
        end

        def change
          answer(recipes.change(id, said["version"], said.except("version")))
        end

        def delete
          recipes.delete(id, by: account[:id])
          nothing
        end

        def restore
          answer(recipes.restore(id))
        end

        def make
          answer(recipes.make(id, said["batches"], key: said["key"], account_id: account[:id]), 201)
        end

        def unmake
          answer(recipes.unmake(id, key: said["key"], account_id: account[:id]))
        end

        def start
          answer(recipes.start_by(id, query["on"] ? day("on") : today, query["count"], today: today))
        end

        private

        def recipes
          store(Store::Recipes)
        end
      end
    end
  end
end
