# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What happened to the stock in a season, and what of it is still out.
      #
      #   facts.broken(2026) # => [{ style: id, name: "Slate glass, 10 cm", broken: 3, lost: 0, cents: 1110 }]
      class SeasonFacts < Table
        # So many kinds of things are told, the dearest first.
        MOST = 50
        GONE = %w[broken lost].freeze

        # Of a style, what broke and what was lost; what was found again or written wrongly is taken off.
        #
        # @return [Array<Hash>] style, name, broken, lost, cents
        def gone(season)
          moves = moves_of(season).where(reason: [*GONE, "found"])
          by_style = moves.select_hash_groups(:style_id, %i[reason quantity])
          known = rows(:styles).where(id: by_style.keys).select_hash(:id, %i[name price_cents pack_size])
          told = by_style.filter_map { |style, all| gone_of(style, all, known[style]) if known.key?(style) }
          told.sort_by { |one| [-(one[:cents] || 0), one[:name]] }.first(MOST)
        end

        # What was lent and is not back.
        #
        # @return [Array<Hash>] style, name, whom, quantity
        def lent
          away = Lent.new(database, studio_id).away.as(:away)
          found = database[away].join(:styles, id: :style_id).order(:name, :whom).limit(MOST)
          found.select_map(%i[style_id name whom much]).map do |style, name, whom, much|
            { style: style, name: name, whom: whom, quantity: much }
          end
        end

        # Of what pieces keep, how much is the base that stays for years and how much this year's layer.
        #
        # @return [Hash] base_cents, change_cents, unmarked_cents, change (names of what is this year's, the dearest
        #   first), unpriced (kinds of things nobody knows the price of)
        def base_and_change
          worth = Sequel.lit("kept.held * styles.price_cents / styles.pack_size")
          all = Stockroom.new(database, studio_id).claims.where { held > 0 }.from_self(alias: :kept)
                         .join(:styles, id: :style_id)
          kept = all.exclude(price_cents: nil)
          sums = kept.group(:role).select_hash(:role, Sequel.function(:sum, worth).as(:cents))
          change = kept.where(role: "change").group(Sequel[:styles][:id], Sequel[:styles][:name])
                       .order(Sequel.desc(Sequel.function(:sum, worth)), Sequel[:styles][:name]).limit(MOST)
                       .select_map(Sequel[:styles][:name])
          { base_cents: sums["base"].to_i, change_cents: sums["change"].to_i, unmarked_cents: sums[nil].to_i,
            change: change, unpriced: all.where(price_cents: nil).select(Sequel[:styles][:id]).distinct.count }
        end

        # What was noted in a season, in the order of these sorts, what is open first.
        #
        # @return [Array<Hash>] sort, says, piece_name, home_name
        def remarks(season, sorts, most)
          rows(:log_remarks).where(season: season, sort: sorts, deleted_at: nil)
                            .order(Sequel.case(sorts.each_with_index.to_h, sorts.size, :sort),
                                   Sequel.desc(Sequel.expr(settled_on: nil)), :made_at, :id).limit(most)
                            .select(:sort, :says, :piece_name, :home_name).all
        end

        private

        def moves_of(season)
          rows(:stock_moves).where(made_at: DeckBough::Stock::Wear.days_of(season), reverses: nil)
                            .exclude(id: reversed)
        end

        def reversed
          rows(:stock_moves).exclude(reverses: nil).select(:reverses)
        end

        # What was found is taken off what was lost.
        def gone_of(style, moves, known)
          name, price, pack = known
          sums = moves.group_by(&:first).transform_values { |all| all.sum { |_, quantity| quantity.abs } }
          broken = sums.fetch("broken", 0)
          lost = [sums.fetch("lost", 0) - sums.fetch("found", 0), 0].max
          return unless (broken + lost).positive?

          { style: style, name: name, broken: broken, lost: lost,
            cents: price && ((broken + lost) * price / pack.to_f).round }
        end
      end
    end
  end
end
