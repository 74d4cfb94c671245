# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # Slows guessing of passwords down, by address.
      class SignInRate
        PATHS = ["/api/login", "/api/change-password", "/api/studios"].freeze
        # @param limit [Integer] tries a minute from one address
        def initialize(app, database, limit)
          @app = app
          @rate = Rate.new(database)
          @limit = limit
        end

        def call(env)
          raise too_often if env["REQUEST_METHOD"] == "POST" && PATHS.include?(env["PATH_INFO"]) && tries(env) > @limit

          @app.call(env)
        end

        private

        def tries(env)
          @rate.minute("sign-in:#{env[ClientAddress::ADDRESS]}")
        end

        def too_often
          Problem.new(429, "too-often", "Too many tries", "Too many tries from here. Wait a minute and try again.")
        end
      end
    end
  end
end
