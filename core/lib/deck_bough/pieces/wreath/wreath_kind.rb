# frozen_string_literal: true

require_relative "wreath_place"
require_relative "wreath_layout"
require_relative "wreath_settings"
require_relative "wreath_look"
require_relative "wreath_hosts"

module DeckBough
  # A wreath: on a door, a window, a mirror, a wall, or round a small object.
  WREATH_KIND = Kind.new(
    name: "wreath", noun: "wreath", declared: WreathSettings, chooses: %w[wreath stem], look: WreathLook,
    hosts: WreathHosts,
    wants: [:anchors], gives: %i[wreath_sheet advice anchors],
    plan: lambda do |brief|
      WreathPlan.new(settings: brief.settings, surroundings: brief.surroundings, styles: brief.styles,
                     house: brief.house, units: brief.units, stock: brief.stock)
    end,
    measure: ->(settings) { { height_m: nil, length_m: settings[:place][:width_m] } }
  )
end
