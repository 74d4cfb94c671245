# frozen_string_literal: true

# The demo studio in a database from which those of the browser journeys are copied, so that it is made once:
#   DATABASE_URL=… ruby system/demo_template.rb
require_relative "../server/boot"
require_relative "../server/test/demo_copy"

database = DeckBough::Server::Connection.open(ENV.fetch("DATABASE_URL"))
DeckBough::Server::Connection.migrate(database)
DemoCopy.new(database).lay
database.disconnect
