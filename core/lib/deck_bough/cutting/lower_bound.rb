# frozen_string_literal: true

module DeckBough
  module Cutting
    # Fewer new rolls than this cannot do, whoever cuts: proven by adding up, not by searching.
    #
    #   Cutting::LowerBound.new([60, 60, 60], [], 100).call # => 3
    #
    # Lengths are whole numbers in one unit. Each way of weighing gives every piece a weight such that no new roll can
    # hold more than 1 of it; what the weights sum to beyond what part rolls can take needs new rolls. The heaviest way
    # counts.
    class LowerBound
      # Part rolls up to this are filled bit by bit; into a longer one so much fits that it hardly matters what just
      # does.
      LONGEST_FILLED = 3_000_000

      HAIR = 1e-9
      CLASSES = (1..10)
      SLOPES = [0.5, 0.75, 1.25, 1.5, 1.75, 2.0, 2.5, 3.0, 3.5, 4.0].freeze
      # Of many lengths this many stand for all when a way of weighing may be turned at any of them.
      MOST_TURNS = 40

      def initialize(pieces, parts, roll)
        @pieces = pieces
        @parts = parts
        @roll = roll
        @counts = pieces.tally
        @part_counts = parts.tally
      end

      def call
        return 0 if @pieces.empty?

        @call ||= [by_length, *weighings.map { |weigh| by_weight(weigh) }, 0].max
      end

      # @return [Array<Proc>] every way of weighing a piece of this job
      def weighings
        [*CLASSES.map { |classes| ->(piece) { by_class(piece, classes) } },
         *turns(short).map { |from| ->(piece) { by_rest(piece, from) } },
         *turns(measures).map { |unit| ->(piece) { by_measure(piece, unit) } }, *few_to_a_roll]
      end

      private

      # What no part roll can take, however well it is filled, over the length of a new roll.
      def by_length
        fills = @part_counts.sum { |part, count| count * best_fill(part) }
        (((@pieces.sum - fills) / @roll.to_f) - HAIR).ceil
      end

      # The most that pieces can use of a part, found in one number whose bits are the lengths that can be made.
      def best_fill(part)
        return [part, @pieces.sum].min if part > LONGEST_FILLED

        (reachable & ((1 << (part + 1)) - 1)).bit_length - 1
      end

      def reachable
        @reachable ||= begin
          mask = (1 << ((@parts.select { |part| part <= LONGEST_FILLED }.max || 0) + 1)) - 1
          @pieces.reduce(1) { |made, piece| (made | (made << piece)) & mask }
        end
      end

      def by_weight(weigh)
        weights = @counts.keys.to_h { |piece| [piece, weigh.call(piece)] }
        taken = @part_counts.sum { |part, count| count * bears(part, weights) }
        (@counts.sum { |piece, count| weights[piece] * count } - taken - HAIR).ceil
      end

      # What a part roll bears at most: no more than its length in the dearest pieces, and if no longer than a new roll,
      # no more than one.
      def bears(part, weights)
        dearest = weights.map { |piece, weight| piece <= part ? weight / piece : 0 }.max
        part <= @roll ? [part * dearest, 1.0].min : part * dearest
      end

      def short
        @counts.keys.select { |piece| piece * 2 <= @roll }
      end

      def measures
        lengths = @counts.keys + @counts.keys.map { |piece| @roll - piece }
        shares = lengths.flat_map { |length| (1..3).map { |share| length / share } }
        shares.select { |unit| unit * 2 <= @roll && unit * 40 > @roll }
      end

      def turns(lengths)
        sorted = lengths.uniq.sort
        return sorted if sorted.size <= MOST_TURNS

        Array.new(MOST_TURNS) { |i| sorted[i * (sorted.size - 1) / (MOST_TURNS - 1)] }
      end

      # Rounds lengths down to whole parts of a roll: of pieces over a half only one fits, over a third two, and so on.
      def by_class(piece, classes)
        parts = (classes + 1) * piece
        return piece.fdiv(@roll) if (parts % @roll).zero?

        (parts / @roll).fdiv(classes)
      end

      # What leaves less than `from` beside it has the roll to itself; what is shorter than that does not count.
      def by_rest(piece, from)
        return 1.0 if piece > @roll - from

        piece < from ? 0.0 : piece.fdiv(@roll)
      end

      # Counts in whole units; a long piece is worth what it leaves too little for.
      def by_measure(piece, unit)
        most = @roll / unit
        return (most - ((@roll - piece) / unit)).fdiv(most) if piece * 2 > @roll

        piece * 2 == @roll ? 0.5 : (piece / unit).fdiv(most)
      end

      # When at most three (four, five) of the pieces share a roll, what is over its even share weighs more than by
      # length.
      def few_to_a_roll
        (3..5).flat_map do |most|
          next [] if most > 3 && @counts.keys.max * 2 > @roll

          SLOPES.select { |slope| slope <= most + 1 }.map { |slope| ->(piece) { by_share(piece, most, slope) } }
        end
      end

      def by_share(piece, most, slope)
        return 1 - by_share(@roll - piece, most, slope) if piece * 2 > @roll
        return 0.0 if piece * (most + 1) <= @roll

        [1.0 / (most - 1), (1.0 / most) + (slope * (piece.fdiv(@roll) - (1.0 / most)))].min
      end
    end
  end
end
