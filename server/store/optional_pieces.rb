# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Pieces that are left out where there is no time for all; what they take stays as it is.
      #
      #   OptionalPieces.new(database, studio_id).put(piece_id, true)
      class OptionalPieces < Table
        def put(id, optional)
          transaction do
            row = rows(:pieces).where(id: id, deleted_at: nil).for_update.first or raise Problem.not_found("piece")
            rows(:pieces).where(id: row[:id]).update(optional: optional)
          end
        end
      end
    end
  end
end
