# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Many things of the stock changed at once, with what takes it back; two that are the same thing made one.
      #
      #   several.change([{ "style" => id, "set" => { "season" => "winter" } }])
      #   # => { changed: 1, before: [{ style: id, set: { season: "holiday" } }] }
      class Several < Table
        FIELDS = [*DeckBough::Stock::Particulars::INPUTS.select do |input|
          %i[season role condition bought_from].include?(input.name)
        end, Style::INPUTS.find { |input| input.name == :retired }].freeze

        # All of it or nothing.
        #
        # @param changes [Array<Hash>] style and set: any of season, role, condition, bought_from, retired
        # @return [Hash] changed, and before: the same changes the other way round
        def change(changes)
          transaction do
            sorted = changes.each_with_index.sort_by { |one, _| one["style"].to_s }
            before = sorted.filter_map { |one, i| set(one["style"], one["set"], i) }
            { changed: before.size, before: before }
          end
        end

        # Two that are the same thing: what lies of one lies of the other from now on, and it is used no more. Once by
        # the key.
        #
        # @raise [Problem] when they are of different kinds, or a piece is planned with the one that goes
        # @return [Hash] on_hand of the one that stays
        def merge(id, into:, key:, account_id:)
          key!(key)
          transaction do
            goes, stays = both(id, into)
            unless moved?(key)
              refuse_planned(goes)
              refuse_ordered(goes)
              carry(goes, stays, key, account_id)
              looks(goes, stays)
              retire(goes, true)
            end
            { on_hand: stock.on_hand_of([into])[into][:on_hand] }
          end
        end

        # @return [Hash] on_hand of the one that had stayed
        def part(id, from:, key:, account_id:)
          key!(key)
          transaction do
            goes, = both(id, from)
            raise Problem.not_found("merge") unless moved?(key)

            retire(goes, false) if stock.undo(key, account_id: account_id)
            { on_hand: stock.on_hand_of([from])[from][:on_hand] }
          end
        end

        private

        def stock
          @stock ||= Stock.new(database, studio_id)
        end

        def set(id, given, place)
          row = Ids.id?(id) && rows(:styles).where(id: id).lock_style(UNDER).first
          raise Problem.not_found("style") unless row

          declared = FIELDS.select { |input| given.key?(input.name.to_s) }
          values = checked(declared, given, under: "/changes/#{place}/set")
          old = row.slice(*values.keys)
          return if values.empty? || old == values

          rows(:styles).where(id: id).update(version: row[:version] + 1, **values)
          { style: id, set: old }
        end

        def both(*ids)
          found = rows(:styles).where(id: Ids.only(ids)).order(:id).lock_style(UNDER).as_hash(:id)
          goes, stays = ids.map { |id| found[id] || raise(Problem.not_found("style")) }
          return [goes, stays] if goes[:kind] == stays[:kind] && goes[:id] != stays[:id]

          raise refused("/into", "Only two things of the same kind can be one. Choose another #{goes[:kind]}.")
        end

        def refuse_planned(goes)
          named = Sequel.pg_array_op(:style_ids).contains(Sequel.pg_array([goes[:id]], :uuid))
          pieces = rows(:pieces).where(id: rows(:piece_needs).where(named).select(:piece_id), deleted_at: nil)
                                .order(:name).limit(3).select_map(:name)
          return if pieces.empty?

          raise refused("/into",
                        "“#{goes[:name]}” is planned on #{pieces.join(', ')}. Choose the other one there first.")
        end

        # What is on its way would come as what is there no longer.
        def refuse_ordered(goes)
          return unless rows(:purchase_lines).where(style_id: goes[:id], open: true).any?

          raise refused("/into", "“#{goes[:name]}” is on its way. Wait until it came, or take the order back.")
        end

        def refused(pointer, message)
          Problem.invalid([{ pointer: pointer, code: "not_one", message: message }])
        end

        def moved?(key)
          rows(:stock_moves).where(key: key, reason: "merged").any?
        end

        def carry(goes, stays, key, account_id)
          lots = Lots.new(database, studio_id).of(goes[:id], empty: false)
          much = lots.sum(&:quantity)
          told = { reason: "merged", key: key, account_id: account_id }
          stock.move(goes[:id], -much, note: "now #{stays[:name]}"[0, 200], **told)
          joined = ->(there, _) { there.joined(lots) }
          stock.move(stays[:id], much, note: "was #{goes[:name]}"[0, 200], at: joined, **told)
        end

        # What goes keeps its place in looks, where it is offered no longer: parted again it is what it was.
        def looks(goes, stays)
          known = rows(:look_styles).where(style_id: stays[:id]).select(:look_id)
          added = rows(:look_styles).where(style_id: goes[:id]).exclude(look_id: known)
          database[:look_styles].insert(%i[studio_id look_id style_id],
                                        added.select(:studio_id, :look_id, Sequel.cast(stays[:id], :uuid)))
        end

        def retire(style, retired)
          rows(:styles).where(id: style[:id]).update(retired: retired, version: Sequel[:version] + 1)
        end
      end
    end
  end
end
