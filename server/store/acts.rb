# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What was done once to a piece and moved stock: a ribbon cut, offcuts kept. It counts once however often it is
      # sent, is written down on the piece, and can be taken back.
      #
      #   acts.record(piece_id, kind: "ribbon_cut", style_id: id, key: key, says: "…", told: sheet,
      #                         account_id: 7) { |act| act.use(id, 4.2) }
      class Acts < Table
        # What an act does to stock while it is recorded.
        class Doing
          # @param cuts [Hash{String => Float}] what the piece has consumed, by style
          attr_reader :cuts

          def initialize(stock, act_id, account_id)
            @stock = stock
            @of = { act_id: act_id, account_id: account_id }
            @cuts = Hash.new(0.0)
          end

          # So much of a style is consumed by the piece; `to` is what is left on hand of it, as counted when it was
          # done.
          def cut(style_id, quantity)
            @cuts[style_id] += quantity if quantity.positive?
          end

          # @param rolls [Array<Float>, nil] of a ribbon: how long each roll and offcut is then
          def move(style_id, quantity, reason, rolls: nil)
            at = rolls ? ->(spreading, _) { spreading.becomes(rolls) } : Stock::ANYWHERE
            @stock.move(style_id, quantity, reason: reason, key: SecureRandom.uuid, at: at, **@of)
          end
        end

        # @param in_visit [Boolean] used in a visit: in each step (told: step) once, where it was not cut before
        # @yield [Doing, Hash] moves stock, once; the act's row
        # @return [Hash] the act as shown; the standing one when it was done already
        def record(piece_id, kind:, key:, says:, account_id:, style_id: nil, told: {}, in_visit: false)
          key!(key)

          transaction do
            # All acts on a piece wait for each other here; the second finds the first one's.
            rows(:pieces).where(id: piece_id).for_update.get(:id) or raise Problem.not_found("piece")
            same = standing(piece_id).where(kind: kind, style_id: style_id)
            same = same.exclude { of_visit & Sequel.lit("told ->> 'step' <> ?", told["step"]) } if in_visit
            standing = same.first || rows(:piece_acts).where(key: key).first
            next shown(standing, names_of_people) if standing

            act = rows(:piece_acts).returning.insert(studio_id: studio_id, piece_id: piece_id, key: key, kind: kind,
                                                     of_visit: in_visit, style_id: style_id, says: says,
                                                     told: Sequel.pg_jsonb(told), account_id: account_id).first
            doing = Doing.new(Stock.new(database, studio_id), act[:id], account_id)
            yield doing
            keep_cuts(act, doing.cuts)
            shown(act, names_of_people)
          end
        end

        # @return [Array<Hash>] what stands, oldest first: id, kind, style, says, by, made_at, told
        def of(piece_id)
          names = names_of_people
          standing(piece_id).order(:made_at).map { |row| shown(row, names) }
        end

        # Every move is made again the other way round, and what was consumed is free again.
        #
        # @return [Hash] the act
        # @raise [Problem] when it is not there; one that was taken back already stays as it is
        def take_back(id, account_id:)
          transaction do
            act = rows(:piece_acts).where(id: id).for_update.first or raise Problem.not_found("act")
            next shown(act, names_of_people) if act[:taken_back_at] || act[:settled_on]

            stock = Stock.new(database, studio_id)
            rows(:stock_moves).where(act_id: id).order(:style_id).each do |move|
              stock.move(move[:style_id], -move[:quantity], reason: "taken_back", account_id: account_id,
                                                            at: stock.undoing(move[:id]))
            end
            rows(:piece_cuts).where(act_id: id).delete
            rows(:piece_acts).where(id: id).update(taken_back_at: Sequel::CURRENT_TIMESTAMP, taken_back_by: account_id)
            shown(act, names_of_people)
          end
        end

        # The act under a key, where there is one.
        def take_back_of(key, account_id:)
          id = rows(:piece_acts).where(key: key).get(:id)
          take_back(id, account_id: account_id) if id
        end

        # @return [String] the id of the piece it was done to
        def piece_of(id)
          rows(:piece_acts).where(id: id).get(:piece_id)
        end

        private

        def standing(piece_id)
          rows(:piece_acts).where(piece_id: piece_id, taken_back_at: nil, settled_on: nil)
        end

        def keep_cuts(act, cuts)
          cuts.each do |style_id, quantity|
            rows(:piece_cuts).insert(studio_id: studio_id, act_id: act[:id], piece_id: act[:piece_id],
                                     style_id: style_id, quantity: quantity)
          end
        end

        def shown(row, names)
          { **row.slice(:id, :kind, :says), style: row[:style_id], by: names[row[:account_id]],
                                            made_at: row[:made_at].iso8601, told: row[:told].to_h }
        end
      end
    end
  end
end
