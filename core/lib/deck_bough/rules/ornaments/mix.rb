# frozen_string_literal: true

module DeckBough
  module Rules
    module Ornaments
      # How many of a total are hero, large, medium and small.
      #
      #   Catalogue.answer("ornaments.mix", { "height_m" => 0.9, "total" => 40 }).outputs
      #   # => { hero: 0, large: 4, medium: 14, small: 22 }
      class Mix < Rule
        SIZES = %i[hero large medium small].freeze
        BANDS = %w[short middle tall].freeze

        declare id: "ornaments.mix", title: "Mix of sizes", handbook: "30 Size mix",
                inputs: [Given::HEIGHT, Input.whole(:total, "Total", "pieces", 0..5_000)],
                outputs: SIZES.to_h { |size| [size, "pieces"] },
                constants: BANDS.flat_map { |band| SIZES.map { |size| "ornaments.#{band}_#{size}" } } +
                           %w[ornaments.short_tree ornaments.tall_tree]

        # The size class of a diameter: "hero", "large", "medium" or "small".
        def self.size_of(diameter_mm, house)
          SIZES.first(3).find { |size| diameter_mm >= house["ornaments.#{size}_from"] } || :small
        end

        def call
          # All shares at nothing is a house rule nobody means; an even mix is the plain reading.
          weights = shares.sum.zero? ? [1, 1, 1, 1] : shares
          SIZES.zip(LargestRemainder.share(given[:total], weights)).to_h
        end

        def working(outputs)
          SIZES.zip(shares).map do |size, share|
            step("#{size.capitalize} on a #{band} tree; remainders go to the largest fraction",
                 "#{figure(share)} × #{given[:total]}", size, outputs)
          end
        end

        private

        def band
          return "short" if given[:height_m] < house["ornaments.short_tree"]

          given[:height_m] < house["ornaments.tall_tree"] ? "middle" : "tall"
        end

        def shares
          SIZES.map { |size| house["ornaments.#{band}_#{size}"] }
        end
      end
    end
  end
end
