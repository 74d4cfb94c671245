# frozen_string_literal: true

require_relative "boot"

configuration = DeckBough::Server::Configuration.from(ENV)
SemanticLogger.default_level = :info
if configuration.log_to == "stdout"
  SemanticLogger.add_appender(io: $stdout, formatter: :json)
else
  SemanticLogger.add_appender(file_name: configuration.log_to, formatter: :json)
end

database = DeckBough::Server::Connection.open(configuration.database_url)
app = DeckBough::Server::Stack.build(database: database, configuration: configuration)
# Puma forks its processes from here. Two of them on one connection would read each other's answers.
database.disconnect
run app
