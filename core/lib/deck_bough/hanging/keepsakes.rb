# frozen_string_literal: true

module DeckBough
  module Hanging
    # Keepsakes choose first: at eye level in front, far from one another (handbook 30, rule 6).
    #
    #   Keepsakes.new(flat, zones, riser_m: 0, house: house).eye_band # => 1.2..1.7, heights above the stand
    class Keepsakes
      def initialize(flat, zones, riser_m:, house:)
        @flat = flat
        @surface = flat.surface
        @zones = zones
        @riser = riser_m
        @house = house
      end

      # @return [Range, nil] heights above the stand of eye level on the foliage
      def eye_band
        low = [@house["ornaments.eye_low"] - @riser, @surface.hem].max
        high = [@house["ornaments.eye_high"] - @riser, Zones.top(@surface, @house)].min
        low < high ? (low..high) : nil
      end

      # @param spots [Array<Array(Float, Float, Integer)>] reach, turn, zone
      # @param taken [Array<Hash>] how many of each bearing go into each zone; what keepsakes take is taken out of it
      # @return [Array(Array, Array<Integer>, Array<Group>)] hung, the numbers of the sites left, and those without a
      #   place
      def call(groups, spots, taken)
        @spots = spots
        @taken = taken
        free = (0...spots.size).to_a
        refused = []
        hung = groups.filter_map do |group|
          site = best_for_keepsake(group, free)
          next (refused << group) && nil unless site

          free -= [site]
          [@spots[site].first(2), group.items.first]
        end
        [hung, free, refused]
      end

      private

      def best_for_keepsake(group, free)
        front = @flat.turn_of(@house["ornaments.front"])
        seen = free.select do |i|
          @spots[i][1].abs <= front && eye_band.cover?(@flat.height_at(@spots[i][0])) &&
            make_room(@spots[i][2], group.bearing, try: true)
        end
        others = @spots.each_index.to_a - free
        best = seen.max_by { |i| [others.map { |other| apart(i, other) }.min || (front - @spots[i][1].abs), -i] }
        make_room(@spots[best][2], group.bearing) if best
        best
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
