# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Who is at the door and for which studio; sign-in itself is Accounts::Door.
      class Session < Resource
        get "/api/door", :door
        post "/api/studios", :found
        get "/api/me", :me
        patch "/api/studio", :change

        CHANGED = ["units", *Store::Studios::SCHOOLS.map(&:to_s)].freeze

        def door
          answer(account ? { founded: true, me: myself } : { founded: studios.founded? })
        end

        def found
          fields = %w[studio name email password units].to_h { |field| [field.to_sym, said[field]] }
          studios.found(**fields, cost: context.configuration.password_cost)
          answer({ founded: true }, 201)
        end

        def me
          answer(myself)
        end

        def change
          owner!
          studios.change(studio[:id], said["version"], said.slice(*CHANGED).transform_keys(&:to_sym))
          context.forget_studio
          me
        end

        private

        def myself
          shown = studio.slice(:name, :units, :currency, :version, *Store::Studios::SCHOOLS)
          { account: account.slice(:name, :email, :role), studio: shown, today: today.iso8601 }
        end

        def studios
          Store::Studios.new(context.database)
        end
      end
    end
  end
end
