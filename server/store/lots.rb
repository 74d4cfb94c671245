# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Where things lie: so many of each style in a box, ribbons by roll and offcut. The lots of a style sum to what is
      # on hand; only Stock changes them, under the lock of the style.
      #
      #   lots.rolls([style_id]) # => { style_id => [9.0, 9.0, 3.0] }
      class Lots < Table
        # Free of the last bits that sums of metres leave.
        LEAST = 1e-6

        # @return [Array<DeckBough::Stock::Lot>] what lies somewhere, emptied lots among it where they are asked for
        def of(style_id, empty: true)
          found = rows(:stock_lots).where(style_id: style_id)
          found = found.where { quantity > LEAST } unless empty
          found.order(:id).select_map(%i[id box_id quantity]).map do |id, box, quantity|
            DeckBough::Stock::Lot.new(id: id, box: box, quantity: quantity)
          end
        end

        # @return [Hash{String => Array<Float>}] lengths of the rolls and offcuts of ribbons, longest first
        def rolls(style_ids)
          rows(:stock_lots).where(style_id: style_ids).where { quantity > LEAST }.reverse(:quantity)
                           .select_map(%i[style_id quantity])
                           .each_with_object({}) { |(style, length), all| (all[style] ||= []) << length }
        end

        # What a move did, by id of the lot.
        def of_move(move_id)
          rows(:stock_move_lots).where(move_id: move_id).select_hash(:lot_id, :quantity)
        end

        # @param spread [DeckBough::Stock::Spreading::Spread] what a move does to them
        def apply(style_id, move_id, spread)
          changed = spread.changes.to_h { |id, by| [id, change(id, by)] }
          made = spread.fresh.to_h { |lot| [insert(style_id, lot), lot.quantity] }
          database[:stock_move_lots].multi_insert(changed.merge(made).map do |id, by|
            { studio_id: studio_id, move_id: move_id, lot_id: id, quantity: by }
          end)
        end

        # @return [String] from which box to which, in words
        def way(from, into)
          numbers = rows(:boxes).where(id: [from, into].compact).select_hash(:id, :number)
          told = [from, into].map { |box| box ? "box #{numbers[box]}" : "no box" }
          "from #{told.first} to #{told.last}"
        end

        private

        def change(id, by)
          now = Sequel.function(:greatest, 0, Sequel.function(:round, Sequel.cast(Sequel[:quantity] + by, :numeric), 6))
          rows(:stock_lots).where(id: id).update(quantity: Sequel.cast(now, Float))
          by
        end

        def insert(style_id, lot)
          rows(:stock_lots).returning(:id).insert(studio_id: studio_id, style_id: style_id, box_id: lot.box,
                                                  quantity: lot.quantity).first[:id]
        end
      end
    end
  end
end
