# frozen_string_literal: true

require "ipaddr"

module DeckBough
  module Server
    module Middleware
      # Where a request really comes from and whether it came over TLS. What a client says of itself in X-Forwarded-For,
      # Forwarded or X-Forwarded-Proto counts only when a configured proxy passed it on.
      #
      #   TRUSTED_PROXIES="10.0.0.2 10.0.1.0/24" bin/start
      class ClientAddress
        ADDRESS = "deck_bough.address"
        SECURE = "deck_bough.secure"

        # @param proxies [Array<String>] addresses or networks
        def initialize(app, proxies)
          @app = app
          @proxies = proxies.map { |text| IPAddr.new(text) }
        end

        def call(env)
          proxied = trusted?(env["REMOTE_ADDR"])
          env[ADDRESS] = proxied ? told(env) : env["REMOTE_ADDR"]
          env[SECURE] = env["rack.url_scheme"] == "https" || (proxied && env["HTTP_X_FORWARDED_PROTO"] == "https")
          # Nobody behind this believes these.
          %w[HTTP_X_FORWARDED_FOR HTTP_FORWARDED].each { |name| env.delete(name) }
          @app.call(env)
        end

        private

        # The last address on the way that is no proxy of ours.
        def told(env)
          way = env["HTTP_X_FORWARDED_FOR"].to_s.split(",").map(&:strip)
          way.reverse.find { |address| !trusted?(address) } || env["REMOTE_ADDR"]
        end

        def trusted?(address)
          return false if @proxies.empty?

          @proxies.any? { |proxy| proxy.include?(IPAddr.new(address.to_s)) }
        rescue IPAddr::Error
          false
        end
      end
    end
  end
end
