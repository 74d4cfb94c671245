# frozen_string_literal: true

module DeckBough
  # Cautions of hanging things: heads, hooks, the owner's leave, what stands below.
  class DropsCautions
    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      Cautions.of("place" => [], "drops" => [headroom, touching, seated], "things" => [chosen], "hang" => hang,
                  "step_back" => [])
    end

    private

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    def headroom
      least = @house["hang.headroom"]
      under = @reckoning.under_m
      return unless @reckoning.walked_under? && under < least - 1e-9

      of(:drops_headroom, under_m: [under, 0].max, least_m: least)
    end

    # What hangs lower than the top below it lies on it.
    def touching
      return unless @reckoning.under_m < @reckoning.below_m - 1e-9

      of(:drops_touch, over_m: @reckoning.below_m - @reckoning.under_m)
    end

    def seated
      free = @reckoning.under_m - @reckoning.below_m
      return unless @reckoning.place[:over] == "table" && free.between?(0, DropsReckoning::SEATED_EYE)

      of(:drops_seated, free_m: free)
    end

    def chosen
      of(:drops_empty) if @reckoning.lines.none?(&:style)
    end

    def hang
      [overloaded, leave]
    end

    def overloaded
      heaviest = @reckoning.heaviest
      may = @reckoning.may_kg
      of(:drops_heavy, number: heaviest.number, weighs_kg: heaviest.kg, may_kg: may) if heaviest.kg > may + 1e-9
    end

    def leave
      fixing = Greenery::Fixings::BY_NAME.fetch(@reckoning.fixing)
      return if fixing.permitted?(@reckoning.surroundings)

      others = DropsSettings::FIXINGS.map { |name| Greenery::Fixings::BY_NAME.fetch(name) }
      instead = others.select { |one| one.permitted?(@reckoning.surroundings) }.map { |one| one.title.downcase }
      of(:fixing_no_nails, instead: instead.join(" or "))
    end
  end
end
