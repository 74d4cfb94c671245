# frozen_string_literal: true

module DeckBough
  module Server
    module Accounts
      # Sign-in, sign-out and change of password: Rodauth, JSON only, over a cookie session.
      #
      # Sessions are listed in the database, so that signing out and changing a password end them for good. An email
      # that is not known takes as long and is answered as one that is. There is no mail from here: a door that closed
      # after repeated failures opens again by itself, and is never closed to a browser its owner has signed in from
      # (KnownBrowsers).
      class Door
        # @return [Class] a Roda middleware
        def self.build(database, configuration)
          Class.new(Roda) do
            plugin :middleware
            plugin :json_parser, content_type_regexp: %r{\Aapplication/json\b}i, error_handler: lambda { |_|
              raise Problem.invalid([{ pointer: "", code: "unreadable", message: "The body is not readable JSON." }])
            }
            plugin :rodauth, json: :only do
              enable :json, :login, :logout, :change_password, :active_sessions
              db database
              # No link leaves this server, so no request's host can end up in one.
              domain "deck-bough.invalid"
              Door.routes(self)
              Door.safety(self, configuration)
              Door.guard(self, database, configuration)
              Door.sentences(self)
            end
            route do |r|
              env["rodauth"] = rodauth
              r.rodauth
              rodauth.check_active_session if r.path.start_with?("/api/") && rodauth.session_value
            end
          end
        end

        def self.routes(auth)
          auth.instance_eval do
            login_route "api/login"
            logout_route "api/logout"
            change_password_route "api/change-password"
            before_logout_route { require_login }
            login_column :email
            login_param "email"
            normalize_login { |login| login.strip.downcase }
            new_password_param "new_password"
          end
        end

        def self.safety(auth, configuration)
          auth.instance_eval do
            account_password_hash_column :password_hash
            hmac_secret configuration.session_secret
            password_hash_cost configuration.password_cost
            password_minimum_length Store::Person::SHORTEST
            password_maximum_bytes Store::Person::LONGEST
            require_password_confirmation? false
          end
        end

        # Guesses are counted and answered alike for everyone.
        def self.guard(auth, database, configuration)
          guesses = Guesses.new(database, configuration.session_secret)
          browsers = KnownBrowsers.new(database, configuration.session_secret)
          # What an unknown email's password is compared with, so that it takes as long.
          nobody = BCrypt::Password.create("nobody signs in with this", cost: configuration.password_cost)
          auth.instance_eval do
            before_login_route do
              raise Door.closed if guesses.closed?(param("email")) && !browsers.known?(browser_token, param("email"))
            end
            account_from_login { |login| super(login)&.then { |found| found unless found[:disabled_at] } }
            after_no_matching_login do
              nobody.is_password?(param("password"))
              guesses.failed(param("email"))
            end
            after_login_failure { guessed(guesses, browsers) }
            after_login do
              guesses.forget(param("email"))
              remember_browser(browsers)
            end
            before_change_password_route { raise Door.closed if guesses.closed?("present:#{account_id}") }
            password_match? { |password| super(password).tap { |good| count_present(guesses, good) } }
            after_change_password { guesses.forget("present:#{account_id}") }
            auth_class_eval { include Remembering }
          end
        end

        # What the door knows of the browser in front of it.
        module Remembering
          private

          # What a known browser guesses counts against that browser alone.
          def guessed(guesses, browsers)
            known = browsers.known?(browser_token, param("email"))
            known ? browsers.failed(browser_token) : guesses.failed(param("email"))
          end

          def browser_token
            request.cookies[KnownBrowsers::COOKIE]
          end

          def remember_browser(browsers)
            token = browsers.remember(account_id, browser_token)
            Rack::Utils.set_cookie_header!(response.headers, KnownBrowsers::COOKIE, browsers.cookie(token))
          end

          # Only who changes a password guesses at the present one; signing in is counted by email.
          def count_present(guesses, good)
            guesses.failed("present:#{account_id}") if !good && request.path.end_with?("/change-password")
          end
        end

        def self.closed
          Problem.new(403, "not-let-in", "Too many wrong passwords",
                      "Too many wrong passwords. Sign-in with this email opens again in #{Guesses::MINUTES} minutes; " \
                      "from a browser you signed in from before it is open.")
        end

        # What Rodauth says is said again as problem details, like every other error here.
        def self.sentences(auth)
          auth.instance_eval do
            login_error_flash "That did not work"
            no_matching_login_message "no account with this email and password"
            invalid_password_message "no account with this email and password"
            change_password_error_flash "The password was not changed"
            invalid_previous_password_message "this is not the present password"
            same_as_existing_password_message "choose one that differs from the present"
            password_too_short_message { "a password has at least #{password_minimum_length} characters" }
            password_too_many_bytes_message { "a password has at most #{password_maximum_bytes} bytes" }
            require_login_error_flash "Please sign in"
            active_sessions_error_flash "Please sign in again"
            already_logged_in { nil }
            json_response_body { |answer| Door.body(self, answer) }
          end
        end

        # A wrong password is not an ended session: only the latter asks to sign in again.
        def self.kind(path)
          path.end_with?("/login", "/change-password") ? "not-let-in" : "signed-out"
        end

        def self.body(auth, answer)
          return JSON.generate(signed_in: !auth.session_value.nil?) unless answer["error"]

          field, message = answer["field-error"]
          # A wrong email must not be told from a wrong password.
          field = nil if auth.request.path.end_with?("/login")
          errors = field ? [{ pointer: "/#{field}", code: "invalid", message: "#{message.capitalize}." }] : []
          detail = message ? "#{message.capitalize}." : answer["error"]
          problem = Problem.new(auth.response.status || 400, kind(auth.request.path), answer["error"], detail,
                                errors: errors)
          auth.response.headers["content-type"] = "application/problem+json"
          JSON.generate(problem.to_h(auth.request.env[Middleware::RequestLog::ID]))
        end
      end
    end
  end
end
