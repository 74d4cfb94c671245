# frozen_string_literal: true

require_relative "grouping_settings"
require_relative "grouping_look"
require_relative "grouping_hosts"

module DeckBough
  # A group of things on a surface, with a vessel that is filled where one is wanted.
  GROUPING_KIND = Kind.new(
    name: "grouping", noun: "grouping", declared: GroupingSettings, look: GroupingLook, hosts: GroupingHosts,
    gives: %i[group sheet],
    plan: lambda do |brief|
      GroupingPlan.new(settings: brief.settings, surroundings: brief.surroundings, styles: brief.styles,
                       house: brief.house, units: brief.units)
    end,
    measure: ->(settings) { { height_m: nil, length_m: settings[:surface][:length_m] } }
  )
end
