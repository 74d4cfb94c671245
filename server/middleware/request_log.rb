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
          e.response(env[ID])
        rescue StandardError => e
          LOGGER.error("Bug", { request_id: env[ID], path: env["PATH_INFO"] }, e)
          bug.response(env[ID])
        end

        def bug
          Problem.new(500, "our-fault", "Our fault", "Something broke on our side; nothing was saved. Try again, and quote the request id if it stays.")
        end

        def log(env, status, started)
          LOGGER.info("Request", request_id: env[ID], method: env["REQUEST_METHOD"], path: env["PATH_INFO"], status: status,
                                 milliseconds: ((Process.clock_gettime(Process::CLOCK_MONOTONIC) - started) * 1000).round(1),
                                 account: env["deck_bough.account_id"])
        end
      end
    end
  end
end
