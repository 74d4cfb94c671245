# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What a change of plan frees: what pieces kept before it and keep no more, and who has it from then on.
      #
      #   home, frees = freed.by(piece_ids) { homes.change(id, 3, "visit_on" => "2026-12-04") }
      #   frees[:items].first # => { style:, name: "Quince glass, 6 cm", kind: "ornament", quantity: 9.0, gains: [] }
      class Freed < Table
        # So many things, and of one so many pieces that have it, are told one by one; more are counted.
        MOST = 5

        # @param piece_ids [Sequel::Dataset, Array<String>] of the pieces that something is done to
        # @return [Array] what the block gives, and the freed (items, more)
        def by(piece_ids)
          own = rows(:pieces).where(id: piece_ids).select_map(:id).to_set
          styles = rows(:piece_claims).where(piece_id: own.to_a).distinct.select_map(:style_id)
          before = kept(styles)
          given = yield
          [given, told(own, before, kept(styles))]
        end

        private

        # By style and piece: what it keeps, and what it is called.
        def kept(styles)
          found = styles.empty? ? [] : Stockroom.new(database, studio_id).claims(styles).all
          found.to_h { |claim| [claim.values_at(:style_id, :piece), claim] }
        end

        def told(own, before, after)
          changes = (before.keys | after.keys).map do |place|
            [place, after.dig(place, :held).to_f - before.dig(place, :held).to_f]
          end
          mine, others = changes.partition { |(_, piece), _| own.include?(piece) }
          fewer = by_style(mine.select { |_, by| by < -Lots::LEAST })
          more = by_style(others.select { |_, by| by > Lots::LEAST })
          freed = named(fewer.keys | more.keys).map do |row|
            item(row, fewer.fetch(row[:id], []), more.fetch(row[:id], []), after)
          end
          freed = freed.sort_by { |one| [one[:gains].empty? ? 1 : 0, -one[:quantity], one[:name]] }
          { items: freed.first(MOST), more: [freed.size - MOST, 0].max }
        end

        def by_style(changes)
          changes.group_by { |(style, _), _| style }
        end

        def named(styles)
          rows(:styles).where(id: styles).select(:id, :name, :kind).all
        end

        # With other dates nothing is kept less, and yet others have more.
        def item(row, fewer, gains, after)
          quantity = [-fewer.sum { |_, by| by }, gains.sum { |_, by| by }].max
          { style: row[:id], name: row[:name], kind: row[:kind], quantity: quantity.round(Stock::PLACES),
            gains: gains.sort_by { |place, by| [-by, after[place][:name]] }.first(MOST).map do |place, by|
              { **after[place].slice(:piece, :name, :home), quantity: by.round(Stock::PLACES) }
            end,
            gains_more: [gains.size - MOST, 0].max }
        end
      end
    end
  end
end
