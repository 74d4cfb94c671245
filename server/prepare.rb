# frozen_string_literal: true

# Creates the database of DATABASE_URL when it is not there, migrates it, and puts in the demo studio when told to and empty.
#   ruby server/prepare.rb demo|empty
require_relative "boot"

url = ENV.fetch("DATABASE_URL")
begin
  database = DeckBough::Server::Connection.open(url)
  database.test_connection
rescue Sequel::DatabaseConnectionError => e
  raise unless e.message.include?("does not exist")

  name = URI(url).path.delete_prefix("/")
  Sequel.connect(url.sub(%r{/#{Regexp.escape(name)}\z}, "/postgres")) { |server| server.run("create database #{server.literal(Sequel.identifier(name))}") }
  database = DeckBough::Server::Connection.open(url)
end
DeckBough::Server::Connection.migrate(database)
if ARGV.first == "demo" && !DeckBough::Server::Store::Studios.new(database).founded?
  DeckBough::Server::DemoStudio.new(database, password_cost: 12).seed
  puts "The demo studio is set up."
end
