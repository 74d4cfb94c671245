# frozen_string_literal: true

module DeckBough
  # The settings of stockings that hang elsewhere than at a mantel: one document with a schema version, declared here
  # and nowhere else.
  #
  #   StockingsSettings.check({})["place"]  # every group with its defaults
  #
  # Lengths are metres. A length of nil means that what they hang from was not measured yet.
  module StockingsSettings
    SCHEMA = 1
    PLACES = %w[batten hooks rail stairs].freeze
    SCHOOLS = %w[alike family].freeze
    TRIMS = %w[none pick bow].freeze
    FIXINGS = %w[medium_hook large_hook nail padded_tie].freeze
    LOOKS = %w[spacing toes hooks].freeze
    MOST = 24

    HUNG = [Input.text(:name, "Whose", 0..40, default: ""), Input.style(:style, "Which one", default: nil),
            Input.text(:colour, "Its colour", 7..7, default: nil),
            Input.flag(:visitor, "For a visitor", default: false)].freeze

    GROUPS = {
      place: [
        Input.choice(:from, "They hang from", PLACES, default: "batten"),
        Input.number(:length_m, "Long", "m", 0.2..8, default: nil, why: "They hang along something."),
        Input.number(:height_m, "Hooks above the floor", "m", 0.4..3, default: 1.3, why: "They hang somewhere."),
        Input.number(:rise_m, "It climbs by", "m", 0..4, default: nil, default_says: "by what it is"),
        Input.text(:colour, "Behind them", 7..7, default: nil),
        Input.flag(:heat, "A fire, heater or lamp close by", default: false)
      ],
      stockings: [
        Input.choice(:school, "They are", SCHOOLS, default: "family"),
        Input.number(:width_m, "One across", "m", 0.05..0.6, default: 0.19, why: "A stocking has a width."),
        Input.number(:long_m, "One long", "m", 0.1..1.2, default: 0.45, why: "A stocking has a length."),
        Input.list(:hung, "Stockings, from the left", HUNG, 0..MOST, default: [].freeze),
        Input.choice(:trim, "On each", TRIMS, default: "none"),
        Input.style(:trim_style, "Which", default: nil),
        Input.number(:loop_m, "Loops of a bow", "m", 0.02..0.5, default: 0.08, why: "A loop has a length."),
        Input.number(:tail_m, "Tails of a bow", "m", 0..1, default: 0.15)
      ],
      fill: [
        Input.flag(:stuffed, "Stuffed for their shape", default: true),
        Input.number(:filled_kg, "One filled weighs", "kg", 0..20, default: 0.8),
        Input.flag(:edible, "Something to eat in them", default: false),
        Input.whole(:days_before, "Filled before the day", "days", 0..60, default: 1)
      ],
      hang: [
        Input.choice(:fixing, "Each held by", FIXINGS, default: nil, default_says: "what may be used here"),
        Input.style(:style, "From stock", default: nil),
        Input.number(:rated_kg, "Rated load on its label", "kg", 0.05..100, default: nil,
                                                                            why: "Its label names a load.")
      ],
      step_back: [Input.list(:looked, "Looked at", Input.choice(:look, "Look", LOOKS), 0..3, default: [].freeze)]
    }.freeze

    module_function

    # @param document [Hash] groups by name; what is left out takes its default
    # @return [CheckedSettings]
    # @raise [InputError] every fault at once, paths starting at the group
    def check(document)
      Inputs.groups(GROUPS, document) do |settings, faults|
        WreathSettings.colour_fault(settings[:place][:colour], %w[place colour], faults)
        settings[:stockings][:hung].each_with_index do |one, i|
          WreathSettings.colour_fault(one[:colour], ["stockings", "hung", i, "colour"], faults)
        end
      end
    end
  end
end
