# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Styles with what is on hand and how it came about, entry by entry.
      class Styles < Resource
        get "/api/styles", :list
        post "/api/styles", :create
        put "/api/styles/:id", :change
        get "/api/styles/:id/moves", :moves
        post "/api/styles/:id/moves", :enter
        post "/api/moves/:id/reverse", :reverse
        get "/api/styles/:id/uses", :uses

        def list
          listed = styles.list(page: page, kind: query["kind"])
          answer(query["piece"] ? with_free(listed) : listed)
        end

        def create
          answer(styles.create(said, account_id: account[:id]), 201)
        end

        def change
          answer(styles.change(id, said["version"], said.except("version"), account_id: account[:id]))
        end

        def enter
          told = store(Store::Stock).enter(id, said.except("key"), key: said["key"], account_id: account[:id])
          answer(told, 201)
        end

        def reverse
          entry = part(:id).match?(/\A\d{1,18}\z/) ? part(:id).to_i : raise(Problem.not_found("entry"))
          answer(store(Store::Stock).reverse(entry, account_id: account[:id]), 201)
        end

        def moves
          answer(store(Store::Stock).moves(styles.find(id)[:id], page: page))
        end

        def uses
          home_id = query["home"] && store(Store::Homes).find(query_id("home"))[:id]
          answer(store(Store::StyleUses).of(id, home_id: home_id))
        end

        private

        def styles
          store(Store::Styles)
        end

        # What a piece may count on, as its own ledger tells it.
        def with_free(listed)
          piece = store(Store::Pieces).find(query_id("piece"))
          home = store(Store::Homes).find(store(Store::Rooms).find(piece[:room_id])[:home_id])
          context.needs.complete
          free = store(Store::Stock).available(listed[:items].map { |style| style[:id] }, home: home,
                                                                                          piece_id: piece[:id])
          risers = styles.risers(listed[:items].map { |style| style[:id] })
          told = listed[:items].map do |style|
            share = free.fetch(style[:id])
            told = { **style, free: (share[:on_hand] + share[:cut]).round(6) }
            risers.key?(style[:id]) ? { **told, riser_height_m: risers[style[:id]] } : told
          end
          listed.merge(items: told)
        end
      end
    end
  end
end
