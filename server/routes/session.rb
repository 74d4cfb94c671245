# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Who is at the door and for which studio; sign-in itself is Accounts::Door.
      module Session
        def self.registered(app)
          app.get("/api/door") { answer(founded: Store::Studios.new(@database).founded?) }
          app.post("/api/studios") { found_studio }
          app.get("/api/me") { answer(me) }
          app.patch("/api/studio") { change_studio }
          app.helpers Answers
        end

        module Answers
          def me
            { account: account.slice(:name, :email, :role), studio: studio.slice(:name, :units, :currency, :version, *Store::Studios::SCHOOLS), today: today.iso8601 }
          end

          def found_studio
            fields = %w[studio name email password units].to_h { |field| [field.to_sym, said[field]] }
            Store::Studios.new(@database).found(**fields, cost: @configuration.password_cost)
            answer({ founded: true }, 201)
          end

          def change_studio
            owner!
            Store::Studios.new(@database).change(studio[:id], said["version"], said.slice("units", *Store::Studios::SCHOOLS.map(&:to_s)).transform_keys(&:to_sym))
            @studio = nil
            answer(me)
          end
        end
      end
    end
  end
end
