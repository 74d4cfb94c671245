# frozen_string_literal: true

module DeckBough
  module Rooms
    # Where everything of a room is: things as surveyed, pieces where somebody put them; a piece nobody put anywhere
    # stands where its place was measured, else where there is room for it, and says that this is assumed.
    #
    #   Rooms::Layout.of(plan, places, pieces).find { |one| one.name == "Alcove tree" }.at_m
    #
    # pieces: id, name, kind, wall, at_m, out_m (nil where nobody said), place_id, outline.
    module Layout
      # So far beside its place a piece may stand as if it stood there.
      OFF_M = 0.3
      # Between what is put up by itself and its neighbours.
      GAP_M = 0.1

      module_function

      # @param plan [FloorPlan]
      # @param places [Array<Hash>] id, wall, from_left_m
      # @param pieces [Array<Hash>]
      # @return [Array<Standing>] things, then pieces with an outline, in the order they came
      def of(plan, places, pieces)
        things = plan.things.each_with_index.map do |thing, i|
          Standing.of_thing(thing, i, plan.wall_or_first(thing[:wall]))
        end
        seen = pieces.select { |piece| piece[:outline] }
        known, unknown = seen.partition { |piece| said(plan, places, piece) }
        stood = known.to_h do |piece|
          [piece[:id], standing(piece, *said(plan, places, piece), off: off(plan, places, piece))]
        end
        # Widest first: what is small finds room beside it.
        unknown.sort_by { |piece| [-piece[:outline].width_m, piece[:id]] }.each do |piece|
          wall, at = free(plan, piece[:outline].width_m, things.select(&:at_wall?) + stood.values)
          stood[piece[:id]] = standing(piece, wall, at, nil, assumed: true)
        end
        things + stood.values_at(*seen.map { |piece| piece[:id] })
      end

      # The name of the place a piece was planned for, where it has been put well beside it.
      def off(plan, places, piece)
        place = places.find { |one| one[:id] == piece[:place_id] } or return
        wall, at = said(plan, places, piece)
        measured, from = said(plan, places, { place_id: place[:id] })
        place[:name] if wall != measured || (at - from).abs > OFF_M
      end

      # @return [Array, nil] wall, at_m, out_m
      def said(plan, places, piece)
        wall = plan.wall(piece[:wall])
        return [wall, piece[:at_m].clamp(0.0, wall.length), piece[:out_m]] if wall && piece[:at_m]

        place = places.find { |one| one[:id] == piece[:place_id] } or return
        wall = plan.wall_or_first(place[:wall])
        [wall, (place[:from_left_m] || (wall.length / 2)).clamp(0.0, wall.length), nil]
      end

      def standing(piece, wall, at, out, assumed: false, off: nil)
        out ||= usual_out(piece[:outline])
        Standing.new(**piece.slice(:id, :name, :kind, :outline), wall: wall, at_m: at.to_f, out_m: out.to_f,
                                                                 assumed: assumed, off: off)
      end

      # With its back to the wall.
      def usual_out(outline)
        outline.depth_m / 2.0
      end

      # The first wall with room, in the middle of its widest free stretch; where none has, the middle of the widest.
      def free(plan, wide, others)
        stretches = plan.walls.map do |wall|
          [wall, *widest(wall, others.select do |other|
            other.wall.key == wall.key
          end)]
        end
        wall, from, to = stretches.find { |_, left, right| right - left >= wide + GAP_M } ||
                         stretches.max_by { |_, left, right| right - left }
        [wall, (from + to) / 2]
      end

      # @return [Array(Float, Float)] the widest stretch of a wall before which nothing is, the left one of two as wide
      def widest(wall, others)
        taken = others.map { |other| [other.left_m, other.right_m] }.sort
        edges = taken.each_with_object([[0.0]]) do |(left, right), free|
          free.last << [left, 0.0].max
          free << [[free.last.first, right].max]
        end
        edges.last << wall.length
        edges.max_by.with_index { |(from, to), i| [(to - from).round(6), -i] }
      end
      private_class_method :off, :said, :standing, :usual_out, :free, :widest
    end
  end
end
