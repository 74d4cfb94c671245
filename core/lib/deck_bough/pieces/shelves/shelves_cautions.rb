# frozen_string_literal: true

module DeckBough
  # Cautions of shelves: what does not fit its bay, too few quiet ones, colours at one point, heights that do not
  # alternate, a tray that pulls to one side.
  class ShelvesCautions
    # So many of a kind are named.
    NAMED = 3
    # Of the front of a unit the triangle of a colour takes so much, or its points lie in a line.
    SPANS = 0.03
    # A tray pulls plainly to one side at this share of its width.
    ASIDE = 0.12
    # Each colour is on so many tiers.
    TIERS = 2

    def initialize(reckoning)
      @reckoning = reckoning
      @unit = reckoning.unit
      @bays = reckoning.bays
      @things = reckoning.things
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      Cautions.of("unit" => [uneven, astray], "dress" => [*too_high, *too_wide, *too_deep, quiet, *flames, used],
                  "colours" => [*colours, *level, aside], "garland" => [nail], "step_back" => [])
    end

    private

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    # All rows were measured, and they are not as high as the unit.
    def uneven
      over = @unit.over_m
      of(over.positive? ? :rows_over : :rows_under, by_m: over.abs) if over.abs > 0.01
    end

    # Bays were taken away under them.
    def astray
      count = @reckoning.astray
      of(:shelf_no_bay, count: count) if count.positive?
    end

    def too_high
      those = @things.select { |thing| over(thing).positive? }
      those.first(NAMED).map do |thing|
        of(:shelf_too_high, name: first(thing), bay: @reckoning.told(bay(thing)), over_m: over(thing))
      end
    end

    def over(thing)
      clear = bay(thing).clear_m or return 0
      over = thing.height_m + ShelvesReckoning::UNDER - clear
      over > 1e-9 ? over : 0
    end

    def too_wide
      full = @bays.reject { |one| fits?(one) }
      full.first(NAMED).map { |one| of(:shelf_too_full, bay: capital(@reckoning.told(one.bay)), by_m: beyond(one)) }
    end

    def fits?(one)
      return true if one.things.empty?

      one.bay.round ? ring(one).fits? : beyond(one) <= 1e-9
    end

    def ring(one)
      Shelving::Ring.new(one.bay, ShelvesReckoning.measured(one.things))
    end

    # By how much all that stands side by side is wider than there is room; of a tier than the way round.
    def beyond(one)
      return [(ring(one).taken - 1) * Math::PI * one.bay.wide_m, 0.01].max.clamp(0, 9) if one.bay.round

      one.things.reject { |thing| %w[ground back].include?(thing.slot) }.sum(&:across_m) - one.bay.wide_m
    end

    def too_deep
      those = @things.select { |thing| !bay(thing).round && thing.deep_m > bay(thing).deep_m + 1e-9 }
      those.first(NAMED).map { |thing| of(:shelf_too_deep, name: first(thing), by_m: thing.deep_m - bay(thing).deep_m) }
    end

    def quiet
      return if @unit.tray? || @reckoning.empty? || @reckoning.quiet >= @reckoning.quiet_wanted

      of(:shelves_full, quiet: @reckoning.quiet, wanted: @reckoning.quiet_wanted, bays: @bays.size)
    end

    # Under a board a flame is never far from what burns.
    def flames
      @things.select(&:flame).first(NAMED).map { |thing| of(:shelf_flame, name: first(thing)) }
    end

    def used
      count = @reckoning.settings[:dress][:standing].count { |thing| thing[:used] }
      of(:shelves_used, count: count) if count.positive?
    end

    def colours
      @unit.tray? ? on_tiers : triangles
    end

    def on_tiers
      return [] if @bays.size < TIERS

      lone = @reckoning.colours.select { |one| one.points.size < TIERS }
      lone.first(NAMED).map { |one| of(:tray_colour, colour: word(one)) }
    end

    # A unit of one row or one column has no triangles, nor one with fewer bays than corners.
    def triangles
      return [] if @bays.map { |one| one.bay.row }.uniq.size < 2 || @bays.map { |one| one.bay.column }.uniq.size < 2

      found = @reckoning.colours.filter_map { |one| lone(one) || in_line(one) }
      found.first(NAMED)
    end

    def lone(one)
      three = Shelving::ColourPoints::THREE
      of(:shelves_colour, colour: word(one), count: one.points.size) if one.points.size < three
    end

    def in_line(one)
      least = SPANS * @unit.width_m * @unit.height_m
      of(:shelves_in_line, colour: word(one)) if one.area_m2 < least
    end

    def level
      @reckoning.level.first(NAMED).map do |one, other|
        of(:shelves_level, one: capital(@reckoning.told(one.bay)), other: @reckoning.told(other.bay))
      end
    end

    def aside
      by = @reckoning.aside_m
      of(:tray_aside, by_m: by) if by > ASIDE * @unit.width_m
    end

    # One nail at the top centre, where one may drive it.
    def nail
      of(:shelves_nail) if @reckoning.garland? && @reckoning.surroundings.no_nails
    end

    def bay(thing)
      @reckoning.bay_of(thing).bay
    end

    def word(one)
      capital(Looks::ColourWords.of(one.colour))
    end

    def first(thing)
      capital(@reckoning.named(thing))
    end

    # At the beginning of a sentence.
    def capital(name)
      name.sub(/\A./, &:upcase)
    end
  end
end
