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

        CHANGED = ["units", *[*Store::Studios::SCHOOLS, *Store::Studios::REGION, *Store::Studios::ORDER].map(&:to_s)]
                  .freeze
        FOUNDING = %w[studio name email password units region invitation].freeze
        SIGNED_IN = "You are signed in, and belong to a studio. Sign out first."

        def door
          return answer({ founded: true, me: myself }) if account
          return answer({ founded: false, regions: regions }) unless studios.founded?
          return answer({ founded: true }) unless invited?

          answer({ founded: true, invited: true, regions: regions })
        end

        def found
          raise Problem.new(409, "founded", "Already founded", SIGNED_IN) if account

          fields = FOUNDING.to_h { |field| [field.to_sym, said[field]] }.compact
          studios.found(**fields, cost: context.configuration.password_cost, at: now)
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
          { account: account.slice(:name, :email, :role),
            studio: { **studio.slice(*Store::Studios::SHOWN), money: Money.written(studio[:currency]) },
            today: today.iso8601, season: store(Store::Seasons).now(today) }
        end

        def invited?
          Store::Invitations.new(context.database).stands?(query["invitation"], today: today)
        end

        # To choose from when founding.
        def regions
          Region::NAMED.map { |name, region| { name: name, **region.to_h } }
        end

        def studios
          Store::Studios.new(context.database)
        end
      end
    end
  end
end
