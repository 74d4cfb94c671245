# frozen_string_literal: true

module DeckBough
  module Server
    # What is free and could stand in for things that lack: of their kind, about their size and colour.
    #
    #   BuyingAlike.new(store, house).of([style], most: 5) # => { style[:id] => [{ id:, free: 6.0, delta_e: 9.1, … }] }
    class BuyingAlike
      TOLD = %i[id name kind colour texture shape free].freeze

      # @param rows [Store::Buying]
      def initialize(rows, house)
        @rows = rows
        @house = house
      end

      # @param wanted [Array<Hash>] styles
      # @return [Hash{String => Array<Hash>}] by style, best first; none of what has no size or colour
      def of(wanted, most:)
        sized = wanted.select { |row| comparable?(row) }
        return {} if sized.empty?

        free = by_id(@rows.free_of_kinds(sized.map { |row| row[:kind] }.uniq))
        sized.to_h do |row|
          found = stand_ins(row, free.except(row[:id]).values).first(most)
          [row[:id], found.map { |item| told(free.fetch(item[:id]), item) }]
        end
      end

      # What would do as well and is bought, whether any is free or not.
      #
      # @return [Array<Hash>] styles
      def bought(row)
        return [] unless comparable?(row)

        others = by_id(@rows.bought_of_kind(row[:kind])).except(row[:id])
        stand_ins(row, others.values).map { |item| others.fetch(item[:id]) }
      end

      private

      def by_id(rows)
        rows.select { |row| comparable?(row) }.to_h { |row| [row[:id], row] }
      end

      def comparable?(row)
        row[:colour] && size_mm(row)
      end

      def size_mm(row)
        row[:diameter_mm] || (row[:length_m] || row[:across_m])&.*(1000)
      end

      def stand_ins(row, free)
        Catalogue.answer("buying.substitutes", { "wanted" => compared(row).except("id"),
                                                 "items" => free.map { |other| compared(other) } },
                         house: @house)[:items]
      end

      def compared(row)
        { "id" => row[:id], "kind" => row[:kind], "size_mm" => size_mm(row), "colour" => row[:colour] }
      end

      def told(row, item)
        { **row.slice(*TOLD), delta_e: item[:delta_e].round(1), size_percent: item[:size_percent].round(1) }
      end
    end
  end
end
