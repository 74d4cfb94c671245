# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What is really up on a tree: ornaments by style and number, with the place where they were hung.
      class HungOrnaments < Table
        # @return [Array<Hash>] style, number, height_m, angle_deg
        def of(piece_id)
          rows(:hung_ornaments).where(piece_id: piece_id).order(:style_id, :number)
                               .map { |row| { style: row[:style_id], **row.slice(:number, :height_m, :angle_deg) } }
        end

        # @param sites [Array<Hash>] style, number, height_m, angle_deg; what is up already stays where it was hung
        def hang(piece_id, sites, account_id:)
          transaction do
            sites.each do |site|
              database[:hung_ornaments].insert_conflict.insert(studio_id: studio_id, piece_id: piece_id, style_id: site[:style], account_id: account_id,
                                                               **site.slice(:number, :height_m, :angle_deg))
            end
          end
        end

        # @param ornaments [Array<Array(String, Integer)>] style and number
        def take_down(piece_id, ornaments)
          transaction do
            ornaments.each do |style, number|
              rows(:hung_ornaments).where(piece_id: piece_id, number: number).where(Sequel.cast(:style_id, String) => style).delete
            end
          end
        end
      end
    end
  end
end
