# frozen_string_literal: true

module DeckBough
  # The settings of a table: one document with a schema version, declared here and nowhere else.
  #
  #   TableSettings.check({})["setting"]  # every group with its defaults
  #
  # Lengths are metres. A size of nil means that the table was not measured yet; a place of nil that the thing stands
  # where it does by itself; a meal of nil that it leaves for one when nobody would see over it.
  module TableSettings
    SCHEMA = 1
    SHAPES = %w[rectangle round].freeze
    RUNNERS = %w[none cloth greens].freeze
    LAYERS = Tables::Layer::NAMES
    MEALS = %w[stays leaves].freeze
    LOOKS = %w[heights gaps cords].freeze
    MOST_GUESTS = 40
    MOST = 24

    LAYER = [Input.choice(:layer, "What", LAYERS, default: "plate"),
             Input.style(:style, "Which one", default: nil),
             Input.number(:across_m, "Across", "m", 0.02..0.8, default: nil, default_says: "by what it is",
                                                               why: "It has a size."),
             Input.text(:colour, "Its colour", 7..7, default: nil),
             Input.flag(:patterned, "Patterned", default: false),
             Input.flag(:own, "The home's own", default: false)].freeze
    THING = [
      Input.choice(:form, "What it is", Groupings::Form::NAMES, default: "candle"),
      Input.choice(:slot, "Its place", Groupings::Form::SLOTS, default: nil, default_says: "by what it is"),
      Input.style(:style, "Which one", default: nil),
      Input.number(:across_m, "Along the table", "m", 0.01..2, default: nil, default_says: "by what it is",
                                                               why: "It has a width."),
      Input.number(:deep_m, "Across it", "m", 0.005..2, default: nil, default_says: "by what it is",
                                                        why: "It has a depth."),
      Input.number(:height_m, "High", "m", 0.002..2, default: nil, default_says: "by what it is",
                                                     why: "It has a height."),
      Input.number(:riser_m, "Riser under it", "m", 0..1, default: 0),
      Input.style(:riser, "Riser from stock", default: nil),
      Input.number(:opening_m, "Opening of its pot", "m", 0.03..1, default: nil, why: "A pot is open."),
      Input.number(:trunk_m, "Its trunk or sacking", "m", 0.005..0.6, default: nil, why: "A tree has a trunk."),
      Input.number(:at_m, "From the middle", "m", -6..6, default: nil, default_says: "by itself"),
      Input.number(:out_m, "Its middle from the near edge", "m", 0..4, default: nil, default_says: "the middle"),
      Input.text(:colour, "Its colour", 7..7, default: nil),
      Input.choice(:finish, "It brings", Groupings::Form::FINISHES, default: nil, default_says: "by what it is"),
      Input.flag(:flame, "Real flame", default: false),
      Input.flag(:see_through, "One sees through it", default: false),
      Input.choice(:meal, "For a meal", MEALS, default: nil, default_says: "by its height")
    ].freeze
    # What most places have.
    USUAL = %w[charger plate salad_plate napkin ring name].map do |layer|
      { layer: layer, style: nil, across_m: nil, colour: nil, patterned: false,
        own: Tables::Layer::OWN.include?(layer) }.freeze
    end.freeze

    GROUPS = {
      table: [
        Input.choice(:shape, "Table", SHAPES, default: "rectangle"),
        Input.number(:length_m, "Long", "m", 0.4..8, default: nil, why: "Somebody sits at it."),
        Input.number(:width_m, "Wide", "m", 0.3..4, default: nil, why: "Somebody sits at it."),
        Input.number(:diameter_m, "Across", "m", 0.4..4, default: nil, why: "Somebody sits at it."),
        Input.number(:height_m, "Above the floor", "m", 0.3..1.2, default: 0.75),
        Input.text(:colour, "Its top", 7..7, default: nil),
        Input.whole(:guests, "Guests", "guests", 1..MOST_GUESTS, default: nil, default_says: "as many as sit"),
        Input.whole(:ends, "Laid ends", "ends", 0..2, default: nil, default_says: "as many as are needed"),
        Input.flag(:busy, "A busy wall or lamp near it", default: false)
      ],
      runner: [
        Input.choice(:kind, "Runner", RUNNERS, default: "cloth"), Input.style(:style, "Which one", default: nil),
        Input.number(:overhang_m, "Over each end", "m", 0..1.5, default: 0.2),
        Input.number(:width_m, "Wide", "m", 0.03..3, default: nil, default_says: "as usual", why: "It has a width."),
        Input.text(:colour, "Its colour", 7..7, default: nil),
        Input.flag(:lit, "Fairy lights along it", default: false),
        Input.style(:lights, "Fairy lights", default: nil)
      ],
      setting: [
        Input.list(:layers, "At each place", LAYER, 0..LAYERS.size, default: USUAL),
        Input.flag(:bow, "A bow on each napkin", default: false),
        Input.style(:bow_style, "Ribbon of the bows", default: nil),
        Input.number(:loop_m, "Loops of a bow", "m", 0.02..0.5, default: 0.07, why: "A loop has a length."),
        Input.number(:tail_m, "Tails of a bow", "m", 0..1, default: 0.12),
        Input.flag(:thick, "Napkins of thick cloth", default: false)
      ],
      centre: [Input.list(:standing, "Along the middle", THING, 0..MOST, default: [].freeze)],
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
      coloured(settings).each { |said, path| WreathSettings.colour_fault(said[:colour], [*path, "colour"], faults) }
      layers = settings[:setting][:layers].map { |one| one[:layer] }
      layers.each_with_index do |layer, i|
        next unless layers.first(i).include?(layer)

        faults << Inputs.fault(:layer_twice, ["setting", "layers", i, "layer"],
                               layer: Messages.sentence("layers", layer, {}))
      end
    end

    def coloured(settings)
      lists = { %w[setting layers] => settings[:setting][:layers], %w[centre standing] => settings[:centre][:standing] }
      [[settings[:table], %w[table]], [settings[:runner], %w[runner]]] +
        lists.flat_map { |path, list| list.each_with_index.map { |one, i| [one, [*path, i]] } }
    end
    private_class_method :cross_check, :coloured
  end
end
