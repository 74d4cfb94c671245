# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Who can sign in to the studio.
      module People
        FIELDS = %w[name email password role].freeze

        def self.registered(app)
          app.get("/api/people") { answer(store(Store::People).list(page: query.fetch("page", 1))) }
          app.post("/api/people") { answer(add_person, 201) }
          app.helpers Answers
        end

        module Answers
          def add_person
            owner!
            store(Store::People).add(said.slice(*FIELDS).transform_keys(&:to_sym), cost: @configuration.password_cost)
          end
        end
      end
    end
  end
end
