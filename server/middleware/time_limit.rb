# frozen_string_literal: true

require "timeout"

module DeckBough
  module Server
    module Middleware
      # The last net: a request that takes longer than this is stopped, whatever it does, so that it cannot hold a
      # worker. What is asked for is bounded long before (limits in the contract and the core); whoever meets this has
      # found a hole in them.
      class TimeLimit
        class Over < StandardError; end

        # @param seconds [Float]; the database stops a single statement of its own accord a little earlier (Connection)
        def initialize(app, database, seconds)
          @app = app
          @database = database
          @seconds = seconds
        end

        def call(env)
          until_when = now + @seconds
          Timeout.timeout(@seconds, Over) { @app.call(env) }
        rescue Problem
          raise
        rescue StandardError => e
          # What was stopped in the middle of a statement may break over that, and tell of it instead.
          raise if !e.is_a?(Over) && now < until_when

          # A connection that was in the middle of an answer is worth nothing any more.
          @database.disconnect
          raise Problem.takes_too_long
        end

        private

        def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      end
    end
  end
end
