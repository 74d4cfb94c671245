# frozen_string_literal: true

module DeckBough
  module Server
    # Opens the database and brings its tables up to date.
    #
    #   database = Connection.open("postgres://127.0.0.1/deck_bough")
    #   Connection.migrate(database)
    module Connection
      MIGRATIONS = File.join(__dir__, "migrations")

      module_function

      def open(url, **options)
        database = Sequel.connect(url, max_connections: 10, **options)
        database.extension :pg_array, :pg_json
        Sequel.extension :pg_array_ops, :pg_json_ops
        Sequel.default_timezone = :utc
        database
      end

      # Two processes starting together must not migrate twice; the second waits for the first.
      def migrate(database)
        Sequel.extension :migration
        database.synchronize do
          database.run("select pg_advisory_lock(720141)")
          Sequel::Migrator.run(database, MIGRATIONS)
        ensure
          database.run("select pg_advisory_unlock(720141)")
        end
      end
    end
  end
end
