# frozen_string_literal: true

module DeckBough
  module Hanging
    # The last touch of a deal: swaps until the eye finds neither a colour on one side only nor a half that carries too
    # much.
    #
    # Part of Dealing, which gives the deal, what a swap costs, and what may hang where.
    module Evening
      # So many swaps at most, and the least each must bring.
      MOST_EVENING = 60
      LEAST_EVENING = 1e-3

      private

      # Each time what helps most, and of that what costs the evenness least.
      def even_out
        return unless @balance

        @balance.count(@dealt.dup) { |kind, site| @may[kind][site] }
        MOST_EVENING.times do
          one, other = best_evening || break
          @balance.swap(one, other)
          swap(one, other)
        end
      end

      def best_evening
        @balance.wrong.flat_map { |one| evening_partners(one) }.min_by { |_, _, gain, cost| [-gain, cost] }&.first(2)
      end

      def evening_partners(one)
        kind = @dealt[one]
        (0...@size).filter_map do |other|
          with = @dealt[other]
          next if with == kind || !@may[kind][other] || !@may[with][one]

          gain = @balance.gain(one, other)
          [one, other, gain.round(6), cost(one, other)] if gain > LEAST_EVENING
        end
      end
    end
  end
end
