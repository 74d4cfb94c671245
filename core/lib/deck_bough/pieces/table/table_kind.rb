# frozen_string_literal: true

require_relative "table_settings"
require_relative "table_look"
require_relative "table_hosts"

module DeckBough
  # A table that is laid for guests, with a runner and what stands along its middle.
  TABLE_KIND = Kind.new(
    name: "table", noun: "table", declared: TableSettings, look: TableLook, hosts: TableHosts,
    gives: %i[sheet],
    plan: lambda do |brief|
      TablePlan.new(settings: brief.settings, surroundings: brief.surroundings, styles: brief.styles,
                    house: brief.house, units: brief.units)
    end,
    measure: ->(settings) { { height_m: nil, length_m: TableDrawing.table(settings)[:length_m] } }
  )
end
