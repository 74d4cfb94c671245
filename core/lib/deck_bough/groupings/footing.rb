# frozen_string_literal: true

module DeckBough
  module Groupings
    # What of a group stands where it cannot: over the edge of what it stands on, or in another thing.
    #
    #   Groupings::Footing.new(reckoning, length_m: 2.4, depth_m: 0.6).told
    #
    # The reckoning gives things (Standing), named(thing) and units.
    class Footing
      # So many of a kind are named.
      NAMED = 3

      # @param round [Boolean] whether the edge is a circle as wide as it is long
      def initialize(reckoning, length_m:, depth_m:, round: false)
        @reckoning = reckoning
        @things = reckoning.things
        @length = length_m
        @depth = depth_m
        @round = round
      end

      # @return [Array<Finding>]
      def told
        [*over_edge, *meeting]
      end

      private

      def of(code, **values)
        Finding.of(code, units: @reckoning.units, **values)
      end

      def over_edge
        @things.select { |thing| over?(thing) }.first(NAMED).map { |thing| of(:thing_over_edge, name: first(thing)) }
      end

      def over?(thing)
        return beyond_circle(thing) > 1e-6 if @round

        [-thing.from_m, thing.to_m - @length, -thing.back_m, thing.front_m - @depth].max > 1e-6
      end

      # How far its corner, of a round thing its rim, reaches over.
      def beyond_circle(thing)
        half = @length / 2.0
        across = (thing.left_m - half).abs
        deep = (thing.out_m - half).abs
        return Math.hypot(across, deep) + (thing.across_m / 2.0) - half if thing.form.round

        Math.hypot(across + (thing.across_m / 2.0), deep + (thing.deep_m / 2.0)) - half
      end

      # What stands on the ground of a group stands on it, and twigs reach into everything.
      def meeting
        solid = @things.select { |thing| thing.in_line? || thing.slot == "back" }
        pairs = solid.combination(2).select { |one, other| one.into?(other) }
        pairs.first(NAMED).map { |one, other| of(:things_meet, one: first(one), other: @reckoning.named(other)) }
      end

      # At the beginning of a sentence.
      def first(thing)
        @reckoning.named(thing).sub(/\A./, &:upcase)
      end
    end
  end
end
