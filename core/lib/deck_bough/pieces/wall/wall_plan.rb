# frozen_string_literal: true

module DeckBough
  # A wall of wreaths planned: settings and surroundings in; figures, ledger, cautions, drawing and workings out.
  #
  #   plan = WallPlan.new(settings: { "wall" => { "width_m" => 3.0 } }, surroundings: place, styles: []).call
  #   plan[:figures][:count][:value] # => 3
  #
  # Everything is JSON-ready. Lengths metres, masses kilograms, money cents, time minutes. Deterministic.
  # @raise [InputError] on settings that cannot be, UnplannableError on settings that come to nothing a rule can reckon
  class WallPlan
    include Planned
    include RingSites

    STEPS = %w[wall wreaths arrange hang greens layers star lights step_back].freeze
    # What shows how it is held, in stepping back.
    LOOKED_FOR = "wires"

    def initialize(settings:, surroundings:, styles:, house: HouseRules.default, units: "metric")
      @settings = WallSettings.check(settings)
      @house = house
      @reckoning = WallReckoning.new(settings: @settings, surroundings: surroundings,
                                     styles: styles.to_h { |style| [style.id, style] }, house: house, units: units)
    end

    def chosen?
      !@settings[:wall][:width_m].nil?
    end

    # All but the workings.
    def reckoned
      return unmeasured unless chosen?

      envelope(chosen: true, figures: figures.call, ledger: ledger, cautions: cautions, tasks: figures.work.tasks,
               left_out: @reckoning.laid[:left_out], drawing: WallDrawing.new(@reckoning).call)
    end

    # What holds each of them, to be kept with the home.
    #
    # @return [Array<Hash>] kind, rated_kg, left_m, floor_m
    def hooks
      return [] unless chosen?

      @reckoning.rings.select { |ring| ring.reckoning.held? }.map do |ring|
        { kind: ring.reckoning.holding.name, rated_kg: ring.reckoning.rated_kg.to_f, left_m: ring.left_m,
          floor_m: ring.hook_m }
      end
    end

    # All its rings, seen flat, less what hides behind another.
    #
    # @return [Looks::Surface]
    def dressed_surface
      rings = @reckoning.rings
      Looks::Surface.new(area_m2: rings.sum { |ring| ring.reckoning.ring.area_m2 * ring.visible },
                         ground: rings.first&.reckoning&.green_colour, seen: 1.0)
    end

    # How wide it is, metres; nil before it is measured.
    def extent
      @settings[:wall][:width_m]
    end

    # How it would ask less of the eye: without lights.
    #
    # @return [Array<Hash>] way, settings (unchecked)
    def quieter
      return [] if !chosen? || @reckoning.rings.none? { |ring| ring.reckoning.lights }

      [{ way: "unlit", settings: unlit }]
    end

    private

    def drawn
      WallPortrait.of(@reckoning)
    end

    def kind
      "wall"
    end

    def looking
      { outline: @reckoning.rings.flat_map { |ring| thin(ring.reckoning.profile[:short]) }.uniq,
        mechanics: [looked_for(LOOKED_FOR)] }
    end

    def mending
      { mechanics: looking_for(LOOKED_FOR) }
    end

    def stands
      { middle_m: @settings[:wall][:width_m] / 2.0, area_m2: dressed_surface.area_m2, depth_m: DEPTH_M, round: false,
        lit: @reckoning.rings.any? { |ring| ring.reckoning.lights } }
    end

    # So far wreaths stand off the wall.
    DEPTH_M = 0.12
    private_constant :DEPTH_M

    def envelope(**told)
      PlanEnvelope.of(kind: kind, settings: @settings, steps: STEPS, sheets: nil, assumed: assumed, holds: holds,
                      **told)
    end

    def unmeasured
      envelope(chosen: false, left_out: [], drawing: { wall: WallDrawing.wall(@settings) })
    end

    # What stands for what nobody said.
    def assumed
      place = @reckoning.place
      { fixing: holding.name, colour: place.colour, opening_width_m: place.opening[:width_m],
        opening_height_m: place.opening[:height_m], opening_floor_m: place.opening[:floor_m],
        gap_m: @house["wreath.wall_gap"] }
    end

    def holding
      said = @settings[:hang][:fixing]
      return Wreaths::Holding::BY_NAME.fetch(said) if said

      Wreaths::Holding.usual(@reckoning.place.host, no_nails: @reckoning.surroundings.no_nails)
    end

    # What may hold them here, with its rated load.
    def holds
      Wreaths::Holding.told(@reckoning.place.host, @house)
    end

    def cautions
      @cautions ||= WallCautions.new(@reckoning).call
    end

    def ledger
      @ledger ||= WallLedger.new(@reckoning)
    end

    def figures
      @figures ||= WallFigures.new(@reckoning, ledger)
    end
  end
end
