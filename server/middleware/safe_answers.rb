# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # Headers that keep a browser from doing what we never ask it to.
      class SafeAnswers
        # MUI's styles are put in by script as style elements, hence 'unsafe-inline' for styles alone; scripts are ours only.
        POLICY = [
          "default-src 'none'", "script-src 'self'", "style-src 'self' 'unsafe-inline'", "img-src 'self' data: blob:", "font-src 'self'",
          "connect-src 'self'", "manifest-src 'self'", "base-uri 'none'", "form-action 'self'", "frame-ancestors 'none'"
        ].join("; ").freeze
        HEADERS = {
          "content-security-policy" => POLICY, "x-content-type-options" => "nosniff", "referrer-policy" => "no-referrer",
          "cross-origin-opener-policy" => "same-origin", "cross-origin-resource-policy" => "same-origin",
          "permissions-policy" => "camera=(), geolocation=(), microphone=()"
        }.freeze

        def initialize(app)
          @app = app
        end

        def call(env)
          status, headers, body = @app.call(env)
          [status, HEADERS.merge(headers), body]
        end
      end
    end
  end
end
