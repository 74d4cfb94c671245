# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Lines of purchases with what became of them: every event once by its key, and the stock it moves.
      #
      #   lines.read(rows(:purchase_lines).where(open: true)).first[:ordered].to_come # => 2
      class PurchaseLines < Table
        ORDERED = DeckBough::Buying::Ordered
        # So many in one go, each of which may move stock and what pieces keep of it.
        MOST = 120
        PACKS = (1..10_000)
        EVENT = [Input.text(:line, "Line", 36..36), Input.choice(:kind, "What happened", ORDERED::KINDS),
                 Input.whole(:packs, "Packs", "packs", PACKS, why: "One at least."),
                 Input.text(:note, "Note", 0..200, default: "")].freeze
        NOTHING = "Nothing of it is left to say that of."
        NOTHING_LEFT = { "arrived" => "All of it came already.", "cancelled" => "All of it came already.",
                         "kept" => "All of it is decided already.",
                         "taken_back" => "None of it is here to take back." }.freeze

        # @param dataset [Sequel::Dataset] of purchase_lines
        # @return [Array<Hash>] lines with their events and as the core reckons with them (ordered)
        def read(dataset)
          found = dataset.order(:purchase_id, :id).all
          events = rows(:purchase_events).where(line_id: found.map { |row| row[:id] }).order(:id)
                                         .to_hash_groups(:line_id)
          found.map { |row| with_events(row, events.fetch(row[:id], [])) }
        end

        # @param given [Array<Hash>] line, kind, packs, note
        # @raise [Problem] naming the event that cannot be
        def put_down(purchase_id, given, key:, day:, account_id:)
          told = checked([Input.list(:events, "What happened", EVENT, 1..MOST)], { "events" => given })[:events]
          known = read(of(purchase_id)).to_h { |row| [row[:id], row] }
          lock(told.filter_map { |event| known[event[:line]] })
          told.each_with_index do |event, place|
            line = known[event[:line]] or raise wrong("/events/#{place}/line", "It is no line of this purchase.")
            refuse(event, line, place)
            row = { **event.slice(:kind, :packs), note: event[:note].strip }
            rows(:purchase_events).insert(studio_id: studio_id, line_id: line[:id], key: key, on_day: day,
                                          account_id: account_id, **row)
            known[line[:id]] = with_events(line, line[:events] + [row])
            move(line, row, key, account_id)
          end
          close(told.map { |event| event[:line] })
        end

        # What was said of lines of a purchase under a key did not happen.
        #
        # @raise [Problem] where something came of it since
        def take_back(purchase_id, key, account_id:)
          events = rows(:purchase_events).where(key: key, line_id: of(purchase_id).select(:id))
          touched = events.select_map(:line_id).uniq
          lock(read(of(purchase_id).where(id: touched)))
          touched.sort.each { |line| stock.undo(Ids.after(key, line), account_id: account_id) }
          events.delete
          refuse_rested_on(touched)
          close(touched)
        end

        def of(purchase_id)
          rows(:purchase_lines).where(purchase_id: purchase_id)
        end

        private

        def stock
          @stock ||= Stock.new(database, studio_id)
        end

        # Styles are locked in one order, so that two who receive things never wait for each other.
        def lock(lines)
          ids = lines.map { |line| line[:style_id] }.uniq
          rows(:styles).where(id: ids).order(:id).lock_style(UNDER).select_map(:id)
        end

        def with_events(line, events)
          { **line, events: events,
                    ordered: ORDERED.new(**line.slice(:packs, :price_cents, :off_cents, :trial), events: events) }
        end

        def refuse(event, line, place)
          if line[:events].any? { |one| one[:kind] == event[:kind] && one[:id].nil? }
            raise wrong("/events/#{place}/kind", "It is said twice of one line. Add the packs up.")
          end

          most = line[:ordered].room_for(event[:kind])
          return if event[:packs] <= most

          raise wrong("/events/#{place}/packs", NOTHING_LEFT.fetch(event[:kind], NOTHING)) if most.zero?

          raise wrong("/events/#{place}/packs", "Only #{most} of it can be. Enter #{most} or fewer.")
        end

        # What is on trial is stock once it is kept, and never was when it goes back.
        def move(line, event, key, account_id)
          by = { (line[:trial] ? "kept" : "arrived") => 1, "taken_back" => line[:trial] ? 0 : -1 }
               .fetch(event[:kind], 0) * event[:packs]
          return if by.zero?

          stock.move(line[:style_id], by * line[:pack_size], reason: by.positive? ? "bought" : "sent_back",
                                                             key: Ids.after(key, line[:id]), account_id: account_id,
                                                             note: event[:note])
        end

        # A line of which nothing is to come, to be decided or claimed is done.
        def close(line_ids)
          read(rows(:purchase_lines).where(id: line_ids)).each do |row|
            left = row[:ordered].to_come + row[:ordered].undecided + row[:ordered].claimed
            rows(:purchase_lines).where(id: row[:id]).update(open: left.positive?)
          end
        end

        def refuse_rested_on(line_ids)
          faulty = read(rows(:purchase_lines).where(id: line_ids)).any? do |row|
            [row[:ordered].claimed, row[:ordered].undecided, row[:ordered].stocked].any?(&:negative?)
          end
          return unless faulty

          raise Problem.new(422, "rests-on-it", "Something came of it since", "Take back what was done later first.")
        end
      end
    end
  end
end
