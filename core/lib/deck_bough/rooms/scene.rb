# frozen_string_literal: true

module DeckBough
  module Rooms
    # Everything an eye in a room could meet: its own room, and rooms beyond its openings as far as they are known from
    # both sides.
    #
    #   Rooms::Scene.of("long", { "long" => { plan: plan, standings: standings } }).placed.map(&:id)
    #
    # screens: walls with the holes in them; placed: what stands and hangs; rooms: ids with the frame each lies in.
    Scene = Struct.new(:screens, :placed, :rooms, keyword_init: true) do
      # @param room [String] where the eye is
      # @param rooms [Hash{String => Hash}] of the home: plan, standings
      def self.of(room, rooms)
        found = { room => Frame::SAME }
        Scene::MOST_DEEP.times do
          found.to_a.each do |id, frame|
            beyond(id, frame, rooms).each do |next_id, next_frame|
              found[next_id] ||= next_frame
            end
          end
        end
        new(rooms: found,
            screens: found.flat_map { |id, frame| screens_of(rooms[id][:plan], frame) },
            placed: found.flat_map do |id, frame|
              rooms[id][:standings].map { |standing| Placed.new(standing: standing, frame: frame, room: id) }
            end)
      end

      # Rooms that are seen from a room through something open that both know of.
      #
      # @return [Array<Array(String, Frame)>]
      def self.beyond(id, frame, rooms)
        plan = rooms[id][:plan]
        plan.openings.filter_map do |opening|
          other = rooms[opening[:leads_to]] if open?(opening) && opening[:leads_to] != id
          counter = other && other[:plan].openings.find { |one| one[:leads_to] == id && one[:kind] == opening[:kind] }
          next unless counter

          through = Frame.through([plan.wall_or_first(opening[:wall]), opening],
                                  [other[:plan].wall_or_first(counter[:wall]), counter])
          [opening[:leads_to], frame.then(through)]
        end
      end

      # Windows lead outside, and a door hides what is behind unless it stands open.
      def self.open?(opening)
        opening[:kind] == "passage" || (opening[:kind] == "door" && opening[:stands_open])
      end

      def self.screens_of(plan, frame)
        plan.walls.map do |wall|
          holes = plan.openings_of(wall).select { |opening| open?(opening) }.map do |opening|
            [opening[:left_m] / wall.length, (opening[:left_m] + opening[:width_m]) / wall.length, opening[:floor_m],
             opening[:floor_m] + opening[:height_m]]
          end
          Sight::Screen.new(from: frame.at(wall.from), to: frame.at(wall.to), holes: holes)
        end
      end
      private_class_method :screens_of
    end

    # Through so many openings one behind the other.
    Scene::MOST_DEEP = 2
  end
end
