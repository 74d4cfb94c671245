# frozen_string_literal: true

require "securerandom"

module DeckBough
  module Server
    module Middleware
      # Gives every request an id, logs it once as one structured line, and turns what nobody caught into a 500 that
      # repeats the id. Problems are people's business and are answered as such; anything else is a bug of ours.
      class RequestLog
        ID = "deck_bough.request_id"
        LOGGER = SemanticLogger["Request"]
        CLOSED = "DB001"
        AWAY = [Sequel::DatabaseConnectionError, Sequel::DatabaseDisconnectError, Sequel::PoolTimeout].freeze

        def initialize(app)
          @app = app
        end

        def call(env)
          env[ID] = SecureRandom.hex(8)
          started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
          status, headers, body = answer(env)
          log(env, status, started)
          [status, headers.merge("x-request-id" => env[ID]), body]
        end

        private

        def answer(env)
          @app.call(env)
        rescue Problem => e
          e.response(env[ID], units(env))
        rescue UnplannableError => e
          Problem.unplannable(e).response(env[ID], units(env))
        rescue StandardError => e
          of(e, env).response(env[ID])
        end

        def units(env)
          env.fetch(EveryFault::UNITS, "metric")
        end

        # @return [Problem] for what is nobody's input: the database away, a statement that was stopped, or a bug of
        #   ours
        def of(error, env)
          told = { request_id: env[ID], path: env["PATH_INFO"] }
          if AWAY.any? { |kind| error.is_a?(kind) }
            LOGGER.error("The database cannot be reached", told.merge(cause: error.message[0, 200]))
            return Problem.unavailable
          end
          return Problem.season_closed if closed?(error)

          if error.is_a?(Sequel::DatabaseError) && error.wrapped_exception.is_a?(PG::QueryCanceled)
            LOGGER.error("A statement took too long", told)
            return Problem.takes_too_long
          end
          LOGGER.error("Bug", told, error)
          bug
        end

        # The database lets nobody change a season that is closed.
        def closed?(error)
          error.is_a?(Sequel::DatabaseError) && error.wrapped_exception.is_a?(PG::Error) &&
            error.wrapped_exception.result&.error_field(PG::Result::PG_DIAG_SQLSTATE) == CLOSED
        end

        def bug
          Problem.new(500, "our-fault", "Our fault",
                      "Something broke on our side; nothing was saved. Try again, and quote the request id if it " \
                      "stays.")
        end

        def log(env, status, started)
          LOGGER.info("Request", request_id: env[ID], method: env["REQUEST_METHOD"], path: env["PATH_INFO"],
                                 status: status,
                                 milliseconds: ((Process.clock_gettime(Process::CLOCK_MONOTONIC) - started) *
                                                1000).round(1),
                                 account: env["deck_bough.account_id"])
        end
      end
    end
  end
end
