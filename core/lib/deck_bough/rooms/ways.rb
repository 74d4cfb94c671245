# frozen_string_literal: true

module DeckBough
  module Rooms
    # The ways left between what stands on the floor, and doors that cannot open (handbook 10, Fit: the walkway left).
    #
    #   Rooms::Ways.new(plan, standings, house).call.first
    #
    # Nearer than a person is wide two things stand together, and nobody means to pass.
    class Ways
      TOGETHER_M = 0.3
      # Wider than this nobody asks.
      WIDE_M = 1.6
      MOST = 12

      def initialize(plan, standings, house)
        @plan = plan
        @there = standings.select(&:on_floor?)
        @house = house
      end

      # @return [Array<Hash>] width_m, from and to (points in the plan), between (two names), narrow; narrowest first
      def call
        found = [*pairs, *to_walls].reject { |way| blocked?(way) }.sort_by { |way| [way[:width_m], way[:between]] }
        found.first(MOST)
      end

      # @return [Array<String>] names of doors whose leaf would meet something, with what it meets
      def stuck
        doors = @plan.openings.select { |opening| opening[:kind] == "door" && opening[:swing].start_with?("in") }
        doors.flat_map do |door|
          @there.select { |one| swept?(door, one) }.map { |one| { door: named(door), name: one.name } }
        end
      end

      private

      def pairs
        @there.combination(2).reject { |one, other| dead_end?(one, other) }.filter_map do |one, other|
          way(nearest(one.footprint, other.footprint), [one.name, other.name])
        end
      end

      # What stands at a wall leaves no way behind it, and so none round it into the next corner.
      def to_walls
        @there.flat_map do |one|
          closed = one.backed? ? [one.wall, *corners_with(one.wall)] : [one.wall]
          (@plan.walls - closed).filter_map do |wall|
            way(nearest(one.footprint, [wall.from, wall.to]), [one.name, wall.name.downcase])
          end
        end
      end

      # Between two that stand with their backs to one wall, or to one corner, there is nowhere to go.
      def dead_end?(one, other)
        one.backed? && other.backed? && [one.wall, *corners_with(one.wall)].include?(other.wall)
      end

      def corners_with(wall)
        @plan.walls.select { |other| other.to == wall.from || other.from == wall.to }
      end

      def way((from, to, wide), between)
        return unless wide.between?(TOGETHER_M, WIDE_M)

        { width_m: wide, from: from, to: to, between: between, narrow: wide < @house["tree.walkway"] }
      end

      # Something else stands in it: it is two ways.
      def blocked?(way)
        @there.reject { |one| way[:between].include?(one.name) }.any? do |one|
          sides(one.footprint).any? { |from, to| Crossing.meet?(way[:from], way[:to], from, to) }
        end
      end

      # The nearest two points of two outlines: one of them is a corner.
      #
      # @return [Array] a point of each, and how far they are apart
      def nearest(one, other)
        [*corners_to(one, other), *corners_to(other, one).map { |a, b, far| [b, a, far] }].min_by(&:last)
      end

      def corners_to(corners, outline)
        corners.flat_map do |corner|
          sides(outline).map do |from, to|
            foot = foot(corner, from, to)
            [corner, foot, Math.hypot(corner[0] - foot[0], corner[1] - foot[1])]
          end
        end
      end

      def sides(outline)
        outline.size == 2 ? [outline] : outline.zip(outline.rotate)
      end

      def foot(point, from, to)
        dx = to[0] - from[0]
        dy = to[1] - from[1]
        long = (dx * dx) + (dy * dy)
        along = long.zero? ? 0.0 : ((((point[0] - from[0]) * dx) + ((point[1] - from[1]) * dy)) / long).clamp(0.0, 1.0)
        [from[0] + (dx * along), from[1] + (dy * along)]
      end

      # A leaf sweeps a quarter of a circle about its hinge: wherever it is then, something may be in its way.
      def swept?(door, standing)
        swing(door).any? { |point| Crossing.inside?(standing.footprint, point) }
      end

      SWINGS = 10
      ALONG_LEAF = 6
      private_constant :SWINGS, :ALONG_LEAF

      def swing(door)
        wall = @plan.wall_or_first(door[:wall])
        left = door[:swing] == "in_left"
        hinge = door[:left_m] + (left ? 0 : door[:width_m])
        (1..SWINGS).to_a.product((1..ALONG_LEAF).to_a).map do |turn, step|
          angle = Math::PI / 2 * turn / SWINGS
          far = door[:width_m] * step / ALONG_LEAF
          wall.at(hinge + (far * Math.cos(angle) * (left ? 1 : -1)), far * Math.sin(angle))
        end
      end

      def named(door)
        door[:name].empty? ? "The door in the #{@plan.wall_or_first(door[:wall]).name.downcase}" : door[:name]
      end
    end
  end
end
