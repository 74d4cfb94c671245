# frozen_string_literal: true

require "openssl"

module DeckBough
  module Server
    module Accounts
      # Browsers somebody has signed in from before. Guesses of strangers close the door for strangers; its owner still
      # comes in from one of these, as long as not too many wrong passwords are typed there.
      #
      #   token = browsers.remember(account_id)          # kept by the browser as a cookie of its own
      #   browsers.known?(token, "ottoline@…")           # => true
      class KnownBrowsers
        COOKIE = "deck_bough_browser"
        MOST_FAILURES = 8
        DAYS = 365

        def initialize(database, secret)
          @database = database
          @secret = secret
        end

        # @return [String] a new token, or the one that is known already
        def remember(account_id, token = nil)
          token = SecureRandom.urlsafe_base64(32) unless token && seen?(token, account_id)
          @database[:known_browsers].insert_conflict.insert(token_digest: digest(token), account_id: account_id)
          @database[:known_browsers].where { seen_at < Sequel.lit("now() - ? * interval '1 day'", DAYS) }.delete
          token
        end

        def known?(token, email)
          return false if token.to_s.empty?

          found = row(token).join(:accounts, id: :account_id)
                            .where(Sequel.function(:lower, :email) => email.to_s.strip.downcase)
          !found.where(disabled_at: nil).where { failures < MOST_FAILURES }.empty?
        end

        def failed(token)
          row(token).update(failures: Sequel[:failures] + 1)
        end

        # A cookie for the browser.
        def cookie(token)
          { value: token, path: "/api/", httponly: true, same_site: :strict, max_age: DAYS * 24 * 3600 }
        end

        private

        # Its own browser once more: what was mistyped in it before is forgotten.
        def seen?(token, account_id)
          row(token).where(account_id: account_id).update(failures: 0, seen_at: Sequel::CURRENT_TIMESTAMP) == 1
        end

        def row(token)
          @database[:known_browsers].where(token_digest: digest(token))
        end

        def digest(token)
          OpenSSL::HMAC.hexdigest("SHA256", @secret, "browser:#{token}")
        end
      end
    end
  end
end
