# frozen_string_literal: true

require_relative "boot"

configuration = DeckBough::Server::Configuration.from(ENV)
SemanticLogger.default_level = :info
if configuration.log_to == "stdout"
  SemanticLogger.add_appender(io: $stdout, formatter: :json)
else
  # Five files of ten megabytes; the oldest goes.
  SemanticLogger.add_appender(logger: Logger.new(configuration.log_to, 5, 10 * 1024 * 1024), formatter: :json)
end

# bin/start says how to prepare the database; anyone who runs several machines on one prepares it once and leaves it
# out.
if ENV.key?("PREPARE")
  DeckBough::Server::Preparation.call(configuration.database_url,
                                      demo: ENV["PREPARE"] == "demo",
                                      password_cost: configuration.password_cost,
                                      today: configuration.clock.call.to_date,
                                      photographs_folder: configuration.photographs_folder,
                                      backups_folder: configuration.backups_folder).disconnect
end
database = DeckBough::Server::Connection.open(configuration.database_url, most: configuration.connections)
app = DeckBough::Server::Stack.build(database: database, configuration: configuration, clock: configuration.clock)
# Puma forks its processes from here. Two of them on one connection would read each other's answers.
database.disconnect
run app
