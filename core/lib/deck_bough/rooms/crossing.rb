# frozen_string_literal: true

module DeckBough
  module Rooms
    # Where straight lines in a plan meet.
    #
    #   Rooms::Crossing.meet?([0, 0], [2, 2], [0, 2], [2, 0]) # => true
    #   Rooms::Crossing.share([0.0, 0.0], [4.0, 0.0], [1.0, -1.0], [1.0, 1.0]) # => [0.25, 0.5]
    module Crossing
      module_function

      def meet?(one, one_end, other, other_end)
        !share(one, one_end, other, other_end).nil?
      end

      # How far along each of two lines they meet, 0 at its beginning to 1 at its end.
      #
      # @return [Array(Float, Float), nil] nil where they do not
      def share(one, one_end, other, other_end)
        dx = one_end[0] - one[0]
        dy = one_end[1] - one[1]
        ex = other_end[0] - other[0]
        ey = other_end[1] - other[1]
        turn = ((dx * ey) - (dy * ex)).to_f
        return if turn.zero?

        fx = other[0] - one[0]
        fy = other[1] - one[1]
        along = ((fx * ey) - (fy * ex)) / turn
        return if along.negative? || along > 1

        across = ((fx * dy) - (fy * dx)) / turn
        [along, across] unless across.negative? || across > 1
      end

      # Whether a point is within corners that close.
      #
      #   Rooms::Crossing.inside?([[0, 0], [2, 0], [2, 2], [0, 2]], [1, 1]) # => true
      def inside?(corners, point)
        crossed = corners.each_index.count do |i|
          (ax, ay), (bx, by) = corners[i], corners[(i + 1) % corners.size]
          (ay > point[1]) != (by > point[1]) && point[0] < ax + ((point[1] - ay) / (by - ay).to_f * (bx - ax))
        end
        crossed.odd?
      end

      # Whether a point is in a triangle, its edges among it.
      def within?(point, one, two, three)
        sides = [[one, two], [two, three], [three, one]].map do |(ax, ay), (bx, by)|
          ((bx - ax) * (point[1] - ay)) - ((by - ay) * (point[0] - ax))
        end
        sides.none?(&:negative?) || sides.none?(&:positive?)
      end
    end
  end
end
