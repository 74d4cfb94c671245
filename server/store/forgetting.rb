# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What goes for good may go from a closed season too, where nothing else is changed.
      #
      #   Forgetting.within(database) { database[:rooms].delete }
      module Forgetting
        module_function

        # @yield in a transaction
        def within(database)
          Table.tried(database) do
            database.run("set local deck_bough.forgets = 'yes'")
            yield.tap { database.run("set local deck_bough.forgets = 'no'") }
          end
        end
      end
    end
  end
end
