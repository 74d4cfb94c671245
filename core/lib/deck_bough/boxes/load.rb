# frozen_string_literal: true

module DeckBough
  module Boxes
    # What is packed as one: a group that fits a box, or one thing of a group that fits none.
    #
    #   Boxes::Load.of([{ id: "a", litres: 5, kg: 1, breakable: true }, { id: "b", litres: 2, kg: 1 }]).litres # => 7
    #
    # litres, kilograms; items are the ids of its things.
    Load = Struct.new(:items, :group, :litres, :kg, :breakable, keyword_init: true) do
      # @param things [Array<Hash>] id, litres, kg, group, breakable
      def self.of(things)
        new(items: things.map { |thing| thing[:id] }, group: things.first[:group],
            litres: things.sum { |thing| thing[:litres] }, kg: things.sum { |thing| thing[:kg] },
            breakable: things.any? { |thing| thing[:breakable] })
      end
    end
  end
end
