# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Things with their tags on: kept, or taken back by a day.
      class Trials < Resource
        get "/api/trials", :list
        post "/api/trials/:id/decision", :decide
        post "/api/trials/:id/decision/undo", :undo

        def list
          answer({ items: trials.list })
        end

        def decide
          trials.decide(id, back: said["back"], key: said["key"], account_id: account[:id])
          list
        end

        def undo
          trials.undo(id, said, key: said["key"], account_id: account[:id])
          list
        end

        private

        def trials
          store(Store::Trials)
        end
      end
    end
  end
end
