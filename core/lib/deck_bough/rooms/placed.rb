# frozen_string_literal: true

module DeckBough
  module Rooms
    # Something of a room in the plan of the room it is looked at from.
    #
    #   Rooms::Placed.new(standing: tree, frame: Rooms::Frame::SAME, room: "long").point
    Placed = Struct.new(:standing, :frame, :room, keyword_init: true) do
      def id = standing.id
      def outline = standing.outline

      def point
        @point ||= frame.at(standing.point)
      end

      # Its middle, at least so far before its wall.
      def front(least_m)
        outline.round ? point : frame.at(standing.wall.at(standing.at_m, [standing.out_m, least_m].max))
      end

      # In which direction it spreads: along its wall, or across the line of sight.
      #
      # @return [Array(Float, Float)] one metre
      def across(eye)
        return frame.turned(standing.wall.along) unless outline.round

        dx = point[0] - eye.x
        dy = point[1] - eye.y
        far = Math.hypot(dx, dy)
        far.zero? ? [1.0, 0.0] : [-dy / far, dx / far]
      end

      # Its outermost points in the plan.
      def edges(eye)
        (ax, ay), (x, y) = across(eye), front(0.0)
        [outline.left_m, outline.right_m].map { |off| [x + (ax * off), y + (ay * off)] }
      end

      # What is flat hangs at its wall and hides nothing.
      def solid?
        outline.round || !standing.piece
      end

      # How far it reaches from its middle.
      def reach_m
        @reach_m ||= Math.hypot(outline.width_m, outline.depth_m) / 2
      end

      # Whether something flat lies or hangs on it.
      def under?(other, slack)
        return false if other.outline.round || other.room != room || other.standing.wall.key != standing.wall.key

        beside = (other.standing.at_m - standing.at_m).abs <= (outline.width_m / 2) + slack
        beside && (other.standing.out_m - standing.out_m).abs <= ((outline.depth_m + other.outline.depth_m) / 2) + slack
      end

      # Whether it is in the way between an eye and a point.
      def hides?(eye, point)
        outline.round ? hides_round?(eye, point) : hides_box?(eye, point)
      end

      private

      # Where the line of sight comes nearest to its middle.
      def hides_round?(eye, target)
        x, y = point
        dx = target[0] - eye.x
        dy = target[1] - eye.y
        long = (dx * dx) + (dy * dy)
        along = long.zero? ? 0.0 : ((((x - eye.x) * dx) + ((y - eye.y) * dy)) / long).clamp(0.0, 1.0)
        off = Math.hypot(eye.x + (dx * along) - x, eye.y + (dy * along) - y)
        off < widest && off < outline.half_at(eye.z + ((target[2] - eye.z) * along))
      end

      def widest
        @widest ||= outline.width_m / 2
      end

      def hides_box?(eye, target)
        from = box_at(eye.at, eye.z)
        to = box_at(target, target[2])
        enters = 0.0
        leaves = 1.0
        bounds.each_with_index do |(low, high), i|
          way = to[i] - from[i]
          if way.abs < 1e-12
            return false unless from[i].between?(low, high)

            next
          end
          one, other = [(low - from[i]) / way, (high - from[i]) / way].minmax
          enters = one if one > enters
          leaves = other if other < leaves
          return false if enters >= leaves
        end
        true
      end

      # In lengths along its wall, away from it and up.
      def box_at(spot, up)
        x, y = point
        ax, ay, ix, iy = axes
        dx = spot[0] - x
        dy = spot[1] - y
        [(dx * ax) + (dy * ay), (dx * ix) + (dy * iy), up]
      end

      def axes
        @axes ||= [*frame.turned(standing.wall.along), *frame.turned(standing.wall.inward)]
      end

      def bounds
        @bounds ||= [[outline.left_m, outline.right_m], [-outline.depth_m / 2, outline.depth_m / 2],
                     [outline.bottom_m, outline.top_m]]
      end
    end
  end
end
