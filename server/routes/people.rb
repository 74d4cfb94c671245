# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Who can sign in to the studio, and who no longer.
      class People < Resource
        get "/api/people", :list
        post "/api/people", :add
        patch "/api/people/:id", :change
        post "/api/people/:id/sign-out", :sign_out
        post "/api/people/:id/password", :set_password

        FIELDS = %w[name email password role].freeze

        def list
          answer(people.list(page: page))
        end

        def add
          owner!
          answer(people.add(said.slice(*FIELDS).transform_keys(&:to_sym), cost: cost), 201)
        end

        # Role, and whether the person may sign in.
        def change
          owner!
          answer(people.change(number, said.slice("role", "disabled").transform_keys(&:to_sym), now: now))
        end

        def sign_out
          owner!
          people.end_sessions(number)
          nothing
        end

        def set_password
          owner!
          people.set_password(number, said["password"], cost: cost)
          nothing
        end

        private

        def people
          store(Store::People)
        end

        def cost
          context.configuration.password_cost
        end

        # People are numbered.
        def number
          part(:id).match?(/\A\d{1,15}\z/) ? part(:id).to_i : raise(Problem.not_found("person"))
        end
      end
    end
  end
end
