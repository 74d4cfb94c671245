# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # No API route without a session, except those the contract itself marks as open (`security: []`). Whoever has one
      # goes on within the fence of their studio.
      class Gate
        ACCOUNT = "deck_bough.account"

        def initialize(app, contract, database)
          @app = app
          @database = database
          @accounts = Store::Accounts.new(database)
          @open = contract.open_operations
        end

        def call(env)
          account = signed_in(env)
          env[ACCOUNT] = account
          env["deck_bough.account_id"] = account && account[:id]
          raise Problem.signed_out if account.nil? && env["PATH_INFO"].start_with?("/api/") && !open?(env)

          account ? Store::Fence.within(@database, account[:studio_id]) { @app.call(env) } : @app.call(env)
        end

        private

        def signed_in(env)
          id = env["rodauth"].session_value
          id && @accounts.find(id)
        end

        def open?(env)
          @open.include?([env["REQUEST_METHOD"], env["PATH_INFO"]])
        end
      end
    end
  end
end
