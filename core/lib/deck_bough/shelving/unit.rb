# frozen_string_literal: true

module DeckBough
  module Shelving
    # A shelf unit as it was measured, in bays; or a tray in tiers.
    #
    #   Shelving::Unit.new(SHELVES_KIND.check(unit: { width_m: 1.4, columns: 2 })[:unit]).bays.size # => 8
    #
    # Bays are numbered from the upper left, row by row; tiers from the uppermost. Metres from its left end and from the
    # floor. Rows nobody measured share what the measured ones and the boards leave of its height.
    class Unit
      # A tier's plate.
      PLATE_M = 0.008
      # What the uppermost tier of a tray lets stand on it, for its picture.
      OVER_M = 0.2

      attr_reader :said

      # @param said [Hash] the group of the settings
      def initialize(said)
        @said = said
      end

      def tray?
        said[:shape] == "tray"
      end

      # Whether enough is measured for bays.
      def measured?
        tray? ? said[:tiers].any? : !said[:width_m].nil?
      end

      def width_m
        tray? ? said[:tiers].map { |tier| tier[:across_m] }.max : said[:width_m]
      end

      # Up to its upper edge, above its foot.
      def height_m
        tray? ? plates.first : said[:height_m]
      end

      def depth_m
        tray? ? width_m : said[:depth_m]
      end

      def foot_m
        said[:floor_m]
      end

      # @return [Array<Bay>] by number
      def bays
        @bays ||= tray? ? tiers : shelves
      end

      # How high each row is inside, from the uppermost; nothing or less where the measured ones leave no room.
      def clears
        rows = said[:rows].map { |row| row[:clear_m] }
        left = said[:height_m] - ((rows.size + 1) * said[:board_m]) - rows.compact.sum
        open = rows.count(nil)
        rows.map { |clear| clear || (left / open) }
      end

      # What the rows are higher or lower than their unit, where all are measured.
      def over_m
        return 0.0 if tray? || said[:rows].any? { |row| row[:clear_m].nil? }

        clears.sum + ((clears.size + 1) * said[:board_m]) - said[:height_m]
      end

      def column_m
        (said[:width_m] - ((said[:columns] + 1) * said[:board_m])) / said[:columns]
      end

      private

      def shelves
        top = foot_m + said[:height_m] - said[:board_m]
        clears.each_with_index.flat_map do |clear, row|
          foot = top - clear
          top = foot - said[:board_m]
          Array.new(said[:columns]) { |column| bay(row, column, foot, clear) }
        end
      end

      def bay(row, column, foot, clear)
        Bay.new(number: (row * said[:columns]) + column + 1, row: row, column: column,
                left_m: said[:board_m] + (column * (column_m + said[:board_m])), foot_m: foot.round(6),
                wide_m: column_m, clear_m: clear.round(6), deep_m: said[:depth_m])
      end

      # Above the foot, from the uppermost.
      def plates
        under = said[:tiers].drop(1).map { |tier| tier[:clear_m] + PLATE_M }
        said[:tiers].each_index.map { |i| under.drop(i).sum + PLATE_M }
      end

      def tiers
        said[:tiers].zip(plates).each_with_index.map do |(tier, plate), i|
          Bay.new(number: i + 1, row: i, left_m: (width_m - tier[:across_m]) / 2.0, foot_m: (foot_m + plate).round(6),
                  wide_m: tier[:across_m], clear_m: i.zero? ? nil : tier[:clear_m], deep_m: tier[:across_m],
                  round: true)
        end
      end
    end
  end
end
