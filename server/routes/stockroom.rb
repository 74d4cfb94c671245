# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # All that is owned: searched, looked at closely, changed many at a time.
      class Stockroom < Resource
        get "/api/stock", :search
        get "/api/stock/keepsakes", :keepsakes
        post "/api/stock/changes", :change_several
        get "/api/stock/starter", :starter_left
        post "/api/stock/starter", :add_starter
        delete "/api/stock/starter", :remove_starter
        post "/api/styles/:id/merge", :merge
        post "/api/styles/:id/part", :part_again
        get "/api/styles/:id/kept", :kept
        get "/api/styles/:id/sweep", :sweep
        get "/api/styles/:id", :show
        put "/api/styles/:id/particulars", :describe

        # So many rolls of a ribbon are told, the longest first.
        MOST_ROLLS = 200

        # What pieces keep is known once each of them has been reckoned.
        def search
          context.needs.complete
          answer(stockroom.search(words: query["q"].to_s, page: page, **asked))
        end

        # A thing as the stockroom shows it, with what it costs a season and when another is due.
        def show
          context.needs.complete
          thing = stockroom.thing(id)
          rolls = store(Store::Lots).rolls([id]).fetch(id, []).first(MOST_ROLLS)
          answer({ **thing, rolls: rolls, **wear(thing), **colour(thing[:colour]) })
        end

        def describe
          store(Store::Styles).describe(id, said["version"], said.except("version"))
          show
        end

        def sweep
          answer({ items: stockroom.sweep(id) })
        end

        def keepsakes
          answer({ items: stockroom.keepsakes(season: season_year), season: season_year })
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
          answer({ items: stockroom.kept_by(id) })
        end

        private

        def stockroom
          store(Store::Stockroom)
        end

        def asked
          days = %w[from to].to_h { |name| [name.to_sym, query[name] && day(name)] }
          { kind: query["kind"], season: query["season"], role: query["role"], tag: query["tag"], near: query["near"],
            box: query["box"] && query_id("box"), owner: query["owner"] && query_id("owner"),
            retired: query["retired"] == "true", **days }.compact
        end

        # In words, and where it belongs in the looks that are worn.
        def colour(colour)
          return { colour_words: nil, looks: [] } unless colour

          { colour_words: DeckBough::Looks::ColourWords.of(colour),
            looks: store(Store::Looks).belonging(colour, planning.house) }
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
      end
    end
  end
end
