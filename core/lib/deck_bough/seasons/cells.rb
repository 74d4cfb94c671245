# frozen_string_literal: true

module DeckBough
  module Seasons
    # What is put away without its cells: they leak in a box.
    #
    #   Seasons::Cells.in?([{ shape: "lantern" }], []) # => true
    #
    # Source: handbook 90, After the day (batteries out); 20, Battery lights and candles.
    module Cells
      SHAPES = %w[candle lantern].freeze

      module_function

      # @param things [Array<Hash>] what goes: shape
      # @param labels [Array<String>] of the ledger of its piece
      def in?(things, labels)
        things.any? { |thing| SHAPES.include?(thing[:shape]) } || labels.include?(TreeLedger::CELLS)
      end
    end
  end
end
