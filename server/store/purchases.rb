# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What was ordered or bought, and what became of it. What comes moves stock; what is on trial once it is kept.
      #
      #   purchases.happen(id, [{ "line" => line, "kind" => "arrived", "packs" => 2 }], key: key, day: today,
      #                    account_id: 7)
      class Purchases < Table
        # So many may be under way at once.
        MOST_OPEN = 300
        # So many of which nothing is to come any more are told.
        MOST_CLOSED = 50
        LINE = [Input.style(:style, "Thing"),
                Input.number(:pack_size, "Pack", "", 0.1..5_000, why: "A pack holds something."),
                Input.whole(:packs, "Packs", "packs", PurchaseLines::PACKS, why: "One at least is bought."),
                Input.whole(:price_cents, "Price of a pack", "cents", 0..10_000_000, default: nil),
                Input.text(:decide_by, "Decide by", 10..10, default: nil)].freeze

        # @param given [Hash] supplier, lines, expected_on, arrived (it was carried home at once)
        # @return [Hash] the purchase; the same one when its key is known
        def order(given, key:, today:, account_id:)
          key!(key)
          wanted = checked_lines(given["lines"])
          id = transaction do
            # Two who press at once: the second waits here and finds the first one's.
            database[:studios].where(id: studio_id).for_update.get(:id)
            rows(:purchases).where(key: key).get(:id) || begin
              refuse_many
              insert(given, wanted, key, today, account_id)
            end
          end
          find(id)
        end

        # It comes on another day.
        def change(id, version, expected_on)
          transaction do
            row = locked(id, "purchase")
            day = day("/expected_on", "Comes on", expected_on)
            raise Problem.conflict(current: find(id), yours: { expected_on: expected_on }) if row[:version] != version

            refuse_before(day, row[:ordered_on])
            bump(:purchases, row, expected_on: day)
          end
          find(id)
        end

        # Something happens to lines of a purchase; once by the key.
        #
        # @param events [Array<Hash>] line, kind, packs, note
        def happen(id, events, key:, day:, account_id:)
          key!(key)
          transaction do
            purchase = locked(id, "purchase")
            next if rows(:purchase_events).where(key: key).any?

            lines.put_down(id, events, key: key, day: day, account_id: account_id)
            bump(:purchases, purchase, {})
          end
          find(id)
        end

        # What was said under a key did not happen after all.
        def undo(id, key, account_id:)
          key!(key)
          transaction do
            purchase = locked(id, "purchase")
            lines.take_back(id, key, account_id: account_id)
            bump(:purchases, purchase, {})
          end
          find(id)
        end

        # It was never ordered: nothing of it may have come, but for what was carried home at once.
        def delete(id, account_id:)
          transaction do
            purchase = locked(id, "purchase")
            lines.take_back(id, purchase[:key], account_id: account_id)
            if rows(:purchase_events).where(line_id: lines.of(id).select(:id)).any?
              raise Problem.new(422, "came-already", "Some of it came",
                                "Something happened to this purchase already. Take that back first.")
            end

            rows(:purchases).where(id: id).delete
          end
        end

        def find(id)
          told(present.where(id: id)).first or raise Problem.not_found("purchase")
        end

        # What is still to come, to be decided or claimed, the first day first; then what is done, the latest first.
        #
        # @return [Array<Hash>]
        def list
          open = rows(:purchase_lines).where(open: true).select(:purchase_id)
          told(present.where(id: open).order(:expected_on, :id).limit(MOST_OPEN)) +
            told(present.exclude(id: open).reverse(:ordered_on, :id).limit(MOST_CLOSED))
        end

        # Lines of which something is to come or to be decided, by style.
        #
        # @return [Hash{String => Array<Hash>}] purchase, line, supplier_id, quantity, expected_on (Date), trial
        def coming(style_ids)
          found = lines.read(rows(:purchase_lines).where(style_id: style_ids, open: true))
          purchases = present.where(id: found.map { |row| row[:purchase_id] }.uniq).to_hash(:id)
          coming = found.map do |row|
            packs = row[:ordered].to_come + row[:ordered].undecided
            { purchase: row[:purchase_id], line: row[:id], style_id: row[:style_id], trial: row[:trial],
              quantity: (packs * row[:pack_size]).round(6),
              **purchases.fetch(row[:purchase_id]).slice(:supplier_id, :expected_on) }
          end
          coming.select { |row| row[:quantity].positive? }.group_by { |row| row[:style_id] }
        end

        # What was bought for the rooms of homes, and what of it lies in stock by now.
        #
        # @return [Hash{String => Hash}] cents and stocked_cents by room
        def bought_for(home_ids)
          rooms = rows(:rooms).where(home_id: home_ids).select(:id)
          ids = rows(:purchase_shares).where(room_id: rooms).select(:line_id)
          shares = rows(:purchase_shares).where(line_id: ids).order(:line_id, :room_id).to_hash_groups(:line_id)
          lines.read(rows(:purchase_lines).where(id: ids)).each_with_object({}) do |row, sums|
            lacked = shares.fetch(row[:id]).to_h { |share| [share[:room_id], share[:quantity]] }
            { cents: row[:ordered].cents, stocked_cents: row[:ordered].stocked_cents }.each do |name, cents|
              DeckBough::Buying::Gathering.split(cents, lacked).each do |room, part|
                (sums[room] ||= Hash.new(0))[name] += part
              end
            end
          end
        end

        private

        def present
          rows(:purchases)
        end

        def lines
          @lines ||= PurchaseLines.new(database, studio_id)
        end

        def refuse_many
          return if rows(:purchase_lines).where(open: true).distinct.select(:purchase_id).count < MOST_OPEN

          raise wrong("/lines", "#{MOST_OPEN} orders are under way. Receive some first, or call them off.")
        end

        def checked_lines(given)
          told = checked([Input.list(:lines, "Lines", LINE, 1..PurchaseLines::MOST)], { "lines" => given })[:lines]
          styles = rows(:styles).where(id: Ids.only(told.map { |line| line[:style] })).select_map(:id)
          told.each_with_index.map do |line, i|
            raise wrong("/lines/#{i}/style", "It is not there any more. Leave it out.") unless
              styles.include?(line[:style])

            by = line[:decide_by] && day("/lines/#{i}/decide_by", "Decide by", line[:decide_by])
            { **line.slice(:pack_size, :packs, :price_cents), style_id: line[:style], trial: !by.nil?, decide_by: by }
          end
        end

        def insert(given, wanted, key, today, account_id)
          supplier = supplier(given["supplier"])
          id = rows(:purchases).returning(:id)
                               .insert(studio_id: studio_id, key: key, supplier_id: supplier && supplier[:id],
                                       ordered_on: today, expected_on: expected(given, supplier, today),
                                       account_id: account_id).first[:id]
          made = insert_lines(id, wanted, off(supplier, wanted, today))
          if given["arrived"]
            come = made.map { |line, packs| { "line" => line, "kind" => "arrived", "packs" => packs } }
            lines.put_down(id, come, key: key, day: today, account_id: account_id)
          end
          id
        end

        def expected(given, supplier, today)
          said = given["expected_on"] and
            return day("/expected_on", "Comes on", said).tap { |day| refuse_before(day, today) }
          return today if given["arrived"] || supplier.nil?

          Suppliers.new(database, studio_id).value(supplier).arrives(today)
        end

        def refuse_before(day, ordered_on)
          return if day >= ordered_on

          raise wrong("/expected_on", "It cannot come before #{ordered_on.iso8601}, when it was ordered. " \
                                      "Choose that day or a later one.")
        end

        # @return [Array(String, Integer)] id and packs of each line
        def insert_lines(id, wanted, off)
          rows = wanted.zip(off).map do |line, cents|
            { id: SecureRandom.uuid, studio_id: studio_id, purchase_id: id, off_cents: cents, **line }
          end
          database[:purchase_lines].multi_insert(rows)
          share_out(rows)
          rows.map { |row| row.values_at(:id, :packs) }
        end

        # Whom a line is for: what each room lacks of it now.
        def share_out(lines)
          lacking = Buying.new(database, studio_id).lacking_of(lines.map { |line| line[:style_id] }.uniq, :rooms)
          database[:purchase_shares].multi_insert(lines.flat_map do |line|
            lacking.fetch(line[:style_id], {}).map do |room, quantity|
              { studio_id: studio_id, line_id: line[:id], room_id: room, quantity: quantity }
            end
          end)
        end

        def off(supplier, wanted, today)
          cents = wanted.map { |line| line[:price_cents].to_i * line[:packs] }
          coupons = supplier ? Suppliers.new(database, studio_id).coupons.fetch(supplier[:id], []) : []
          DeckBough::Buying::Coupon.best(coupons, cents, on_day: today)&.off || cents.map { 0 }
        end

        def supplier(id)
          return if id.nil?

          (Ids.id?(id) && rows(:suppliers).where(id: id, deleted_at: nil).for_update.first) or
            raise wrong("/supplier", "That supplier is not there any more. Choose another.")
        end

        def told(purchases)
          found = purchases.all
          mine = lines.read(rows(:purchase_lines).where(purchase_id: found.map { |row| row[:id] }))
          styles = rows(:styles).where(id: mine.map { |row| row[:style_id] }.uniq).to_hash(:id)
          names = rows(:suppliers).where(id: found.map { |row| row[:supplier_id] }.uniq).select_hash(:id, :name)
          by_purchase = mine.group_by { |row| row[:purchase_id] }
          found.map do |row|
            shown = by_purchase.fetch(row[:id], []).map { |line| line(line, styles.fetch(line[:style_id])) }
            { **row.slice(:id, :version, :key), ordered_on: row[:ordered_on].iso8601,
                                                expected_on: row[:expected_on].iso8601,
                                                supplier: row[:supplier_id], supplier_name: names[row[:supplier_id]],
                                                lines: shown.sort_by { |line| [line[:name], line[:pack_size]] } }
          end
        end

        COUNTED = %i[to_come undecided claimed stocked cents].freeze
        private_constant :COUNTED

        def line(row, style)
          happened = row[:events].map do |event|
            { **event.slice(:key, :kind, :packs, :note), on: event[:on_day].iso8601 }
          end
          { id: row[:id], style: style[:id], **style.slice(:name, :kind, :colour, :texture, :shape),
            **row.slice(:pack_size, :packs, :price_cents, :off_cents, :trial, :open),
            **COUNTED.to_h { |name| [name, row[:ordered].public_send(name)] },
            decide_by: row[:decide_by]&.iso8601, back_cents: back_cents(row[:ordered]), events: happened }
        end

        # What comes back when all that may go back does.
        def back_cents(ordered)
          going = ordered.room_for("taken_back")
          going.positive? ? ordered.back_for(going) : 0
        end

        def day(pointer, title, text)
          CalendarDay.read(text) or
            raise wrong(pointer, "#{title}: “#{text[0, 20]}” is no day. Choose one such as 2026-12-24.")
        end
      end
    end
  end
end
