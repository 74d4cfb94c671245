# frozen_string_literal: true

module DeckBough
  # The best size for a place, and how each size of the catalogue would fit there.
  #
  # Under a sloping ceiling a wider tree meets a lower ceiling, so each size is asked with the ceiling above its own
  # spread (handbook 10: the lowest ceiling above the spread counts).
  class BestSizeSearch
    def initialize(reckoning)
      @reckoning = reckoning
    end

    # @return [Hash] answer (Answer of tree.best_size) and sizes [{ height_m, spread_m, height, floor, share }]
    def call
      { answer: answer, sizes: sizes.map { |size| fit_of(size) } }
    end

    private

    def sizes
      Rules::Tree::BestSize.sizes_for(@reckoning.units)
    end

    def answer
      return ask(sizes, sizes.last) if @reckoning.surroundings.ceiling.flat?

      found = sizes.reverse.find { |size| ask([size], size)[:height_m] }
      return ask(sizes, sizes.first) unless found

      ask(sizes.select { |size| size <= found }, found)
    end

    def ask(sizes, ceiling_for)
      place = @reckoning.surroundings
      @reckoning.ask("tree.best_size", ceiling_m: @reckoning.ceiling_above(ceiling_for * @reckoning.ratio), sizes_m: sizes,
                                       riser_m: @reckoning.measure[:riser_m], topper_rise_m: @reckoning.topper_rise,
                                       spread_ratio: @reckoning.ratio, free_width_m: place.free_width_m,
                                       free_depth_m: place.free_depth_m)
    end

    def fit_of(size)
      spread = size * @reckoning.ratio
      fit = @reckoning.fit_of(size, spread)
      { height_m: size, spread_m: spread, height: fit[:height], floor: fit[:floor], share: fit[:share] }
    end
  end
end
