# frozen_string_literal: true

module DeckBough
  module Stock
    # Rolls and offcuts of one ribbon.
    #
    #   Stock::Rolls.new([9, 9, 3]).free(12) # => [9, 3]
    #   Stock::Rolls.new([9, 9, 3]).after([9, 3], [4.5]) # => [9, 4.5]
    #
    # Metres.
    class Rolls
      # Free of the last bits that sums leave; shorter than this nothing is a roll.
      PLACES = 6
      LEAST_M = 0.01

      def initialize(lengths)
        @lengths = lengths.sort.reverse
      end

      # Which of them make up what is free of it: offcuts are used up first, and of the last one only so much.
      #
      # @return [Array<Numeric>] longest first
      def free(metres)
        left = metres
        taken = @lengths.reverse.each_with_object([]) do |length, those|
          goes = [length, left].min
          those << goes if goes >= LEAST_M
          left = (left - goes).round(PLACES)
        end
        taken.sort.reverse
      end

      # What there is when some were cut.
      #
      # @param laid_out [Array<Numeric>] what was on the table, as `free` gave it
      # @param back [Array<Numeric>] what came back
      # @return [Array<Numeric>]
      def after(laid_out, back)
        laid_out.sort.reverse.reduce(@lengths) { |rest, length| without(rest, length) } + back
      end

      private

      def without(lengths, gone)
        roll = lengths.min_by do |length|
          [length < gone - (10**-PLACES) ? 1 : 0, (length - gone).abs]
        end or return lengths
        rest = (roll - gone).round(PLACES)
        left = lengths.dup
        left.delete_at(lengths.index(roll))
        rest >= LEAST_M ? [*left, rest] : left
      end
    end
  end
end
