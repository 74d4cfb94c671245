# frozen_string_literal: true

module DeckBough
  # Cautions of a drink corner: what is eaten and on what, allergens, what runs out, crowding.
  class DrinksCautions
    # So many of a kind are named.
    NAMED = 3
    # From so many jars on, several sizes.
    SEVERAL = 3

    def initialize(reckoning)
      @reckoning = reckoning
      @jars = reckoning.jars
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      Cautions.of("place" => [painted], "jars" => [crowded, *out, allergens, alike], "dress" => [], "step_back" => [])
    end

    private

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    def painted
      of(:drinks_painted) if @reckoning.place[:painted] && @jars.any?
    end

    def crowded
      gap = @reckoning.gap_m
      of(:drinks_crowded, least_m: DrinksReckoning::HAND_M) if @jars.any? && gap < DrinksReckoning::HAND_M - 1e-9
    end

    # Those that are empty first come first.
    def out
      lacking = @jars.select { |jar| jar.short.positive? }.sort_by { |jar| [jar.lasts, jar.number] }
      lacking.first(NAMED).map do |jar|
        of(:drinks_out, name: capital(jar.name), day: [jar.lasts.ceil, 1].max, days: @reckoning.days,
                        portions: jar.short.ceil)
      end
    end

    def allergens
      named = @reckoning.allergens
      of(:drinks_allergens, names: named.map { |one| Messages.sentence("allergens", one, {}) }.join(", ")) if named.any?
    end

    def alike
      return if @jars.size < SEVERAL || @jars.map { |jar| jar.said.slice(:across_m, :high_m) }.uniq.size > 1

      of(:drinks_alike)
    end

    def capital(name)
      name.sub(/\A./, &:upcase)
    end
  end
end
