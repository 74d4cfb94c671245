# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Everyone of a studio who can sign in.
      class People < Table
        SHOWN = %i[name email role].freeze

        def list(page:)
          page(rows(:accounts).order(Sequel.desc(:role), :name), page) { |row| row.slice(*SHOWN) }
        end

        # @raise [Problem] when something will not do, or the email is taken (in any studio: it is what one signs in with)
        def add(person, cost:)
          objections = Person.objections(**person.slice(:name, :email, :password))
          raise Problem.invalid(objections) unless objections.empty?

          id = transaction { Person.add(database, studio_id, **person, cost: cost) }
          rows(:accounts).where(id: id).first.slice(*SHOWN)
        end

        private

        def taken(error)
          return super unless constraint(error) == "accounts_email"

          Problem.invalid([{ pointer: "/email", code: "taken", message: "Somebody signs in with that email already. Give another." }])
        end
      end
    end
  end
end
