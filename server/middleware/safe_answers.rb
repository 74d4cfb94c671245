# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # Headers that keep a browser from doing what we never ask it to, on every answer: pages, data and errors.
      class SafeAnswers
        # MUI's styles are put in by script as style elements, hence 'unsafe-inline' for styles alone; scripts are ours
        # only.
        POLICY = [
          "default-src 'none'", "script-src 'self'", "style-src 'self' 'unsafe-inline'", "img-src 'self' data: blob:",
          "font-src 'self'",
          "connect-src 'self'", "worker-src 'self'", "manifest-src 'self'", "base-uri 'none'", "form-action 'self'",
          "frame-ancestors 'none'"
        ].join("; ").freeze
        HEADERS = {
          "content-security-policy" => POLICY, "x-content-type-options" => "nosniff",
          "referrer-policy" => "no-referrer",
          "cross-origin-opener-policy" => "same-origin", "cross-origin-resource-policy" => "same-origin",
          "permissions-policy" => "camera=(self), geolocation=(), microphone=()"
        }.freeze

        def initialize(app)
          @app = app
        end

        def call(env)
          status, headers, body = @app.call(env)
          headers = HEADERS.merge(headers)
          headers["set-cookie"] = secured(headers["set-cookie"]) if env[ClientAddress::SECURE] && headers["set-cookie"]
          [status, headers, body]
        end

        private

        # Behind TLS no cookie ever goes over an open line.
        def secured(cookies)
          lines = cookies.is_a?(Array) ? cookies : cookies.split("\n")
          lines.map { |line| line.match?(/;\s*secure\b/i) ? line : "#{line}; secure" }
        end
      end
    end
  end
end
