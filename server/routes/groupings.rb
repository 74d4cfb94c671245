# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What a grouping gives beside its plan: a first group from what is free for it.
      class Groupings < Benched
        LOOKED_AT = %w[decor ornament].freeze

        post "/api/pieces/:id/group", :start

        def start
          stock = planning.stock_for(piece_that_gives(:group), LOOKED_AT)
          answer(dialled_plan.start(stock) || raise(not_measured))
        end

        private

        def not_measured
          Problem.new(422, "not-measured", "Not measured yet",
                      "What it stands on has no length yet. Measure it on the bench; then there is something to go by.")
        end
      end
    end
  end
end
