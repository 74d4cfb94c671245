# frozen_string_literal: true

module DeckBough
  module Buying
    # The cheapest way to at least so much from packs: ties leave the least over, then take the fewest packs.
    #
    #   Buying::CheapestPacks.new(9, [{ size: 2, price_cents: 383 }, { size: 10, price_cents: 986 }]).counts # => [0, 1]
    #
    # Exact: the cheapest for every sum up to the need, a pack after the other; so its time is the need times the packs.
    # Where a need is large, most of it is the pack that is cheapest by its size: of all others no more can be wanted
    # than that size, or some of them were replaced by it at no more cost. Source: handbook 80, Buying.
    class CheapestPacks
      # Sizes are told apart to a millimetre of ribbon.
      FINEST = 1000
      SLIGHT = 1e-6
      # Sums that are looked at, all packs together, at most.
      MOST_SUMS = 3_000_000

      Way = Struct.new(:cents, :sum, :packs, :pack, :taken, :before) do
        def better_than?(other)
          other.nil? || ([cents, packs] <=> [other.cents, other.packs]).negative?
        end
      end
      private_constant :Way

      # @param need [Numeric] pieces, ribbon metres
      # @param packs [Array<Hash>] size, price_cents, and available: how many there are, nil where nobody knows an end
      def initialize(need, packs)
        @wanted = need
        @packs = packs
      end

      # Whether all that can be had comes to the need.
      def enough?
        return @enough if defined?(@enough)

        @enough = endless? || @packs.sum { |pack| pack[:size] * pack[:available] } >= @wanted - SLIGHT
      end

      # Whether it can be looked at in a moment.
      def countable?
        return true if @packs.one?

        (rest + sizes.max) * @packs.each_index.sum { |i| bundles(i) } <= MOST_SUMS
      end

      # @return [Array<Integer>] packs of each, in their order; all there are where that is not enough
      def counts
        return Array.new(@packs.size, 0) if @wanted <= 0
        return @packs.map { |pack| pack[:available] } unless enough?
        return [single] if @packs.one?

        found = taken(best)
        found[bulk] += bulk_packs if bulk
        found
      end

      def endless?
        @packs.any? { |pack| pack[:available].nil? }
      end

      private

      # Free of the last bits of a division: three packs of a third are one.
      def single
        (@wanted / @packs.first[:size].to_f).round(9).ceil
      end

      # Sizes as multiples of what they have in common.
      def sizes
        @sizes ||= begin
          fine = @packs.map { |pack| (pack[:size] * FINEST).round }
          @grain = fine.reduce(0) { |all, size| all.gcd(size) }
          fine.map { |size| size / @grain }
        end
      end

      def need
        @need ||= sizes && (@wanted * FINEST / @grain.to_f).round(9).ceil
      end

      # The pack without end that costs least by its size; of those that cost the same the largest.
      def bulk
        return @bulk if defined?(@bulk)

        endless = @packs.each_index.select { |i| @packs[i][:available].nil? }
        @bulk = endless.min_by { |i| [price(i), -sizes[i]] }
      end

      def price(index)
        Rational(@packs[index][:price_cents], sizes[index])
      end

      # What there is of packs that are cheaper still is looked at as a whole.
      def bulk_packs
        return 0 unless bulk

        cheaper = @packs.each_index.select { |i| @packs[i][:available] && price(i) <= price(bulk) }
        there = cheaper.sum { |i| sizes[i] * @packs[i][:available] }
        [(need - there - (sizes[bulk] * sizes.max)) / sizes[bulk], 0].max
      end

      # In how many goes a pack is looked at.
      def bundles(index)
        @packs[index][:available] ? Math.log2([@packs[index][:available], 1].max).ceil + 1 : 1
      end

      def rest
        need - (bulk ? bulk_packs * sizes[bulk] : 0)
      end

      def best
        last = rest + sizes.max - 1
        (rest..last).filter_map { |sum| ways(last)[sum] }.min_by { |way| [way.cents, way.sum, way.packs] }
      end

      # The cheapest way to exactly each sum.
      def ways(last)
        @ways ||= @packs.each_index.reduce([Way.new(0, 0, 0)] + Array.new(last)) do |before, i|
          with(i, before, last)
        end
      end

      def with(index, before, last)
        most = @packs[index][:available] || (last / sizes[index])
        most < last / sizes[index] ? with_some(index, before, most) : with_any(index, before.dup)
      end

      def with_any(index, ways)
        size = sizes[index]
        (size...ways.size).each do |sum|
          way = ways[sum - size] && more(ways[sum - size], index, 1)
          ways[sum] = way if way&.better_than?(ways[sum])
        end
        ways
      end

      # So many of it and no more: in bundles of one, two, four …, each taken once.
      def with_some(index, ways, most)
        bundle = 1
        while most.positive?
          taken = [bundle, most].min
          ways = with_bundle(index, ways.dup, taken)
          most -= taken
          bundle *= 2
        end
        ways
      end

      def with_bundle(index, ways, taken)
        size = sizes[index] * taken
        (ways.size - 1).downto(size) do |sum|
          way = ways[sum - size] && more(ways[sum - size], index, taken)
          ways[sum] = way if way&.better_than?(ways[sum])
        end
        ways
      end

      def more(way, index, taken)
        Way.new(way.cents + (@packs[index][:price_cents] * taken), way.sum + (sizes[index] * taken),
                way.packs + taken, index, taken, way)
      end

      def taken(way)
        found = Array.new(@packs.size, 0)
        while way.before
          found[way.pack] += way.taken
          way = way.before
        end
        found
      end
    end
  end
end
