# frozen_string_literal: true

require_relative "tree_settings"
require_relative "tree_look"
require_relative "tree_upgrades"

module DeckBough
  # A tree in a place of a room.
  TREE_KIND = Kind.new(
    name: "tree", noun: "tree", declared: TreeSettings, upgrades: TreeUpgrades::FROM,
    look: TreeLook,
    plan: lambda do |brief|
      TreePlan.new(settings: brief.settings, surroundings: brief.surroundings, styles: brief.styles, house: brief.house,
                   units: brief.units, picks: brief.schools.fetch(:picks_school, "after"), region: brief.region,
                   kept: brief.kept)
    end,
    measure: ->(settings) { { height_m: settings[:measure][:height_m], length_m: nil } },
    liked: { %w[crown topper] => :topper_school, %w[lights school] => :light_school },
    gives: %i[hanging_map cut_plan]
  )
end
