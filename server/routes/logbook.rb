# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # The log of visits, and what is noted for next year.
      class Logbook < Resource
        get "/api/visits/:id/log", :of_visit
        post "/api/visits/:id/remarks", :note
        put "/api/remarks/:id", :change
        get "/api/remarks/:id/history", :history
        delete "/api/remarks/:id", :delete
        post "/api/remarks/:id/restore", :restore
        post "/api/remarks/:id/settled", :settle
        post "/api/remarks/:id/wish", :wish
        get "/api/ideas", :ideas

        def of_visit
          answer(VisitLog.new(context.database, studio).of(id, today: today))
        end

        def note
          answer(remarks.create(store(Store::Visits).find(id), said, account_id: account[:id]), 201)
        end

        def change
          answer(remarks.change(id, said["version"], said, account_id: account[:id]))
        end

        def history
          answer(items: remarks.history(id))
        end

        def delete
          remarks.delete(id, by: account[:id])
          nothing
        end

        def restore
          answer(remarks.restore(id))
        end

        def settle
          answer(remarks.settle(id, said["settled"] ? today : nil))
        end

        def wish
          answer(remarks.wish(id, today))
        end

        def ideas
          answer({ **remarks.ideas(page: page, sort: query["sort"]), open: remarks.open_ideas })
        end

        private

        def remarks
          store(Store::LogRemarks)
        end
      end
    end
  end
end
