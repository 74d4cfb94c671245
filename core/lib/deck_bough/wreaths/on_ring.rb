# frozen_string_literal: true

module DeckBough
  module Wreaths
    # What the rules of a ring share: its two measures, checked against each other, and the way round its middle.
    #
    # Part of rules that take Given::RING.
    module OnRing
      private

      def ring
        @ring ||= Ring.new(**given.slice(:outer_m, :inner_m))
      end

      # @raise [InputError] where the opening is no smaller than the ring
      def refuse_inside_out
        return if given[:inner_m] < given[:outer_m]

        refuse(:inside_out, :inner_m, inner: read_off(given[:inner_m]), outer: read_off(given[:outer_m]))
      end

      def middle_step
        between("Round the middle of the ring", "π × (#{long(given[:outer_m])} + #{long(given[:inner_m])}) ÷ 2",
                :middle_m, ring.middle_m, "m")
      end
    end
  end
end
