# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What the studio has of each style: the one door through which a count changes. Every change is a dated move with
      # a reason, who made it and a key; the count is the sum of its moves.
      #
      #   stock.move(style_id, -4.2, reason: "cut", key: key, account_id: 7)
      #   stock.available([id], home: home, piece_id: piece_id) # => { id => { on_hand: 15.8, elsewhere: 0, cut: 4.2 } }
      #
      # Pieces, ribbon metres. Counts never go below nothing: what is said to be gone beyond that was never there.
      class Stock < Table
        # Free of the last bits that sums of metres leave.
        PLACES = 6
        MOST = 100_000

        # @param bump [Boolean] whether the style's version moves with it, so that what was read before is known to be
        #   old
        # @return [Float] how many there are now; a move whose key is known already changes nothing
        # @raise [Problem] when there would be more than a stock holds
        def move(style_id, quantity, reason:, account_id:, key: SecureRandom.uuid, act_id: nil, bump: true)
          transaction do
            rows(:styles).where(id: style_id).for_update.get(:id) or raise Problem.not_found("style")
            now = on_hand(style_id)
            after = [(now + quantity).round(PLACES), 0.0].max
            next now if (after - now).abs < 10**-PLACES || moved?(key, style_id)

            refuse_more(after)
            record(style_id, (after - now).round(PLACES),
                   reason: reason, account_id: account_id, key: key, act_id: act_id)
            keep(style_id, after)
            Claims.new(database, studio_id).share_out([style_id])
            rows(:styles).where(id: style_id).update(version: Sequel[:version] + 1) if bump
            after
          end
        end

        # Somebody counted: so many there are. Part of a change of the style, which moves its version.
        def count(style_id, quantity, account_id:)
          transaction do
            rows(:styles).where(id: style_id).for_update.get(:id) or raise Problem.not_found("style")
            move(style_id, quantity - on_hand(style_id), reason: "counted", account_id: account_id, bump: false)
          end
        end

        # What there is of each style, whoever wants it.
        #
        # @return [Hash{String => Hash}] by style id: on_hand
        def on_hand_of(style_ids)
          there = database[:stock_quantities].where(studio_id: studio_id, style_id: style_ids)
                                             .select_hash(:style_id, :on_hand)
          style_ids.to_h { |id| [id, { on_hand: there.fetch(id, 0) }] }
        end

        # What a piece of a home may take of each style: what is free for it, and what was cut for it already.
        #
        # @return [Hash{String => Hash}] by style id: on_hand, elsewhere, cut
        def available(style_ids, home:, piece_id: nil)
          cut = piece_id ? cut_for([piece_id]).fetch(piece_id, {}) : {}
          free = Claims.new(database, studio_id).free(style_ids, home: home, piece_id: piece_id)
          free.to_h { |id, share| [id, { **share, cut: cut.fetch(id, 0) }] }
        end

        # @return [Hash{String => Hash{String => Float}}] by piece and style
        def cut_for(piece_ids)
          sums = rows(:piece_cuts).where(piece_id: piece_ids).group(:piece_id, :style_id)
                                  .select_map([:piece_id, :style_id, Sequel.function(:sum, :quantity).as(:quantity)])
          sums.each_with_object({}) do |(piece, style, quantity), all|
            (all[piece] ||= {})[style] = quantity.round(PLACES)
          end
        end

        # @return [Array<Hash>] quantity, reason, by, made_at of the moves of a style, latest first
        def moves(style_id, page:)
          names = names_of_people
          page(rows(:stock_moves).where(style_id: style_id).reverse(:id), page) do |row|
            { **row.slice(:quantity, :reason), by: names[row[:account_id]], made_at: row[:made_at].iso8601 }
          end
        end

        private

        def on_hand(style_id)
          database[:stock_quantities].where(studio_id: studio_id, style_id: style_id).get(:on_hand) || 0.0
        end

        def moved?(key, style_id)
          !rows(:stock_moves).where(key: key, style_id: style_id).empty?
        end

        def record(style_id, quantity, **told)
          rows(:stock_moves).insert(studio_id: studio_id, style_id: style_id, quantity: quantity, **told)
        end

        def keep(style_id, on_hand)
          database[:stock_quantities].insert_conflict(target: :style_id, update: { on_hand: on_hand })
                                     .insert(studio_id: studio_id, style_id: style_id, on_hand: on_hand)
        end

        def refuse_more(quantity)
          return if quantity <= MOST

          raise Problem.invalid(
            [{ pointer: "/on_hand", code: "too_large",
               message: "On hand would be more than #{MOST}. Nobody keeps that; count again." }]
          )
        end
      end
    end
  end
end
