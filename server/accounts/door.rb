# frozen_string_literal: true

module DeckBough
  module Server
    module Accounts
      # Sign-in, sign-out and change of password: Rodauth, JSON only, over a cookie session.
      #
      # Sessions are listed in the database, so that signing out and changing a password end them for good. There is no mail
      # from here: an account locked after repeated failures opens again by itself.
      class Door
        MOST_FAILURES = 8
        LOCKED_MINUTES = 15

        # @return [Class] a Roda middleware
        def self.build(database, configuration)
          Class.new(Roda) do
            plugin :middleware
            plugin :json_parser, content_type_regexp: %r{\Aapplication/json\b}i, error_handler: lambda { |_|
              raise Problem.invalid([{ pointer: "", code: "unreadable", message: "The body is not readable JSON." }])
            }
            plugin :rodauth, json: :only do
              enable :json, :login, :logout, :lockout, :change_password, :active_sessions
              db database
              require_mail? false
              # No link leaves this server, so no request's host can end up in one.
              domain "deck-bough.invalid"
              Door.routes(self)
              Door.safety(self, configuration)
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
            unlock_account_route nil
            unlock_account_request_route nil
          end
        end

        def self.safety(auth, configuration)
          auth.instance_eval do
            account_password_hash_column :password_hash
            hmac_secret configuration.session_secret
            password_hash_cost configuration.password_cost
            password_minimum_length 10
            password_maximum_bytes 72
            require_password_confirmation? false
            max_invalid_logins MOST_FAILURES
            set_deadline_values? true
            account_lockouts_deadline_interval({ minutes: LOCKED_MINUTES })
          end
        end

        # What Rodauth says is said again as problem details, like every other error here.
        def self.sentences(auth)
          auth.instance_eval do
            login_error_flash "That did not work"
            no_matching_login_message "no account with this email and password"
            invalid_password_message "no account with this email and password"
            login_lockout_error_flash "Too many wrong passwords. This account opens again in #{LOCKED_MINUTES} minutes."
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
          problem = Problem.new(auth.response.status || 400, kind(auth.request.path), answer["error"], detail, errors: errors)
          auth.response.headers["content-type"] = "application/problem+json"
          JSON.generate(problem.to_h(auth.request.env[Middleware::RequestLog::ID]))
        end
      end
    end
  end
end
