# frozen_string_literal: true

module DeckBough
  module Stock
    # So much of a thing in one place: what lies of it in a box, or one roll or offcut of a ribbon.
    #
    #   Stock::Lot.new(id: 7, box: nil, quantity: 4.2).quantity # => 4.2
    #
    # box is nil for what lies in no box; pieces, ribbon metres.
    Lot = Struct.new(:id, :box, :quantity, keyword_init: true) do
      def initialize(box: nil, **)
        super
        freeze
      end
    end
  end
end
