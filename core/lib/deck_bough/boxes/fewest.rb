# frozen_string_literal: true

module DeckBough
  module Boxes
    # Fewer boxes than this cannot hold it, whoever packs: by litres, by kilograms with breakables in light boxes, and
    # by things too large to share one.
    #
    #   Boxes::Fewest.new([Boxes::Load.new(litres: 30, kg: 4, breakable: false)] * 3,
    #                     [{ litres: 50, most_kg: 15 }] * 4, 8).call # => 3
    class Fewest
      # Sums of litres and kilograms leave last bits.
      HAIR = 1e-9

      def initialize(loads, boxes, breakable_kg)
        @loads = loads
        @boxes = boxes
        @breakable_kg = breakable_kg
      end

      # @return [Integer] never more than the boxes there are
      def call
        return 0 if @loads.empty?

        [by_litres, by_kilograms, too_large_to_share, 1].max.clamp(0, @boxes.size)
      end

      private

      def by_litres
        enough(@boxes.map { |box| box[:litres] }, @loads.sum(&:litres))
      end

      # So many boxes hold all breakables; each of them holds no more than they may, whatever else lies in it.
      def by_kilograms
        caps = @boxes.map { |box| box[:most_kg] }
        light = enough(caps.map { |cap| [cap, @breakable_kg].min }, @loads.select(&:breakable).sum(&:kg))
        [light, enough_beside(caps.sort.reverse, light)].max
      end

      # Whichever of the heaviest boxes are the light ones, they carry less than they could.
      def enough_beside(caps, light)
        wanted = @loads.sum(&:kg)
        (light..caps.size).find { |count| caps.first(count).sum - lost(caps.first(count), light) >= wanted - HAIR } ||
          caps.size
      end

      def lost(caps, light)
        caps.map { |cap| [cap - @breakable_kg, 0].max }.min(light).sum
      end

      def too_large_to_share
        [half(:litres, @boxes.map { |box| box[:litres] }.max), half(:kg, @boxes.map { |box| box[:most_kg] }.max)].max
      end

      def half(measure, largest)
        @loads.count { |load| load[measure] > (largest / 2.0) + HAIR }
      end

      def enough(capacities, wanted)
        sum = 0
        capacities.sort.reverse.each_with_index do |capacity, i|
          return i if sum >= wanted - HAIR

          sum += capacity
        end
        capacities.size
      end
    end
  end
end
