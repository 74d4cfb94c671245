# frozen_string_literal: true

module DeckBough
  # Cautions of stockings in a row: heat, stairs, crowding, colours, loads.
  class StockingsCautions
    # One colour family, and one colour (handbook 80, Look).
    FAMILY = 20
    ALIKE = 3
    # So many of a kind are named.
    NAMED = 3
    # What is eaten goes in no earlier.
    FRESH_DAYS = 2
    # Lower a toe is trodden on.
    TOE_M = 0.1
    # Younger ones pull.
    PULL_AGE = 6

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
      @said = reckoning.settings[:stockings]
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      Cautions.of("place" => [heat, rail, low], "stockings" => [*@reckoning.spacing&.findings, *colours, visitors],
                  "fill" => [heavy, early], "hang" => [leave, pulled], "step_back" => [])
    end

    private

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    def any?
      !@reckoning.empty?
    end

    def heat
      of(:stockings_heat) if any? && @reckoning.place[:heat]
    end

    def rail
      of(:stockings_rail) if any? && %w[rail stairs].include?(@reckoning.place[:from])
    end

    def low
      of(:stockings_low, toe_m: [@reckoning.toe_m, 0].max) if any? && @reckoning.toe_m < TOE_M - 1e-9
    end

    # All alike, or all of one family, against the first.
    def colours
      first = @reckoning.hung.first or return []
      most = @said[:school] == "alike" ? ALIKE : FAMILY
      apart = @reckoning.hung.map { |one| [one, ColourDifference.of(first.colour, one.colour)] }
      apart.select { |_, by| by > most }.first(NAMED).map do |one, by|
        of(:stockings_differ, name: capital(@reckoning.named(one)), apart: by.round, like: @reckoning.named(first))
      end
    end

    def visitors
      of(:stockings_visitors) if any? && @reckoning.hung.none?(&:visitor)
    end

    def heavy
      weighs = @reckoning.heaviest_kg
      may = @reckoning.may_kg
      of(:stocking_heavy, weighs_kg: weighs, may_kg: may) if any? && weighs > may + 1e-9
    end

    def early
      fill = @reckoning.settings[:fill]
      of(:stockings_early, most: FRESH_DAYS) if fill[:edible] && fill[:days_before] > FRESH_DAYS
    end

    def leave
      fixing = Greenery::Fixings::BY_NAME.fetch(@reckoning.fixing)
      of(:fixing_no_nails, instead: "padded wire tie") unless fixing.permitted?(@reckoning.surroundings)
    end

    def pulled
      of(:stockings_pulled) if any? && @reckoning.surroundings.children.any? { |age| age < PULL_AGE }
    end

    def capital(name)
      name.sub(/\A./, &:upcase)
    end
  end
end
