# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What lacks over the season, what it takes to buy it, and what homes may cost.
      class Buying < Resource
        get "/api/buying", :desk
        get "/api/buying.pdf", :list
        get "/api/buying/styles/:id", :thing
        put "/api/buying/styles/:id/supplier", :buy_at
        get "/api/pieces/:id/deliveries", :deliveries
        get "/api/budgets", :budgets
        get "/api/homes/:id/budget", :budget
        put "/api/homes/:id/budget", :plan
        get "/api/prices", :prices
        put "/api/prices", :ask

        # What lacks is known once each piece has been reckoned.
        def desk
          context.needs.complete
          answer(buying.desk(page: page, **asked))
        end

        # For the hand, shop by shop.
        def list
          context.needs.complete
          pdf = Exchange::ShoppingListPdf.new(buying.desk(**asked), units: studio[:units], currency: studio[:currency],
                                                                    title: "To buy", under: studio[:name], day: today,
                                                                    paper: query.fetch("paper", "a4"))
          file(pdf.render, "application/pdf", "to-buy.pdf")
        end

        def thing
          context.needs.complete
          answer(looked_at)
        end

        def buy_at
          store(Store::Suppliers).buy_at(id, said["supplier"])
          answer(looked_at)
        end

        def deliveries
          store(Store::Pieces).find(id)
          answer({ items: buying.coming_for(id) })
        end

        def budgets
          context.needs.complete
          listed = store(Store::Homes).list(page: page)
          answer(listed.merge(items: budget_of(listed[:items])))
        end

        def budget
          context.needs.complete
          answer(budget_of([store(Store::Homes).find(id)]).first)
        end

        def plan
          rooms = said.fetch("rooms", []).to_h { |room| room.values_at("id", "planned_cents") }
          store(Store::Budgets).plan(id, planned_cents: said["planned_cents"], rooms: rooms)
          budget
        end

        def prices
          answer(store(Store::Budgets).prices)
        end

        def ask
          owner!
          answer(store(Store::Budgets).ask(said["version"], said.except("version")))
        end

        private

        def asked
          %w[home room piece].filter_map { |name| [name.to_sym, query_id(name)] if query[name] }.to_h
        end

        def buying
          @buying ||= Server::Buying.new(context.database, studio, today: today, kept: context.gathered)
        end

        def looked_at
          BuyingThing.new(context.database, studio, buying, today: today).of(id)
        end

        def budget_of(homes)
          Budget.new(context.database, studio, today: today, gathered: context.gathered).of(homes)
        end
      end
    end
  end
end
