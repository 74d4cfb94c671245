# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # Text that is no text goes no further: bytes that are no UTF-8, the character NUL, halves of characters, escapes
      # that are none. The database keeps none of these, and nobody types them.
      class PlainText
        INPUT = "rack.input"
        # Deeper than anything here is said.
        DEEPEST = 40
        # Bodies that come before the contract is asked: an object of these texts.
        ACCOUNT_BODIES = { "/api/login" => %w[email password], "/api/change-password" => %w[password new_password],
                           "/api/logout" => [] }.freeze
        LONGEST_WORD = 2_000

        def initialize(app)
          @app = app
        end

        def call(env)
          address(env["PATH_INFO"])
          address(env["QUERY_STRING"])
          body(env) if env["PATH_INFO"].start_with?("/api/") && env["CONTENT_LENGTH"].to_i.positive?
          # A request without a body need not say what it is, and nothing it says of it matters.
          env["CONTENT_TYPE"] = "application/json" if nothing_sent?(env) || env["CONTENT_TYPE"].to_s.strip.empty?
          account_body(env)
          @app.call(env)
        end

        private

        def nothing_sent?(env)
          env["PATH_INFO"].start_with?("/api/") && !env["CONTENT_LENGTH"].to_i.positive? && !Photographs.sent?(env)
        end

        def address(text)
          whole = URI.decode_www_form_component(text.to_s)
          raise no_address unless plain?(whole)
        rescue ArgumentError
          raise no_address
        end

        def plain?(text)
          utf8 = text.dup.force_encoding(Encoding::UTF_8)
          utf8.valid_encoding? && !utf8.include?("\0")
        end

        # Whether it is good JSON is for the contract to say; here only what stands in it.
        def body(env)
          return picture(env) if Photographs.sent?(env)
          raise not_json unless env["CONTENT_TYPE"].to_s.b.match?(%r{\Aapplication/json\b}i)

          text = env[INPUT].read
          env[INPUT] = StringIO.new(text)
          raise no_text("") unless plain?(text)

          env["deck_bough.body"] = said = JSON.parse(text, max_nesting: DEEPEST)
          walk(said, "")
        rescue JSON::NestingError
          raise Problem.invalid(
            [{ pointer: "", code: "too_deep",
               message: "The body is nested deeper than #{DEEPEST}. Nothing here is said like that." }]
          )
        rescue JSON::ParserError
          nil
        end

        # What kind of picture it really is its content says, later.
        def picture(env)
          return if env["CONTENT_TYPE"] == Photographs::TYPE

          raise Problem.new(415, "no-picture", "Send a picture", "This address takes #{Photographs::TYPE}.")
        end

        def walk(value, pointer)
          case value
          when String then raise no_text(pointer) unless plain?(value)
          when Array then value.each_with_index { |part, i| walk(part, "#{pointer}/#{i}") }
          when Hash then value.each do |name, part|
            plain?(name) ? walk(part, "#{pointer}/#{name}") : raise(no_text(pointer))
          end
          end
        end

        def account_body(env)
          wanted = ACCOUNT_BODIES[env["PATH_INFO"]] or return
          return unless env["REQUEST_METHOD"] == "POST"

          said = env["deck_bough.body"]
          return if said.nil? && wanted.empty? && !env["CONTENT_LENGTH"].to_i.positive?
          raise no_object unless said.is_a?(Hash)

          wrong = wanted.reject { |name| said[name].is_a?(String) && said[name].size <= LONGEST_WORD }
          return if wrong.empty?

          raise Problem.invalid(
            wrong.map { |name| { pointer: "/#{name}", code: "missing", message: "#{name} is missing. Type it." } }
          )
        end

        def not_json
          Problem.new(415, "not-json", "Send JSON", "This address takes application/json.")
        end

        def no_object
          Problem.invalid(
            [{ pointer: "", code: "object", message: "The body must be one JSON object, sent as application/json." }]
          )
        end

        def no_text(pointer)
          Problem.invalid(
            [{ pointer: pointer, code: "not_text", message: "This holds characters that are no text. Type it again." }]
          )
        end

        def no_address
          Problem.new(400, "no-address", "Not an address",
                      "This address holds characters that are no text. Go back and follow the link again.")
        end
      end
    end
  end
end
