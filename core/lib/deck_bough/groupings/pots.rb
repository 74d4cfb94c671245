# frozen_string_literal: true

module DeckBough
  module Groupings
    # The potted trees among what stands somewhere: how many, how much moss, what is to be said of them.
    #
    #   Groupings::Pots.new(reckoning).moss_litres
    #
    # The reckoning gives things (Standing), named(thing) and units. Source: handbook 70, Tiny potted trees.
    class Pots
      # So many of a kind are named.
      NAMED = 3

      def initialize(reckoning)
        @reckoning = reckoning
      end

      # @return [Array<Pot>]
      def all
        @all ||= @reckoning.things.select(&:potted?).map { |thing| Pot.new(thing) }
      end

      def moss_litres
        all.sum(&:moss_litres)
      end

      # @return [Array<Finding>]
      def told
        fitting, narrow = all.partition(&:goes_in?)
        [*narrow.first(NAMED).map { |pot| too_narrow(pot) }, (Finding.of(:pot_moss) if fitting.any?)].compact
      end

      private

      def too_narrow(pot)
        name = @reckoning.named(pot.thing).sub(/\A./, &:upcase)
        Finding.of(:pot_narrow, units: @reckoning.units, name: name, by_m: -pot.wedge_m * 2)
      end
    end
  end
end
