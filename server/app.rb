# frozen_string_literal: true

module DeckBough
  module Server
    # The API: mounts the routes and gives them what they share. What surrounds it is put together in Stack.
    class App < Sinatra::Base
      set :environment, :production
      set :raise_errors, true
      set :show_exceptions, false
      set :dump_errors, false
      disable :static, :protection, :logging, :sessions

      RESOURCES = [Routes::Session, Routes::People, Routes::Homes, Routes::Rooms, Routes::Pieces, Routes::Hanging, Routes::CutPlans, Routes::Variants, Routes::Runs,
                   Routes::Styles, Routes::StringTests, Routes::HouseRules, Routes::Lengths, Routes::Find].freeze
      RESOURCES.each { |resource| register resource }

      # How many hanging maps a process remembers.
      KEPT = 200

      # @param clock [#call] gives the time; nothing here asks for it otherwise
      def initialize(app = nil, database:, configuration:, clock:)
        @database = database
        @configuration = configuration
        @clock = clock
        @kept = KeptAnswers.new(KEPT)
        super(app)
      end

      helpers do
        def account
          env[Middleware::Gate::ACCOUNT]
        end

        def studio
          @studio ||= Store::Studios.new(@database).find(account[:studio_id])
        end

        # A store of the studio of whoever is signed in.
        def store(kind)
          kind.new(@database, account[:studio_id])
        end

        def planning
          Planning.new(@database, studio, kept: @kept)
        end

        def today
          @clock.call.to_date
        end

        def owner!
          raise Problem.owner_only unless account[:role] == "owner"
        end

        # The body, checked against the contract already.
        def said
          @said ||= env.fetch(OpenapiFirst::REQUEST).body || {}
        end

        def query
          env.fetch(OpenapiFirst::REQUEST).query
        end

        # An id that is no id at all is simply not there.
        def id
          params[:id].match?(/\A\h{8}(-\h{4}){3}-\h{12}\z/) ? params[:id] : raise(Problem.not_found("thing"))
        end

        def answer(body, status_code = 200)
          content_type :json
          headers "cache-control" => "no-store"
          status status_code
          JSON.generate(body)
        end

        def nothing
          headers "cache-control" => "no-store"
          halt 204
        end

        # What goes to disk under a name of its own.
        def file(body, type, name)
          content_type type
          headers "cache-control" => "no-store", "content-disposition" => "attachment; filename=\"#{name.gsub(/[^\w.-]+/, '-')}\""
          body
        end
      end

      not_found { raise Problem.not_found("address") }
    end
  end
end
