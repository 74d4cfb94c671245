# frozen_string_literal: true

module DeckBough
  # What a home or a season looks like: its colours, and whether things keep to them.
  module Looks
    Colour = Struct.new(:name, :srgb, :share_percent, keyword_init: true) do
      def initialize(share_percent: 0, **)
        super
        freeze
      end

      # As rules ask for it.
      def to_rule
        { name: name, colour: srgb, share: share_percent / 100.0 }
      end
    end

    # The colours of a look with the shares they are wanted in.
    #
    #   Looks::Palette.new(id: 1, name: "Frost", colours: [Looks::Colour.new(name: "Quince", srgb: "#d3a02a")]).to_rule
    #   # => [{ name: "Quince", colour: "#d3a02a", share: 0.0 }]
    Palette = Struct.new(:id, :name, :colours, keyword_init: true) do
      def to_rule
        colours.map(&:to_rule)
      end

      # @return [Answer] of palette.match
      def match(colour, house)
        Catalogue.answer("palette.match", { colour: colour, palette: colours.map { |one| one.to_rule.except(:share) } },
                         house: house)
      end

      def colour(name)
        colours.find { |one| one.name == name }
      end
    end

    # No look at all: what is seen of a piece is the same whatever it is held against.
    NONE = Palette.new(id: nil, name: "", colours: [].freeze).freeze

    # What the colours of a piece are seen on: its surface, the colour of the greens, and how much of an ornament is
    # seen there (all of it in a flat view).
    Surface = Struct.new(:area_m2, :ground, :seen, keyword_init: true)

    # The green of a tree nobody has named the colour of.
    GREEN = "#2f5d4a"
    MOST_COLOURS = 12

    # What may be said of a look.
    COLOUR = [Input.text(:name, "Name", 1..60), Input.colour(:srgb, "Colour"),
              Input.whole(:share_percent, "Share", "%", 0..100, default: 0)].freeze
    INPUTS = [Input.text(:name, "Name", 1..120),
              Input.list(:colours, "Colours", COLOUR, 1..MOST_COLOURS)].freeze

    module_function

    # @param document [Hash]
    # @return [Hash] name, colours
    # @raise [InputError] every fault at once: shares that are more than all, two of one name
    def check(document)
      checked = Inputs.check(INPUTS, document)
      faults = [*too_much(checked[:colours]), *twice(checked[:colours])]
      raise InputError, faults unless faults.empty?

      checked
    end

    def too_much(colours)
      all = colours.sum { |colour| colour[:share_percent] }
      all > 100 ? [Inputs.fault(:shares_over, %w[colours], all: all)] : []
    end

    def twice(colours)
      colours.each_with_index.filter_map do |colour, i|
        same = colours.first(i).any? { |other| other[:name].strip.casecmp?(colour[:name].strip) }
        Inputs.fault(:name_twice, ["colours", i, "name"], name: colour[:name]) if same
      end
    end
    private_class_method :too_much, :twice
  end
end
