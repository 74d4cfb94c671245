# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # How often something happened within a minute. Counts live in the database, so that any number of processes share
      # them.
      #
      #   Rate.new(database).minute("sign-in:192.0.2.1") # => 3
      class Rate
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

        def initialize(database)
          @cache = Rack::Attack::Cache.new(store: Counts.new(database))
        end

        # @param name [String] of what happens, and from where
        # @return [Integer] how often in this minute, with this time
        def minute(name)
          @cache.count(name, MINUTE)
        end
      end
    end
  end
end
