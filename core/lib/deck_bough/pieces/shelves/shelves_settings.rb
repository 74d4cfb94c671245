# frozen_string_literal: true

module DeckBough
  # The settings of shelves: one document with a schema version, declared here and nowhere else.
  #
  #   ShelvesSettings.check({})["unit"]  # every group with its defaults
  #
  # Lengths are metres. A width of nil, and a tray without tiers, mean that nothing was measured yet.
  module ShelvesSettings
    SCHEMA = 1
    SHAPES = %w[bays tray].freeze
    LOOKS = %w[across backs cords].freeze
    MOST_COLUMNS = 8
    MOST_ROWS = 10
    MOST_TIERS = 5
    MOST = 80
    # Lower nothing is put in.
    LEAST_CLEAR_M = 0.04

    ROW = [Input.number(:clear_m, "Clear height", "m", 0.04..1.5, default: nil, default_says: "as the others",
                                                                  why: "Something goes in.")].freeze
    TIER = [Input.number(:across_m, "Across", "m", 0.08..1, default: 0.25, why: "Something stands on it."),
            Input.number(:clear_m, "Clear height above it", "m", 0.04..1, default: 0.16,
                                                                          why: "Something goes in.")].freeze
    THING = [
      Input.whole(:bay, "In bay", "bay", 1..80, default: 1),
      Input.choice(:form, "What it is", Groupings::Form::NAMES, default: "vessel"),
      Input.choice(:slot, "Its place in the bay", Groupings::Form::SLOTS, default: nil, default_says: "by what it is"),
      Input.style(:style, "Which one", default: nil),
      Input.number(:across_m, "Across", "m", 0.01..2, default: nil, default_says: "by what it is",
                                                      why: "It has a width."),
      Input.number(:deep_m, "Deep", "m", 0.005..2, default: nil, default_says: "by what it is", why: "It has a depth."),
      Input.number(:height_m, "High", "m", 0.002..2, default: nil, default_says: "by what it is",
                                                     why: "It has a height."),
      Input.text(:colour, "Its colour", 7..7, default: nil),
      Input.choice(:finish, "It brings", Groupings::Form::FINISHES, default: nil, default_says: "by what it is"),
      Input.flag(:flame, "Real flame", default: false),
      Input.flag(:used, "Used every day", default: false)
    ].freeze

    GROUPS = {
      unit: [
        Input.choice(:shape, "It is", SHAPES, default: "bays"),
        Input.number(:width_m, "Wide", "m", 0.2..6, default: nil, why: "Bays have a width."),
        Input.number(:height_m, "High", "m", 0.1..3, default: 1.9, why: "Bays have a height."),
        Input.number(:depth_m, "Deep", "m", 0.08..1, default: 0.3, why: "Something stands in it."),
        Input.number(:floor_m, "Its foot above the floor", "m", 0..2.4, default: 0),
        Input.whole(:columns, "Bays side by side", "bays", 1..MOST_COLUMNS, default: 1),
        Input.list(:rows, "Rows, from the uppermost", ROW, 1..MOST_ROWS,
                   default: Array.new(4) { { clear_m: nil }.freeze }.freeze),
        Input.number(:board_m, "Boards, thick", "m", 0.003..0.08, default: 0.02, why: "A board has a thickness."),
        Input.list(:tiers, "Tiers, from the uppermost", TIER, 0..MOST_TIERS, default: [].freeze),
        Input.text(:colour, "Its colour", 7..7, default: nil), Input.text(:wall_colour, "Behind it", 7..7, default: nil)
      ],
      dress: [Input.list(:standing, "Things", THING, 0..MOST, default: [].freeze)],
      garland: [
        Input.flag(:hung, "A garland over it", default: false), Input.style(:style, "Which garland", default: nil),
        Input.number(:sag_m, "It sags", "m", 0..0.8, default: 0.12),
        Input.number(:drop_m, "It falls at both sides", "m", 0..2.5, default: 0.4)
      ],
      step_back: [Input.list(:looked, "Looked at", Input.choice(:look, "Look", LOOKS), 0..3, default: [].freeze)]
    }.freeze

    module_function

    # @param document [Hash] groups by name; what is left out takes its default
    # @return [CheckedSettings]
    # @raise [InputError] every fault at once, paths starting at the group
    def check(document)
      Inputs.groups(GROUPS, document) { |settings, faults| cross_check(settings, faults) }
    end

    def cross_check(settings, faults)
      unit = settings[:unit]
      %i[colour wall_colour].each { |name| WreathSettings.colour_fault(unit[name], ["unit", name.to_s], faults) }
      settings[:dress][:standing].each_with_index do |thing, i|
        WreathSettings.colour_fault(thing[:colour], ["dress", "standing", i, "colour"], faults)
      end
      room_faults(unit, faults) unless unit[:shape] == "tray"
    end

    # Boards and measured rows leave something between them.
    def room_faults(unit, faults)
      shelves = Shelving::Unit.new(unit)
      if shelves.clears.min < LEAST_CLEAR_M - 1e-9
        faults << Inputs.fault(:rows_too_high, %w[unit height_m], high: Measure.new(unit[:height_m], "m"))
      end
      return if unit[:width_m].nil? || shelves.column_m >= LEAST_CLEAR_M

      faults << Inputs.fault(:columns_too_many, %w[unit columns], wide: Measure.new(unit[:width_m], "m"))
    end

    private_class_method :cross_check, :room_faults
  end
end
