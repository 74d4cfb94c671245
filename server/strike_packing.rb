# frozen_string_literal: true

module DeckBough
  module Server
    # Where things of a home go when it is taken down: into the box they came from; what lay in none into the studio's
    # empty boxes, as they are packed best.
    #
    #   StrikePacking.new(database, studio_id).of(home_id, lots)[:into].first[:number] # => 12
    class StrikePacking
      def initialize(database, studio_id)
        @database = database
        @studio_id = studio_id
        @boxes = Store::Boxes.new(database, studio_id)
        @anchors = Store::Anchors.new(database, studio_id)
      end

      # @param lots [Hash{String => Array<Hash>}] by style: box, number, place, quantity
      # @return [Hash] as the contract has RunSheet's strike
      def of(home_id, lots)
        { into: [*known(lots), *proposed(lots)], boxes: boxes, hooks: hooks(home_id) }
      end

      private

      # The fullest first: there its place is.
      def known(lots)
        lots.flat_map do |style, all|
          all.select { |lot| lot[:box] }.sort_by { |lot| [-lot[:quantity], lot[:number]] }
             .map { |lot| { style: style, **lot.slice(:box, :number, :place), proposed: false } }
        end
      end

      def proposed(lots)
        loose = lots.select { |_, all| all.none? { |lot| lot[:box] } }.keys
        return [] if loose.empty?

        own = BoxPacking.new(@database, @studio_id, only: loose).proposal[:boxes].select { |box| box[:box] }
        packed = own.flat_map do |box|
          box[:items].map { |item| { style: item[:style], **box.slice(:box, :number, :place), proposed: true } }
        end
        packed.uniq { |one| one[:style] }
      end

      def boxes
        @boxes.named
      end

      def hooks(home_id)
        @anchors.list(home_id).select { |one| one[:piece_id] && one[:good] }
                .map { |one| { piece: one[:piece_id], **one.slice(:title, :place) } }
      end
    end
  end
end
