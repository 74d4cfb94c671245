# frozen_string_literal: true

module DeckBough
  module Boxes
    # One box and what is in it so far.
    #
    #   Boxes::Filling.new({ id: "3", litres: 40, most_kg: 15 }, 8).most_kg(true) # => 8
    class Filling
      # Sums of litres and kilograms leave last bits.
      HAIR = 1e-9

      # What a box may weigh, with breakables in it or without.
      def self.most_kg(box, breakable_kg, breakable)
        breakable ? [box[:most_kg], breakable_kg].min : box[:most_kg]
      end

      attr_reader :box, :loads, :litres, :kg

      # @param breakable_kg [Numeric] what a box with breakables may weigh
      def initialize(box, breakable_kg)
        @box = box
        @breakable_kg = breakable_kg
        @loads = []
        @litres = @kg = 0
        @breakable = false
      end

      def takes?(load)
        @litres + load.litres <= box[:litres] + HAIR && @kg + load.kg <= most_kg(@breakable || load.breakable) + HAIR
      end

      def put(load)
        @loads << load
        @litres += load.litres
        @kg += load.kg
        @breakable = true if load.breakable
        self
      end

      # How much room would be left, as a share, were the load put in: litres and kilograms together. What spares a box
      # the lower weight of breakables counts as room.
      def room_after(load)
        most = most_kg(@breakable || load.breakable)
        ((box[:litres] - @litres - load.litres) / box[:litres]) + ((most - @kg - load.kg) / box[:most_kg]) +
          (load.breakable == @breakable ? 0 : 1)
      end

      def most_kg(breakable)
        Filling.most_kg(box, @breakable_kg, breakable)
      end

      def to_h
        { id: box[:id], items: loads.flat_map(&:items), litres: litres, kg: kg }
      end
    end
  end
end
