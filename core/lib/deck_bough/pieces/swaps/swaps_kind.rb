# frozen_string_literal: true

require_relative "swaps_settings"
require_relative "swaps_look"

module DeckBough
  # Soft things, pictures and scents that are changed for the season, and back.
  SWAPS_KIND = Kind.new(
    name: "swaps", noun: "set of swaps", declared: SwapsSettings, look: SwapsLook, movable: false,
    seen: false,
    gives: %i[sheet],
    plan: lambda do |brief|
      SwapsPlan.new(settings: brief.settings, surroundings: brief.surroundings, styles: brief.styles,
                    house: brief.house, units: brief.units)
    end,
    measure: ->(_settings) { { height_m: nil, length_m: nil } }
  )
end
