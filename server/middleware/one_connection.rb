# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # A request keeps the one connection it began with. Taken anew for each statement, and for each text in a
      # statement, a connection changes hands thousands of times while the season desk is read, and every hand over
      # waits for other threads.
      class OneConnection
        def initialize(app, database)
          @app = app
          @database = database
        end

        def call(env)
          @database.synchronize { @app.call(env) }
        end
      end
    end
  end
end
