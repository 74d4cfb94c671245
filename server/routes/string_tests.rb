# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Testing strings of lights with the plug-in meter, and the log of tests.
      class StringTests < Resource
        get "/api/styles/:id/tests", :list
        post "/api/styles/:id/tests", :test

        def list
          answer(store(Store::StringTests).list(style[:id], page: page))
        end

        def test
          answer(store(Store::StringTests).test(style, said,
                                                meter: StandIns::PowerMeter.new, now: now, account_id: account[:id]),
                 201)
        end

        private

        def style
          store(Store::Styles).find(id)
        end
      end
    end
  end
end
