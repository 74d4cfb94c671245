# frozen_string_literal: true

module DeckBough
  module Rooms
    # What would quiet a view in which two compete, and what each of it would do, before anything is done (handbook 75):
    # fewer lights, less contrast, smaller, or elsewhere. Only what helps is offered.
    #
    #   Rooms::Offers.new("long", rooms, viewpoint, house).call(tried, movable: true).first
    class Offers
      # Between places that are tried along a wall.
      STEP_M = 0.25
      # Beside its neighbours.
      GAP_M = 0.05
      # A change of less nobody sees.
      LEAST = 0.02

      # @param id [String] room
      # @param rooms [Hash] as RoomView takes them
      # @param viewpoint [Hash]
      def initialize(id, rooms, viewpoint, house, units: "metric")
        @id = id
        @rooms = rooms
        @viewpoint = viewpoint
        @house = house
        @units = units
      end

      # Which piece would be made quieter: the one that competes with the first.
      #
      # @return [Hash, nil] as View tells it
      def quieted
        one = view.told[1]
        one if one && one[:word] == "competing"
      end

      # @param tried [Array<Hash>] way, settings, outline: how the piece would be then
      # @param movable [Boolean] whether it could hang or stand elsewhere
      # @return [Array<Hash>] way, piece, before, after (its weight over the first's), verdict, settings, position
      def call(tried, movable:)
        return [] unless quieted

        [*tried.map { |one| changed(one) }, contrast, (moved if movable)].compact
      end

      private

      def view(rooms = @rooms)
        return @view ||= made(rooms) if rooms.equal?(@rooms)

        made(rooms)
      end

      def made(rooms)
        RoomView.new(@id, rooms, [@viewpoint], @house, units: @units).views.first
      end

      def changed(one)
        offer(one[:way], with(outline: one[:outline]), settings: one[:settings])
      end

      # Half as far from what is behind it.
      def contrast
        outline = standing.outline
        placed = view.seen.find { |one| one[:placed].id == quieted[:id] }[:placed]
        behind = view.ground(placed)
        offer("less_contrast", with(outline: Outline.new(**outline.to_h, lightness: (outline.lightness + behind) / 2)))
      end

      # The nearest place from where it leaves the first alone; without one the place that helps most.
      def moved
        tried = places.map { |wall, at| [wall, at, offer("moved", with(wall: wall, at_m: at))] }.select(&:last)
        clear = tried.select { |_, _, offer| offer[:verdict] == "clear" }
        wall, at, offer = if clear.any?
                            clear.min_by { |wall, at, _| [far(wall, at).round(6), wall.key, at] }
                          else
                            tried.min_by { |wall, at, offer| [offer[:after].round(6), far(wall, at).round(6), at] }
                          end
        offer && { **offer, position: { wall: wall.key, wall_name: wall.name, at_m: at } }
      end

      def far(wall, at)
        x, y = wall.at(at)
        Math.hypot(x - standing.point[0], y - standing.point[1])
      end

      # Where along the walls of its room it fits between what is there; what stands on the floor keeps doors free.
      def places
        half = standing.outline.width_m / 2
        room[:plan].walls.flat_map do |wall|
          taken = taken(wall)
          steps = [((wall.length - (2 * half)) / STEP_M).floor + 1, 0].max
          spots = Array.new(steps) { |i| (half + (i * STEP_M)).round(3) }
          free = spots.select { |at| taken.none? { |left, right| at + half > left && at - half < right } }
          free.map { |at| [wall, at] }
        end
      end

      def taken(wall)
        others = room[:standings].select { |one| one.id != standing.id && one.wall.key == wall.key && one.at_wall? }
        doors = standing.on_floor? ? room[:plan].openings_of(wall).reject { |opening| opening[:kind] == "window" } : []
        [*others.map { |one| [one.left_m - GAP_M, one.right_m + GAP_M] },
         *doors.map { |door| [door[:left_m], door[:left_m] + door[:width_m]] }]
      end

      def offer(way, rooms, settings: nil)
        after = view(rooms).told
        one = after.find { |told| told[:id] == quieted[:id] }
        ratio = ratio(one, after)
        return if ratio > quieted[:ratio] - LEAST

        { way: way, piece: quieted[:id], name: quieted[:name], before: quieted[:ratio], after: ratio,
          verdict: view(rooms).answer.outputs[:verdict], settings: settings, position: nil }
      end

      # Against the heaviest beside it; nothing where it is not seen any more.
      def ratio(one, told)
        return 0.0 unless one

        others = told.reject { |other| other[:id] == one[:id] }
        others.empty? ? 1.0 : one[:weight] / others.first[:weight]
      end

      def standing
        @standing ||= room[:standings].find { |one| one.id == quieted[:id] }
      end

      # A piece of a room beyond is quieted there.
      def room
        @rooms.fetch(quieted[:room])
      end

      def with(**changes)
        standings = room[:standings].map { |one| one.id == standing.id ? Standing.new(**one.to_h, **changes) : one }
        @rooms.merge(quieted[:room] => room.merge(standings: standings))
      end
    end
  end
end
