# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # Slows guessing of passwords down, by address. Counts live in the database, so that any number of processes share
      # them.
      class SignInRate
        PATHS = ["/api/login", "/api/change-password", "/api/studios"].freeze
        MINUTE = 60

        # A store as rack-attack wants it, over one table.
        class Counts
          def initialize(database)
            @table = database[:request_counts]
          end

          # One statement, so that two processes never lose a count.
          def increment(key, amount, expires_in:)
            @table.where { expires_at < Sequel::CURRENT_TIMESTAMP }.delete
            row = { key: key, count: amount, expires_at: Sequel.lit("now() + ? * interval '1 second'", expires_in) }
            more = { count: Sequel[:request_counts][:count] + amount }
            @table.returning(:count).insert_conflict(target: :key, update: more).insert(row).first[:count]
          end

          def read(key)
            @table.where(key: key).get(:count)
          end

          def write(key, value, expires_in:)
            @table.where(key: key).delete
            increment(key, value, expires_in: expires_in)
          end

          def delete(key)
            @table.where(key: key).delete
          end
        end

        # @param limit [Integer] tries a minute from one address
        def initialize(app, database, limit)
          @app = app
          @cache = Rack::Attack::Cache.new(store: Counts.new(database))
          @limit = limit
        end

        def call(env)
          raise too_often if env["REQUEST_METHOD"] == "POST" && PATHS.include?(env["PATH_INFO"]) && tries(env) > @limit

          @app.call(env)
        end

        private

        def tries(env)
          @cache.count("sign-in:#{env[ClientAddress::ADDRESS]}", MINUTE)
        end

        def too_often
          Problem.new(429, "too-often", "Too many tries", "Too many tries from here. Wait a minute and try again.")
        end
      end
    end
  end
end
