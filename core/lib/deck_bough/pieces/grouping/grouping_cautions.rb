# frozen_string_literal: true

module DeckBough
  # Cautions of a grouping: what the rules find, what stands where it cannot, what the eye would miss.
  class GroupingCautions
    # What a group has one of each.
    BRINGS = %w[shiny soft green].freeze
    # Of what the figure says so many lie in the vessel, or it is told.
    LYING = 0.95
    # So many of a kind are named.
    NAMED = 3

    def initialize(reckoning)
      @reckoning = reckoning
      @surface = reckoning.surface
      @things = reckoning.things
      @house = reckoning.house
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      Cautions.of("surface" => [free, hearth], "site" => site, "build" => build, "fill" => fill, "step_back" => [])
    end

    private

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    def free
      least = @house["group.free_share"]
      share = @reckoning.free_share
      return unless @surface.worked_at? && share < least - 1e-9

      of(:counter_full, percent: (share * 100).round, least: (least * 100).round)
    end

    # It could be lit by anybody.
    def hearth
      of(:hearth_locked) if @surface.kind == "hearth" && @things.any?
    end

    def site
      rule = @reckoning.sites.findings.reject { |finding| finding.code == "counter_full" }
      [*rule, kept_free, *hidden]
    end

    def kept_free
      taken = @surface.taken(@reckoning.site_from_m, @reckoning.site_to_m)
      return if taken.empty?

      of(:site_not_free, what: taken.uniq.map { |what| Messages.sentence("free_for", what, {}) }.join(" and "))
    end

    def hidden
      hiding = @reckoning.hiding or return []
      told = hiding.answer ? hiding.answer.findings : [of(:socket_unhidden, at_m: hiding.socket[:at_m])]
      told = [] if @things.empty?
      hiding.socket[:in_use] ? [*told, of(:socket_in_use)] : told
    end

    def build
      [*@reckoning.heights&.findings, heights, *too_high, *footing, brings, contrast,
       *Groupings::Candles.new(@reckoning).told, allergy]
    end

    def footing
      Groupings::Footing.new(@reckoning, length_m: @surface.length_m, depth_m: @surface.depth_m).told
    end

    def heights
      line = @reckoning.line
      steps = @reckoning.steps
      of(:group_heights, count: steps) if line.size >= GroupingReckoning::HEIGHTS && steps < GroupingReckoning::HEIGHTS
    end

    def too_high
      @things.filter_map do |thing|
        clear = @surface.clear_over(thing.from_m, thing.to_m) or next
        over = thing.top_m + GroupingReckoning::UNDER - clear
        of(:thing_too_high, name: first(thing), clear_m: clear, over_m: over) if over > 1e-9
      end
    end

    def brings
      return if @things.size < GroupingReckoning::HEIGHTS

      missing = BRINGS - @things.map(&:finish)
      of(:group_brings, missing: missing.join(", ")) if missing.any?
    end

    # Of what the eye meets first.
    def contrast
      tallest = @reckoning.line.first or return
      apart = (Lightness.of(tallest.colour) - Lightness.of(@surface.wall_colour)).abs
      return if apart >= GroupingReckoning::CONTRAST

      of(:group_pale, name: first(tallest), apart: apart.round, least: GroupingReckoning::CONTRAST)
    end

    def allergy
      return unless @reckoning.surroundings.conifer_allergy && @things.any? { |thing| thing.finish == "green" }

      of(:group_allergy)
    end

    def fill
      fill = @reckoning.fill or return []
      return [of(:fill_empty)] unless fill.mixed

      short = fill.sizes.sum { |size| [size.count - size.on_hand, 0].max }
      [(of(:fill_short, count: short, percent: (fill.from_stock[:fill_share] * 100).round) if short.positive?),
       (of(:fill_over, count: fill.over) if fill.over.positive?), close(fill), *too_large(fill)]
    end

    # Balls of several sizes lie less closely than the figure has them.
    def close(fill)
      going = fill.ball_count - fill.over
      of(:fill_close, lying: fill.poured_count, count: going) if fill.poured_count < LYING * going
    end

    def too_large(fill)
      those = fill.sizes.select { |size| size.mm > fill.vessel.inside_m * 1000 }
      some(those).map { |size| of(:fill_too_large, name: size.style.name) }
    end

    def some(those)
      those.first(NAMED)
    end

    # At the beginning of a sentence.
    def first(thing)
      named(thing).sub(/\A./, &:upcase)
    end

    def named(thing)
      @reckoning.named(thing)
    end
  end
end
