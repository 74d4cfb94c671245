# frozen_string_literal: true

module DeckBough
  module Server
    module Middleware
      # What is too large, or was sent by another site, goes no further.
      class RequestLimits
        LARGEST = 2 * 1024 * 1024
        CHANGING = %w[POST PUT PATCH DELETE].freeze

        def initialize(app)
          @app = app
        end

        def call(env)
          largest = Photographs.sent?(env) ? Photographs::LARGEST : LARGEST
          if env["CONTENT_LENGTH"].to_i > largest || (env["HTTP_TRANSFER_ENCODING"] && !env["CONTENT_LENGTH"])
            raise too_large(largest)
          end
          raise elsewhere if CHANGING.include?(env["REQUEST_METHOD"]) && foreign?(env)

          @app.call(env)
        end

        private

        # A browser says which site a request was sent by, in one of two ways.
        def foreign?(env)
          return true if %w[cross-site same-site].include?(env["HTTP_SEC_FETCH_SITE"])

          origin = env["HTTP_ORIGIN"]
          !origin.nil? && origin.sub(%r{\Ahttps?://}, "") != env["HTTP_HOST"]
        end

        def too_large(largest)
          what = largest == LARGEST ? "A request" : "A picture"
          Problem.new(413, "too-large", "Too large",
                      "#{what} may hold #{largest / 1024 / 1024} MB and must say its length. Make it smaller and " \
                      "send it again.")
        end

        def elsewhere
          Problem.new(403, "other-site", "From another site",
                      "This change was sent by another site and was not made. Open Deck Bough itself and try again.")
        end
      end
    end
  end
end
