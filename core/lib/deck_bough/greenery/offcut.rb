# frozen_string_literal: true

module DeckBough
  module Greenery
    # What can be cut off a garland that is too long: only at a stem joint, so that it can be wired back another year.
    module Offcut
      module_function

      # @return [Float] metres that come off: whole joints, nothing shorter than one
      #
      #   Greenery::Offcut.of(0.80, 0.18) # => 0.72
      def of(surplus_m, joint_m)
        ((surplus_m / joint_m) + 1e-9).floor * joint_m
      end
    end
  end
end
