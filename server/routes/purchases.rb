# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What was ordered or bought, and what became of it.
      class Purchases < Resource
        get "/api/purchases", :list
        post "/api/purchases", :order
        get "/api/purchases/:id", :show
        put "/api/purchases/:id", :change
        delete "/api/purchases/:id", :delete
        post "/api/purchases/:id/events", :happen
        post "/api/purchases/:id/events/undo", :undo
        get "/api/purchases/:id/slip", :slip

        def list
          answer({ items: purchases.list })
        end

        # Whom it is for is known once each piece has been reckoned.
        def order
          context.needs.complete
          answer(purchases.order(said.except("key"), key: said["key"], today: today, account_id: account[:id]), 201)
        end

        def show
          answer(purchases.find(id))
        end

        def change
          answer(purchases.change(id, said["version"], said["expected_on"]))
        end

        def delete
          purchases.delete(id, account_id: account[:id])
          nothing
        end

        def happen
          answer(purchases.happen(id, said["events"], key: said["key"], day: today, account_id: account[:id]), 201)
        end

        def undo
          answer(purchases.undo(id, said["key"], account_id: account[:id]))
        end

        # What the parcel brought, from the desk of its supplier; a stand-in until there is a real one.
        def slip
          purchase = purchases.find(id)
          open = purchase[:lines].select { |line| line[:to_come].positive? }
          told = open.map { |line| { line: line[:id], **line.slice(:name, :to_come) } }
          came = StandIns::SupplierDesk.new.slip(purchase[:supplier_name].to_s, Date.iso8601(purchase[:expected_on]),
                                                 told)
          answer({ comes_on: came[:comes_on].iso8601, lines: came[:lines] })
        end

        private

        def purchases
          store(Store::Purchases)
        end
      end
    end
  end
end
