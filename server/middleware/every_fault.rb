# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # What the contract objects to is told together with what the core would say of the same body, so that all faults
      # come in the first round; and whatever is told, it is told in the units of the studio that asked.
      class EveryFault
        UNITS = "deck_bough.units"

        # @param checks [Hash{String => #call}] by operation: body → faults of the core
        def initialize(app, database, checks)
          @app = app
          @database = database
          @checks = checks
        end

        def call(env)
          @app.call(env)
        rescue Problem, UnplannableError => e
          env[UNITS] = units(env)
          raise e unless e.is_a?(Problem) && e.code == "invalid"

          raise e.errors.any? { |error| error[:code] == "unreadable" } ? e : e.together_with(faults(env))
        end

        private

        def units(env)
          account = env[Gate::ACCOUNT] or return "metric"
          @database[:studios].where(id: account[:studio_id]).get(:units)
        end

        def faults(env)
          request = env[OpenapiFirst::REQUEST]
          check = request && @checks[request.operation_id] or return []
          body = request.body
          body.is_a?(Hash) ? check.call(body) : []
        end
      end
    end
  end
end
