# frozen_string_literal: true

module DeckBough
  module Hanging
    # Says of every hung ornament what a person needs at the tree: tier, clock position, depth and when it goes on.
    #
    # Largest first and deepest, all of one style at a time, from the lowest tier up and from the left; keepsakes last
    # (handbook 30, rules 1, 2 and 6). Clock positions are seen from above with 6 in front: 9 is at the left, 12 behind.
    class Order
      SIZES = %i[hero large medium small].freeze
      # Steps of golden ratio: no two ornaments in a row hang equally deep.
      GOLDEN = TreeSurface::GOLDEN

      # Half hours are as exact as a hand finds a place on a tree.
      def self.clock(angle_deg)
        hour = ((6 - (angle_deg / 30.0)) * 2).round / 2.0 % 12
        hour.zero? ? 12.0 : hour
      end

      # @return [String] "5 o'clock", "half past 5"
      def self.told(clock)
        hour = clock.floor.zero? ? 12 : clock.floor
        (clock * 2).to_i.odd? ? "half past #{hour}" : "#{hour} o'clock"
      end

      def initialize(surface, ornaments, house)
        @surface = surface
        @ornaments = ornaments
        @house = house
        @flat = UnrolledSurface.new(surface)
        @tier_m = house["tree.tier"]
      end

      # @param spots [Array<Array(Array(Float, Float), Integer)>] reach and turn, number of the style
      # @return [Array<Hash>] style, height_m, angle_deg, depth, tier, clock, order; in hanging order from 1
      def call(spots)
        told = spots.map { |(reach, turn), style| place(style, @flat.height_at(reach), @flat.angle_deg(turn)) }
        sorted = told.sort_by do |site|
          [*rank(@ornaments[site[:number]], site[:number]), site[:tier], site[:angle_deg]]
        end
        sorted.each_with_index.map do |site, i|
          site.except(:number).merge(depth: depth(@ornaments[site[:number]], i), order: i + 1)
        end
      end

      private

      def place(style, height, angle)
        { style: @ornaments[style].id, number: style, height_m: height, angle_deg: angle,
          tier: @surface.tier_at(height, @tier_m),
          clock: self.class.clock(angle) }
      end

      def rank(ornament, number)
        [ornament.keepsake ? 1 : 0, deep?(ornament) ? 0 : 1, SIZES.index(ornament.size), -ornament.diameter_mm, number]
      end

      def deep?(ornament)
        ornament.heavy || %i[hero large].include?(ornament.size)
      end

      def depth(ornament, number)
        band = deep?(ornament) ? "deep" : ornament.size.to_s
        low = @house["ornaments.#{band}_depth_low"]
        high = @house["ornaments.#{band}_depth_high"]
        low + ((high - low) * ((number * GOLDEN) % 1.0))
      end
    end
  end
end
