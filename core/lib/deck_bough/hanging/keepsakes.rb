# frozen_string_literal: true

module DeckBough
  module Hanging
    # Keepsakes choose first: at eye level in front, far from one another (handbook 30, rule 6). Where there is no place
    # left, they hang as near to it as may be.
    #
    #   Keepsakes.new(flat, zones, riser_m: 0, house: house).call(groups, spots, taken) # => [hung, free]
    class Keepsakes
      def initialize(flat, zones, riser_m:, house:)
        @flat = flat
        @surface = flat.surface
        @zones = zones
        @riser = riser_m
        @house = house
      end

      # @param spots [Array<Array(Float, Float, Integer)>] reach, turn, zone
      # @param taken [Array<Hash>] how many of each bearing go into each zone; what keepsakes take is taken out of it
      # @return [Array(Array, Array<Integer>)] hung, and the numbers of the sites left
      def call(groups, spots, taken)
        @spots = spots
        @taken = taken
        free = (0...spots.size).to_a
        hung = groups.map do |group|
          site = best_for_keepsake(group, free)
          free -= [site]
          [@spots[site].first(2), group.items.first]
        end
        [hung, free]
      end

      # Whether a place is in front at eye level.
      #
      # @param height [Float] above the stand
      def self.seen?(height, angle_deg, riser_m:, house:)
        angle_deg.abs <= house["ornaments.front"] &&
          (height + riser_m).between?(house["ornaments.eye_low"], house["ornaments.eye_high"])
      end

      private

      def best_for_keepsake(group, free)
        lawful = free.select { |i| make_room(@spots[i][2], group.bearing, try: true) }
        seen = lawful.select { |i| seen?(i) }
        best = seen.empty? ? lawful.min_by { |i| [beside(i), i] } : farthest(seen, free)
        make_room(@spots[best][2], group.bearing)
        best
      end

      def farthest(seen, free)
        others = @spots.each_index.to_a - free
        seen.max_by { |i| [others.map { |other| apart(i, other) }.min || (front - @spots[i][1].abs), -i] }
      end

      def seen?(site)
        self.class.seen?(height(site), @flat.angle_deg(@spots[site][1]), riser_m: @riser, house: @house)
      end

      # How far a place lies from where it would be seen best.
      def beside(site)
        eye = (@house["ornaments.eye_low"] - @riser)..(@house["ornaments.eye_high"] - @riser)
        Math.hypot(height(site) - height(site).clamp(eye), @spots[site][0] * [@spots[site][1].abs - front, 0].max)
      end

      def height(site)
        @flat.height_at(@spots[site][0])
      end

      def front
        @flat.turn_of(@house["ornaments.front"])
      end

      def apart(one, other)
        Math.hypot(@spots[one][0] - @spots[other][0], @spots[one][0] * (@spots[one][1] - @spots[other][1]))
      end

      # Takes one of a bearing out of what a zone holds; when it holds none, another zone gives one for one it may have.
      def make_room(zone, bearing, try: false)
        exchange = @taken[zone][bearing].positive? ? [] : exchange(zone, bearing)
        return false unless exchange
        return true if try

        unless exchange.empty?
          giver, given = exchange
          @taken[giver][bearing] -= 1
          @taken[giver][given] += 1
          @taken[zone][given] -= 1
          @taken[zone][bearing] += 1
        end
        @taken[zone][bearing] -= 1
        true
      end

      def exchange(zone, bearing)
        return nil unless @zones[zone].takes?(bearing)

        @taken.each_index.to_a.product(@taken[zone].keys).find do |giver, given|
          giver != zone && @taken[giver][bearing].positive? && @taken[zone][given].positive? &&
            @zones[giver].takes?(given)
        end
      end
    end
  end
end
