# frozen_string_literal: true

module DeckBough
  # The settings of a drink corner: one document with a schema version, declared here and nowhere else.
  #
  #   DrinksSettings.check({})["place"]  # every group with its defaults
  #
  # Lengths are metres, what is drunk counts as portions. A length of nil means that its place was not measured yet.
  module DrinksSettings
    SCHEMA = 1
    UNDER = %w[board runner tray].freeze
    BEHIND = %w[nothing board mirror greens].freeze
    ALLERGENS = %w[milk nuts gluten soya egg sesame].freeze
    LOOKS = %w[labels spills backs].freeze
    MOST = 16

    LIFTED = [Input.text(:what, "What", 0..60, default: ""),
              Input.text(:to, "Where it goes", 0..60, default: "")].freeze
    JAR = [
      Input.text(:what, "What is in it", 0..40, default: ""), Input.style(:style, "Which jar", default: nil),
      Input.number(:across_m, "Across", "m", 0.03..0.6, default: 0.12, why: "A jar has a width."),
      Input.number(:high_m, "High", "m", 0.04..0.8, default: 0.2, why: "A jar has a height."),
      Input.number(:holds, "It holds", "portions", 1..1_000, default: 12, why: "A jar holds something."),
      Input.number(:on_show, "In it now", "portions", 0..1_000, default: nil, default_says: "full"),
      Input.number(:in_store, "In store", "portions", 0..10_000, default: 0),
      Input.number(:a_day, "Used a day", "portions", 0..500, default: 2),
      Input.list(:allergens, "Allergens", Input.choice(:allergen, "Allergen", ALLERGENS), 0..ALLERGENS.size,
                 default: [].freeze)
    ].freeze

    GROUPS = {
      place: [
        Input.number(:length_m, "Long", "m", 0.2..5, default: nil, why: "Jars stand along something."),
        Input.number(:depth_m, "Deep", "m", 0.1..1.2, default: 0.35, why: "Jars stand on something."),
        Input.number(:height_m, "Above the floor", "m", 0..1.6, default: 0.91),
        Input.choice(:under, "Under the jars", UNDER, default: "board"),
        Input.flag(:painted, "It is sprayed or painted", default: false),
        Input.choice(:behind, "Behind them", BEHIND, default: "board"),
        Input.text(:colour, "The wall", 7..7, default: nil),
        Input.list(:lifted, "Make room", LIFTED, 0..12, default: [].freeze)
      ],
      jars: [
        Input.list(:jars, "Jars, from the left", JAR, 0..MOST, default: [].freeze),
        Input.whole(:days, "It is used for", "days", 1..120, default: 14, why: "It stands for some days.")
      ],
      dress: [
        Input.flag(:bow, "A bow on each jar", default: true), Input.style(:bow_style, "Ribbon", default: nil),
        Input.number(:loop_m, "Loops of a bow", "m", 0.02..0.5, default: 0.06, why: "A loop has a length."),
        Input.number(:tail_m, "Tails of a bow", "m", 0..1, default: 0.12)
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
        settings[:jars][:jars].each_with_index do |jar, i|
          next unless jar[:on_show] && jar[:on_show] > jar[:holds]

          faults << Inputs.fault(:jar_over, ["jars", "jars", i, "on_show"], holds: Figure.print(jar[:holds]))
        end
      end
    end
  end
end
