# frozen_string_literal: true

module DeckBough
  # A wreath planned: settings and surroundings in; figures, ledger, cautions, drawing and workings out.
  #
  #   plan = WreathPlan.new(settings: { "place" => { "width_m" => 0.9 } }, surroundings: place, styles: []).call
  #   plan[:figures][:outer][:value] # => 0.6075
  #
  # `reckoned` leaves the workings out, `working` gives one of them, `call` everything. Everything is JSON-ready.
  # Lengths metres, masses kilograms, money cents, time minutes. Deterministic.
  # @raise [InputError] on settings that cannot be, UnplannableError on settings that come to nothing a rule can reckon
  class WreathPlan
    include Planned
    include RingSites

    STEPS = %w[place size hang greens layers star lights step_back].freeze
    # What shows how it is held, in stepping back.
    LOOKED_FOR = "wires"

    # @param stock [Array<Style>] wreaths and rings there are, to choose a size from, and stems, to close thin arcs
    def initialize(settings:, surroundings:, styles:, house: HouseRules.default, units: "metric", stock: [])
      @settings = WreathSettings.check(settings)
      @stock = stock
      @house = house
      @reckoning = WreathReckoning.new(settings: @settings, surroundings: surroundings,
                                       styles: styles.to_h { |style| [style.id, style] }, house: house, units: units)
    end

    def chosen?
      !@settings[:place][:width_m].nil?
    end

    # All but the workings.
    def reckoned
      return unmeasured unless chosen?

      envelope(chosen: true, figures: figures.call, ledger: ledger, cautions: cautions, tasks: figures.work.tasks,
               choice: choice, closing: WreathClosing.new(@reckoning, stock: @stock).call,
               drawing: WreathDrawing.new(@reckoning).call)
    end

    # What holds it, to be kept with the home: measured from the left edge of what it hangs on.
    #
    # @return [Array<Hash>] kind, rated_kg, left_m, floor_m
    def hooks
      return [] unless chosen? && @reckoning.held?

      [{ kind: @reckoning.staying&.kind || @reckoning.holding.name, rated_kg: @reckoning.rated_kg.to_f,
         left_m: @reckoning.hook_left_m, floor_m: @reckoning.hook_floor_m }]
    end

    # What is asked for when it is wanted: it tries many wreaths.
    #
    # @param about ["start", "makings", "mends", "helps"]
    # @param stock [Array<Style>] what there is to choose from
    # @return [Hash, nil] as WreathStart, WreathMakings, WreathMends or WreathHelps tell it; nil before it is measured
    def advice(about, stock:)
      return unless chosen?

      case about
      when "start" then { start: WreathStart.new(@reckoning, stock: stems_of(stock)).call }
      when "makings" then { makings: WreathMakings.new(@reckoning, stock: stock).call }
      when "mends" then { ways: WreathMends.new(@reckoning, choice: choice, stock: stock).call }
      when "helps" then { ways: WreathHelps.new(@reckoning, stock: stock).call }
      end
    end

    # Its ring, seen flat.
    #
    # @return [Looks::Surface]
    def dressed_surface
      Looks::Surface.new(area_m2: @reckoning.ring.area_m2, ground: @reckoning.green_colour, seen: 1.0)
    end

    # How long the way round its ring is, metres; nil before it is measured.
    def extent
      chosen? ? @reckoning.ring.middle_m : nil
    end

    # How it would ask less of the eye: without lights, or a fifth smaller.
    #
    # @return [Array<Hash>] way, settings (unchecked)
    def quieter
      return [] unless chosen?

      size = { **@settings[:size], style: nil, outer_m: (@reckoning.ring.outer_m * SMALLER).round(3), inner_m: nil }
      [*(@reckoning.lights && [{ way: "unlit", settings: unlit }]),
       { way: "smaller", settings: @settings.to_h.merge(size: size) }]
    end

    SMALLER = 0.8
    private_constant :SMALLER

    private

    def drawn
      WreathPortrait.of(@reckoning)
    end

    def kind
      "wreath"
    end

    def looking
      { outline: thin(@reckoning.profile[:short]), mechanics: [looked_for(LOOKED_FOR)] }
    end

    def mending
      { mechanics: looking_for(LOOKED_FOR) }
    end

    def stands
      { middle_m: @reckoning.place[:width_m] / 2.0, area_m2: @reckoning.ring.area_m2,
        depth_m: @settings[:size][:depth_m], round: false, lit: !@reckoning.lights.nil? }
    end

    def envelope(**told)
      PlanEnvelope.of(kind: kind, settings: @settings, steps: steps, sheets: nil, assumed: assumed, holds: holds,
                      **told)
    end

    def unmeasured
      envelope(chosen: false, choice: nil, closing: [], drawing: { host: WreathDrawing.host(@reckoning.place) })
    end

    def stems_of(stock)
      stock.select { |style| style.kind == "stem" }
    end

    # What stands for what nobody said.
    def assumed
      { hanger: @reckoning.hanger_kind, fixing: @reckoning.holding.name,
        **@reckoning.place.slice(:height_m, :floor_m, :colour) }
    end

    # What may hold it here, with its rated load.
    def holds
      Wreaths::Holding.told(@settings[:place][:host], @house)
    end

    # Of the wreaths there are, the one whose size comes nearest the middle of the band.
    def choice
      free = @stock.select { |style| style.kind == "wreath" && style.across_m && style.for_piece >= 1 }
      return round_it(free) if @reckoning.lying?

      best = @reckoning.band(free.map(&:across_m))[:choice_m] or return nil
      style = free.find { |one| (one.across_m - best).abs < 1e-9 }
      { style: style.id, name: style.name, outer_m: best }
    end

    # The smallest that goes round the base.
    def round_it(free)
      style = free.select { |one| (one.opening_m || 0) >= @reckoning.least_opening_m }.min_by(&:across_m)
      style && { style: style.id, name: style.name, outer_m: style.across_m }
    end

    # What lies is hung by nothing.
    def steps
      @reckoning.lying? ? STEPS - %w[hang] : STEPS
    end

    def cautions
      @cautions ||= WreathCautions.new(@reckoning).call
    end

    def ledger
      @ledger ||= WreathLedger.new(@reckoning)
    end

    def figures
      @figures ||= WreathFigures.new(@reckoning)
    end
  end
end
