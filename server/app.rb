# frozen_string_literal: true

module DeckBough
  module Server
    # The API: every resource's routes. What surrounds it is put together in Stack.
    class App < Sinatra::Base
      set :environment, :production
      set :raise_errors, true
      set :show_exceptions, false
      set :dump_errors, false
      disable :static, :protection, :logging, :sessions

      RESOURCES = [Routes::Session, Routes::People, Routes::Homes, Routes::Rooms, Routes::Pieces, Routes::Claims,
                   Routes::Hanging, Routes::CutPlans, Routes::Variants, Routes::Runs, Routes::Wreaths,
                   Routes::Groupings, Routes::Sheets, Routes::Anchors, Routes::Acts, Routes::Imports,
                   Routes::Stockroom, Routes::Styles, Routes::Boxes, Routes::Recipes, Routes::Days, Routes::RunSheets,
                   Routes::Buying, Routes::Suppliers, Routes::Purchases, Routes::Trials, Routes::Sightings,
                   Routes::Photographs, Routes::Looks, Routes::Views, Routes::StringTests, Routes::HouseRules,
                   Routes::Lessons, Routes::Logbook, Routes::SeasonEnd, Routes::Seasons, Routes::Proposals, Routes::HomeBook,
                   Routes::ClientsData, Routes::Lengths, Routes::Find].freeze

      # How many hanging maps a process remembers.
      KEPT = 200
      # Lists of what lacks over a season, each with thousands of things in a large studio.
      GATHERED = 4

      attr_reader :database, :configuration, :clock, :kept, :gathered, :album

      # @param clock [#call] gives the time; nothing here asks for it otherwise
      def initialize(app = nil, database:, configuration:, clock:, album:)
        @database = database
        @configuration = configuration
        @clock = clock
        @kept = KeptAnswers.new(KEPT)
        @gathered = KeptAnswers.new(GATHERED)
        @album = album
        super(app)
      end

      RESOURCES.each do |resource|
        resource.routes.each do |route|
          public_send(route.verb, route.path) do
            context = Routes::Context.new(env, params, self)
            resource.new(context).public_send(route.action).tap { |answered| Audit.note(context, route, answered) }
          end
        end
      end

      not_found { raise Problem.not_found("address") }
    end
  end
end
