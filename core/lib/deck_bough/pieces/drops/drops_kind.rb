# frozen_string_literal: true

require_relative "drops_settings"
require_relative "drops_look"
require_relative "drops_hosts"

module DeckBough
  # Things that hang on lines at different heights: stars, balls, strands.
  DROPS_KIND = Kind.new(
    name: "drops", noun: "hanging things", declared: DropsSettings, look: DropsLook, hosts: DropsHosts,
    gives: %i[sheet],
    plan: lambda do |brief|
      DropsPlan.new(settings: brief.settings, surroundings: brief.surroundings, styles: brief.styles,
                    house: brief.house, units: brief.units)
    end,
    measure: ->(settings) { { height_m: nil, length_m: settings[:place][:length_m] } }
  )
end
