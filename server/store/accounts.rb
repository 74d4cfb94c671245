# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Who is signed in, and for which studio.
      class Accounts
        def initialize(database)
          @database = database
        end

        # @return [Hash, nil] id, studio_id, name, email, role; nil for one who may no longer sign in
        def find(id)
          @database[:accounts].where(id: id, disabled_at: nil).select(:id, :studio_id, :name, :email, :role).first
        end
      end
    end
  end
end
