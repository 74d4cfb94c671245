# frozen_string_literal: true

module DeckBough
  module Server
    # Makes a database ready to be served: creates it when it is not there, migrates it, puts in the demo studio when
    # told to and nothing is in it yet.
    #
    #   Preparation.call("postgres://127.0.0.1/deck_bough", demo: true, password_cost: 12) # => the open database
    module Preparation
      module_function

      # @return [Sequel::Database]
      # @param today [Date] the demo's season lies ahead of it
      # @param photographs_folder [String, nil] where the demo's pictures are kept
      # @param backups_folder [String, nil] where what an older release kept is written down first
      # @raise [Backup::Failed] then nothing is changed either
      def call(url, demo:, password_cost:, today: Date.today, photographs_folder: nil, backups_folder: nil)
        database = reach(url)
        if backups_folder && older?(database)
          Backup.write(url, photographs: photographs_folder, folder: backups_folder, at: Time.now)
        end
        Connection.migrate(database)
        if demo && !Store::Studios.new(database).founded?
          album = photographs_folder && Photographs::Album.new(photographs_folder)
          DemoStudio.new(database, password_cost: password_cost, today: today, album: album).seed
        end
        database
      end

      # The database, made where it is not there.
      #
      # @return [Sequel::Database]
      def reach(url)
        Connection.open(url).tap(&:test_connection)
      rescue Sequel::DatabaseConnectionError => e
        raise unless e.message.include?("does not exist")

        create(url)
        Connection.open(url)
      end

      def create(url)
        name = URI(url).path.delete_prefix("/")
        Sequel.connect(url.sub(%r{/#{Regexp.escape(name)}\z}, "/postgres")) do |server|
          server.run("create database #{server.literal(Sequel.identifier(name))}")
        end
      end

      # Whether a release before this one kept something here.
      def older?(database)
        database.tables.any? && !Connection.current?(database)
      end
      private_class_method :create, :older?
    end
  end
end
