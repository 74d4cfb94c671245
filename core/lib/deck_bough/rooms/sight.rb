# frozen_string_literal: true

module DeckBough
  module Rooms
    # What an eye sees from where it is: how far each thing is, and what share of its outline no wall, nothing that
    # stands before it and no edge of the view hides (handbook 75).
    #
    #   Rooms::Sight.new(eye, screens, standings).share(tree)
    #
    # A grid of points over the outline, each looked at along a straight line: through a wall only where it opens, past
    # things that are boxes, past trees that are as wide at each height as their outline is. What is flat hangs at its
    # wall and hides nothing.
    class Sight
      ROWS = 7
      COLUMNS = 7
      # What is looked at hangs so far before its own wall, at least; an eye nearer than that to something is in it.
      BEFORE_M = 0.03
      NEAREST_M = 0.3
      # Of a thing that a piece lies or hangs on, so much beyond its edge belongs to it.
      ON_IT_M = 0.05

      # eye: where it is (x, y in the plan, z above the floor), heading in degrees (0 towards the front wall, on to the
      # right), how much it takes in.
      Eye = Struct.new(:x, :y, :z, :heading_deg, :cone_deg, keyword_init: true) do
        # Degrees off its heading, 0 to 180.
        def off(point)
          turn = Math.atan2(point[0] - x, y - point[1]) * 180 / Math::PI
          (((turn - heading_deg + 540) % 360) - 180).abs
        end

        def takes_in?(point)
          off(point) <= cone_deg / 2.0
        end

        def at
          [x, y]
        end
      end

      # A wall that hides what is behind, and where it is open: [from, to (share of its length), low, high (metres)].
      Screen = Struct.new(:from, :to, :holes, keyword_init: true)

      # @param eye [Eye]
      # @param screens [Array<Screen>]
      # @param standings [Array<Placed>] everything that may stand before something
      def initialize(eye, screens, standings)
        @eye = eye
        @screens = screens
        @standings = standings
      end

      # How far the middle of something is, along the floor.
      def distance_m(standing)
        x, y = standing.point
        [Math.hypot(x - @eye.x, y - @eye.y), NEAREST_M].max
      end

      # @param standing [Placed]
      # @return [Float] 0 hidden to 1 whole
      def share(standing)
        points, weights = points(standing)
        return 0.0 if points.empty?

        before = before(standing)
        screens = @screens.select { |screen| crossed?(screen, standing) }
        seen = points.zip(weights).sum { |point, weight| visible?(point, before, screens) ? weight : 0.0 }
        seen / weights.sum
      end

      private

      # Points over its outline with the share each stands for: on a plane along its wall, of what is round across the
      # line of sight.
      def points(standing)
        outline = standing.outline
        across = standing.across(@eye)
        x, y = standing.front(BEFORE_M)
        high = outline.top_m - outline.bottom_m
        found = Array.new(ROWS) { |i| outline.bottom_m + (high * (i + 0.5) / ROWS) }.flat_map do |up|
          outline.spans_at(up).flat_map do |left, right|
            Array.new(COLUMNS) do |k|
              off = left + ((right - left) * (k + 0.5) / COLUMNS)
              [[x + (across[0] * off), y + (across[1] * off), up], (right - left) / COLUMNS]
            end
          end
        end
        found.transpose.then { |points, weights| [points.to_a, weights.to_a] }
      end

      def visible?(point, before, screens)
        @eye.takes_in?(point) && screens.none? { |screen| hides?(screen, point) } &&
          before.none? { |other| other.hides?(@eye, point) }
      end

      # What could stand before it: between the eye and it, and not what it lies or hangs on.
      def before(standing)
        solid.select do |other|
          !other.equal?(standing) && near_sight?(other, standing) && !other.under?(standing, ON_IT_M)
        end
      end

      def solid
        @solid ||= @standings.select(&:solid?)
      end

      # Whether it reaches into what lies between the eye and something as wide as it is.
      def near_sight?(other, standing)
        (x, y), (tx, ty) = other.point, standing.point
        dx = tx - @eye.x
        dy = ty - @eye.y
        long = (dx * dx) + (dy * dy)
        along = long.zero? ? 0.0 : ((((x - @eye.x) * dx) + ((y - @eye.y) * dy)) / long).clamp(0.0, 1.0)
        off = Math.hypot(@eye.x + (dx * along) - x, @eye.y + (dy * along) - y)
        off <= other.reach_m + standing.reach_m
      end

      # Whether a wall reaches into what lies between the eye and its edges.
      def crossed?(screen, standing)
        edges = standing.edges(@eye)
        edges.any? { |edge| Crossing.meet?(@eye.at, edge, screen.from, screen.to) } ||
          Crossing.within?(screen.from, @eye.at, *edges) || Crossing.within?(screen.to, @eye.at, *edges)
      end

      def hides?(screen, point)
        along, across = Crossing.share(@eye.at, point, screen.from, screen.to)
        return false unless along

        up = @eye.z + ((point[2] - @eye.z) * along)
        screen.holes.none? { |from, to, low, high| across.between?(from, to) && up.between?(low, high) }
      end
    end
  end
end
