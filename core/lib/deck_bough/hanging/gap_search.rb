# frozen_string_literal: true

module DeckBough
  module Hanging
    # The widest empty circle on the surface of a tree, its middle below the crown: spot after spot of a fine net is
    # asked how far its nearest point is.
    #
    #   GapSearch.new(flat, points, crown_reach, 0.02).call # => { radius_m: 0.21, reach: 1.02, turn: -0.4 }
    #
    # A spot whose distance to the last nearest point is already less than the widest circle found cannot be wider and
    # is passed over without looking any further; most are.
    class GapSearch
      # @param points [Array<Array(Float, Float)>] reach in m, turn in radians; at least one
      # @param step [Float] m between spots of the net
      def initialize(flat, points, crown_reach, step)
        @flat = flat
        @crown = crown_reach
        @step = step
        @near = Neighbourhood.new(flat, points, cell: flat.spacing(points.size))
        @laid = points.map { |reach, turn| [reach * Math.sin(turn), reach * Math.cos(turn)] }
      end

      # @return [Hash] radius_m, reach, turn
      def call
        @radius = -1.0
        rows = [((@flat.rim - @crown) / @step).ceil, 1].max
        (0..rows).each { |row| along(@crown + ((@flat.rim - @crown) * row / rows)) }
        { radius_m: @radius, reach: @reach, turn: @turn }
      end

      private

      def along(reach)
        columns = [(2 * @flat.half * reach / @step).ceil, 1].max
        last_x = last_y = Float::INFINITY
        (0..columns).each do |column|
          turn = (((column * 2.0) / columns) - 1) * @flat.half
          x = reach * Math.sin(turn)
          y = reach * Math.cos(turn)
          next if square(x - last_x, y - last_y) <= @radius * @radius

          distance, point = @near.nearest(x, y)
          last_x, last_y = @laid[point]
          widen(distance, reach, turn) if distance > @radius
        end
      end

      def square(across, along)
        (across * across) + (along * along)
      end

      def widen(radius, reach, turn)
        @radius = radius
        @reach = reach
        @turn = turn
      end
    end
  end
end
