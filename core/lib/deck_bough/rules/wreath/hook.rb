# frozen_string_literal: true

module DeckBough
  module Rules
    module Wreath
      # Where the hook goes on one leaf of a pair of doors, so that the wreath stays on the line where they meet.
      #
      #   Catalogue.answer("wreath.hook", { "outer_m" => 0.582, "inner_m" => 0.345, "offset_m" => 0.07 })[:above_m]
      #   # => 0.22093
      class Hook < Rule
        include Wreaths::OnRing

        declare id: "wreath.hook", title: "Hook off the meeting line", handbook: "60 Hanging",
                inputs: [*Given::RING, Input.number(:offset_m, "Off the meeting line", "m", 0..5)],
                outputs: { above_m: "m" }

        def call
          refuse_inside_out
          unless ring.above(given[:offset_m])
            refuse(:hook_beyond_ring, :offset_m, offset: read_off(given[:offset_m]), most: read_off(ring.radius_m))
          end
          { above_m: ring.above(given[:offset_m]) }
        end

        def working(outputs)
          outer = long(given[:outer_m])
          inner = long(given[:inner_m])
          [between("To the middle of the ring", "(#{outer} + #{inner}) ÷ 4", :radius_m, ring.radius_m, "m"),
           step("Above the wreath's centre, where the ring passes",
                "√(#{long(ring.radius_m)}² − #{long(given[:offset_m])}²)", :above_m, outputs)]
        end
      end
    end
  end
end
