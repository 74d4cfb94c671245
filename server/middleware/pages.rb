# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # Serves the built front end: hashed assets to be kept for a year, and its one page for every address of a screen.
      class Pages
        KEPT = "public, max-age=#{Stack::YEAR}, immutable".freeze

        def initialize(app, folder)
          @app = app
          @folder = folder
          @files = Rack::Files.new(folder)
        end

        def call(env)
          path = env["PATH_INFO"]
          return @app.call(env) if path.start_with?("/api/") || !%w[GET HEAD].include?(env["REQUEST_METHOD"])
          return asset(env) if path.start_with?("/assets/")

          page(env, File.file?(File.join(@folder, Rack::Utils.clean_path_info(path))) ? path : "/index.html")
        end

        private

        def asset(env)
          status, headers, body = @files.call(env)
          status == 200 ? [status, headers.merge("cache-control" => KEPT), body] : raise(Problem.not_found("file"))
        end

        def page(env, path)
          status, headers, body = @files.call(env.merge("PATH_INFO" => path))
          [status, headers.merge("cache-control" => "no-cache"), body]
        end
      end
    end
  end
end
