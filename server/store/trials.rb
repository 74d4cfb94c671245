# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Things of the stock with their tags on: to be kept, or taken back by a day; and tags that only say a price.
      #
      #   trials.decide(style_id, back: 1, key: key, account_id: 7)
      class Trials < Table
        MOST = 300

        # @return [Array<Hash>] id, name, kind, colour, texture, shape, on_hand, pack_size, price_cents, tag, decide_by;
        #   those to be decided first before the others
        def list
          found = rows(:styles).where(tag: %w[may_go_back price_only], retired: false)
                               .order(Sequel.asc(:decide_by, nulls: :last), :name, :id).limit(MOST).all
          there = rows(:stock_quantities).where(style_id: found.map { |row| row[:id] }).select_hash(:style_id, :on_hand)
          found.map do |row|
            { **row.slice(:id, :name, :kind, :colour, :texture, :shape, :pack_size, :price_cents, :tag),
              on_hand: there.fetch(row[:id], 0.0), decide_by: row[:decide_by]&.iso8601 }
          end
        end

        # So many go back to the shop, what is left is kept: its tag comes off. Once by the key.
        #
        # @param back [Numeric] pieces, ribbon metres
        def decide(style_id, back:, key:, account_id:)
          key!(key)
          transaction do
            row = locked_style(style_id)
            next if rows(:stock_moves).where(key: key).any? || row[:tag] == "none"

            refuse_more(style_id, back)
            stock.move(style_id, -back, reason: "sent_back", key: key, account_id: account_id) if back.positive?
            tag(style_id, "none", nil)
          end
        end

        # It was not decided after all.
        #
        # @param given [Hash] tag and decide_by as they were
        def undo(style_id, given, key:, account_id:)
          key!(key)
          day = given["decide_by"] && CalendarDay.read(given["decide_by"])
          transaction do
            locked_style(style_id)
            stock.undo(key, account_id: account_id)
            tag(style_id, given["tag"], given["tag"] == "may_go_back" ? day : nil)
          end
        end

        private

        def stock
          @stock ||= Stock.new(database, studio_id)
        end

        def locked_style(id)
          rows(:styles).where(id: id).lock_style(UNDER).first or raise Problem.not_found("style")
        end

        def tag(style_id, tag, decide_by)
          rows(:styles).where(id: style_id).update(tag: tag, decide_by: decide_by, version: Sequel[:version] + 1)
        end

        def refuse_more(style_id, back)
          there = stock.on_hand_of([style_id])[style_id][:on_hand]
          return if back <= there + Lots::LEAST

          raise Problem.invalid([{ pointer: "/back", code: "too_many",
                                   message: "Only #{Figure.print(there, 2)} are on hand. Take that many back or " \
                                            "fewer." }])
        end
      end
    end
  end
end
