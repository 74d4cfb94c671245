# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # What machines that watch an installation ask: whether the process lives (/health), whether it can be asked for
      # anything (/ready), and what was counted (/metrics, for whoever has the installation's word for it).
      class Watched
        TEXT = { "content-type" => "text/plain; charset=utf-8", "cache-control" => "no-store" }.freeze
        # Set by routes: the kind of piece a plan was made of; how long acts that came in had waited, seconds.
        KIND = "deck_bough.kind"
        WAITED = "deck_bough.waited"
        ROUTE = "sinatra.route"

        # @param word [String, nil] without one nobody is told what was counted
        def initialize(app, database, word)
          @app = app
          @database = database
          @word = word
          @measures = word && Measures.new(Dir.mktmpdir("deck-bough-measures"))
        end

        def call(env)
          case env["PATH_INFO"]
          when "/health" then told(200, "alive")
          when "/ready" then ready
          when "/metrics" then counted(env)
          else measured(env)
          end
        end

        private

        def told(status, text)
          [status, TEXT.dup, ["#{text}\n"]]
        end

        def ready
          Connection.current?(@database) ? told(200, "ready") : told(503, "the database is to be migrated")
        rescue Sequel::Error
          told(503, "the database cannot be reached")
        end

        # Whoever does not have the word learns nothing, not even that there is one.
        def counted(env)
          return told(404, "nothing here") unless @word && word?(env["HTTP_AUTHORIZATION"].to_s)

          told(200, @measures.text)
        end

        def word?(said)
          Rack::Utils.secure_compare(said, "Bearer #{@word}")
        end

        def measured(env)
          return @app.call(env) unless @measures

          started = now
          status, headers, body = @app.call(env)
          count(env, status, now - started)
          [status, headers, body]
        end

        def count(env, status, seconds)
          @measures.request(env[ROUTE] || place(env["PATH_INFO"]), status, seconds)
          @measures.plan(env[KIND], seconds) if env[KIND]
          @measures.waited(env[WAITED]) if env[WAITED]
          @measures.connections(@database.pool.size)
        end

        # What never came to a route is counted by where it was going, so that there are only a few of these.
        def place(path)
          return "client's page" if path.start_with?(ForClients::ADDRESS)

          path.start_with?("/api/") ? "api" : "pages"
        end

        def now
          Process.clock_gettime(Process::CLOCK_MONOTONIC)
        end
      end
    end
  end
end
