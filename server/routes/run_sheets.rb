# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # One visit as it is worked from, and what is said of it meanwhile.
      class RunSheets < Resource
        get "/api/visits/:id/run-sheet", :read
        get "/api/visits/:id/acts", :state
        post "/api/visits/:id/acts", :take

        def read
          answer(sheets.of(id, today: today))
        end

        def state
          answer(sheets.state(store(Store::Visits).find(id)))
        end

        def take
          answer(sheets.take(id, said["acts"], account_id: account[:id], today: today))
        end

        private

        def sheets
          Server::RunSheets.new(context.database, studio, planning: planning, kept: context.kept)
        end
      end
    end
  end
end
