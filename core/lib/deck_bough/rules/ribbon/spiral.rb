# frozen_string_literal: true

module DeckBough
  module Rules
    module Ribbon
      # Ribbon wound once over the visible surface.
      #   Catalogue.answer("ribbon.spiral", { "area_m2" => 2.014, "pitch_m" => 0.33, "billow" => "full" })[:length_m]
      #   # => 8.544
      class Spiral < Rule
        declare id: "ribbon.spiral", title: "Ribbon in a spiral", handbook: "40 Ribbon, bows and picks",
                inputs: [Given::AREA,
                         Input.number(:pitch_m, "Pitch along the slant", "m", 0.05..3, why: "Turns need a distance."),
                         Given::BILLOW],
                outputs: { length_m: "m" },
                constants: %w[ribbon.billow_flat ribbon.billow_soft ribbon.billow_full]

        def call
          { length_m: billow * given[:area_m2] / given[:pitch_m] }
        end

        def working(outputs)
          [step("Billow × visible surface ÷ pitch",
                "#{figure(billow)} × #{long(given[:area_m2], 2)} ÷ #{long(given[:pitch_m])}",
                :length_m, outputs)]
        end

        private

        def billow
          house["ribbon.billow_#{given[:billow]}"]
        end
      end
    end
  end
end
