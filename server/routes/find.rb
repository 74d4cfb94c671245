# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Finds anything of the studio: by a part of its name, or among what was deleted lately.
      class Find < Resource
        get "/api/find", :by_name
        get "/api/deleted", :deleted

        def by_name
          answer(items: store(Store::Names).like(query.fetch("text")))
        end

        def deleted
          answer(store(Store::Deleted).list(page: page, today: today))
        end
      end
    end
  end
end
