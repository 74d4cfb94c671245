# frozen_string_literal: true

module DeckBough
  module Rooms
    # A room from above: its walls, and what is in them and before them.
    #
    #   Rooms::FloorPlan.of(width_m: 4.2, depth_m: 3.1, ceiling_left_m: 2.55, plan: nil).walls.map(&:name)
    #   # => ["Front wall", "Right wall", "Wall behind", "Left wall"]
    #
    # Until corners are said it is a rectangle of the width and depth that were measured.
    # openings: kind, name, wall, left_m, width_m, height_m, floor_m, swing, stands_open, leads_to
    # things: name, kind, wall, at_m (of its middle), out_m (its middle from the wall), width_m, depth_m, height_m,
    # floor_m, colour; sockets: wall, at_m, floor_m
    FloorPlan = Struct.new(:walls, :openings, :things, :sockets, :ceiling, keyword_init: true) do
      # @param room [Hash] width_m, depth_m, ceiling_left_m, ceiling_right_m, plan (as FloorPlanSurvey checks it)
      def self.of(room)
        plan = FloorPlanSurvey::NOTHING.merge(room[:plan].to_h)
        ceiling = Ceiling.new(left_m: room[:ceiling_left_m], right_m: room[:ceiling_right_m] || room[:ceiling_left_m],
                              width_m: room[:width_m])
        new(walls: walls(corners(plan[:walls], room), plan[:walls]), openings: plan[:openings],
            things: plan[:things].map { |thing| stood(thing) }, sockets: plan[:sockets], ceiling: ceiling)
      end

      def self.corners(walls, room)
        return walls.map { |wall| [wall[:x_m].to_f, wall[:y_m].to_f] } if walls.any? { |wall| wall[:x_m] }

        right = room[:width_m].to_f
        back = room[:depth_m].to_f
        [[0.0, 0.0], [right, 0.0], [right, back], [0.0, back]]
      end

      def self.walls(corners, said)
        corners.each_with_index.map do |corner, i|
          key, name = FloorPlanSurvey::RECTANGLE.fetch(i, [nil, nil])
          told = said.fetch(i, {})
          RoomWall.new(key: told[:key] || key, name: named(told[:name]) || name || "Wall #{i + 1}",
                       colour: told[:colour], from: corner, to: corners[(i + 1) % corners.size])
        end
      end

      def self.named(name)
        name unless name.to_s.strip.empty?
      end

      # What stands at a wall with nothing between has its middle half its depth away.
      def self.stood(thing)
        { **thing, out_m: thing[:out_m] || (thing[:depth_m] / 2.0) }
      end
      private_class_method :corners, :walls, :named, :stood

      def initialize(**)
        super
        freeze
      end

      # @return [RoomWall, nil]
      def wall(key)
        walls.find { |wall| wall.key == key }
      end

      # @return [RoomWall] that one, else the first: the one a person faces who measured no other
      def wall_or_first(key)
        wall(key) || walls.first
      end

      def ceiling_at(point)
        ceiling.height_at(point[0])
      end

      def corners
        walls.map(&:from)
      end

      # Positive where the corners go round clockwise as seen from above.
      #
      # @return [Float] square metres
      def area
        corners.each_index.sum do |i|
          (x, y), (next_x, next_y) = corners[i], corners[(i + 1) % corners.size]
          (x * next_y) - (next_x * y)
        end / 2
      end

      # Whether a point is in the room.
      def inside?(point)
        Crossing.inside?(corners, point)
      end

      def middle
        xs, ys = corners.transpose
        [xs.minmax.sum / 2, ys.minmax.sum / 2]
      end

      # @return [Array<Hash>] the openings of a wall
      def openings_of(wall)
        openings.select { |opening| wall_or_first(opening[:wall]).key == wall.key }
      end
    end
  end
end
