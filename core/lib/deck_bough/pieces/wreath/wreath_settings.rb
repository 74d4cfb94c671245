# frozen_string_literal: true

module DeckBough
  # The settings of a wreath: one document with a schema version, declared here and nowhere else.
  #
  #   WreathSettings.check({})["place"]  # every group with its defaults
  #
  # Lengths are metres, hours the clock's, 12 at the top. A width of nil means that what it hangs on was not measured
  # yet.
  module WreathSettings
    SCHEMA = 1
    # Where it hangs, or what it lies round.
    HOSTS = [*Rules::Wreath::Size::HOSTS, "lying"].freeze
    HANGERS = %w[none real false taped].freeze
    FIXINGS = Wreaths::Holding::NAMES
    LAYOUTS = %w[all_round crescent bottom_swag top_swag two_clusters one_cluster].freeze
    MAKING = %w[bought enriched hoop frame].freeze
    SPACING = %w[full light].freeze
    STARS = %w[none bow word figure].freeze
    LOOKS = %w[balance arcs star wires].freeze
    HOUR = 0..12

    MAYBE_STYLE = Input.style(:style, "Style", default: nil)
    STEMS = [Input.style(:style, "Style"),
             Input.whole(:count, "Stems", "stems", 1..120, why: "There is one at least."),
             Input.number(:from_h, "From", "hours", HOUR, default: 0),
             Input.number(:to_h, "To", "hours", HOUR, default: 12)].freeze

    GROUPS = {
      place: [
        Input.choice(:host, "Where it hangs", HOSTS, default: "door"),
        Input.number(:width_m, "Width", "m", 0.04..6, default: nil, why: "What it hangs on has a width."),
        Input.number(:height_m, "Height", "m", 0.04..4, default: nil, default_says: "by what it is",
                                                        why: "What it hangs on has a height."),
        Input.number(:floor_m, "Above the floor", "m", 0..6, default: nil, default_says: "by what it is"),
        Input.text(:colour, "Its colour", 7..7, default: nil),
        Input.choice(:handle, "Handle", %w[none left right], default: "none"),
        Input.number(:handle_m, "Handle above the floor", "m", 0..3, default: 1.05),
        Input.number(:knocker_m, "Knocker above the floor", "m", 0..3, default: nil),
        Input.number(:slot_m, "Letter slot above the floor", "m", 0..3, default: nil),
        Input.number(:glass_from_m, "Glass from", "m", 0..4, default: nil),
        Input.number(:glass_to_m, "Glass to", "m", 0..4, default: nil),
        Input.flag(:outdoors, "Outdoors", default: false),
        Input.number(:storm_gap_m, "Gap to the storm door", "m", 0.005..1, default: nil, why: "A gap has a depth."),
        Input.choice(:opens, "Opens", %w[inward outward], default: "inward"),
        Input.number(:backing_m, "Backing behind it, across", "m", 0.05..4, default: nil,
                                                                            why: "A backing has a size."),
        Input.text(:backing_colour, "Colour of the backing", 7..7, default: nil)
      ],
      size: [
        MAYBE_STYLE,
        Input.number(:outer_m, "Across", "m", 0.04..3, default: nil, default_says: "what fits",
                                                       why: "A ring has a size."),
        Input.number(:inner_m, "Opening", "m", 0..2.9, default: nil, default_says: "half of it"),
        Input.number(:depth_m, "Stands off", "m", 0.01..0.8, default: 0.12, why: "Greens have a depth."),
        Input.number(:centre_m, "Centre above the floor", "m", 0..5, default: nil, default_says: "as usual there")
      ],
      hang: [
        Input.choice(:hanger, "Hanger ribbon", HANGERS, default: nil, default_says: "as usual there"),
        Input.style(:ribbon, "Ribbon", default: nil),
        Input.choice(:fixing, "Held by", FIXINGS, default: nil, default_says: "what fits here"),
        MAYBE_STYLE,
        Input.number(:rated_kg, "Rated load on its label", "kg", 0.01..100, default: nil,
                                                                            why: "Its label names a load."),
        Input.choice(:leaf, "Hook on the leaf", %w[left right], default: "left"),
        Input.number(:offset_m, "Off the meeting line", "m", 0..1, default: 0.06)
      ],
      greens: [
        Input.choice(:making, "Way of making", MAKING, default: "bought"),
        Input.number(:body_m, "Body of greens", "m", 0.01..1, default: nil, default_says: "the ring",
                                                              why: "Greens have a body."),
        Input.style(:bundle, "Bundles", default: nil),
        Input.number(:bundle_m, "Length of a bundle", "m", 0.05..1, default: 0.25, why: "A bundle has a length."),
        Input.number(:wood_m, "Thickness of the strip", "m", 0.0002..0.02, default: 0.0015,
                                                                           why: "Wood has a thickness."),
        Input.choice(:shape, "Outline wanted", Wreaths::RingOutline::SHAPES, default: "even"),
        Input.number(:low_m, "Thin", "m", 0..2, default: 0.1),
        Input.number(:high_m, "Full", "m", 0.01..2, default: nil, default_says: "the body",
                                                    why: "Something is wanted somewhere."),
        Input.list(:stems, "Stems", STEMS, 0..30, default: [].freeze)
      ],
      layers: [
        Input.choice(:layout, "Layout by the clock", LAYOUTS, default: "crescent"),
        Input.number(:from_h, "From", "hours", HOUR, default: 7), Input.number(:to_h, "To", "hours", HOUR, default: 1),
        Input.flag(:mirrored, "Mirrored", default: false),
        Input.number(:turned_h, "Turned clockwise", "hours", HOUR, default: 0),
        Input.choice(:spacing, "Spacing", SPACING, default: "full"),
        Input.list(:picks, "On the sites", Input.style(:style, "Style"), 0..12, default: [].freeze),
        Input.style(:between, "Between them", default: nil)
      ],
      star: [
        Input.choice(:kind, "Star", STARS, default: "none"), Input.number(:at_h, "At", "hours", HOUR, default: 6),
        MAYBE_STYLE, Input.number(:tail_m, "Tails", "m", 0..2, default: 0.3),
        Input.text(:words, "It says", 0..24, default: "")
      ],
      lights: [
        MAYBE_STYLE,
        Input.choice(:school, "How much light", %w[none] + Rules::Garland::Lights::SCHOOLS, default: "none"),
        Input.whole(:bulbs_per_string, "Bulbs per string", "bulbs", 1..5_000, default: 30, why: "A string has a bulb.")
      ],
      step_back: [Input.list(:looked, "Looked at", Input.choice(:look, "Look", LOOKS), 0..4, default: [].freeze)]
    }.freeze

    # Stems of all arcs together: what a ring has room for, and what its profile takes, outward and inward.
    MOST_STEMS = 200
    COLOUR = /\A#\h{6}\z/

    module_function

    # @param document [Hash] groups by name; what is left out takes its default
    # @return [CheckedSettings]
    # @raise [InputError] every fault at once, paths starting at the group
    def check(document)
      Inputs.groups(GROUPS, document) { |settings, faults| cross_check(settings, faults) }
    end

    # The stems a document names, for the other pieces of the room.
    def greens(settings)
      [settings[:greens][:bundle], *settings[:greens][:stems].map { |stems| stems[:style] }].compact.uniq
    end

    def cross_check(settings, faults)
      %i[colour backing_colour].each { |name| colour_fault(settings[:place][name], ["place", name.to_s], faults) }
      glass = settings[:place].values_at(:glass_from_m, :glass_to_m)
      if glass.all? && glass.first >= glass.last
        faults << Inputs.fault(:glass_inside_out, %w[place glass_to_m], from: Measure.new(glass.first, "m"))
      end
      ring_faults(settings[:size], faults)
      stem_faults(settings[:greens][:stems], faults)
    end

    def colour_fault(colour, path, faults)
      faults << Inputs.fault(:not_a_colour, path, given: colour) if colour && !colour.match?(COLOUR)
    end

    def ring_faults(size, faults)
      outer, inner = size.values_at(:outer_m, :inner_m)
      return unless outer && inner && inner >= outer

      faults << Inputs.fault(:inside_out, %w[size inner_m], inner: Measure.new(inner, "m"),
                                                            outer: Measure.new(outer, "m"))
    end

    def stem_faults(stems, faults)
      return if stems.sum { |one| one[:count] } <= MOST_STEMS

      faults << Inputs.fault(:stems_many, %w[greens stems], most: MOST_STEMS)
    end
    private_class_method :cross_check, :ring_faults
  end
end
