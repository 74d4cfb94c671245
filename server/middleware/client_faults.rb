# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # What is wrong with a client's request is told on a page, not as data.
      class ClientFaults
        def initialize(app)
          @app = app
        end

        def call(env)
          return @app.call(env) unless env["PATH_INFO"].start_with?(ForClients::ADDRESS)

          begin
            @app.call(env)
          rescue Problem => e
            [e.status, ForClients::SAFE.merge(ForClients::HTML), [ClientHtml.notice(e.title, e.message)]]
          end
        end
      end
    end
  end
end
