# frozen_string_literal: true

module DeckBough
  module Rooms
    # What a survey may say of the plan of a room: its walls, what opens in them, what stands and hangs before them, and
    # sockets. Every fault at once.
    #
    #   Rooms::FloorPlanSurvey.check({ "openings" => [{ "kind" => "door", "wall" => "front", "left_m" => 0.4,
    #     "width_m" => 0.9, "height_m" => 2.0 }] }, { width_m: 4.2, depth_m: 3.1 })[:openings].first[:floor_m] # => 0
    #
    # Metres. Along a wall lengths count from its left corner as one faces it.
    module FloorPlanSurvey
      OPENINGS = %w[door window passage].freeze
      SWINGS = %w[none in_left in_right out_left out_right].freeze
      THINGS = %w[sofa chair table bench cabinet shelf console mantel stove lamp mirror picture media sink bed
                  other].freeze
      MOST = { walls: 24, openings: 40, things: 60, sockets: 40 }.freeze
      KEY = Input.text(:wall, "Wall", 1..12)
      AT = Input.number(:at_m, "From the left", "m", 0..100)
      # The walls of a rectangle, from the one that is faced on to the right.
      RECTANGLE = [["front", "Front wall"], ["right", "Right wall"], ["behind", "Wall behind"],
                   ["left", "Left wall"]].freeze

      WALL = [Input.text(:key, "Sign of the wall", 1..12), Input.text(:name, "Name of the wall", 0..60, default: ""),
              Input.colour(:colour, "Its colour", default: nil),
              Input.number(:x_m, "Left corner, to the right", "m", -100..100, default: nil),
              Input.number(:y_m, "Left corner, to the back", "m", -100..100, default: nil)].freeze
      OPENING = [Input.choice(:kind, "Opening", OPENINGS), Input.text(:name, "Name", 0..60, default: ""), KEY,
                 Input.number(:left_m, "From the left", "m", 0..100),
                 Input.number(:width_m, "Width", "m", 0.1..30, why: "An opening has a width."),
                 Input.number(:height_m, "Height", "m", 0.1..20, why: "An opening has a height."),
                 Input.number(:floor_m, "Above the floor", "m", 0..20, default: 0),
                 Input.choice(:swing, "Opens", SWINGS, default: "none"),
                 Input.flag(:stands_open, "Stands open", default: false),
                 Input.text(:leads_to, "Leads to", 1..64, default: nil)].freeze
      THING = [Input.text(:name, "Name", 1..60), Input.choice(:kind, "Kind", THINGS), KEY, AT,
               Input.number(:out_m, "Its middle from the wall", "m", 0..100, default: nil, default_says: "at the wall"),
               Input.number(:width_m, "Width", "m", 0.02..20, why: "It has a width."),
               Input.number(:depth_m, "Depth", "m", 0.01..10, default: 0.05, why: "It has a depth."),
               Input.number(:height_m, "Height", "m", 0.02..10, why: "It has a height."),
               Input.number(:floor_m, "Above the floor", "m", 0..15, default: 0),
               Input.colour(:colour, "Its colour", default: nil)].freeze
      SOCKET = [KEY, AT, Input.number(:floor_m, "Above the floor", "m", 0..5, default: 0.3)].freeze
      LISTS = { walls: WALL, openings: OPENING, things: THING, sockets: SOCKET }.freeze
      PLAN = LISTS.map do |name, items|
        Input.list(name, name.to_s.capitalize, items, 0..MOST[name], default: [].freeze)
      end.freeze
      NOTHING = LISTS.transform_values { [].freeze }.freeze
      # Off a tape nobody reads less.
      SLACK = 0.005
      LEAST_WALL_M = 0.1
      # How wide and deep a room may be.
      ROOM_M = 0.5..100

      module_function

      # @param given [Hash, nil] walls, openings, things, sockets
      # @param room [Hash] width_m, depth_m, ceilings, checked
      # @return [Hash{Symbol => Array<Hash>}]
      # @raise [InputError]
      def check(given, room, path = [])
        faults = []
        plan = collect(given, room, path, faults)
        raise InputError, faults unless faults.empty?

        plan
      end

      def collect(given, room, path, faults)
        before = faults.size
        plan = Inputs.collect(PLAN, given || {}, path, faults)
        return plan unless faults.size == before && room.values_at(:width_m, :depth_m, :ceiling_left_m).all?

        wall_faults(plan[:walls], path, faults)
        return plan unless faults.size == before

        plan = plan.merge(walls: settled(plan[:walls]))
        within(plan, FloorPlan.of({ **room, plan: plan }), path, faults)
        plan
      end

      # Corners count from the one farthest to the left and the one farthest to the front, wherever they were measured
      # from.
      def settled(walls)
        return walls if walls.none? { |wall| wall[:x_m] }

        left, front = %i[x_m y_m].map { |name| walls.map { |wall| wall[name] }.min }
        walls.map { |wall| wall.merge(x_m: (wall[:x_m] - left).round(6), y_m: (wall[:y_m] - front).round(6)) }
      end

      # How far walls reach whose corners were said.
      #
      # @return [Hash] width_m and depth_m, empty for a rectangle
      def extent(plan)
        corners = plan[:walls].select { |wall| wall[:x_m] }
        return {} if corners.empty?

        { width_m: corners.map { |wall| wall[:x_m] }.max, depth_m: corners.map { |wall| wall[:y_m] }.max }
      end

      def wall_faults(walls, path, faults)
        return if walls.empty?

        said = walls.flat_map { |wall| wall.values_at(:x_m, :y_m) }
        at = [*path, "walls"]
        faults << Inputs.fault(:walls_named_twice, at) if walls.map { |wall| wall[:key] }.uniq.size < walls.size
        if said.none?
          faults << Inputs.fault(:walls_four, at, count: walls.size) unless walls.size == RECTANGLE.size
        elsif said.any?(&:nil?) then faults << Inputs.fault(:corners_missing, at)
        elsif walls.size < 3 then faults << Inputs.fault(:walls_few, at, count: walls.size)
        else corner_faults(walls.map { |wall| wall.values_at(:x_m, :y_m) }, at, faults)
        end
      end

      def corner_faults(corners, path, faults)
        sides = corners.zip(corners.rotate)
        short = sides.index { |(ax, ay), (bx, by)| Math.hypot(bx - ax, by - ay) < LEAST_WALL_M }
        return faults << short_fault(path, short) if short

        plan = FloorPlan.new(walls: sides.map { |from, to| RoomWall.new(from: from, to: to) }, openings: [], things: [],
                             sockets: [], ceiling: nil)
        extent_fault(corners, path, faults)
        faults << Inputs.fault(:walls_cross, path) if crossing?(sides)
        faults << Inputs.fault(:walls_backwards, path) if plan.area.negative?
      end

      # As wide and deep as a room may be.
      def extent_fault(corners, path, faults)
        width, depth = corners.transpose.map { |values| values.max - values.min }
        return if [width, depth].all? { |metres| ROOM_M.cover?(metres) }

        said = { width: width, depth: depth, least: ROOM_M.begin, most: ROOM_M.end }
        faults << Inputs.fault(:walls_flat, path, **said.transform_values { |metres| Measure.new(metres, "m") })
      end

      def short_fault(path, index)
        Inputs.fault(:wall_short, [*path, index, "x_m"], number: index + 1, least: Measure.new(LEAST_WALL_M, "m"))
      end

      # Whether two walls that are no neighbours meet.
      def crossing?(sides)
        sides.each_index.to_a.combination(2).any? do |one, other|
          next false if [1, sides.size - 1].include?(other - one)

          Crossing.meet?(*sides[one], *sides[other])
        end
      end

      # Everything is at a wall that is there, within its length and within the room.
      def within(plan, room, path, faults)
        %i[openings things sockets].each do |list|
          plan[list].each_with_index do |one, i|
            at = [*path, list.to_s, i]
            wall = room.wall(one[:wall])
            next faults << Inputs.fault(:wall_unknown, [*at, "wall"]) unless wall

            beyond(one, wall, at, faults)
          end
        end
        room.things.each_with_index { |thing, i| outside(thing, room, [*path, "things", i], faults) }
      end

      def beyond(one, wall, path, faults)
        reaches = (one[:left_m] ? one[:left_m] + one[:width_m] : one[:at_m])
        return if reaches <= wall.length + SLACK

        faults << Inputs.fault(:beyond_wall, [*path, one[:left_m] ? "left_m" : "at_m"],
                               reaches: Measure.new(reaches, "m"), wall: wall.name, long: Measure.new(wall.length, "m"))
      end

      # Just before the wall a corner is in the room as well as what stands there.
      def outside(thing, room, path, faults)
        wall = room.wall(thing[:wall]) or return
        at = thing[:at_m].clamp(SLACK, wall.length - SLACK)
        return if room.inside?(wall.at(at, thing[:out_m] + SLACK))

        faults << Inputs.fault(:outside_room, [*path, "out_m"], name: thing[:name])
      end
      private_class_method :settled, :wall_faults, :corner_faults, :extent_fault, :short_fault, :crossing?, :within,
                           :beyond, :outside
    end
  end
end
