# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # How things of the stock look and when they are put up: what decides whether they stay after the day.
      #
      #   things.facts([style_id])[style_id][:season] # => "holiday"
      class SeasonThings < Table
        FACTS = %i[name kind colour texture material shape season keepsake breakable].freeze
        LONGER = %w[winter all_year].freeze
        # What makes a surface look dressed.
        KINDS = %w[decor stem garland].freeze

        # @return [Hash{String => Hash}] by style
        def facts(ids)
          by_id(rows(:styles).where(id: Ids.only(ids)))
        end

        # What is put up beyond the day, none of it retired or another client's own; what there is most of first.
        #
        # @return [Hash{String => Hash}] by style
        def put_up_longer(home, most)
          mine = Sequel.expr(owner_home_id: nil) | Sequel.expr(owner_home_id: home)
          there = rows(:stock_quantities).where { on_hand > 0 }.select(:style_id, :on_hand)
          by_id(database[:styles].where(studio_id: studio_id, season: LONGER, kind: KINDS, retired: false).where(mine)
                                 .join(there.as(:there), style_id: :id)
                                 .order(Sequel.desc(Sequel[:there][:on_hand]), :name, :id).limit(most))
        end

        private

        def by_id(dataset)
          dataset.select(:id, *FACTS).all.to_h { |row| [row[:id], row.slice(*FACTS)] }
        end
      end
    end
  end
end
