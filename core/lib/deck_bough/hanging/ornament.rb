# frozen_string_literal: true

module DeckBough
  module Hanging
    # Ornaments of one style as the hanging map sees them: how many, how large, and where they may not go.
    #
    #   Ornament.new(id: "slate", count: 16, diameter_mm: 100, mass_g: 60, colour: "#5b7083", breakable: true,
    #                keepsake: false)
    #
    # size is "hero", "large", "medium" or "small"; heavy by the house rule.
    Ornament = Struct.new(:id, :count, :diameter_mm, :mass_g, :colour, :breakable, :keepsake, :size, :heavy,
                          keyword_init: true) do
      def self.of(style, house)
        new(**style, size: Rules::Ornaments::Mix.size_of(style[:diameter_mm], house),
                     heavy: (style[:mass_g] || 0) > house["ornaments.heavy_from"])
      end

      def initialize(**)
        super
        freeze
      end

      # Ornaments of one bearing may hang in the same zones.
      def bearing
        [breakable, heavy]
      end
    end
  end
end
