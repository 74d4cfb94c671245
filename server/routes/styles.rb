# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Styles with what is on hand and how it came about, and looks.
      class Styles < Resource
        get "/api/styles", :list
        post "/api/styles", :create
        put "/api/styles/:id", :change
        get "/api/styles/:id/moves", :moves
        get "/api/looks", :looks

        def list
          answer(styles.list(page: page, kind: query["kind"]))
        end

        def create
          answer(styles.create(said, account_id: account[:id]), 201)
        end

        def change
          answer(styles.change(id, said["version"], said.except("version"), account_id: account[:id]))
        end

        def moves
          answer(store(Store::Stock).moves(styles.find(id)[:id], page: page))
        end

        def looks
          answer(store(Store::Looks).list(page: page))
        end

        private

        def styles
          store(Store::Styles)
        end
      end
    end
  end
end
