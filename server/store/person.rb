# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Somebody who can sign in: what a name, an email and a password must be, and how they are kept.
      module Person
        SHORTEST = 10
        # More bytes than this bcrypt does not read.
        LONGEST = 72
        LONGEST_EMAIL = 254

        module_function

        # @return [Array<Hash>] what is wrong, field by field; empty when nothing is
        def objections(name:, email:, password:)
          told = []
          told << error("name", "Type a name, in 1 to 120 characters.") unless name.strip.size.between?(1, 120)
          unless email.strip.match?(/\A[^@\s]+@[^@\s]+\z/) && email.size <= LONGEST_EMAIL
            told << error("email", "“#{email[0, 80]}” is not an email address. Type one such as you@studio.example.")
          end
          unless password.size >= SHORTEST && password.bytesize <= LONGEST
            told << error("password", "A password has #{SHORTEST} to #{LONGEST} characters.")
          end
          told
        end

        # @return [Integer] the account's id
        def add(database, studio_id, name:, email:, password:, role:, cost:)
          database[:accounts].returning(:id).insert(studio_id: studio_id, name: name.strip,
                                                    email: email.strip.downcase, role: role,
                                                    password_hash: BCrypt::Password.create(password, cost:
                                                      cost)).first[:id]
        end

        def error(field, message)
          { pointer: "/#{field}", code: "invalid", message: message }
        end
        private_class_method :error
      end
    end
  end
end
