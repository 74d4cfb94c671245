# frozen_string_literal: true

module DeckBough
  module Rules
    module Ornaments
      # Ornaments by cover: so many per square metre of visible surface.
      #
      #   Catalogue.answer("ornaments.by_cover", { "area_m2" => 4.505, "cover" => "full" })[:total] # => 135
      class ByCover < Rule
        COVERS = %w[airy balanced full opulent].freeze

        declare id: "ornaments.by_cover", title: "Ornaments by cover", handbook: "30 How many",
                inputs: [Given::AREA, Input.choice(:cover, "Cover", COVERS)],
                outputs: { total: "pieces" },
                constants: COVERS.map { |cover| "ornaments.per_m2_#{cover}" }

        def call
          { total: (per_m2 * given[:area_m2]).round }
        end

        def working(outputs)
          [step("#{given[:cover].capitalize} cover: to the #{jotting.unit}² × visible surface, rounded",
                "#{long(per_m2, -2)} × #{long(given[:area_m2], 2)}", :total, outputs)]
        end

        private

        def per_m2
          house["ornaments.per_m2_#{given[:cover]}"]
        end
      end
    end
  end
end
