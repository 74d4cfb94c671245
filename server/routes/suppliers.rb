# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Suppliers: their days and coupons, what they ask, and their desk.
      class Suppliers < Resource
        get "/api/suppliers", :list
        post "/api/suppliers", :create
        put "/api/suppliers/:id", :change
        delete "/api/suppliers/:id", :delete
        post "/api/suppliers/:id/restore", :restore
        put "/api/suppliers/:id/offers", :offer
        post "/api/suppliers/:id/offers/gone", :take_offer_away
        post "/api/suppliers/:id/questions", :ask

        def list
          answer({ items: suppliers.list })
        end

        def create
          answer(suppliers.create(said), 201)
        end

        def change
          answer(suppliers.change(id, said["version"], said.except("version")))
        end

        def delete
          suppliers.delete(id, by: account[:id])
          nothing
        end

        def restore
          answer(suppliers.restore(id))
        end

        def offer
          suppliers.offer(id, said, asked_on: today)
          nothing
        end

        def take_offer_away
          suppliers.take_offer_away(id, said_id("style"), said["pack_size"])
          nothing
        end

        # Its desk, a stand-in until there is a real one.
        def ask
          context.needs.complete
          buying = Server::Buying.new(context.database, studio, today: today)
          answer({ asked: buying.ask(id, StandIns::SupplierDesk.new) }, 201)
        end

        private

        def suppliers
          store(Store::Suppliers)
        end
      end
    end
  end
end
