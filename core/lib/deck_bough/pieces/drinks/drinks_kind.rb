# frozen_string_literal: true

require_relative "drinks_settings"
require_relative "drinks_look"
require_relative "drinks_hosts"

module DeckBough
  # A drink corner: jars in a row, on show and in store.
  DRINKS_KIND = Kind.new(
    name: "drinks", noun: "drink corner", declared: DrinksSettings, look: DrinksLook, hosts: DrinksHosts,
    gives: %i[sheet],
    plan: lambda do |brief|
      DrinksPlan.new(settings: brief.settings, surroundings: brief.surroundings, styles: brief.styles,
                     house: brief.house, units: brief.units)
    end,
    measure: ->(settings) { { height_m: nil, length_m: settings[:place][:length_m] } }
  )
end
