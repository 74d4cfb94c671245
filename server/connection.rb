# frozen_string_literal: true

module DeckBough
  module Server
    # Opens the database and brings its tables up to date.
    #
    #   database = Connection.open("postgres://127.0.0.1/deck_bough")
    #   Connection.migrate(database)
    module Connection
      MIGRATIONS = File.join(__dir__, "migrations")

      # No single statement here takes a tenth of it; one that does would hold a connection from all others.
      STATEMENT_MILLISECONDS = 6_000
      IDLE_SECONDS = 5

      # Of one process; its five threads rarely hold more than one each.
      MOST = 10

      module_function

      # @param most [Integer] connections a process may hold
      def open(url, most: MOST, **options)
        database = Sequel.connect(url, max_connections: most, pool_timeout: 4, connect_timeout: 4,
                                       after_connect: method(:bound), **options)
        database.extension :pg_array, :pg_json, :connection_validator
        # A connection that lay idle for a while is asked first: the database may have been started anew meanwhile.
        database.pool.connection_validation_timeout = IDLE_SECONDS
        Sequel.extension :pg_array_ops, :pg_json_ops
        Sequel.default_timezone = :utc
        database
      end

      # Every connection ends a statement that would take too long.
      def bound(connection)
        connection.exec("set statement_timeout = #{STATEMENT_MILLISECONDS}")
      end

      # Whether its tables are those of this release.
      def current?(database)
        Sequel.extension :migration
        Sequel::Migrator.is_current?(database, MIGRATIONS)
      end

      # Two processes starting together must not migrate twice; the second waits for the first.
      def migrate(database)
        Sequel.extension :migration
        database.synchronize do
          # Waiting for another process and changing large tables may take its time.
          database.run("set statement_timeout = 0")
          database.run("select pg_advisory_lock(720141)")
          Store::Fence.prepare(database)
          Sequel::Migrator.run(database, MIGRATIONS)
          Store::Fence.open(database)
        ensure
          database.run("select pg_advisory_unlock(720141)")
          database.run("set statement_timeout = #{STATEMENT_MILLISECONDS}")
        end
      end
    end
  end
end
