# frozen_string_literal: true

module DeckBough
  # The thinnest stretches of a run with what would close each: tried on the profile first, what is on hand before what
  # is not.
  #   ThinPlaces.new(reckoning, stock: styles).call
  #   # => [{ from_m:, to_m:, by_m:, ways: [{ kind:, style:, name:, have:, … }] }]
  #
  # Source: handbook 50, Compare made with wanted.
  class ThinPlaces
    # So many are told; the others show on the drawing.
    TOLD = 2

    # @param reckoning [RunReckoning] of a measured run
    # @param stock [Array<Style>]
    def initialize(reckoning, stock:)
      @reckoning = reckoning
      @greens = StockGreens.new(reckoning, stock)
    end

    # @return [Array<Hash>] from left to right
    def call
      worst = @reckoning.profile[:short].max_by(TOLD) { |part| part[:by_m] }.sort_by { |part| part[:from_m] }
      worst.map { |part| { **part, ways: closer.ways(part).map { |way| told(way) } } }
    end

    private

    def closer
      @closer ||= begin
        garlands = @greens.garlands
        Greenery::Closing.new(run_m: @reckoning.path.length, items: @reckoning.items, wanted: @reckoning.outline,
                              unfluffed: @reckoning.house["garland.unfluffed"], garlands: garlands, stems: stems_left,
                              bodies: laid,
                              supplies: @reckoning.supplies_left(garlands))
      end
    end

    def stems_left
      set = @reckoning.stems.group_by { |stems| stems.style.id }
                      .transform_values { |those| those.sum { |stems| stems.places.size } }
      @greens.stems.map { |stem| stem.dup.tap { |free| free.on_hand -= set.fetch(stem.style, 0) } }
    end

    def laid
      @reckoning.bodies.map { |body| { style: body.style.id, from_m: body.from_m, to_m: body.to_m, item: body.item } }
    end

    def told(way)
      style = @reckoning.styles[way.style]
      { **way.to_h, name: style&.name, have: style&.on_hand }
    end
  end
end
