# frozen_string_literal: true

module DeckBough
  # The settings of things that hang on lines: one document with a schema version, declared here and nowhere else.
  #
  #   DropsSettings.check({})["drops"]  # every group with its defaults
  #
  # Lengths are metres. A length of nil means that what they hang over was not measured yet.
  module DropsSettings
    SCHEMA = 1
    # How high what is below stands, and whether people walk under them.
    OVER = { "table" => 0.74, "counter" => 0.91, "sill" => 0.9, "walkway" => 0.0, "room" => 0.0 }.freeze
    WALKED = %w[walkway room].freeze
    WHATS = %w[single strand].freeze
    FIXINGS = %w[small_hook medium_hook nail padded_tie tension_rod].freeze
    LOOKS = %w[heights turning hooks].freeze
    MOST = 60

    HUNG = [
      Input.style(:style, "Which one"),
      Input.choice(:what, "It hangs", WHATS, default: "single"),
      Input.number(:across_m, "Across", "m", 0.01..1.5, default: nil, default_says: "as it is", why: "It has a size."),
      Input.number(:spacing_m, "On a strand every", "m", 0.02..1, default: 0.12, why: "Balls have some room.")
    ].freeze

    GROUPS = {
      place: [
        Input.choice(:over, "They hang over", OVER.keys, default: "table"),
        Input.number(:length_m, "Along", "m", 0.1..12, default: nil, why: "They hang along something."),
        Input.number(:depth_m, "Wide", "m", 0..4, default: 0),
        Input.number(:ceiling_m, "Hooks above the floor", "m", 1..8, default: nil, default_says: "the ceiling",
                                                                     why: "Something carries them."),
        Input.number(:below_m, "Top of what is below", "m", 0..3, default: nil, default_says: "by what it is"),
        Input.text(:colour, "Behind them", 7..7, default: nil)
      ],
      drops: [
        Input.whole(:count, "Lines", "lines", 1..MOST, default: 7, why: "One hangs there at least."),
        Input.number(:shortest_m, "Shortest", "m", 0..5, default: 0.2),
        Input.number(:longest_m, "Longest", "m", 0.02..5, default: 0.7, why: "A line has a length."),
        Input.whole(:seed, "Another order", "number", 0..9_999, default: 1)
      ],
      things: [Input.list(:hung, "What hangs", HUNG, 0..8, default: [].freeze)],
      hang: [
        Input.choice(:fixing, "Held by", FIXINGS, default: nil, default_says: "what may be used here"),
        Input.style(:style, "From stock", default: nil),
        Input.number(:rated_kg, "Rated load on its label", "kg", 0.01..100, default: nil,
                                                                            why: "Its label names a load.")
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
      WreathSettings.colour_fault(settings[:place][:colour], %w[place colour], faults)
      shortest, longest = settings[:drops].values_at(:shortest_m, :longest_m)
      return if longest >= shortest

      faults << Inputs.fault(:drops_upside_down, %w[drops longest_m], shortest: Measure.new(shortest, "m"))
    end
    private_class_method :cross_check
  end
end
