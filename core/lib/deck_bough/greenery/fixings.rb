# frozen_string_literal: true

module DeckBough
  module Greenery
    # What holds a garland, what it goes on and what it must not go on.
    #
    #   Greenery::Fixings.verdict("large_hook", "brick") # => "never"
    #
    # Rated loads are house rules garland.<fixing>; the label decides. Source: handbook 50, Anchors and loads.
    module Fixings
      SURFACES = %w[painted fresh_paint wallpaper brick stone tile wood plaster glass metal].freeze
      SMOOTH = %w[painted glass tile].freeze
      ROUGH = %w[wallpaper brick fresh_paint stone].freeze
      Fixing = Struct.new(:name, :title, :goes_on, :never_on, :adhesive, :nails, keyword_init: true) do
        # Neither nails nor glue where the owner gives no leave.
        def permitted?(place)
          !(place.no_nails && (nails || adhesive))
        end
      end

      ALL = [
        Fixing.new(name: "small_hook", title: "Small adhesive hook", goes_on: SMOOTH, never_on: ROUGH, adhesive: true),
        Fixing.new(name: "medium_hook", title: "Medium adhesive hook", goes_on: SMOOTH, never_on: ROUGH,
                   adhesive: true),
        Fixing.new(name: "large_hook", title: "Large adhesive hook", goes_on: SMOOTH, never_on: ROUGH, adhesive: true),
        Fixing.new(name: "large_strip", title: "Large adhesive strip", goes_on: SMOOTH, never_on: ROUGH,
                   adhesive: true),
        Fixing.new(name: "nail", title: "Finishing nail, pre-wired", goes_on: %w[wood plaster],
                   never_on: %w[stone tile glass metal], nails: true),
        Fixing.new(name: "padded_tie", title: "Padded wire tie", goes_on: %w[wood metal painted], never_on: []),
        Fixing.new(name: "cable_tie", title: "Cable tie", goes_on: %w[metal], never_on: []),
        Fixing.new(name: "suction_hook", title: "Suction hook", goes_on: %w[glass], never_on: SURFACES - %w[glass]),
        Fixing.new(name: "putty", title: "Mouldable putty", goes_on: %w[wood painted metal], never_on: [],
                   adhesive: true),
        Fixing.new(name: "tension_rod", title: "Tension rod", goes_on: SURFACES, never_on: []),
        Fixing.new(name: "shelf_weight", title: "Weighted shelf holder", goes_on: SURFACES, never_on: []),
        Fixing.new(name: "freestanding_frame", title: "Freestanding frame", goes_on: SURFACES, never_on: []),
        Fixing.new(name: "none", title: "Laid, nothing holds it", goes_on: SURFACES, never_on: [])
      ].freeze
      BY_NAME = ALL.to_h { |fixing| [fixing.name, fixing] }.freeze
      NAMES = BY_NAME.keys.freeze
      # What is tied round needs something to go round.
      TIES = %w[padded_tie cable_tie].freeze
      ROUND = %w[rail rod ring].freeze
      # What is tried first for each kind of run; the first that goes on the surface is taken.
      PREFERRED = { "rail" => %w[padded_tie cable_tie], "rod" => %w[padded_tie cable_tie],
                    "ring" => %w[padded_tie cable_tie], "table" => %w[none],
                    "mirror" => %w[suction_hook large_hook freestanding_frame],
                    "frame" => %w[large_hook nail tension_rod freestanding_frame],
                    "opening" => %w[large_hook nail tension_rod freestanding_frame] }.freeze
      SHELF = %w[large_hook nail shelf_weight].freeze

      module_function

      # @return ["goes", "label", "never"]
      def verdict(name, surface)
        fixing = BY_NAME.fetch(name)
        return "never" if fixing.never_on.include?(surface)

        fixing.goes_on.include?(surface) ? "goes" : "label"
      end

      # The kinds that may be used here, the strongest first.
      #
      # @param place [Surroundings] whether nails and glue are allowed there
      def allowed(surface:, kind:, place:, house:)
        fit = ALL.select do |fixing|
          fixing.name != "none" && verdict(fixing.name, surface) == "goes" && fixing.permitted?(place) &&
            fits?(fixing.name, kind)
        end
        fit.sort_by { |fixing| -house["garland.#{fixing.name}"] }.map(&:name)
      end

      # What a run of a kind is held by where nobody says; laid where nothing may hold it. Weighted holders stay out of
      # the reach of children.
      def fitting(kind:, surface:, place:)
        wanted = PREFERRED.fetch(kind, SHELF).select { |name| BY_NAME.fetch(name).permitted?(place) }
        wanted -= %w[shelf_weight] if place.children.any?
        by_verdict = wanted.group_by { |name| verdict(name, surface) }
        [*by_verdict["goes"], *by_verdict["label"], "none"].first
      end

      def fits?(name, kind)
        return ROUND.include?(kind) if TIES.include?(name)
        return %w[opening frame].include?(kind) if name == "tension_rod"
        return %w[opening frame mirror].include?(kind) if name == "freestanding_frame"

        name != "shelf_weight" || %w[mantel ledge].include?(kind)
      end
    end
  end
end
