# frozen_string_literal: true

module DeckBough
  # The settings of a wall of wreaths: one document with a schema version, declared here and nowhere else.
  #
  #   WallSettings.check({})["arrange"]  # every group with its defaults
  #
  # Lengths are metres. Greens, layers, star and lights are those of a wreath and go for all of them; what one wreath
  # says for itself goes before. A width of nil means that the wall was not measured yet.
  module WallSettings
    SCHEMA = 1
    # Beside what the rule arranges: one in each opening, and one at each side of a thing.
    ARRANGEMENTS = [*Wreaths::Arrangement::KINDS, "openings", "flanking"].freeze
    OPENINGS = %w[window cabinet].freeze
    LOOKS = %w[level gaps alike wires].freeze
    MOST = 24
    WREATH = WreathSettings::GROUPS

    HUNG = [
      Input.style(:style, "Wreath", default: nil),
      Input.number(:outer_m, "Across", "m", 0.04..1.5, default: nil, why: "A ring has a size."),
      Input.choice(:layout, "Layout by the clock", WreathSettings::LAYOUTS, default: nil, default_says: "as all"),
      Input.style(:pick, "On the sites", default: nil),
      Input.choice(:star, "Star", WreathSettings::STARS, default: nil, default_says: "as all")
    ].freeze
    PLAIN = { style: nil, outer_m: nil, layout: nil, pick: nil, star: nil }.freeze

    GROUPS = {
      wall: [
        Input.number(:width_m, "Wall, across", "m", 0.3..12, default: nil, why: "A wall has a width."),
        Input.number(:height_m, "Wall, up", "m", 0.3..6, default: 2.4, why: "A wall has a height."),
        Input.text(:colour, "Its colour", 7..7, default: nil),
        Input.flag(:outdoors, "Outdoors", default: false),
        Input.number(:thing_width_m, "Furniture or picture, across", "m", 0.05..12, default: nil,
                                                                                    why: "It has a width."),
        Input.number(:thing_left_m, "Furniture or picture, from the left", "m", 0..12,
                     default: nil, default_says: "in the middle"),
        Input.number(:thing_floor_m, "Its lower edge", "m", 0..5, default: 0),
        Input.number(:thing_height_m, "Its height", "m", 0.05..5, default: 0.9, why: "It has a height."),
        Input.choice(:opening, "Openings", OPENINGS, default: "window"),
        Input.whole(:openings, "How many openings", "openings", 1..12, default: 3, why: "There is one at least."),
        Input.number(:opening_width_m, "Opening, across", "m", 0.1..4, default: nil, default_says: "by what it is",
                                                                       why: "An opening has a width."),
        Input.number(:opening_height_m, "Opening, up", "m", 0.1..4, default: nil, default_says: "by what it is",
                                                                    why: "An opening has a height."),
        Input.number(:opening_floor_m, "Opening above the floor", "m", 0..5, default: nil,
                                                                             default_says: "by what it is"),
        Input.number(:between_m, "Between the openings", "m", 0..4, default: 0.1)
      ],
      wreaths: [Input.list(:hung, "Wreaths", HUNG, 1..MOST, default: ([PLAIN] * 3).freeze)],
      arrange: [
        Input.choice(:arrangement, "Arrangement", ARRANGEMENTS, default: "row"),
        Input.number(:gap_m, "Between them", "m", 0..5, default: nil, default_says: "as near as they may"),
        Input.number(:middle_m, "Middle above the floor", "m", 0..6, default: nil, default_says: "as usual there"),
        Input.number(:overlap, "Overlap", "share", 0..0.3, default: 0)
      ],
      hang: [
        *WREATH[:hang].reject { |input| %i[leaf offset_m].include?(input.name) },
        Input.number(:drop_m, "Ribbon above each", "m", 0.02..2, default: 0.2, why: "A ribbon shows something.")
      ],
      **WREATH.slice(:greens, :layers, :star, :lights),
      step_back: [Input.list(:looked, "Looked at", Input.choice(:look, "Look", LOOKS), 0..4, default: [].freeze)]
    }.freeze

    module_function

    # @param document [Hash] groups by name; what is left out takes its default
    # @return [CheckedSettings]
    # @raise [InputError] every fault at once, paths starting at the group
    def check(document)
      Inputs.groups(GROUPS, document) { |settings, faults| cross_check(settings, faults) }
    end

    # The stems a document names, for the other pieces of the room.
    def greens(settings)
      WreathSettings.greens(settings)
    end

    def cross_check(settings, faults)
      WreathSettings.colour_fault(settings[:wall][:colour], %w[wall colour], faults)
      WreathSettings.stem_faults(settings[:greens][:stems], faults)
      thing_faults(settings, faults)
    end

    # What the group is centred on is there where something is flanked, and stands before the wall.
    def thing_faults(settings, faults)
      wall, left, width = settings[:wall].values_at(:width_m, :thing_left_m, :thing_width_m)
      flanks_nothing = settings[:arrange][:arrangement] == "flanking" && width.nil?
      faults << Inputs.fault(:flanks_nothing, %w[wall thing_width_m]) if flanks_nothing
      return unless wall && width && (left || 0) + width > wall + 1e-9

      faults << Inputs.fault(:thing_beyond, %w[wall thing_width_m], wall: Measure.new(wall, "m"))
    end
    private_class_method :cross_check, :thing_faults
  end
end
