# frozen_string_literal: true

module DeckBough
  # Shelves planned: settings and surroundings in; figures, ledger, cautions, drawing and workings out.
  #
  #   plan = ShelvesPlan.new(settings: { "unit" => { "width_m" => 1.4, "columns" => 2 } }, surroundings: place,
  #                          styles: []).call
  #   plan[:figures][:bays][:value] # => 8
  #
  # Everything is JSON-ready. Lengths metres, money cents, time minutes. Deterministic.
  # @raise [InputError] on settings that cannot be, UnplannableError on settings that come to nothing a rule can reckon
  class ShelvesPlan
    include ReckonedPlan

    STEPS = %w[unit dress colours garland step_back].freeze
    # What shows how it is held, in stepping back.
    LOOKED_FOR = "cords"

    def chosen?
      @reckoning.unit.measured?
    end

    # Of things nobody knows how much of them shows.
    def dressed_surface
      Looks::Surface.new(area_m2: 0.0, ground: nil, seen: 1.0)
    end

    # As it is carried along.
    #
    # @return [Array<PaperTable>]
    def paper
      things = reckoned[:drawing][:things].sort_by { |thing| [thing[:bay], thing[:left_m]] }
      [PaperTable.of("What stands where, from the upper left", things, bay: @reckoning.unit.tray? ? "tier" : "bay",
                                                                       name: "what", left_m: "from the left",
                                                                       across_m: "across", height_m: "high")]
    end

    # How wide it is, metres; nil before it is measured.
    def extent
      chosen? ? @reckoning.unit.width_m : nil
    end

    # Nothing of it is lit that could be put out.
    def quieter
      []
    end

    private

    def parts
      { kind: "shelves", settings: ShelvesSettings, reckoning: ShelvesReckoning, figures: ShelvesFigures,
        ledger: ShelvesLedger, cautions: ShelvesCautions, drawing: ShelvesDrawing, portrait: ShelvesPortrait }
    end

    def looking
      { outline: [looks(:looks_shelves, quiet: @reckoning.quiet, bays: @reckoning.bays.size)],
        mechanics: [looked_for(LOOKED_FOR)] }
    end

    def mending
      { mechanics: looking_for(LOOKED_FOR) }
    end

    def stands
      area = @reckoning.things.sum { |thing| thing.across_m * thing.height_m }.to_f
      { middle_m: extent / 2.0, area_m2: area, depth_m: @reckoning.unit.depth_m, round: false, lit: false }
    end

    # Of all that stands there, each by as much of it as is seen.
    def lightness
      things = @reckoning.things
      area = things.sum { |thing| thing.across_m * thing.height_m }
      return Lightness::UNKNOWN if things.empty?

      things.sum { |thing| Lightness.of(thing.colour) * thing.across_m * thing.height_m } / area
    end

    # Before it is measured.
    def bare
      { unit: ShelvesDrawing.unit(@settings) }
    end

    # What stands for what nobody said.
    def assumed
      { colour: @reckoning.colour, wall_colour: @reckoning.wall_colour, forms: Groupings::Form.told,
        clear_m: chosen? && !@reckoning.unit.tray? ? @reckoning.unit.clears : [] }
    end
  end
end
