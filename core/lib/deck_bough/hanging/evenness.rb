# frozen_string_literal: true

module DeckBough
  module Hanging
    # How evenly points lie on the surface of a tree, measured from the points.
    #
    #   Evenness.new(flat).ratio(points) # => 1.93; 1 is chance, 2.149 a perfect honeycomb
    #
    # Source: handbook 30, How even is even: mean nearest distance over 0.5 / √(n / A).
    class Evenness
      # Fewer say nothing about a spread.
      FEWEST = 2
      # How finely gaps are searched, parts of a spacing; where very many hang, coarser is fine enough.
      FINENESS = 5
      COARSER = 3
      MANY = 400

      def initialize(flat)
        @flat = flat
      end

      # @param points [Array<Array(Float, Float)>] reach in m, turn in radians
      # @return [Float, nil] nil for fewer than two points
      def ratio(points)
        return nil if points.size < FEWEST

        near = Neighbourhood.new(@flat, points, cell: @flat.spacing(points.size))
        mean = points.each_index.sum { |i| near.nearest_of(i).first } / points.size
        mean / (0.5 / Math.sqrt(points.size / @flat.area))
      end

      # The largest circle with no point in it and its middle on the surface below the crown.
      #
      # @param crown_reach [Float] metres from the tip that are the crown's own
      # @return [Hash, nil] radius_m, over_spacing, reach, turn
      def largest_gap(points, crown_reach)
        return nil if points.empty?

        spacing = @flat.spacing(points.size)
        widest = GapSearch.new(@flat, points, crown_reach, spacing / FINENESS).call
        widest.merge(over_spacing: widest[:radius_m] / spacing)
      end

      # The emptiest spots, each further from the others than its own radius.
      #
      # @return [Array<Hash>] radius_m, over_spacing, reach, turn; emptiest first
      def emptiest(points, crown_reach, count)
        return [] if points.empty?

        spacing = @flat.spacing(points.size)
        circles = circles(points, crown_reach, spacing).sort_by.with_index do |circle, i|
          [-circle[:radius_m].round(6), i]
        end
        apart(circles, count).map { |circle| circle.merge(over_spacing: circle[:radius_m] / spacing) }
      end

      private

      def circles(points, crown_reach, spacing)
        near = Neighbourhood.new(@flat, points, cell: spacing)
        step = spacing / (points.size > MANY ? COARSER : FINENESS)
        rows = [((@flat.rim - crown_reach) / step).ceil, 1].max
        (0..rows).flat_map do |row|
          reach = crown_reach + ((@flat.rim - crown_reach) * row / rows)
          columns = [(2 * @flat.half * reach / step).ceil, 1].max
          (0..columns).map do |column|
            turn = (((column * 2.0) / columns) - 1) * @flat.half
            { radius_m: near.nearest(reach * Math.sin(turn), reach * Math.cos(turn))&.first || @flat.rim, reach: reach,
              turn: turn }
          end
        end
      end

      def apart(circles, count)
        circles.each_with_object([]) do |circle, found|
          return found if found.size == count

          found << circle if found.none? { |other| distance(circle, other) < other[:radius_m] }
        end
      end

      def distance(one, other)
        Math.sqrt([@flat.square(one[:reach], one[:turn], other[:reach], other[:turn]), 0.0].max)
      end
    end
  end
end
