# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What is done once to a piece and can be taken back.
      class Acts < Resource
        post "/api/acts/:id/take-back", :take_back

        def take_back
          answer(store(Store::Acts).take_back(id, account_id: account[:id]))
        end
      end
    end
  end
end
