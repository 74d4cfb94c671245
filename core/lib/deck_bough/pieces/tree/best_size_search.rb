# frozen_string_literal: true

module DeckBough
  # The best size for a place, and how each size of the catalogue would fit there.
  #
  # Rule tree.best_size knows ceiling and floor. A place also has people who pass, and may have a sloping ceiling: so
  # sizes that would narrow the walkway are left out first, and under a slope each size is asked with the ceiling above
  # its own spread (handbook 10: the lowest ceiling above the spread counts).
  class BestSizeSearch
    def initialize(reckoning)
      @reckoning = reckoning
    end

    # @return [Hash] answer (Answer of tree.best_size, for its working), height_m or nil, limit, tallest_m (what goes
    #   under the ceiling at the spread the tree has), findings [Finding] and sizes [{ height_m, spread_m, hem_m,
    #   height, floor, share }]
    def call
      { answer: answer, height_m: height, limit: passable.empty? ? "floor" : answer[:limit], tallest_m: tallest,
        findings: findings, sizes: sizes.map { |size| shown(size) } }
    end

    private

    def sizes
      Rules::Tree::BestSize.sizes_for(@reckoning.region.tree_sizes)
    end

    # Sizes that leave people their way.
    def passable
      @passable ||= sizes.reject { |size| fit(size).findings.any? { |finding| finding.code == "walkway_narrow" } }
    end

    def height
      passable.empty? ? nil : answer[:height_m]
    end

    def answer
      @answer ||= passable.empty? ? ask(sizes, sizes.first) : among(passable)
    end

    def among(candidates)
      return ask(candidates, candidates.last) if @reckoning.surroundings.ceiling.flat?

      found = candidates.reverse.find { |size| ask([size], size)[:height_m] }
      return ask(candidates, candidates.first) unless found

      ask(candidates.select { |size| size <= found }, found)
    end

    def tallest
      spread = @reckoning.chosen? ? @reckoning.spread : sizes.first * @reckoning.ratio
      kept = Rules::Tree::BestSize.kept_above(@reckoning.topper_rise, @reckoning.house)
      [@reckoning.ceiling_above(spread) - @reckoning.measure[:riser_m] - kept, 0].max
    end

    def ask(sizes, ceiling_for)
      place = @reckoning.surroundings
      @reckoning.ask("tree.best_size", ceiling_m: @reckoning.ceiling_above(ceiling_for * @reckoning.ratio),
                                       sizes_m: sizes,
                                       riser_m: @reckoning.measure[:riser_m], topper_rise_m: @reckoning.topper_rise,
                                       spread_ratio: @reckoning.ratio, free_width_m: place.free_width_m,
                                       free_depth_m: place.free_depth_m)
    end

    # The walkway is what stops the next size when the rule alone would let it in.
    def findings
      if passable.empty?
        return [Finding.of(:nothing_fits_walkway, units: @reckoning.units, wanted_m: @reckoning.house["tree.walkway"])]
      end

      following = height && sizes.find { |size| size > height }
      return answer.findings if following.nil? || passable.include?(following)

      [Finding.of(:next_size_walkway,
                  units: @reckoning.units, size_m: following, wanted_m: @reckoning.house["tree.walkway"])]
    end

    def fit(size)
      @fits ||= {}
      @fits[size] ||= @reckoning.fit_of(size, size * @reckoning.ratio)
    end

    def shown(size)
      { height_m: size, spread_m: size * @reckoning.ratio, hem_m: TreeSurface.default_hem(size, @reckoning.house),
        height: fit(size)[:height],
        floor: fit(size)[:floor], share: fit(size)[:share] }
    end
  end
end
