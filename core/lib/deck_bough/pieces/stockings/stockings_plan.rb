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
    include Planned

    STEPS = %w[place stockings fill hang step_back].freeze
    # What shows how it is held, in stepping back.
    LOOKED_FOR = "hooks"
    # As far as they stand out from the wall.
    DEPTH_M = 0.12

    def initialize(settings:, surroundings:, styles:, house: HouseRules.default, units: "metric")
      @settings = StockingsSettings.check(settings)
      @house = house
      @reckoning = StockingsReckoning.new(settings: @settings, surroundings: surroundings,
                                          styles: styles.to_h { |style| [style.id, style] }, house: house, units: units)
    end

    def chosen?
      !@settings[:place][:length_m].nil?
    end

    # All but the workings.
    def reckoned
      return unmeasured unless chosen?

      envelope(chosen: true, figures: figures.call, ledger: ledger, cautions: cautions, tasks: figures.work.tasks,
               drawing: StockingsDrawing.new(@reckoning).call)
    end

    # @return [Hash, nil] as Portrait tells it
    def portrait
      chosen? ? StockingsPortrait.of(@reckoning) : nil
    end

    # Of stockings a look's colours are not told: they are the family's.
    def dressed_surface
      Looks::Surface.new(area_m2: 0.0, ground: nil, seen: 1.0)
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

    def kind
      "stockings"
    end

    def looking
      { evenness: [looks(:looks_stockings, count: @reckoning.count)], mechanics: [looked_for(LOOKED_FOR)] }
    end

    def mending
      { mechanics: looking_for(LOOKED_FOR) }
    end

    # Nothing is put on by a press: whose a stocking is says how it looks.
    def dressed_with(_style, _pieces)
      nil
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

    def envelope(**told)
      PlanEnvelope.of(kind: kind, settings: @settings, steps: STEPS, sheets: nil, assumed: assumed, **told)
    end

    def unmeasured
      envelope(chosen: false, drawing: { place: StockingsDrawing.place(@settings, @reckoning.rise_m) })
    end

    # What stands for what nobody said, and what may hold them with its rated load.
    def assumed
      { rise_m: @reckoning.rise_m, fixing: @reckoning.fixing, rated_kg: @reckoning.rated_kg,
        colour: @settings[:place][:colour] || Groupings::Surface::WALL, stocking_colour: StockingsReckoning::COLOUR,
        holds: StockingsSettings::FIXINGS.map do |name|
          { name: name, title: Greenery::Fixings::BY_NAME.fetch(name).title, rated_kg: @house["garland.#{name}"] }
        end }
    end

    def cautions
      @cautions ||= StockingsCautions.new(@reckoning).call
    end

    def ledger
      @ledger ||= StockingsLedger.new(@reckoning)
    end

    def figures
      @figures ||= StockingsFigures.new(@reckoning)
    end
  end
end
