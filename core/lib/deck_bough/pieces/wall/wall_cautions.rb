# frozen_string_literal: true

module DeckBough
  # Cautions of a wall of wreaths: what the rule finds, what each wreath would say of itself, once each.
  class WallCautions
    # A wreath's steps as the wall has them; what its ground says is said once.
    STEPS = { "place" => "wall", "size" => "wreaths" }.freeze
    # What goes for the host of a single one only.
    OF_ONE = %w[wreath_small wreath_large wreath_wider].freeze
    # So many in one view are worth a note (handbook 60, Sets).
    MANY = 3

    def initialize(reckoning)
      @reckoning = reckoning
      @place = reckoning.place
      @house = reckoning.house
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      own = Cautions.of("wreaths" => wreaths, "arrange" => arrange, "hang" => [staying, ribbon])
      (own + of_each).uniq { |told| told.values_at(:step, :code, :message) }
                     .sort_by.with_index { |told, i| [Cautions::ORDER.fetch(told[:severity]), i] }
    end

    private

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    def wreaths
      count = @reckoning.rings.size
      [(of(:wall_many, count: count) if count > MANY)]
    end

    def arrange
      [*@reckoning.laid.findings, on_thing]
    end

    def staying
      there = @reckoning.staying.compact
      return if there.empty?

      of(:anchors_there, count: there.size, all: @reckoning.rings.size, since: there.map(&:since).min)
    end

    # A ribbon above one that reaches into the one over it.
    def ribbon
      drop = @reckoning.settings[:hang][:drop_m]
      return if @place.openings? || @reckoning.looks.none? { |look| look.reckoning.hanger }

      free = @reckoning.free_above
      of(:wall_ribbon_meets, drop_m: drop, free_m: free) if free && drop > free + 1e-9
    end

    # A group over furniture hangs clear of it.
    def on_thing
      thing = @place.thing
      return if thing.nil? || @place.flanking? || @reckoning.rings.empty?

      least = @house["wreath.clear"]
      lowest = @reckoning.rings.map { |ring| ring.floor_m - (ring.diameter_m / 2) }.min
      free = lowest - thing[:floor_m] - thing[:height_m]
      of(:wall_on_thing, free_m: [free, 0].max, least_m: least) if free < least
    end

    def of_each
      @reckoning.looks.flat_map { |look| WreathCautions.new(look.reckoning).call }
                .reject { |told| unasked?(told[:code].to_s) }
                .map { |told| { **told, step: STEPS.fetch(told[:step], told[:step]) } }
    end

    # What goes for one wreath alone, and what nails would do that are there already.
    def unasked?(code)
      return true if code == "fixing_no_nails" && @reckoning.staying.all?

      !@place.openings? && OF_ONE.include?(code)
    end
  end
end
