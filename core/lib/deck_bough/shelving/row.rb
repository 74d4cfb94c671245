# frozen_string_literal: true

module DeckBough
  module Shelving
    # Where the things of one bay stand by themselves: side by side with like air between, the tallest a little to the
    # left of the middle, the others beside it in turn; leaning boards behind them, in the middle.
    #
    #   Shelving::Row.of(0.6, [["vessel", "tallest", 0.2, 0.3]]) # => [0.3]
    #
    # Metres from the left of the bay. What does not fit stands over both ends alike.
    module Row
      module_function

      # @param wide_m [Float]
      # @param things [Array<Array(String, String, Float, Float)>] form, slot, across, height
      # @return [Array<Float>] middles, in the order they were given
      def of(wide_m, things)
        behind, standing = things.each_index.partition { |i| %w[ground back].include?(things[i][1]) }
        gap = (wide_m - standing.sum { |i| things[i][2] }) / (standing.size + 1.0)
        places = behind.to_h { |i| [i, wide_m / 2.0] }
        from = gap
        in_turn(standing, things).each do |i|
          places[i] = from + (things[i][2] / 2.0)
          from += things[i][2] + gap
        end
        things.each_index.map { |i| places.fetch(i) }
      end

      # From the left: the lower ones outside, the tallest left of the middle.
      def in_turn(standing, things)
        by_height = standing.sort_by { |i| [-things[i][3], i] }
        by_height.each_with_index.reduce([]) { |line, (i, turn)| turn.even? ? [i, *line] : [*line, i] }
      end
      private_class_method :in_turn
    end
  end
end
