# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Reads from an append-only history which change an undo or redo would take next.
      #
      #   ChangeStack.new([{ number: 1, act: "change" }, { number: 2, act: "undo", of_number: 1 }]).redoable # => 1
      class ChangeStack
        # @param changes [Array<Hash>] number, act, of_number; oldest first
        def initialize(changes)
          @done = []
          @undone = []
          changes.each { |change| take(change) }
        end

        # @return [Integer, nil] the number of the change
        def undoable
          @done.last
        end

        def redoable
          @undone.last
        end

        private

        def take(change)
          case change[:act]
          when "undo" then @undone.push(@done.pop)
          when "redo" then @done.push(@undone.pop)
          else
            @done.push(change[:number])
            # A new change after an undo starts another branch; what was undone stays in the history only.
            @undone.clear
          end
        end
      end
    end
  end
end
