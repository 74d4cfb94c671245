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
    # What a thing may be that has no place where something could be lit.
    BURNS = %w[green soft].freeze
    # Younger ones put everything into their mouths (handbook 95, small parts).
    SWALLOWS_UNDER = 3

    def initialize(reckoning)
      @reckoning = reckoning
      @surface = reckoning.surface
      @things = reckoning.things
      @house = reckoning.house
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      Cautions.of("surface" => [free, *fire, shaken], "site" => site, "build" => build, "fill" => fill,
                  "snow" => snow, "step_back" => [leans, gap])
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
    def fire
      return [] if !@surface.fireplace? || @things.empty?

      [of(:hearth_locked), *(firebox if @surface.kind == "firebox")]
    end

    # Candles before what sparkles, and nothing in there that burns.
    def firebox
      burning = @things.select { |thing| BURNS.include?(thing.finish) && !thing.form.lit? }
      lit = @things.select { |thing| thing.form.lit? }
      [*burning.first(NAMED).map { |thing| of(:firebox_burns, name: first(thing)) }, *stepped(lit), behind(lit)]
    end

    # Lights in there rise in steps.
    def stepped(lit)
      heights = lit.map(&:top_m).sort
      alike = heights.each_cons(2).any? { |one, other| other - one <= Groupings::Candles::ALIKE_M }
      alike ? [of(:firebox_even)] : []
    end

    def behind(lit)
      return if lit.empty?

      sparkling = @things.any? do |thing|
        thing.finish == "shiny" && !thing.form.lit? && thing.out_m < lit.map(&:out_m).max
      end
      of(:firebox_behind) unless sparkling
    end

    # The door of a fridge shakes what stands on it.
    def shaken
      of(:fridge_shakes) if @surface.kind == "fridge" && @things.any?
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
       *@reckoning.pots.told,
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

    # Heavier at one side than the other by more than a wall may be.
    def leans
      by = @reckoning.leaning
      return if by.abs <= @house["balance.wall_leaning"] + 1e-9

      of(:group_leans, side: by.positive? ? "right" : "left", percent: (by.abs * 100).round)
    end

    # A stretch in which the widest of them could stand falls apart.
    def gap
      wide = @reckoning.widest_gap_m
      most = @reckoning.line.map(&:across_m).max or return
      of(:group_gap, by_m: wide) if wide > most + 1e-9
    end

    def allergy
      return unless @reckoning.surroundings.conifer_allergy && @things.any? { |thing| thing.finish == "green" }

      of(:group_allergy)
    end

    # It clings to everything, and a lamp in it stays cool.
    def snow
      snow = @reckoning.snow or return []
      [(of(:snow_no_tray) if snow.trays.empty?), (of(:snow_flame) if @things.any?(&:flame)),
       (of(:snow_lights) if @reckoning.fill&.lights?), small]
    end

    # What flakes is swallowed.
    def small
      place = @reckoning.surroundings
      return unless place.pets.any? || place.children.any? { |age| age < SWALLOWS_UNDER }

      of(:snow_small)
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
