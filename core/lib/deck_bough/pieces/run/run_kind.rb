# frozen_string_literal: true

require_relative "run_survey"
require_relative "run_settings"
require_relative "run_look"

module DeckBough
  # A greenery run: along a shelf, a rail, a frame, a rod or a ring.
  RUN_KIND = Kind.new(
    name: "run", noun: "run", declared: RunSettings, wants: %i[elsewhere anchors], chooses: %w[garland stem],
    look: RunLook, movable: false, hosts: RunHosts,
    plan: lambda do |brief|
      RunPlan.new(settings: brief.settings, surroundings: brief.surroundings, styles: brief.styles, house: brief.house,
                  units: brief.units, lights: brief.schools.fetch(:greens_light_school, "after"), stock: brief.stock,
                  elsewhere: brief.elsewhere)
    end,
    measure: ->(settings) { { height_m: nil, length_m: RunSettings.length(settings) } },
    gives: %i[run_sheet build offcuts anchors]
  )
end
