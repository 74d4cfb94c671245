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

        # @param told [Hash] act_id it is a part of, note why, whom it went to, reverses (the id of a wrong one)
        # @param bump [Boolean] whether the style's version moves with it, so that what was read before is known to be
        #   old
        # @param at [Proc] says of a Spreading and of what the count moves by where that is
        # @return [Float] how many there are now; a move whose key is known already changes nothing
        # @raise [Problem] when there would be more than a stock holds
        def move(style_id, quantity, reason:, account_id:, key: SecureRandom.uuid, bump: true, at: ANYWHERE, **told)
          transaction do
            style = locked_style(style_id)
            now = on_hand(style_id)
            after = [(now + quantity).round(PLACES), 0.0].max
            next now if moved?(key, style_id) || (same?(after, now) && !TOLD_ANYWAY.include?(reason))

            refuse_more(after)
            by = (after - now).round(PLACES)
            move_id = record(style_id, by, reason: reason, account_id: account_id, key: key, **told)
            lots.apply(style_id, move_id, at.call(spreading(style), by))
            moved_to(style_id, after, bump: bump) unless same?(after, now)
            after
          end
        end

        # What is written down even where the count stays: it was looked at, or lies elsewhere.
        TOLD_ANYWAY = %w[counted moved reversed].freeze
        ANYWHERE = ->(spreading, by) { spreading.moved(by) }

        # What a person writes down; once by its key. Nothing goes that is not there.
        #
        # @param given [Hash] reason, quantity, note, whom as Stock::Entry has them, and box: the id of where it lies
        # @return [Hash] on_hand
        def enter(style_id, given, key:, account_id:)
          key!(key)
          said = checked(DeckBough::Stock::Entry::INPUTS, given.except("box", "asked"))
          transaction do
            # As everywhere: first the box, then the thing.
            box = given["box"]
            Boxes.new(database, studio_id).hold([box], "/box") if box
            locked_style(style_id)
            next { on_hand: on_hand(style_id) } if moved?(key, style_id)

            refuse_unasked(style_id, given.fetch("asked", [])) if said[:reason] == "given"
            by = moved_by(said, box ? there(style_id, box) : on_hand(style_id))
            move(style_id, by, reason: said[:reason], note: said[:note].strip, whom: said[:whom].strip,
                               account_id: account_id, key: key, at: in_box(box))
            { on_hand: on_hand(style_id) }
          end
        end

        # So much of a style goes from one box to another; once by the key.
        #
        # @param from, into [String, nil] ids of boxes; nil for what lies in none
        # @return [Boolean] whether anything lay there
        def carry(style_id, quantity, from:, into:, key:, account_id:)
          transaction do
            locked_style(style_id)
            lies = there(style_id, from)
            quantity = [quantity || lies, lies].min
            next false if from == into || quantity < 10**-PLACES || moved?(key, style_id)

            move(style_id, 0, reason: "moved", note: lots.way(from, into), account_id: account_id, key: key,
                              bump: false, at: ->(lots, _) { lots.carried(quantity, from: from, into: into) })
            true
          end
        end

        # Somebody looked into a box: so many are there. Once by the key.
        def count_in(style_id, quantity, box:, note:, key:, account_id:)
          transaction do
            locked_style(style_id)
            by = (quantity - there(style_id, box)).round(PLACES)
            move(style_id, by, reason: "counted", note: note, account_id: account_id, key: key, at: in_box(box))
          end
        end

        # A wrong entry is never edited: another takes back what it moved, once.
        #
        # @return [Hash] style_id, on_hand
        def reverse(move_id, account_id:)
          row = rows(:stock_moves).where(id: move_id).first or raise Problem.not_found("entry")
          refuse_reversal(row)
          transaction do
            locked_style(row[:style_id])
            unless rows(:stock_moves).where(reverses: row[:id]).any?
              refuse_less(row)
              move(row[:style_id], -row[:quantity], reason: "reversed", reverses: row[:id], account_id: account_id,
                                                    at: undoing(row[:id]))
            end
          end
          { style_id: row[:style_id], on_hand: on_hand(row[:style_id]) }
        end

        # Somebody counted: so many there are. Part of a change of the style, which moves its version.
        def count(style_id, quantity, account_id:)
          transaction do
            locked_style(style_id)
            by = (quantity - on_hand(style_id)).round(PLACES)
            move(style_id, by, reason: "counted", account_id: account_id, bump: false) unless by.zero?
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

        # @return [Hash] a page of id, quantity, after (how many there were then), reason, note, whom, by, made_at,
        #   reversed and reversible of the moves of a style, latest first
        def moves(style_id, page:)
          names = names_of_people
          page(with_sums(style_id), page) do |row|
            { **row.slice(:quantity, :reason, :note, :whom, :reversed), id: row[:id].to_s, by: names[row[:account_id]],
                                                                        after: row[:after].round(PLACES),
                                                                        made_at: row[:made_at].iso8601,
                                                                        reversible: standing?(row) }
          end
        end

        # All that was moved under one key goes back; once.
        #
        # @return [Boolean] whether anything went back now
        # @raise [Problem] when some of it is gone since
        def undo(key, account_id:)
          transaction do
            moves = rows(:stock_moves).where(key: key).order(:style_id).all
            back = Ids.after(key, "back")
            moves.each { |move| locked_style(move[:style_id]) }
            next false if rows(:stock_moves).where(key: back).any?

            moves.each do |move|
              refuse_less(move)
              move(move[:style_id], -move[:quantity], reason: "taken_back", account_id: account_id, key: back,
                                                      at: undoing(move[:id]))
            end
            true
          end
        end

        # What an act or entry did to the lots is undone there.
        def undoing(move_id)
          ->(spreading, _) { spreading.undone(lots.of_move(move_id)) }
        end

        private

        def lots
          Lots.new(database, studio_id)
        end

        def locked_style(id)
          rows(:styles).where(id: id).lock_style(UNDER).select(:id, :kind, :pack_size).first or
            raise Problem.not_found("style")
        end

        # Ribbons are kept by the roll.
        def spreading(style)
          roll = style[:pack_size] if style[:kind] == "ribbon"
          DeckBough::Stock::Spreading.new(lots.of(style[:id]), roll_m: roll)
        end

        def in_box(box)
          box ? ->(spreading, by) { spreading.moved(by, box: box) } : ANYWHERE
        end

        # Nothing leaves the house before every question was answered.
        def refuse_unasked(style_id, answered)
          open = Stockroom.new(database, studio_id).sweep(style_id).reject { |one| answered.include?(one[:id]) }
          return if open.empty?

          raise Problem.of_faults([Inputs.fault(:sweep_unasked, %w[asked], asks: open.first[:asks])])
        end

        # What lies of it in a box, or in none.
        def there(style_id, box)
          rows(:stock_lots).where(style_id: style_id, box_id: box).sum(:quantity)&.round(PLACES) || 0.0
        end

        def same?(after, now)
          (after - now).abs < 10**-PLACES
        end

        def moved_to(style_id, after, bump:)
          keep(style_id, after)
          Claims.new(database, studio_id).share_out([style_id])
          rows(:styles).where(id: style_id).update(version: Sequel[:version] + 1) if bump
        end

        def with_sums(style_id)
          again = rows(:stock_moves).where(style_id: style_id).exclude(reverses: nil).select(:reverses)
          rows(:stock_moves).where(style_id: style_id)
                            .select_all(:stock_moves)
                            .select_append(Sequel.function(:sum, :quantity).over(order: :id).as(:after),
                                           Sequel.expr(id: again).as(:reversed))
                            .from_self.reverse(:id)
        end

        def standing?(row)
          !row[:reversed] && reversible?(row)
        end

        # What belongs to an act is taken back with it; what reverses another stands.
        def reversible?(row)
          row[:act_id].nil? && (DeckBough::Stock::Entry::REASONS.include?(row[:reason]) ||
                                %w[opening moved].include?(row[:reason]))
        end

        def refuse_reversal(row)
          return if reversible?(row)

          raise Problem.new(422, "not-reversible", "This entry stands",
                            "It belongs to something done on a piece, or takes back another entry. Write a new one.")
        end

        def refuse_less(row)
          return if on_hand(row[:style_id]) >= row[:quantity] - (10**-PLACES)

          raise Problem.new(422, "not-there", "It is gone already",
                            "Fewer are on hand now than this entry brought. Count them again instead.")
        end

        def moved_by(said, there)
          DeckBough::Stock::Entry.moved(said[:reason], said[:quantity], on_hand: there)
        rescue InputError => e
          raise Problem.of_faults(e.faults)
        end

        def on_hand(style_id)
          database[:stock_quantities].where(studio_id: studio_id, style_id: style_id).get(:on_hand) || 0.0
        end

        def moved?(key, style_id)
          !rows(:stock_moves).where(key: key, style_id: style_id).empty?
        end

        def record(style_id, quantity, **told)
          rows(:stock_moves).returning(:id).insert(studio_id: studio_id, style_id: style_id, quantity: quantity,
                                                   **told).first[:id]
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
