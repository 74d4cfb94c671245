# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # All that a route knows of the request it answers: who asks, for which studio, what was said, and how answers are
      # made.
      class Context
        # @param env [Hash] of the request, checked by gate and contract
        # @param params [Hash] the parts of the address
        # @param application [App] gives database, configuration, clock and kept answers
        def initialize(env, params, application)
          @env = env
          @params = params
          @application = application
        end

        def database
          @application.database
        end

        def configuration
          @application.configuration
        end

        def account
          @env[Middleware::Gate::ACCOUNT]
        end

        def studio
          @studio ||= Store::Studios.new(database).find(account[:studio_id])
        end

        # After the studio itself was changed.
        def forget_studio
          @studio = nil
        end

        # Where this studio is reached, as whoever asks reached it: what a code on a label leads to.
        def address
          Rack::Request.new(@env).base_url
        end

        # A store of the studio of whoever is signed in.
        def store(kind)
          kind.new(database, account[:studio_id])
        end

        # What is free for a piece is known once every other one has been reckoned.
        def planning
          @planning ||= begin
            needs.complete
            Planning.new(database, studio, kept: @application.kept)
          end
        end

        def needs
          Needs.new(database, studio)
        end

        def season
          Season.new(database, studio)
        end

        def now
          @application.clock.call
        end

        def today
          now.to_date
        end

        def owner!
          raise Problem.owner_only unless account[:role] == "owner"
        end

        # Answers that took long.
        def kept
          @application.kept
        end

        # What was gathered for buying.
        def gathered
          @application.gathered
        end

        # What is counted of this request beside its time (Middleware::Watched).
        def note(name, value)
          @env[name] = value
        end

        def album
          @application.album
        end

        # A picture as it was sent, as long as the block has it.
        def sent_file
          Tempfile.create("sent", binmode: true) do |file|
            @env["rack.input"].rewind
            IO.copy_stream(@env["rack.input"], file)
            file.flush
            yield file
          end
        end

        # The body, checked against the contract already.
        def said
          @said ||= request.body || {}
        end

        def query
          request.query
        end

        def page
          query.fetch("page", 1)
        end

        # A part of the address that is no id: the key of a house rule.
        def part(name)
          @params[name]
        end

        # An id that is no id at all is simply not there.
        def id
          Store::Ids.id?(@params[:id]) ? @params[:id] : raise(Problem.not_found("thing"))
        end

        # An id of the body, likewise.
        def said_id(name)
          Store::Ids.id?(said[name]) ? said[name] : raise(Problem.not_found("thing"))
        end

        # An id of the question, likewise.
        def query_id(name)
          Store::Ids.id?(query[name]) ? query[name] : raise(Problem.not_found("thing"))
        end

        # A day of the question.
        def day(name)
          Date.iso8601(query[name])
        rescue Date::Error
          raise Problem.invalid([{ pointer: "/#{name}", code: "not_a_day",
                                   message: "“#{query[name][0, 20]}” is no day. Choose one such as 2026-12-24." }])
        end

        def answer(body, status = 200)
          [status, NEVER_KEPT.merge("content-type" => "application/json"), [JSON.generate(body)]]
        end

        def nothing
          [204, NEVER_KEPT, []]
        end

        # What goes to disk under a name of its own.
        def file(body, type, name)
          [200,
           NEVER_KEPT.merge("content-type" => type,
                            "content-disposition" => "attachment; filename=\"#{name.gsub(/[^\w.-]+/, '-')}\""), [body]]
        end

        NEVER_KEPT = { "cache-control" => "no-store" }.freeze

        private

        def request
          @env.fetch(OpenapiFirst::REQUEST)
        end
      end
    end
  end
end
