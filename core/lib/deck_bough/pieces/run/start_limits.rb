# frozen_string_literal: true

module DeckBough
  # What an automatic start keeps out, so that it never builds what the plan then stops: out of the zone of a fire, out
  # of small children's reach, out of a home with an allergy, and nothing that would pull a laid garland down. It notes
  # what it kept out.
  class StartLimits
    STEPS = 6

    # @param reckoning [RunReckoning]
    # @param styles [Hash{String => Style}]
    def initialize(reckoning, styles)
      @reckoning = reckoning
      @styles = styles
      @place = reckoning.surroundings
      @house = reckoning.house
      @told = []
    end

    # @return [Array<Symbol>] codes of findings
    def told
      @told.uniq
    end

    # @param greens [Array<Building::Garland, Building::Stem>]
    def fitting(greens)
      greens.reject do |one|
        real = @place.conifer_allergy && @styles[one.style]&.material == "real"
        @told << :start_allergy if real
        real || hangs?(one)
      end
    end

    # @return [Boolean]
    def allow?(stem, at)
      burns = zone && (-STEPS..STEPS).any? { |i| in_zone?(stem, at, i.fdiv(STEPS)) }
      @told << :start_fire if burns
      small = stem.texture == "berry" && within_reach?(stem, at)
      @told << :start_small_parts if small
      !burns && !small
    end

    private

    # Nothing holds a laid garland against what trails over the edge.
    def hangs?(one)
      return false if @reckoning.held? || !one.respond_to?(:trail_m) || one.trail_m.zero?

      @told << :start_laid
      true
    end

    def zone
      @zone ||= RunDrawing.clear_zone(@reckoning.survey, @house)
    end

    # The lower edge of a stem, a share of its half width aside, is as MantelCautions looks at it.
    def in_zone?(stem, at, aside)
      along = (at + (aside * stem.spread_m / 2)).clamp(0, @reckoning.path.length)
      share = (1 + Math.cos(Math::PI * aside)) / 2
      x, y = @reckoning.path.at(along)
      out_x, out_y = @reckoning.path.outward(along)
      low = [x - (out_x * stem.trail_m * share), y - (out_y * stem.trail_m * share)]
      low[0].between?(zone[:left_m], zone[:right_m]) && low[1] < zone[:top_m]
    end

    def within_reach?(stem, at)
      return false unless @place.children.any? { |age| age < @house["tree.small_parts_age"] }

      @reckoning.path.above_standing(at) - stem.trail_m < @house["tree.reach_children"]
    end
  end
end
