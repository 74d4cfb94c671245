# frozen_string_literal: true

require_relative "shelves_settings"
require_relative "shelves_look"
require_relative "shelves_hosts"

module DeckBough
  # Shelves in bays, or a tray in tiers.
  SHELVES_KIND = Kind.new(
    name: "shelves", noun: "set of shelves", declared: ShelvesSettings, look: ShelvesLook, hosts: ShelvesHosts,
    gives: %i[sheet],
    plan: lambda do |brief|
      ShelvesPlan.new(settings: brief.settings, surroundings: brief.surroundings, styles: brief.styles,
                      house: brief.house, units: brief.units)
    end,
    measure: lambda do |settings|
      unit = Shelving::Unit.new(settings[:unit])
      { height_m: nil, length_m: unit.measured? ? unit.width_m : nil }
    end
  )
end
