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
          if env["CONTENT_LENGTH"].to_i > LARGEST || (env["HTTP_TRANSFER_ENCODING"] && !env["CONTENT_LENGTH"])
            raise too_large
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

        def too_large
          Problem.new(413, "too-large", "Too large",
                      "A request may hold #{LARGEST / 1024 / 1024} MB and must say its length. Take out what is not " \
                      "needed and send it again.")
        end

        def elsewhere
          Problem.new(403, "other-site", "From another site",
                      "This change was sent by another site and was not made. Open Deck Bough itself and try again.")
        end
      end
    end
  end
end
