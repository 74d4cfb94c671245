# frozen_string_literal: true

module DeckBough
  # Everything computed for shelves: their bays, what stands in each and where, which are quiet, where each colour is
  # met, what a garland over them takes.
  #
  # Nothing is computed twice. Metres from the left end and from the floor.
  class ShelvesReckoning
    include Asking

    # Which setting to mend when the rule refuses what the settings come to.
    POINTERS = { "garland.swag" => %w[unit width_m] }.freeze
    # Air that stays under the board above.
    UNDER = 0.02
    WOOD = "#a27b52"

    # One bay with what stands in it; places are middles from its left and from its back, of a tier from its middle.
    Dressed = Struct.new(:bay, :things, keyword_init: true) do
      def quiet?
        things.empty?
      end

      # How high what stands in it is.
      def high_m
        things.map(&:height_m).max || 0
      end
    end

    attr_reader :settings, :surroundings, :house, :units, :styles, :unit

    # @param settings [CheckedSettings] of ShelvesSettings, measured
    # @param styles [Hash{String => Style}] by id
    def initialize(settings:, surroundings:, styles:, house:, units:)
      @settings = settings
      @surroundings = surroundings
      @styles = styles
      @house = house
      @units = units
      @unit = Shelving::Unit.new(settings[:unit])
    end

    def colour
      settings[:unit][:colour] || WOOD
    end

    def wall_colour
      settings[:unit][:wall_colour] || Groupings::Surface::WALL
    end

    # @return [Array<Dressed>] by number of the bay
    def bays
      @bays ||= unit.bays.map { |bay| Dressed.new(bay: bay, things: stood(bay)) }
    end

    # @return [Array<Groupings::Standing>] as they were said; left_m from the left end, out_m from the back, base_m
    #   above the floor
    def things
      @things ||= bays.flat_map(&:things).sort_by(&:number)
    end

    def empty?
      things.empty?
    end

    def quiet
      bays.count(&:quiet?)
    end

    # So many stay quiet at least: what is left of bays is dressed.
    def quiet_wanted
      (bays.size * house["shelves.quiet"]).floor
    end

    # Where each colour is met; greens are the ground of all.
    #
    # @return [Array<Shelving::ColourPoints>]
    def colours
      @colours ||= Shelving::ColourPoints.of(met)
    end

    # Bays beside each other whose things are as high as each other.
    #
    # @return [Array<Array(Dressed, Dressed)>]
    def level
      dressed = bays.reject(&:quiet?)
      dressed.each_cons(2).select do |one, other|
        one.bay.row == other.bay.row && (one.high_m - other.high_m).abs < house["shelves.step"] - 1e-9
      end
    end

    # How far what stands on a tray pulls to one side, by what things weigh, else by how large they are.
    #
    # @return [Float] metres from the post; 0 of shelves
    def aside_m
      return 0.0 if !unit.tray? || empty?

      across = balance(&:left_m) - (unit.width_m / 2.0)
      Math.hypot(across, balance(&:out_m) - (unit.depth_m / 2.0)).round(6)
    end

    def garland?
      settings[:garland][:hung] && !unit.tray?
    end

    # @return [Answer] of garland.swag: from one nail at the top centre to both corners
    def swag
      @swag ||= ask("garland.swag", spans: 2, span_m: unit.width_m / 2.0, sag_m: settings[:garland][:sag_m])
    end

    def garland_m
      garland? ? (swag[:length_m] + (2 * settings[:garland][:drop_m])).round(6) : 0.0
    end

    # How a thing is told where it has no name of its own.
    def named(thing)
      thing.name || Messages.sentence("things", thing.form.name, {})
    end

    # How many are said to be in a bay that is no more; they are in the last one.
    def astray
      said.count { |_, one| one[:bay] > unit.bays.size }
    end

    # How a bay is told.
    def told(bay)
      "#{unit.tray? ? 'tier' : 'bay'} #{bay.number}"
    end

    # In which bay a thing stands.
    #
    # @return [Dressed]
    def bay_of(thing)
      @bay_of ||= bays.flat_map { |one| one.things.map { |inside| [inside.number, one] } }.to_h
      @bay_of.fetch(thing.number)
    end

    # Of the things of a bay what Row and Ring go by.
    def self.measured(things)
      things.map { |thing| [thing.form.name, thing.slot, thing.across_m, thing.height_m] }
    end

    private

    def stood(bay)
      inside = said.select { |_, one| [one[:bay], unit.bays.size].min == bay.number }
      return [] if inside.empty?

      sized = inside.map { |i, one| [i, Groupings::Standing.sized({ riser_m: 0, **one }, styles[one[:style]])] }
      places(bay, sized.map(&:last)).zip(sized).map do |(left, out), (i, one)|
        Groupings::Standing.new(**one.except(:at_m), number: i + 1, base_m: bay.foot_m, left_m: left, out_m: out)
      end
    end

    def said
      @said ||= settings[:dress][:standing].each_with_index.map { |one, i| [i, one] }
    end

    def places(bay, sized)
      of = sized.map { |one| [one[:form].name, one[:slot], one[:across_m], one[:height_m]] }
      return Shelving::Ring.new(bay, of).places.map { |x, y| [bay.middle_m + x, (unit.depth_m / 2.0) + y] } if bay.round

      Shelving::Row.of(bay.wide_m, of).zip(sized).map { |at, one| [bay.left_m + at, out(bay, one)] }
    end

    # What leans is at the back; what stands is a little before the middle.
    def out(bay, one)
      half = [one[:deep_m] / 2.0, bay.deep_m / 2.0].min
      wanted = one[:slot] == "back" ? half : bay.deep_m * 0.55
      wanted.clamp(half, bay.deep_m - half)
    end

    def met
      bays.flat_map do |one|
        shown = one.things.reject { |thing| thing.finish == "green" }
        shown.map { |thing| [thing.colour, one.bay.middle_m, one.bay.foot_m] }
      end
    end

    def balance(&at)
      all = things.sum { |thing| weight(thing) }
      things.sum { |thing| at.call(thing) * weight(thing) } / all
    end

    def weight(thing)
      return thing.style.mass_g.to_f if weighed?

      thing.across_m * thing.deep_m * thing.height_m
    end

    def weighed?
      things.all? { |thing| thing.style&.mass_g.to_f.positive? }
    end
  end
end
