# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Styles with what is on hand and how it came about, and looks.
      class Styles < Resource
        get "/api/styles", :list
        post "/api/styles", :create
        put "/api/styles/:id", :change
        get "/api/stock", :stockroom
        get "/api/stock/keepsakes", :keepsakes
        post "/api/stock/changes", :change_several
        get "/api/stock/starter", :starter_left
        post "/api/stock/starter", :add_starter
        delete "/api/stock/starter", :remove_starter
        post "/api/styles/:id/merge", :merge
        post "/api/styles/:id/part", :part_again
        get "/api/styles/:id/moves", :moves
        get "/api/styles/:id/kept", :kept
        get "/api/styles/:id/sweep", :sweep
        post "/api/styles/:id/moves", :enter
        post "/api/moves/:id/reverse", :reverse
        get "/api/styles/:id", :show
        put "/api/styles/:id/particulars", :describe
        get "/api/styles/:id/uses", :uses
        get "/api/looks", :looks

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

        # What pieces keep is known once each of them has been reckoned.
        def stockroom
          context.needs.complete
          answer(store(Store::Stockroom).search(words: query["q"].to_s, page: page, **asked))
        end

        # A thing as the stockroom shows it, with what it costs a season and when another is due.
        def show
          context.needs.complete
          thing = store(Store::Stockroom).thing(id)
          answer({ **thing, rolls: store(Store::Lots).rolls([id]).fetch(id, []), **wear(thing) })
        end

        def describe
          styles.describe(id, said["version"], said.except("version"))
          show
        end

        def sweep
          answer({ items: store(Store::Stockroom).sweep(id) })
        end

        def keepsakes
          answer({ items: store(Store::Stockroom).keepsakes(season: season_year), season: season_year })
        end

        def change_several
          answer(store(Store::Several).change(said["changes"]))
        end

        def merge
          context.needs.complete
          answer(store(Store::Several).merge(id, into: said["into"], key: said["key"], account_id: account[:id]))
        end

        def part_again
          answer(store(Store::Several).part(id, from: said["from"], key: said["key"], account_id: account[:id]))
        end

        def starter_left
          answer({ left: store(Store::Starter).left })
        end

        def add_starter
          answer(store(Store::Starter).add, 201)
        end

        def remove_starter
          answer(store(Store::Starter).remove)
        end

        def kept
          context.needs.complete
          answer({ items: store(Store::Stockroom).kept_by(id) })
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

        def looks
          answer(store(Store::Looks).list(page: page))
        end

        private

        def asked
          days = %w[from to].to_h { |name| [name.to_sym, query[name] && day(name)] }
          { kind: query["kind"], season: query["season"], role: query["role"], tag: query["tag"], near: query["near"],
            box: query["box"] && query_id("box"), owner: query["owner"] && query_id("owner"),
            retired: query["retired"] == "true", **days }.compact
        end

        def wear(thing)
          wear = DeckBough::Stock::Wear.new(season: season_year, price_cents: thing[:price_cents],
                                            pack_size: thing[:pack_size], expected: thing[:seasons_expected],
                                            bought_on: thing[:bought_on] && Date.iso8601(thing[:bought_on]),
                                            dead_percent: thing[:dead_percent], house: planning.house)
          { cost_cents: wear.cost_cents, seasons_used: wear.used, last_season: wear.last, due: wear.due?,
            cost_by_season: wear.by_season }
        end

        def season_year
          DeckBough::Stock::Wear.season_of(today)
        end

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
          told = listed[:items].map do |style|
            share = free.fetch(style[:id])
            { **style, free: (share[:on_hand] + share[:cut]).round(6) }
          end
          listed.merge(items: told)
        end
      end
    end
  end
end
