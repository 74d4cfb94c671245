# frozen_string_literal: true

module DeckBough
  module Rules
    module Garland
      # How many anchors a run takes: close enough together, and never more than half of what they are rated for.
      #   Catalogue.answer("garland.anchors", { "run_m" => 5.586, "bends" => 3, "mass_kg" => 6.822,
      #     "rated_kg" => 1.4 })[:count]
      #   # => 17
      class Anchors < Rule
        declare id: "garland.anchors", title: "Anchors", handbook: "50 Anchors and loads",
                inputs: [Input.number(:run_m, "Run", "m", 0.05..200, why: "A run has a length."),
                         Input.whole(:bends, "Bends", "bends", 0..100, default: 0),
                         Input.number(:mass_kg, "Weight", "kg", 0..500),
                         Input.number(:rated_kg, "Rated load of one", "kg", 0.01..500, why: "Its label names a load.")],
                outputs: { count: "anchors", by_spacing: "anchors", by_load: "anchors" },
                constants: %w[garland.anchor_spacing garland.rated_share]

        def call
          { count: [by_spacing, by_load].max, by_spacing: by_spacing, by_load: by_load }
        end

        def working(outputs)
          spacing = long(house["garland.anchor_spacing"])
          share = figure(house["garland.rated_share"])
          [step("One each #{spacing} #{jotting.unit}, both ends, each bend",
                "⌈#{long(given[:run_m])} ÷ #{spacing}⌉ + 1 + #{given[:bends]}", :by_spacing, outputs),
           step("By load: only this share of the rated load is used",
                "⌈#{heavy(given[:mass_kg])} ÷ (#{share} × #{heavy(given[:rated_kg])})⌉",
                :by_load, outputs),
           step("The larger", "max(#{by_spacing}, #{by_load})", :count, outputs)]
        end

        private

        def by_spacing
          (given[:run_m] / house["garland.anchor_spacing"].to_f).round(9).ceil + 1 + given[:bends]
        end

        def by_load
          (given[:mass_kg] / (house["garland.rated_share"] * given[:rated_kg])).round(9).ceil
        end
      end
    end
  end
end
