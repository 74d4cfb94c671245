# frozen_string_literal: true

require "forwardable"

module DeckBough
  module Server
    module Routes
      # A resource of the API: its routes and, for each, a method that answers it. An instance answers one request.
      #
      #   class Looks < Resource
      #     get "/api/looks", :list
      #     def list = answer(store(Store::Looks).list(page: page))
      #   end
      class Resource
        extend Forwardable

        Route = Struct.new(:verb, :path, :action)

        class << self
          # @return [Array<Route>] in the order they are matched
          def routes
            @routes ||= []
          end

          Contract::VERBS.each do |verb|
            define_method(verb) { |path, action| routes << Route.new(verb, path, action) }
          end
        end

        def_delegators :@context, :account, :studio, :store, :planning, :season, :now, :today, :owner!, :said, :query,
                       :page, :part, :id, :said_id, :query_id, :day, :answer, :nothing,
                       :file

        # @param context [Context]
        def initialize(context)
          @context = context
        end

        private

        attr_reader :context
      end
    end
  end
end
