# frozen_string_literal: true

module DeckBough
  module Rooms
    # What stands or hangs in a room, and where: a piece or a thing that was surveyed.
    #
    # id: of a piece, or "thing-3"; kind: of piece, or what the thing is; wall: RoomWall; at_m: its middle from the left
    # corner of the wall; out_m: its middle away from the wall; outline: Outline; assumed: nobody has said where it is;
    # off: the name of the place it was planned for and does not stand in.
    Standing = Struct.new(:id, :name, :kind, :piece, :wall, :at_m, :out_m, :outline, :colour, :assumed, :off,
                          keyword_init: true) do
      # @return [Standing] of a thing of a survey
      def self.of_thing(thing, index, wall)
        half = thing[:width_m] / 2.0
        low = thing[:floor_m].to_f
        high = low + thing[:height_m]
        box = [[-half, low], [half, low], [half, high], [-half, high]]
        outline = Outline.new(polygons: [box], area_m2: thing[:width_m] * thing[:height_m], middle_m: 0.0,
                              lightness: Lightness.of(thing[:colour]), lit: false, round: false,
                              depth_m: thing[:depth_m])
        new(id: "thing-#{index}", name: thing[:name], kind: thing[:kind], piece: false, wall: wall, at_m: thing[:at_m],
            out_m: thing[:out_m], outline: outline, colour: thing[:colour], assumed: false)
      end

      def initialize(assumed: false, piece: true, colour: nil, off: nil, **)
        super
        freeze
      end

      # @return [Array(Float, Float)] its middle in the plan
      def point
        wall.at(at_m, out_m)
      end

      def left_m
        at_m + outline.left_m
      end

      def right_m
        at_m + outline.right_m
      end

      # Whether the eye takes it for a part of its wall.
      def at_wall?
        out_m - (outline.depth_m / 2) <= Standing::NEAR_M
      end

      # What of the floor it takes, as corners in the plan; of what is round a polygon about it.
      def footprint
        return ring if outline.round

        half = outline.depth_m / 2
        near = [out_m - half, 0].max
        [[left_m, near], [right_m, near], [right_m, out_m + half], [left_m, out_m + half]].map do |at, out|
          wall.at(at, out)
        end
      end

      # Whether feet meet it: what hangs high is passed under, and what is flat hangs at its wall.
      def on_floor?
        outline.bottom_m < Standing::FEET_M && (outline.round || !piece)
      end

      # Whether nobody passes behind it.
      def backed?
        out_m - (outline.depth_m / 2) < Standing::BEHIND_M
      end

      private

      def ring
        (x, y), radius = point, outline.width_m / 2
        Array.new(Standing::ROUND) do |i|
          turn = 2 * Math::PI * i / Standing::ROUND
          [x + (radius * Math.cos(turn)), y + (radius * Math.sin(turn))]
        end
      end
    end

    # What stands nearer to a wall than this belongs to it, to the eye.
    Standing::NEAR_M = 0.45
    # Nearer to a wall nobody passes behind.
    Standing::BEHIND_M = 0.3
    # What begins higher is passed under.
    Standing::FEET_M = 0.5
    # A circle in the plan has so many corners.
    Standing::ROUND = 16
  end
end
