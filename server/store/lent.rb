# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What was lent and has not come back.
      #
      #   Lent.new(database, studio_id).away.all # => [{ style_id: id, whom: "Corin Aske", much: 4.0, since: time }]
      class Lent < Table
        MUCH = Sequel.function(:sum, :quantity) * -1
        private_constant :MUCH

        # What was written wrongly and reversed was not lent.
        #
        # @return [Sequel::Dataset] style_id, whom, much, since; by style and who has it
        def away
          rows(:stock_moves).where(reason: %w[lent returned])
                            .exclude(id: rows(:stock_moves).exclude(reverses: nil).select(:reverses))
                            .group(:style_id, :whom).having { sum(:quantity) < -Lots::LEAST }
                            .select(:style_id, :whom, MUCH.as(:much), Sequel.function(:max, :made_at).as(:since))
        end
      end
    end
  end
end
