# frozen_string_literal: true

require_relative "wall_settings"
require_relative "wall_dressing"
require_relative "wall_hosts"

module DeckBough
  # Several wreaths on one wall: in a row, staggered, round the largest, one in every opening, or a pair beside a thing.
  WALL_KIND = Kind.new(
    name: "wall", noun: "wall of wreaths", declared: WallSettings, look: WallDressing, hosts: WallHosts,
    wants: [:anchors], gives: %i[wreath_sheet anchors],
    plan: lambda do |brief|
      WallPlan.new(settings: brief.settings, surroundings: brief.surroundings, styles: brief.styles,
                   house: brief.house, units: brief.units)
    end,
    measure: ->(settings) { { height_m: nil, length_m: settings[:wall][:width_m] } }
  )
end
