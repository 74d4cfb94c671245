# frozen_string_literal: true

module DeckBough
  # Stockings in a row planned: settings and surroundings in; figures, ledger, cautions, drawing and workings out.
  #
  #   plan = StockingsPlan.new(settings: { "place" => { "length_m" => 1.2 }, "stockings" => { "hung" => [{}, {}] } },
  #                            surroundings: place, styles: []).call
  #   plan[:figures][:gap][:value].round(3) # => 0.273
  #
  # Everything is JSON-ready. Lengths metres, masses kilograms, money cents, time minutes. Deterministic.
  # @raise [InputError] on settings that cannot be, UnplannableError on settings that come to nothing a rule can reckon
  class StockingsPlan
    include ReckonedPlan

    STEPS = %w[place stockings fill hang step_back].freeze
    # What shows how it is held, in stepping back.
    LOOKED_FOR = "hooks"
    # As far as they stand out from the wall.
    DEPTH_M = 0.12

    def chosen?
      !@settings[:place][:length_m].nil?
    end

    # Of stockings a look's colours are not told: they are the family's.
    def dressed_surface
      Looks::Surface.new(area_m2: 0.0, ground: nil, seen: 1.0)
    end

    # As it is carried along.
    #
    # @return [Array<PaperTable>]
    def paper
      hung = reckoned[:drawing][:hung]
      [PaperTable.of("Every stocking, from the left", hung, name: "whose", at_m: "hook from the left",
                                                            hook_m: "hook from the floor")]
    end

    # How wide it is, metres; nil before it is measured.
    def extent
      @settings[:place][:length_m]
    end

    # Nothing of it is lit that could be put out.
    def quieter
      []
    end

    private

    def parts
      { kind: "stockings", settings: StockingsSettings, reckoning: StockingsReckoning, figures: StockingsFigures,
        ledger: StockingsLedger, cautions: StockingsCautions, drawing: StockingsDrawing, portrait: StockingsPortrait }
    end

    def looking
      { evenness: [looks(:looks_stockings, count: @reckoning.count)], mechanics: [looked_for(LOOKED_FOR)] }
    end

    def mending
      { mechanics: looking_for(LOOKED_FOR) }
    end

    def lightness
      hung = @reckoning.hung
      hung.empty? ? Lightness::UNKNOWN : hung.sum { |one| Lightness.of(one.colour) } / hung.size
    end

    def stands
      said = @settings[:stockings]
      { middle_m: extent / 2.0, area_m2: @reckoning.count * said[:width_m] * said[:long_m], depth_m: DEPTH_M,
        round: false, lit: false }
    end

    # Before it is measured.
    def bare
      { place: StockingsDrawing.place(@settings, @reckoning.rise_m) }
    end

    # What stands for what nobody said, and what may hold them with its rated load.
    def assumed
      { rise_m: @reckoning.rise_m, fixing: @reckoning.fixing, rated_kg: @reckoning.rated_kg,
        colour: @settings[:place][:colour] || Groupings::Surface::WALL, stocking_colour: StockingsReckoning::COLOUR,
        holds: StockingsSettings::FIXINGS.map do |name|
          { name: name, title: Greenery::Fixings::BY_NAME.fetch(name).title, rated_kg: @house["garland.#{name}"] }
        end }
    end
  end
end
