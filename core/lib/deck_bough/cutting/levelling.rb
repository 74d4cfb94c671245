# frozen_string_literal: true

module DeckBough
  module Cutting
    # Brings pieces into a given set of rolls by moving and exchanging single pieces until no roll holds more than its
    # length.
    #
    #   Cutting::Levelling.new([60, 50, 40, 30], [90, 90], seed: 1).call # => [[0, 3], [1, 2]]
    #
    # A move that leaves less hanging over is taken, now and then also one that leaves a little more, ever more rarely.
    # It may fail where a way exists; it proves nothing. Deterministic by seed.
    class Levelling
      MOVES = 120_000
      # How much more may hang over for a while, of the mean roll.
      WARMTH = 0.001

      # @param pieces [Array<Integer>] lengths, @param rolls [Array<Integer>] lengths
      def initialize(pieces, rolls, seed:)
        @pieces = pieces
        @rolls = rolls
        @chance = Random.new(seed)
      end

      # @return [Array<Array<Integer>>, nil] numbers of the pieces in each roll
      def call
        return nil if @pieces.sum > @rolls.sum

        set_out
        warmth = WARMTH * @rolls.sum / @rolls.size
        MOVES.times do |i|
          return held if @hanging.zero?

          i % 4 == 0 ? move(warmth * (1 - i.fdiv(MOVES))) : exchange(warmth * (1 - i.fdiv(MOVES)))
        end
        @hanging.zero? ? held : nil
      end

      private

      # Longest first, always into the roll with the most room.
      def set_out
        @over = @rolls.map(&:-@)
        @at = Array.new(@pieces.size)
        @pieces.each_index.sort_by { |i| -@pieces[i] }.each do |i|
          @at[i] = @over.index(@over.min)
          @over[@at[i]] += @pieces[i]
        end
        @hanging = @over.sum { |over| [over, 0].max }
      end

      def held
        rolls = @rolls.map { [] }
        @at.each_with_index { |roll, i| rolls[roll] << i }
        rolls
      end

      def move(warmth)
        piece = @chance.rand(@pieces.size)
        from = @at[piece]
        into = @chance.rand(@rolls.size)
        @at[piece] = into if from != into && shifted?(from, into, @pieces[piece], warmth)
      end

      def exchange(warmth)
        piece = @chance.rand(@pieces.size)
        other = @chance.rand(@pieces.size)
        from = @at[piece]
        into = @at[other]
        longer = @pieces[piece] - @pieces[other]
        return if from == into || longer.zero? || !shifted?(from, into, longer, warmth)

        @at[piece] = into
        @at[other] = from
      end

      # Moves so much length from one roll into another when what hangs over then allows it.
      def shifted?(from, into, length, warmth)
        was_from = @over[from]
        was_into = @over[into]
        now_from = was_from - length
        now_into = was_into + length
        more = (now_from.positive? ? now_from : 0) + (now_into.positive? ? now_into : 0) -
               (was_from.positive? ? was_from : 0) - (was_into.positive? ? was_into : 0)
        return false if more.positive? && (warmth.zero? || @chance.rand >= Math.exp(-more / warmth))

        @over[from] = now_from
        @over[into] = now_into
        @hanging += more
        true
      end
    end
  end
end
