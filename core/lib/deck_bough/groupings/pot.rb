# frozen_string_literal: true

module DeckBough
  module Groupings
    # A small tree in its pot: what is wedged beside its trunk, and the moss over that.
    #
    #   Groupings::Pot.new(thing).wedge_m
    #
    # Surplus sacking is cut, the trunk wedged on all sides, moss laid over. Metres, litres. Source: handbook 70, Tiny
    # potted trees; how deep the moss lies is a hand's usual, the handbook says nothing of it.
    class Pot
      MOSS_M = 0.04
      # A trunk stands firm between so many.
      WEDGES = 3

      attr_reader :thing

      # @param thing [Standing] a potted one
      def initialize(thing)
        @thing = thing
      end

      # Between trunk and rim, on each side; below nothing where the trunk does not go in.
      def wedge_m
        ((thing.opening_m - thing.trunk_m) / 2.0).round(6)
      end

      def goes_in?
        !wedge_m.negative?
      end

      def moss_litres
        return 0.0 unless goes_in?

        (Math::PI / 4 * ((thing.opening_m**2) - (thing.trunk_m**2)) * MOSS_M * 1000).round(6)
      end
    end
  end
end
