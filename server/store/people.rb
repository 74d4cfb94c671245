# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Everyone of a studio who can sign in, and who no longer may.
      class People < Table
        def list(page:)
          page(rows(:accounts).order(Sequel.desc(:role), :name), page) { |row| shown(row) }
        end

        # @raise [Problem] when something will not do, or the email is taken (in any studio: it is what one signs in
        #   with)
        def add(person, cost:)
          objections = Person.objections(**person.slice(:name, :email, :password))
          raise Problem.invalid(objections) unless objections.empty?

          id = transaction { Person.add(database, studio_id, **person, cost: cost) }
          shown(rows(:accounts).where(id: id).first)
        end

        # @param changes [Hash] role ("owner", "assistant"), disabled (true, false)
        # @raise [Problem] when the studio would be left without an owner who can sign in
        def change(id, changes, now:)
          transaction do
            # Two owners taking each other's role at once: the second sees the first one's change.
            database[:studios].where(id: studio_id).for_update.first
            person = found(id)
            disabled = changes.fetch(:disabled, !person[:disabled_at].nil?)
            values = { role: changes.fetch(:role, person[:role]),
                       disabled_at: disabled ? person[:disabled_at] || now : nil }
            rows(:accounts).where(id: id).update(values)
            refuse_without_owner
            end_sessions(id) if disabled
          end
          shown(found(id))
        end

        # Wherever the person is signed in, it ends now.
        def end_sessions(id)
          found(id)
          database[:account_active_session_keys].where(account_id: id).delete
        end

        # A new first password; the old one, and every session under it, is worth nothing any more.
        def set_password(id, password, cost:)
          person = found(id)
          objections = Person.objections(name: person[:name], email: person[:email], password: password)
          raise Problem.invalid(objections) unless objections.empty?

          transaction do
            rows(:accounts).where(id: id).update(password_hash: BCrypt::Password.create(password, cost: cost))
            database[:known_browsers].where(account_id: id).delete
            end_sessions(id)
          end
        end

        private

        def found(id)
          rows(:accounts).where(id: id).first or raise Problem.not_found("person")
        end

        def refuse_without_owner
          return unless rows(:accounts).where(role: "owner", disabled_at: nil).empty?

          raise Problem.invalid([{ pointer: "/role", code: "last_owner",
                                   message: "A studio has an owner who can sign in. Make somebody else an owner " \
                                            "first." }])
        end

        def shown(row)
          { **row.slice(:id, :name, :email, :role), disabled: !row[:disabled_at].nil? }
        end

        def taken(error)
          return super unless constraint(error) == "accounts_email"

          Problem.invalid(
            [{ pointer: "/email", code: "taken", message: "Somebody signs in with that email already. Give another." }]
          )
        end
      end
    end
  end
end
