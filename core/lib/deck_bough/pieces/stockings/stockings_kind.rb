# frozen_string_literal: true

require_relative "stockings_settings"
require_relative "stockings_look"

module DeckBough
  # Stockings in a row on a batten, hooks, a rail or stairs.
  STOCKINGS_KIND = Kind.new(
    name: "stockings", noun: "stockings", declared: StockingsSettings, look: StockingsLook,
    gives: %i[sheet],
    plan: lambda do |brief|
      StockingsPlan.new(settings: brief.settings, surroundings: brief.surroundings, styles: brief.styles,
                        house: brief.house, units: brief.units)
    end,
    measure: ->(settings) { { height_m: nil, length_m: settings[:place][:length_m] } }
  )
end
