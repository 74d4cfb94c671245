# frozen_string_literal: true

module DeckBough
  # A greenery run planned: settings and surroundings in; figures, ledger, cautions, drawing, anchors and workings out.
  #
  #   plan = RunPlan.new(settings: { "survey" => { "length_m" => 1.52 } }, surroundings: place, styles: []).call
  #   plan[:figures][:run][:value] # => 1.52
  #
  # `reckoned` leaves the workings out, `working` gives one of them, `call` everything. Everything is JSON-ready.
  # Lengths metres, masses kilograms, money cents, time minutes. Deterministic.
  # @raise [InputError] on settings that cannot be, UnplannableError on settings that come to nothing a rule can reckon
  class RunPlan
    include Planned

    # @param lights ["before", "after"] the studio's school of when lights go on, where the settings do not say
    # @param elsewhere [Array<String>] ids of the styles in the room's other pieces
    # @param stock [Array<Style>] garlands and stems there are, for closing thin stretches and for the automatic start
    def initialize(settings:, surroundings:, styles:, house: HouseRules.default, units: "metric", elsewhere: [],
                   stock: [], lights: "after")
      @settings = RunSettings.check(settings)
      @house = house
      @surroundings = surroundings
      @stock = stock
      @lights = lights
      @reckoning = RunReckoning.new(settings: @settings, surroundings: surroundings,
                                    styles: [*stock, *styles].to_h { |style| [style.id, style] },
                                    house: house, units: units, elsewhere: elsewhere)
    end

    def chosen?
      RunSettings.measured?(@settings)
    end

    # All but the workings.
    def reckoned
      return unmeasured unless chosen?

      envelope(chosen: true, figures: figures.call, ledger: ledger, cautions: cautions,
               tasks: figures.work.tasks, anchors: @reckoning.anchors,
               layers: RunLayers.new(@reckoning, lights: @lights).call,
               closing: ThinPlaces.new(@reckoning, stock: @stock).call,
               offcuts: offcuts, drawing: RunDrawing.new(@reckoning).call)
    end

    # The outline of its greens, seen flat.
    #
    # @return [Looks::Surface]
    def dressed_surface
      Looks::Surface.new(area_m2: @reckoning.greenery_area, ground: @reckoning.green_colour, seen: 1.0)
    end

    # @return [Hash, nil] settings, unchecked, with some more of an accent
    def dressed_with(style, pieces)
      return if style.kind == "ribbon"

      accents = @settings[:accents][:accents]
      there = accents.find { |accent| accent[:style] == style.id } || { style: style.id, count: 0 }
      @settings.to_h.merge(accents: { accents: [*(accents - [there]), { **there, count: there[:count] + pieces }] })
    end

    # How long its way is, metres; nil before it is measured.
    def extent
      chosen? ? @reckoning.path.length : nil
    end

    # How it would ask less of the eye: without lights.
    #
    # @return [Array<Hash>] way, settings (unchecked)
    def quieter
      return [] if !chosen? || @reckoning.lights.nil?

      [{ way: "unlit", settings: unlit }]
    end

    # What holds it, to be kept with the home: measured from its left end.
    #
    # @return [Array<Hash>] kind, rated_kg, left_m, floor_m
    def hooks
      return [] unless chosen? && @reckoning.held?

      @reckoning.anchors.map do |anchor|
        { kind: @reckoning.fixing.name, rated_kg: @reckoning.rated_kg.to_f, left_m: [anchor[:x_m], 0].max,
          floor_m: [anchor[:floor_m], 0].max }
      end
    end

    # A good layering for the outline wanted, from what is on hand, within the weight the anchors may carry.
    #
    # @return [Hash, nil] as AutomaticStart tells it; nil before the run is measured
    def build
      chosen? ? AutomaticStart.new(@reckoning, stock: @stock).call : nil
    end

    private

    def drawn
      RunPortrait.of(@reckoning)
    end

    def kind
      "run"
    end

    def looking
      held = @reckoning.held? ? @reckoning.anchors.size : 0
      { outline: thin(@reckoning.profile[:short]),
        mechanics: held.zero? ? [] : [looks(:looks_fixings, fixings: counted(held, "fixing"))] }
    end

    def stands
      survey = @reckoning.survey
      long = survey[:kind] == "rail" ? survey[:going_m] : survey[:length_m]
      middle = long ? long / 2.0 : portrait.values_at(:left_m, :right_m).sum / 2
      { middle_m: middle, area_m2: @reckoning.greenery_area, depth_m: survey[:depth_m] || DEPTH_M, round: false,
        lit: !@reckoning.lights.nil? }
    end

    # How far greens come out of a wall where no shelf says it.
    DEPTH_M = 0.2
    private_constant :DEPTH_M

    def envelope(**told)
      PlanEnvelope.of(kind: kind, settings: @settings, steps: RunLayers.steps(@settings, lights: @lights), sheets: nil,
                      fixings: fixings, assumed: @reckoning.assumed, **told)
    end

    def unmeasured
      envelope(chosen: false, anchors: [], layers: [], closing: [], offcuts: [],
               drawing: { kind: @settings[:survey][:kind], room: RunDrawing.room(@surroundings) })
    end

    def cautions
      @cautions ||= RunCautions.new(@reckoning).call
    end

    def ledger
      @ledger ||= RunLedger.new(@reckoning)
    end

    def figures
      @figures ||= RunFigures.new(@reckoning)
    end

    # Every kind of fixing with what may be said of it here.
    def fixings
      survey = @reckoning.survey
      fitting = Greenery::Fixings::ALL.select do |fixing|
        fixing.name == "none" || Greenery::Fixings.fits?(fixing.name, survey[:kind])
      end
      fitting.map do |fixing|
        here = Greenery::Fixings.verdict(fixing.name, survey[:surface])
        here = "never" unless fixing.permitted?(@surroundings)
        { name: fixing.name, title: fixing.title, here: here,
          rated_kg: fixing.name == "none" ? nil : @house["garland.#{fixing.name}"] }
      end
    end

    # What is cut off at stem joints, with what it belongs to.
    def offcuts
      @reckoning.offcuts.flat_map do |id, lengths|
        lengths.map { |length| { style: id, name: @reckoning.garland(id).name, length_m: length } }
      end
    end
  end
end
