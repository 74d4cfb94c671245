# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What is done once to a piece and can be taken back.
      class Acts < Resource
        post "/api/acts/:id/take-back", :take_back

        def take_back
          acts = store(Store::Acts)
          act = acts.take_back(id, account_id: account[:id])
          context.needs.of_ids([acts.piece_of(id)])
          answer(act)
        end
      end
    end
  end
end
