# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Trees that were cut and dry out.
      #
      #   CutTrees.new(database, studio_id).any?(piece_ids) # => false
      class CutTrees < Table
        CUT = Sequel.lit("settings #>> '{measure,kind}' = 'real'")

        def any?(piece_ids)
          rows(:pieces).where(id: piece_ids, kind: "tree").where(CUT).any?
        end
      end
    end
  end
end
