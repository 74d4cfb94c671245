# frozen_string_literal: true

module DeckBough
  module Hanging
    # Which sites of an unrolled surface lie within a reach of one another, each two of them once.
    #
    #   Hanging::NearPairs.new(UnrolledSurface.new(TreeSurface.new(height_m: 2.4, spread_m: 1.4, hem_m: 0.2,
    #                                                              arc_deg: 360)),
    #                          [0.0, 0.3, 0.9], [1.0, 1.0, 1.0], [0.0, 0.29, 0.73], 0.5).beside
    #   # => [0, 1]
    #
    # Sorted into squares as wide as the reach, so that not all are asked.
    class NearPairs
      # A square and those after it: every two neighbours are met from one of them alone.
      ROW = 1 << 20
      AFTER = [1, ROW - 1, ROW, ROW + 1].freeze
      AROUND = [-1, 0, 1].product([-ROW, 0, ROW]).map(&:sum).freeze

      # Numbers of sites, one after the other: first and second of a pair, first and second of the next.
      #
      # @return [Array<Integer>] beside: on the flat sheet; behind: across the edge of a closed surface, from one on the
      #   left of the middle to one on the right
      attr_reader :beside, :behind

      # @param across, along [Array<Float>] of each on the flat sheet, m
      # @param turns [Array<Float>] of each, radians
      # @param reach [Float] m
      def initialize(flat, across, along, turns, reach)
        @flat = flat
        @xs = across
        @ys = along
        @turns = turns
        @reach = reach
        @square = reach * reach
        @squares = across.each_index.group_by { |i| key(across[i], along[i]) }
        @beside = []
        @behind = []
        @squares.each { |at, sites| among(at, sites) }
        over_the_edge if flat.closed?
      end

      private

      def key(x, y)
        ((x / @reach).floor * ROW) + (y / @reach).floor
      end

      def among(at, sites)
        sites.each_with_index { |one, i| pair(one, sites.drop(i + 1)) }
        AFTER.each do |away|
          others = @squares[at + away] or next
          sites.each { |one| pair(one, others) }
        end
      end

      def pair(one, others)
        near(@xs[one], @ys[one], others) { |other| @beside << one << other }
      end

      # What lies on the left edge, laid where it goes on beyond the right one.
      def over_the_edge
        @turns.each_with_index do |turn, one|
          away = Math.hypot(@xs[one], @ys[one])
          next if turn.positive? || (@flat.half + turn) * away > @reach

          x = away * Math.sin(turn + (2 * @flat.half))
          y = away * Math.cos(turn + (2 * @flat.half))
          at = key(x, y)
          AROUND.each do |square|
            near(x, y, @squares[at + square] || []) { |other| @behind << one << other if @turns[other].positive? }
          end
        end
      end

      def near(x, y, others)
        others.each do |other|
          across = @xs[other] - x
          along = @ys[other] - y
          yield other if (across * across) + (along * along) < @square
        end
      end
    end
  end
end
