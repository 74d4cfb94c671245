# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Homes of clients, the season desk that lists them, and a home's plan as a document.
      class Homes < Resource
        get "/api/season", :desk
        get "/api/homes", :list
        post "/api/homes", :create
        post "/api/homes/import", :import
        get "/api/homes/:id/plan.json", :take_out
        get "/api/homes/:id/shortages", :shortages
        get "/api/homes/:id", :read
        put "/api/homes/:id", :change
        delete "/api/homes/:id", :delete
        post "/api/homes/:id/restore", :restore

        def desk
          sweep
          answer(season.desk(today: today, page: page))
        end

        def list
          answer(homes.list(page: page))
        end

        def create
          answer(homes.create(said), 201)
        end

        def import
          answer(Exchange::HomePlan.new(context.database, studio,
                                        planning: planning, account_id: account[:id]).read(said["text"]), 201)
        end

        def take_out
          plan = Exchange::HomePlan.new(context.database, studio,
                                        planning: planning, account_id: account[:id]).write(id)
          file("#{JSON.pretty_generate(plan)}\n", "application/json", "#{plan[:home][:name]}.home-plan.json")
        end

        def read
          answer(season.home(id, today))
        end

        def shortages
          answer(season.shortages(id))
        end

        def change
          changed, frees = freed { homes.change(id, said["version"], said.except("version")) }
          answer({ **changed, frees: frees })
        end

        def delete
          owner!
          _, frees = freed { homes.delete(id, by: account[:id]) }
          answer(frees: frees)
        end

        def restore
          owner!
          answer(homes.restore(id))
        end

        private

        # What is over goes, as the desk is opened every day.
        def sweep
          Store::HomeRemoval.new(context.database, account[:studio_id], context.album).sweep(today)
          store(Store::HomeAccesses).sweep(today)
        end

        def freed(&)
          store(Store::Freed).by(homes.pieces_of(id), &)
        end

        def homes
          store(Store::Homes)
        end
      end
    end
  end
end
