# frozen_string_literal: true

module DeckBough
  module Server
    # Puts the application together: one origin for the API and the built front end.
    module Stack
      YEAR = 365 * 24 * 3600

      module_function

      # @return [#call] a Rack application
      def build(database:, configuration:, clock: -> { Time.now })
        contract = Contract.new
        album = Photographs::Album.new(configuration.photographs_folder)
        Rack::Builder.new do
          use Middleware::ClientAddress, configuration.trusted_proxies
          use Middleware::SafeAnswers
          use Rack::Deflater
          use Middleware::Watched, database, configuration.metrics_word
          use Middleware::RequestLog
          use Middleware::ClientFaults
          use Middleware::RequestLimits
          use Middleware::PlainText
          use Middleware::TimeLimit, database, configuration.seconds_a_request
          use ForClients, database, album, clock
          use Middleware::Pages, configuration.web_folder
          use Middleware::OneConnection, database
          use Middleware::SignInRate, database, configuration.sign_ins_per_minute
          use Rack::Session::Cookie, key: "deck_bough", secret: configuration.session_secret, same_site: :strict,
                                     httponly: true, path: "/",
                                     expire_after: 30 * 24 * 3600
          use Accounts::Door.build(database, configuration)
          use Middleware::Gate, contract, database
          use Middleware::EveryFault, database, CheckedBodies::ALL
          use OpenapiFirst::Middlewares::RequestValidation,
              spec: contract.definition, error_response: Contract::Objection
          run App.new(database: database, configuration: configuration, clock: clock, album: album)
        end.to_app
      end
    end
  end
end
