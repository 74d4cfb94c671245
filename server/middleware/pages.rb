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
          status, headers, body = packed?(env) ? packed(env) : @files.call(env)
          raise Problem.not_found("file") unless status == 200

          [status, headers.merge("cache-control" => KEPT, "vary" => "accept-encoding"), body]
        end

        # Scripts and styles lie beside themselves compressed, as small as they get.
        def packed?(env)
          env["HTTP_ACCEPT_ENCODING"].to_s.match?(/\bbr\b(?!\s*;\s*q=0(?![.\d]*[1-9]))/) &&
            File.file?("#{File.join(@folder, Rack::Utils.clean_path_info(env['PATH_INFO']))}.br")
        end

        def packed(env)
          status, headers, body = @files.call(env.merge("PATH_INFO" => "#{env['PATH_INFO']}.br"))
          type = Rack::Mime.mime_type(File.extname(env["PATH_INFO"]))
          [status, headers.merge("content-type" => type, "content-encoding" => "br"), body]
        end

        def page(env, path)
          status, headers, body = @files.call(env.merge("PATH_INFO" => path))
          [status, headers.merge("cache-control" => "no-cache"), body]
        end
      end
    end
  end
end
