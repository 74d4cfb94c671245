# frozen_string_literal: true

module DeckBough
  # Everything computed for stockings in a row: where each hangs, how low its toe comes, what its hook carries.
  #
  # Nothing is computed twice. Metres from the left end and from the floor.
  class StockingsReckoning
    include Asking
    include HangingLoad

    # Which setting to mend when the rule refuses what the settings come to.
    POINTERS = { "stockings.spacing" => %w[place length_m], "ribbon.bow" => %w[stockings loop_m] }.freeze
    # A stair climbs by so much of its length.
    STAIR = 0.75
    # An empty one weighs about this, where nobody weighed it.
    EMPTY_KG = 0.12
    COLOUR = "#8a4a55"
    BOW = { loops: 2, tails: 2 }.freeze

    # One stocking where it hangs.
    Hung = Struct.new(:number, :name, :style, :colour, :visitor, :at_m, :hook_m, keyword_init: true)

    attr_reader :settings, :surroundings, :house, :units, :styles

    # @param settings [CheckedSettings] of StockingsSettings, measured
    # @param styles [Hash{String => Style}] by id
    def initialize(settings:, surroundings:, styles:, house:, units:)
      @settings = settings
      @surroundings = surroundings
      @styles = styles
      @house = house
      @units = units
    end

    def place
      settings[:place]
    end

    def rise_m
      place[:rise_m] || (place[:from] == "stairs" && place[:length_m] ? place[:length_m] * STAIR : 0.0)
    end

    def count
      settings[:stockings][:hung].size
    end

    # Whether none hangs there yet.
    def empty?
      settings[:stockings][:hung].empty?
    end

    # @return [Answer, nil] of stockings.spacing; nil where none hangs yet
    def spacing
      return if count.zero?

      @spacing ||= ask("stockings.spacing", clear_m: place[:length_m], count: count,
                                            width_m: settings[:stockings][:width_m])
    end

    # @return [Array<Hung>] from the left
    def hung
      @hung ||= settings[:stockings][:hung].each_with_index.map do |said, i|
        style = styles[said[:style]]
        at = spacing[:centres_m][i]
        Hung.new(number: i + 1, name: said[:name].strip, style: style, visitor: said[:visitor], at_m: at,
                 colour: said[:colour] || style&.colour || COLOUR,
                 hook_m: place[:height_m] + (rise_m * at / place[:length_m]))
      end
    end

    # How high above the floor the lowest toe hangs.
    def toe_m
      (hung.map(&:hook_m).min || place[:height_m]) - settings[:stockings][:long_m]
    end

    # The heaviest of them, filled.
    def heaviest_kg
      own = hung.map { |one| one.style&.mass_g ? one.style.mass_g / 1000.0 : EMPTY_KG }.max || EMPTY_KG
      own + settings[:fill][:filled_kg]
    end

    def fixing
      settings[:hang][:fixing] || fitting
    end

    def bows?
      settings[:stockings][:trim] == "bow"
    end

    # @return [Answer] of ribbon.bow
    def bow
      @bow ||= ask("ribbon.bow", **BOW, **settings[:stockings].slice(:loop_m, :tail_m))
    end

    # How a stocking is told.
    def named(one)
      one.name.empty? ? "stocking #{one.number}" : one.name
    end

    private

    def fitting
      return "padded_tie" if %w[rail stairs].include?(place[:from])

      permitted = %w[large_hook nail].find { |name| Greenery::Fixings::BY_NAME.fetch(name).permitted?(surroundings) }
      permitted || "padded_tie"
    end
  end
end
