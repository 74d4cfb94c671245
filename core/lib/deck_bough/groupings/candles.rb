# frozen_string_literal: true

module DeckBough
  module Groupings
    # What is to be said of the candles of a group: real flames, what burns beside them, sets that read flat.
    #
    #   Groupings::Candles.new(reckoning).told
    #
    # The reckoning gives things (Standing), named(thing) and units. Source: handbook 70 Tapers and candles, 95 flame.
    class Candles
      # A flame keeps so far from anything that burns, before and beside it.
      FLAME_M = 0.3
      # As high as each other within this.
      ALIKE_M = 0.02
      # So many of a kind are named.
      NAMED = 3

      def initialize(reckoning)
        @reckoning = reckoning
        @things = reckoning.things
      end

      # @return [Array<Finding>]
      def told
        [*flames, tapers].compact
      end

      private

      def of(code, **values)
        Finding.of(code, units: @reckoning.units, **values)
      end

      def flames
        @things.select(&:flame).first(NAMED).map do |thing|
          near = @things.find { |other| other != thing && burns?(other) && apart(thing, other) < FLAME_M }
          near ? of(:flame_near, name: first(thing), other: @reckoning.named(near)) : of(:flame, name: first(thing))
        end
      end

      def burns?(thing)
        %w[green soft].include?(thing.finish) && thing.form.name != "candle"
      end

      def apart(one, other)
        across = (one.left_m - other.left_m).abs - ((one.across_m + other.across_m) / 2.0)
        deep = (one.out_m - other.out_m).abs - ((one.deep_m + other.deep_m) / 2.0)
        Math.hypot([across, 0].max, [deep, 0].max)
      end

      # Two or three of a set that differ in nothing read flat.
      def tapers
        candles = @things.select { |thing| thing.form.name == "candle" }
        return if candles.size < 2

        heights = candles.map(&:top_m).minmax.reduce(:-).abs
        of(:tapers_alike) if heights <= ALIKE_M && candles.map(&:colour).uniq.size == 1
      end

      # At the beginning of a sentence.
      def first(thing)
        @reckoning.named(thing).sub(/\A./, &:upcase)
      end
    end
  end
end
