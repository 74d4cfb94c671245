# frozen_string_literal: true

module DeckBough
  module Rooms
    # A room as a whole: its walls with all that stands and hangs there on their beams, the ways left between, and from
    # each viewpoint what is seen and what leads (handbook 75).
    #
    #   Rooms::RoomView.new("long", rooms, viewpoints, HouseRules.default).call[:walls].first[:balance][:value]
    #
    # rooms: of the home, by id: name, plan (FloorPlan), standings (as Layout gives them), paint ("#rrggbb" or nil);
    # viewpoints: of this room, each as Viewpoint declares it, with id. Everything is JSON-ready; lengths metres.
    class RoomView
      def initialize(id, rooms, viewpoints, house, units: "metric")
        @id = id
        @rooms = rooms
        @viewpoints = viewpoints
        @house = house
        @units = units
      end

      # @return [Hash] walls, standings, ways, views, unseen (ids), findings, bounds (what verdicts are drawn at)
      def call
        { walls: walls, standings: standings.map { |one| told(one) }, ways: ways.call, views: views.map do |view|
          view_told(view)
        end,
          unseen: unseen, findings: [*opposite, *narrow, *stuck, *beside].map(&:to_h), bounds: bounds }
      end

      # The sheet behind the balance of a wall or the weights of a view.
      #
      # @param key [String] "balance:front", "weights:<viewpoint>"
      # @return [Hash, nil]
      def working(key)
        kind, of = key.split(":", 2)
        case kind
        when "balance"
          wall = plan.wall(of)
          balance = wall && balances[of]
          balance && WorkingSheet.of("Balance of the #{wall.name.downcase}", [balance.answer], @house)
        when "weights"
          view = views.find { |one| one.viewpoint[:id] == of }
          view && WorkingSheet.of("What leads from #{view.viewpoint[:name]}", [view.answer], @house)
        end
      end

      # @return [Array<View>]
      def views
        @views ||= @viewpoints.map { |viewpoint| View.new(viewpoint, scene, method(:ground), @house, units: @units) }
      end

      def plan
        room[:plan]
      end

      # Rooms beyond that the room is open to, itself left out.
      #
      # @return [Array<String>] ids
      def open_to
        Scene.beyond(@id, Frame::SAME, @rooms).map(&:first).uniq
      end

      private

      # What the house rules draw the lines at, for beams, weights and ways.
      BOUNDS = { even: "balance.wall_even", leaning: "balance.wall_leaning", clear: "view.clear",
                 competing: "view.competing", walkway_m: "tree.walkway" }.freeze
      private_constant :BOUNDS

      def bounds
        BOUNDS.transform_values { |name| @house[name] }
      end

      def room
        @rooms.fetch(@id)
      end

      def standings
        room[:standings]
      end

      def scene
        @scene ||= Scene.of(@id, @rooms)
      end

      # What is behind it: the wall it stands at, in its colour, in the paint of its room.
      def ground(placed)
        colour = placed.standing.wall.colour || @rooms[placed.room][:paint]
        colour ? Lightness.of(colour) : @house["view.wall_lightness"]
      end

      def balances
        @balances ||= plan.walls.to_h { |wall| [wall.key, WallBalance.new(wall, standings, @house, units: @units)] }
      end

      def walls
        plan.walls.map do |wall|
          { key: wall.key, name: wall.name, colour: wall.colour || room[:paint], length_m: wall.length, from: wall.from,
            to: wall.to, ceiling_left_m: plan.ceiling_at(wall.from), ceiling_right_m: plan.ceiling_at(wall.to),
            openings: openings(wall), balance: balances[wall.key].call }
        end
      end

      def openings(wall)
        plan.openings_of(wall).map { |opening| { **opening, leads_to: @rooms.dig(opening[:leads_to], :name) } }
      end

      def told(one)
        outline = one.outline
        shape = { left_m: outline.left_m, right_m: outline.right_m, bottom_m: outline.bottom_m, top_m: outline.top_m,
                  **outline.to_h.slice(:depth_m, :round, :middle_m, :lit) }
        said = one.to_h.slice(:id, :name, :kind, :piece, :at_m, :out_m, :assumed, :colour)
        said.merge(shape, wall: one.wall.key, point: one.point, footprint: one.footprint)
      end

      def view_told(view)
        seen = view.told.map { |one| { **one, elsewhere: (@rooms[one[:room]][:name] unless one[:room] == @id) } }
        view.viewpoint.slice(:id, :name, :kind, :x_m, :y_m, :heading_deg)
            .merge(view.call, seen: seen, own_eye_m: view.viewpoint[:eye_m])
      end

      def ways
        @ways ||= Ways.new(plan, standings, @house)
      end

      # Pieces of this room that no viewpoint of it sees; without a viewpoint nobody has looked.
      def unseen
        return [] if views.empty?

        seen = views.flat_map { |view| view.told.map { |one| one[:id] } }
        standings.select(&:piece).map(&:id) - seen
      end

      def finding(code, **values)
        Finding.of(code, units: @units, **values)
      end

      # The wall with the tree is first, the one opposite stays well under it.
      def opposite
        first = standings.select { |one| one.piece && one.outline.round }.max_by { |one| [one.outline.area_m2, one.id] }
        wall = first&.wall or return []
        heavy = balances[wall.key].weight_m2 * @house["view.opposite"]
        plan.walls.select { |other| wall.opposite?(other) && balances[other.key].dressed? }
            .select { |other| balances[other.key].weight_m2 >= heavy }
            .map { |other| finding(:opposite_wall_heavy, wall: other.name, first: wall.name) }
      end

      def narrow
        ways.call.select { |way| way[:narrow] }.map do |way|
          finding(:way_narrow, width_m: way[:width_m], one: way[:between].first, other: way[:between].last,
                               wanted_m: @house["tree.walkway"])
        end
      end

      # Its bench reckons with what was measured in its place.
      def beside
        standings.select(&:off).map { |one| finding(:beside_its_place, name: one.name, place: one.off) }
      end

      def stuck
        ways.stuck.map { |one| finding(:door_stuck, **one) }
      end
    end
  end
end
