# frozen_string_literal: true

module DeckBough
  module Rules
    module Ornaments
      # Ornaments by the foot: one of every style for each foot of height.
      #   Catalogue.answer("ornaments.by_foot", { "height_m" => 2.656,
      #     "styles" => [{ "breakable" => true }] })[:per_style]
      #   # => 9
      class ByFoot < Rule
        # 8 ft in metres divides to a hair over 8; that hair is not a ninth foot.
        HAIR = 1e-9

        declare id: "ornaments.by_foot", title: "Ornaments by the foot", handbook: "30 How many",
                inputs: [Given::HEIGHT,
                         Input.list(:styles, "Styles", [Input.flag(:breakable, "Breakable", default: false)], 1..60)],
                outputs: { per_style: "pieces", total: "pieces", spares: "pieces" },
                constants: %w[ornaments.spare_share ornaments.spare_low ornaments.rich_styles]

        # Spares of one breakable style of `count` pieces.
        def self.spares(count, house)
          [house["ornaments.spare_low"], (house["ornaments.spare_share"] * count).ceil].max
        end

        def call
          { per_style: per_style, total: per_style * given[:styles].size, spares: spares_each * breakable }
        end

        def working(outputs)
          share = figure(house["ornaments.spare_share"] * 100)
          [step("Each style: one for each foot of height, rounded up", "#{figure(feet(given[:height_m]), 2)} ft",
                :per_style, outputs),
           step("All styles", "#{given[:styles].size} × #{per_style}", :total, outputs),
           step("Spares: of each breakable style #{share} %, at least #{house['ornaments.spare_low']}",
                "#{breakable} × #{spares_each}", :spares, outputs)]
        end

        def findings(_outputs)
          if given[:styles].size < house["ornaments.rich_styles"]
            [finding(:few_styles, count: given[:styles].size, wanted: house["ornaments.rich_styles"])]
          else
            []
          end
        end

        private

        def per_style
          (feet(given[:height_m]) - HAIR).ceil
        end

        def breakable
          given[:styles].count { |style| style[:breakable] }
        end

        def spares_each
          self.class.spares(per_style, house)
        end
      end
    end
  end
end
