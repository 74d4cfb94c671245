# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What is really up on a tree: ornaments by style and number, with the place where they were hung.
      class HungOrnaments < Table
        # @return [Array<Hash>] style, number, height_m, angle_deg, by, at
        def of(piece_id)
          names = names_of_people
          rows(:hung_ornaments).where(piece_id: piece_id).order(:style_id, :number).map do |row|
            { style: row[:style_id], **row.slice(:number, :height_m, :angle_deg), by: names[row[:account_id]],
              at: row[:hung_at].iso8601 }
          end
        end

        # In one statement and always in the same order, so that two people ticking the same tree never wait for each
        # other in a circle.
        #
        # @param sites [Array<Hash>] style, number, height_m, angle_deg; what is up already stays where it was hung
        def hang(piece_id, sites, account_id:)
          return if sites.empty?

          hung = sites.sort_by { |site| site.values_at(:style, :number) }.map do |site|
            { studio_id: studio_id, piece_id: piece_id, style_id: site[:style], account_id: account_id,
              **site.slice(:number, :height_m, :angle_deg) }
          end
          transaction do
            take_turns(piece_id)
            database[:hung_ornaments].insert_conflict.multi_insert(hung)
          end
        end

        # @param ornaments [Array<Array(String, Integer)>] style and number
        def take_down(piece_id, ornaments)
          known = ornaments.select { |style, number| Ids.id?(style) && number.between?(1, MOST_NUMBER) }
          return if known.empty?

          transaction do
            take_turns(piece_id)
            rows(:hung_ornaments).where(piece_id: piece_id).where(%i[style_id number] => known.uniq).delete
          end
        end

        # What the column holds.
        MOST_NUMBER = (2**31) - 1

        private

        # Ticks of one tree wait for each other, one at a time.
        def take_turns(piece_id)
          database.get(Sequel.function(:pg_advisory_xact_lock, Sequel.function(:hashtextextended, piece_id, 0)))
        end
      end
    end
  end
end
