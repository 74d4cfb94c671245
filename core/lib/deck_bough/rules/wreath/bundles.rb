# frozen_string_literal: true

module DeckBough
  module Rules
    module Wreath
      # How many bundles go round a frame, each covering the stems of the one before.
      #
      #   Catalogue.answer("wreath.bundles", { "outer_m" => 0.784, "inner_m" => 0.147, "bundle_m" => 0.268 })[:count]
      #   # => 10
      class Bundles < Rule
        include Wreaths::OnRing

        declare id: "wreath.bundles", title: "Bundles on a frame", handbook: "60 Dressing",
                inputs: [*Given::RING,
                         Input.number(:bundle_m, "Length of a bundle", "m", 0.02..2, why: "A bundle has a length.")],
                outputs: { count: "bundles" }, constants: %w[wreath.bundle_cover]

        def call
          refuse_inside_out
          { count: (ring.middle_m / (house["wreath.bundle_cover"] * given[:bundle_m])).round(9).ceil }
        end

        def working(outputs)
          [middle_step,
           step("Round the middle, over what each adds, rounded up",
                "#{long(ring.middle_m)} ÷ (#{figure(house['wreath.bundle_cover'])} × #{long(given[:bundle_m])})",
                :count, outputs)]
        end
      end
    end
  end
end
