# frozen_string_literal: true

module DeckBough
  # A grouping planned: settings and surroundings in; figures, ledger, cautions, drawing and workings out.
  #
  #   plan = GroupingPlan.new(settings: { "surface" => { "length_m" => 2.4 } }, surroundings: place, styles: []).call
  #   plan[:figures][:free][:value].round(2) # => 0.81
  #
  # Everything is JSON-ready. Lengths metres, money cents, time minutes. Deterministic.
  # @raise [InputError] on settings that cannot be, UnplannableError on settings that come to nothing a rule can reckon
  class GroupingPlan
    include ReckonedPlan

    STEPS = %w[surface site build fill snow step_back].freeze
    # What shows how it is held, in stepping back.
    LOOKED_FOR = "cords"

    def chosen?
      !@settings[:surface][:length_m].nil?
    end

    # A first group from what is free.
    #
    # @param stock [Array<Style>]
    # @return [Hash, nil] as GroupingStart tells it; nil before anything is measured
    def start(stock)
      chosen? ? GroupingStart.new(@reckoning, stock: stock).call : nil
    end

    # What a look's colours are looked for in: the vessel that is filled, from the front. Of things nobody knows how
    # much shows.
    def dressed_surface
      vessel = @reckoning.fill&.vessel
      Looks::Surface.new(area_m2: vessel ? (vessel.across_m * vessel.line_m).to_f : 0.0,
                         ground: @reckoning.line.first&.colour, seen: 1.0)
    end

    # As it is carried along.
    #
    # @return [Array<PaperTable>]
    def paper
      drawn = reckoned[:drawing]
      columns = { name: "what", left_m: "from the left", out_m: "from the wall", foot_m: "foot", height_m: "high" }
      [PaperTable.of("What stands where, from the back to the front", drawn[:things], **columns),
       *make_room(@reckoning.lifted),
       PaperTable.of("Into the vessel", drawn.dig(:fill, :sizes).to_a, name: "what", across_m: "across", count: "in")]
    end

    # How wide it is, metres; nil before it is measured.
    def extent
      @settings[:surface][:length_m]
    end

    # How it would ask less of the eye: without lights in its vessel.
    #
    # @return [Array<Hash>] way, settings (unchecked)
    def quieter
      return [] unless chosen? && @reckoning.fill&.lights?

      [{ way: "unlit", settings: @settings.to_h.merge(fill: { **@settings[:fill], lights: nil }) }]
    end

    private

    def parts
      { kind: "grouping", settings: GroupingSettings, reckoning: GroupingReckoning, figures: GroupingFigures,
        ledger: GroupingLedger, cautions: GroupingCautions, drawing: GroupingDrawing, portrait: GroupingPortrait }
    end

    def looking
      { outline: [heights], mechanics: [looked_for(LOOKED_FOR)] }
    end

    def mending
      { mechanics: looking_for(LOOKED_FOR) }
    end

    def heights
      looks(:looks_heights, count: @reckoning.steps)
    end

    def stands
      { middle_m: @reckoning.site_m, area_m2: outlined_m2, depth_m: @reckoning.surface.depth_m, round: false,
        lit: @reckoning.fill&.lights? || false }
    end

    def outlined_m2
      @reckoning.things.sum { |thing| thing.across_m * thing.height_m }.to_f
    end

    # Of all that stands there, each by as much of it as is seen.
    def lightness
      things = @reckoning.things
      things.sum { |thing| Lightness.of(thing.colour) * thing.across_m * thing.height_m } / outlined_m2
    end

    # Before it is measured.
    def bare
      { surface: GroupingDrawing.surface(@settings) }
    end

    # What stands for what nobody said.
    def assumed
      surface = @reckoning.surface
      { depth_m: surface.depth_m, height_m: surface.height_m, wall_colour: surface.wall_colour,
        top_colour: surface.top_colour, site_m: chosen? ? @reckoning.site_m : nil,
        width_m: chosen? ? @reckoning.site_width_m : @house["group.width"], forms: Groupings::Form.told }
    end
  end
end
