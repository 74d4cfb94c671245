# frozen_string_literal: true

module DeckBough
  module Tables
    # Where what stands along the middle of a table stands by itself: the tallest in the middle, the others to its right
    # and left in turn, with some air between; what lies under others in the middle.
    #
    #   Tables::Along.of([["lantern", "tallest", 0.2, 0.4], ["candle", "middle", 0.1, 0.2]]) # => [0.0, 0.19]
    #
    # Metres from the middle of the table.
    module Along
      GAP = 0.04

      module_function

      # @param things [Array<Array(String, String, Float, Float)>] form, slot, across, height
      # @return [Array<Float>] in the order they were given
      def of(things)
        places = Array.new(things.size, 0.0)
        right = left = nil
        standing(things).each do |i|
          half = things[i][2] / 2.0
          next right = left = half if right.nil?

          if right <= left
            places[i] = right + GAP + half
            right = places[i] + half
          else
            places[i] = -(left + GAP + half)
            left = -places[i] + half
          end
        end
        places
      end

      def standing(things)
        things.each_index.reject { |i| things[i][1] == "ground" }.sort_by { |i| [-things[i][3], i] }
      end
      private_class_method :standing
    end
  end
end
