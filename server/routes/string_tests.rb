# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Testing strings of lights with the plug-in meter, and the log of tests.
      module StringTests
        def self.registered(app)
          app.get("/api/styles/:id/tests") { answer(store(Store::StringTests).list(store(Store::Styles).find(id)[:id], page: query.fetch("page", 1))) }
          app.post("/api/styles/:id/tests") { answer(test_string, 201) }
          app.helpers Answers
        end

        module Answers
          def test_string
            store(Store::StringTests).test(store(Store::Styles).find(id), said, meter: StandIns::PowerMeter.new, now: @clock.call, account_id: account[:id])
          end
        end
      end
    end
  end
end
