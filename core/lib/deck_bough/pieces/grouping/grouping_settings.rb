# frozen_string_literal: true

module DeckBough
  # The settings of a grouping: one document with a schema version, declared here and nowhere else.
  #
  #   GroupingSettings.check({})["surface"]  # every group with its defaults
  #
  # Lengths are metres. A length of nil means that what it stands on was not measured yet; a place of nil that the thing
  # stands where it does by itself.
  module GroupingSettings
    SCHEMA = 1
    SURFACES = Groupings::Surface::KINDS
    # What stays free for everyday life.
    FREE_FOR = %w[sink hob work seat door].freeze
    FORMS = Groupings::Form::NAMES
    SLOTS = Groupings::Form::SLOTS
    VESSELS = ["none", *Vessels::Vessel::SHAPES].freeze
    LOOKS = %w[heights gaps backs cords].freeze
    MOST = 24

    SOCKET = [Input.number(:at_m, "Socket, from the left", "m", 0..12),
              Input.number(:top_m, "Its top above the surface", "m", 0..1.5, default: 0.25),
              Input.flag(:in_use, "In use", default: false)].freeze
    FREE = [Input.choice(:what, "Free for", FREE_FOR, default: "work"), Input.number(:from_m, "Free from", "m", 0..12),
            Input.number(:to_m, "Free to", "m", 0..12)].freeze
    LIFTED = [Input.text(:what, "Lifts off", 0..60, default: ""), Input.text(:to, "Goes to", 0..60, default: "")].freeze
    THING = [
      Input.choice(:form, "What it is", FORMS, default: "vessel"),
      Input.choice(:slot, "Its place in the group", SLOTS, default: nil, default_says: "by what it is"),
      Input.style(:style, "Which one", default: nil),
      Input.number(:across_m, "Across", "m", 0.01..2, default: nil, default_says: "by what it is",
                                                      why: "It has a width."),
      Input.number(:deep_m, "Deep", "m", 0.005..2, default: nil, default_says: "by what it is", why: "It has a depth."),
      Input.number(:height_m, "High", "m", 0.002..2, default: nil, default_says: "by what it is",
                                                     why: "It has a height."),
      Input.number(:riser_m, "Riser under it", "m", 0..1, default: 0),
      Input.style(:riser, "Riser from stock", default: nil),
      Input.number(:at_m, "From the middle of the site", "m", -12..12, default: nil, default_says: "by itself"),
      Input.number(:out_m, "Its middle from the wall", "m", 0..3, default: nil, default_says: "by itself"),
      Input.number(:opening_m, "Opening of its pot", "m", 0.03..1, default: nil, why: "A pot is open."),
      Input.number(:trunk_m, "Its trunk or sacking", "m", 0.005..0.6, default: nil, why: "A tree has a trunk."),
      Input.text(:colour, "Its colour", 7..7, default: nil),
      Input.choice(:finish, "It brings", Groupings::Form::FINISHES, default: nil, default_says: "by what it is"),
      Input.flag(:flame, "Real flame", default: false)
    ].freeze
    BALL = [Input.style(:style, "Balls"),
            Input.whole(:count, "How many", "balls", 0..2_000, default: nil, default_says: "what goes in")].freeze

    GROUPS = {
      surface: [
        Input.choice(:surface, "It stands on", SURFACES, default: "counter"),
        Input.number(:length_m, "Length", "m", 0.2..12, default: nil, why: "Something stands on it."),
        Input.number(:depth_m, "Depth", "m", 0.08..3, default: nil, default_says: "by what it is",
                                                      why: "Something stands on it."),
        Input.number(:height_m, "Above the floor", "m", 0..2.6, default: nil, default_says: "by what it is"),
        Input.text(:wall_colour, "Behind it", 7..7, default: nil),
        Input.text(:top_colour, "Its top", 7..7, default: nil),
        Input.flag(:cooked, "Somebody cooks here", default: true),
        Input.number(:clear_m, "Clear height above it", "m", 0.05..3, default: nil,
                                                                      why: "There is some room under it."),
        Input.number(:above_from_m, "Above it from", "m", 0..12, default: nil, default_says: "its left end"),
        Input.number(:above_to_m, "Above it to", "m", 0..12, default: nil, default_says: "its right end"),
        Input.list(:sockets, "Sockets", SOCKET, 0..12, default: [].freeze),
        Input.list(:keep_free, "Stays free", FREE, 0..8, default: [].freeze)
      ],
      site: [
        Input.number(:at_m, "Middle of the group", "m", 0..12, default: nil, default_says: "the first site"),
        Input.number(:width_m, "The group takes up", "m", 0.1..6, default: nil, default_says: "as usual",
                                                                  why: "A group takes some room."),
        Input.number(:eye_m, "Eye above the floor", "m", 0.6..2.1, default: 1.6, why: "Somebody looks from a height."),
        Input.number(:distance_m, "Eye to the wall", "m", 0.3..10, default: 1.5,
                                                                   why: "Somebody stands before it."),
        Input.list(:lifted, "Make room", LIFTED, 0..12, default: [].freeze)
      ],
      things: [Input.list(:standing, "Things", THING, 0..MOST, default: [].freeze)],
      fill: [
        Input.choice(:shape, "Vessel", VESSELS, default: "none"), Input.style(:style, "Which one", default: nil),
        Input.number(:across_m, "Across inside", "m", 0.04..1.2, default: 0.2, why: "A vessel has a width."),
        Input.number(:deep_m, "Deep inside", "m", 0.04..1.2, default: 0.2, why: "A vessel has a depth."),
        Input.number(:filled_m, "Filled to", "m", 0.03..1, default: 0.22, why: "It holds something."),
        Input.number(:litres, "Measured", "litres", 0.1..200, default: 6, why: "It holds something."),
        Input.list(:balls, "Balls, from large to small", BALL, 0..8, default: [].freeze),
        Input.style(:lights, "Fairy lights", default: nil),
        Input.number(:riser_m, "Riser under it", "m", 0..1, default: 0),
        Input.number(:at_m, "From the middle of the site", "m", -12..12, default: nil, default_says: "by itself"),
        Input.number(:out_m, "Its middle from the wall", "m", 0..3, default: nil, default_says: "by itself")
      ],
      snow: [Input.number(:deep_m, "Snow, deep", "m", 0.003..0.15, default: nil, default_says: "no snow",
                                                                   why: "Snow covers something.")],
      step_back: [Input.list(:looked, "Looked at", Input.choice(:look, "Look", LOOKS), 0..4, default: [].freeze)]
    }.freeze

    module_function

    # @param document [Hash] groups by name; what is left out takes its default
    # @return [CheckedSettings]
    # @raise [InputError] every fault at once, paths starting at the group
    def check(document)
      Inputs.groups(GROUPS, document) { |settings, faults| cross_check(settings, faults) }
    end

    def cross_check(settings, faults)
      surface = settings[:surface]
      %i[wall_colour top_colour].each do |name|
        WreathSettings.colour_fault(surface[name], ["surface", name.to_s], faults)
      end
      settings[:things][:standing].each_with_index do |thing, i|
        WreathSettings.colour_fault(thing[:colour], ["things", "standing", i, "colour"], faults)
      end
      beyond_faults(surface, faults)
      above_faults(surface, faults)
      free_faults(surface[:keep_free], faults)
      same_balls(settings[:fill][:balls], faults)
    end

    # What is measured along the surface ends with it.
    def beyond_faults(surface, faults)
      long = surface[:length_m] or return
      ends = surface[:sockets].each_with_index.map { |socket, i| [socket[:at_m], ["sockets", i, "at_m"]] } +
             surface[:keep_free].each_with_index.map { |one, i| [one[:to_m], ["keep_free", i, "to_m"]] }
      ends.each do |at, path|
        faults << Inputs.fault(:beyond_surface, ["surface", *path], long: Measure.new(long, "m")) if at > long + 1e-9
      end
    end

    # What hangs above has a width.
    def above_faults(surface, faults)
      from, to = surface.values_at(:above_from_m, :above_to_m)
      from ||= 0
      to ||= surface[:length_m]
      return if to.nil? || to > from

      faults << Inputs.fault(:above_ends_first, %w[surface above_to_m], from: Measure.new(from, "m"))
    end

    def free_faults(stretches, faults)
      stretches.each_with_index do |one, i|
        next if one[:to_m] >= one[:from_m]

        faults << Inputs.fault(:free_ends_first, ["surface", "keep_free", i, "to_m"],
                               from: Measure.new(one[:from_m], "m"))
      end
    end

    # One size is counted once.
    def same_balls(balls, faults)
      balls.each_with_index do |ball, i|
        next unless balls.first(i).any? { |other| other[:style] == ball[:style] }

        faults << Inputs.fault(:balls_twice, ["fill", "balls", i, "style"])
      end
    end
    private_class_method :cross_check, :beyond_faults, :above_faults, :free_faults, :same_balls
  end
end
