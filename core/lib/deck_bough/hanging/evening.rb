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
      # Of so many that cost least one is taken that brings no two of a kind side by side, where there is one.
      CHEAPEST = 12

      private

      # Each time what helps most, and of that what costs the evenness least.
      def even_out
        return unless @balance

        count_balance
        MOST_EVENING.times do
          one, other = best_evening || break
          @balance.swap(one, other)
          swap(one, other)
        end
      end

      # Whoever deals asks afterwards what faults the eye finds, also where nothing was evened out.
      def count_balance
        @balance&.count(@dealt.dup) { |kind, site| @may[kind][site] }
      end

      # Sites of one kind in one zone gain alike; of those that gain most and may be swapped, the pair that costs least.
      #
      # @return [Array(Integer, Integer), nil] two sites
      def best_evening
        alike = (0...@size).group_by { |site| [@dealt[site], @balance.zones[site]] }
        worth = evening_gains(alike.keys).group_by(&:last)
        worth.keys.sort.reverse_each do |gain|
          pairs = worth[gain].flat_map { |one, other, _| lawful_pairs(alike[one], alike[other]) }
          next if pairs.empty?

          cheapest = pairs.min_by(CHEAPEST) { |pair| [cost(*pair), pair] }
          return cheapest.find { |pair| more_twins(*pair) <= 0 } || cheapest.first
        end
        nil
      end

      # @param groups [Array<Array(Integer, Integer)>] kind and zone
      # @return [Array<Array>] two of them, of which one hangs wrong, and what a swap between them gains
      def evening_gains(groups)
        wrong = @balance.wrong
        found = []
        groups.each_with_index do |one, i|
          groups.drop(i + 1).each do |other|
            next if one.first == other.first || !(wrong[one.first] || wrong[other.first])

            gain = @balance.gain_between(*one, *other)
            found << [one, other, gain.round(6)] if gain > LEAST_EVENING
          end
        end
        found
      end

      def lawful_pairs(ones, others)
        kind = @dealt[ones.first]
        with = @dealt[others.first]
        there = others.select { |other| @may[kind][other] }
        ones.select { |one| @may[with][one] }.product(there).map(&:minmax)
      end
    end
  end
end
