# frozen_string_literal: true

module DeckBough
  module Rules
    module Wreath
      # How many sites an arc of a ring has for picks, cones, clusters.
      #
      #   Catalogue.answer("wreath.elements", { "outer_m" => 0.847, "inner_m" => 0.251, "arc_share" => 0.46,
      #     "spacing_m" => 0.12 })[:count] # => 7
      class Elements < Rule
        include Wreaths::OnRing

        declare id: "wreath.elements", title: "Sites on a ring", handbook: "60 Dressing",
                inputs: [*Given::RING,
                         Input.number(:arc_share, "Share of the ring", "share", 0.01..1, why: "An arc has a length."),
                         Input.number(:spacing_m, "From site to site", "m", 0.01..2, why: "Sites stand apart.")],
                outputs: { count: "sites" }

        def call
          refuse_inside_out
          { count: [(ring.middle_m * given[:arc_share] / given[:spacing_m]).round, 1].max }
        end

        def working(outputs)
          [middle_step,
           step("Along the arc, over the spacing, one at least",
                "#{long(ring.middle_m)} × #{figure(given[:arc_share])} ÷ #{long(given[:spacing_m])}", :count, outputs)]
        end
      end
    end
  end
end
