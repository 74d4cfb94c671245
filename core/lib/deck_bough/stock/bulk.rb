# frozen_string_literal: true

module DeckBough
  module Stock
    # The room a thing takes in a box and what it weighs there, where nobody measured it.
    #
    #   Stock::Bulk.litres({ kind: "ornament", diameter_mm: 100 }) # => 1.0
    #   Stock::Bulk.kilograms({ kind: "ornament", diameter_mm: 100, mass_g: 62 }) # => 0.062
    #
    # For one piece, or a metre of ribbon. Balls lie in the cubes of a tray; greens are pressed together.
    module Bulk
      module_function

      # @param thing [Hash] kind, litres, diameter_mm, length_m, loft_m, across_m as a style has them
      def litres(thing, house: HouseRules.default)
        thing[:litres] || measured(thing, house) || house["boxes.litres_#{thing[:kind]}"]
      end

      def kilograms(thing, house: HouseRules.default)
        return thing[:mass_g] / 1000.0 if thing[:mass_g]

        litres(thing, house: house) * house["boxes.kg_per_litre"]
      end

      def measured(thing, house)
        case thing[:kind]
        when "ornament" then (thing[:diameter_mm] / 100.0)**3 if thing[:diameter_mm]
        when "garland" then pressed(thing, house) if thing[:length_m] && thing[:loft_m]
        when "wreath" then (thing[:across_m]**2) * house["boxes.wreath_deep"] * 1000 if thing[:across_m]
        end
      end

      def pressed(thing, house)
        thing[:length_m] * (thing[:loft_m]**2) * house["boxes.garland_pressed"] * 1000
      end
      private_class_method :measured, :pressed
    end
  end
end
