# frozen_string_literal: true

module DeckBough
  # Cautions at the step where they matter (handbook 95), and what the rules found, each once.
  #
  # It warns and defers; it certifies nothing.
  class TreeCautions
    # How the chosen kinds behave in the hand (handbook 40).
    BEHAVES = { "sheer" => :ribbon_sheer, "gauze" => :ribbon_sheer, "velvet" => :ribbon_velvet,
                "unwired" => :ribbon_unwired }.freeze

    # @param placed [Boolean] whether ornaments have their places; without, what has no place is told as far as it shows
    #   at once
    def initialize(reckoning, placed: true)
      @reckoning = reckoning
      @placed = placed
      @place = reckoning.surroundings
      @shares = reckoning.shares
      @settings = reckoning.settings
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      Cautions.of("measure" => measure, "lights" => lights, "crown" => crown, "ribbon" => ribbon,
                  "ornaments" => ornaments,
                  "picks" => picks, "foot" => foot)
    end

    private

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    def measure
      [*@reckoning.fit.findings, *@reckoning.tip_angle&.findings, *standing, *surroundings]
    end

    def standing
      who = @place.climbers or return []
      found = []
      found << of(:riser_with_climbers, who: who) if @reckoning.measure[:riser_m].positive?
      found << of(:tie_back, who: who) unless @settings[:foot][:tied_back]
      found << of(:no_nails) if @place.no_nails
      found
    end

    def surroundings
      real = @reckoning.measure[:kind] == "real"
      [(of(:near_heat) if @place.near_heat), *real_tree(real),
       (of(:heated_floor) if real && @place.heat == "underfloor"),
       (of(:conifer_allergy) if real && @place.conifer_allergy),
       (of(:ladder, ladder_m: ladder) if above_ladder?)].compact
    end

    # Water every day, LED only, out in time (handbook 95).
    def real_tree(real)
      return [] unless real

      weeks = @reckoning.house["tree.real_weeks"]
      [of(:real_water),
       (of(:real_too_long, weeks: @reckoning.measure[:weeks], most: weeks) if @reckoning.measure[:weeks] > weeks),
       (of(:real_filament) if @settings[:lights][:filament])].compact
    end

    def ladder
      @reckoning.house["tree.ladder"]
    end

    def above_ladder?
      @reckoning.measure[:riser_m] + @reckoning.measure[:height_m] + @reckoning.topper_rise > ladder
    end

    def lights
      [*@reckoning.lights.findings, *@reckoning.pitch.findings, *@reckoning.power.findings,
       *@reckoning.battery&.findings, of(:test_lights),
       (of(:no_socket) unless @place.near_socket)].compact
    end

    def crown
      air = @reckoning.fit[:air_gap_m]
      [(of(:topper_touches, over_m: -air) if air.negative? && @reckoning.fit[:tip_gap_m].positive?),
       heavy_topper].compact
    end

    def heavy_topper
      weight = @settings[:crown][:weight_g]
      bears = @reckoning.house["tree.leader_bears"]
      return unless weight && weight > bears && @settings[:crown][:topper] != "none"

      of(:topper_heavy, weight_g: weight, bears_g: bears)
    end

    def ribbon
      [*ran_out, *streams_apart, *@reckoning.cloth&.findings, *behaviour]
    end

    # Parts that no ribbon is left for.
    def ran_out
      shares = @reckoning.ribbon && @reckoning.ribbon_shares
      return [] unless shares&.lacking&.positive?
      return [of(:ribbon_lacks_m, length_m: shares.lacking)] if shares.whole_run?

      [of(:ribbon_lacks, count: shares.lacking, parts: shares.lacking + shares.parts)]
    end

    def behaviour
      styles = @settings[:ribbon][:method] == "none" ? [] : @reckoning.ribbon_shares.styles.compact
      alike = styles.flat_map { |style| behaves(style).map { |code| [code, style.name] } }.group_by(&:first)
      found = alike.map { |code, those| of(code, names: those.map(&:last).join(" and ")) }
      styles.one? ? found << of(:one_ribbon) : found
    end

    # What is said of its edges counts before what its kind is called.
    def behaves(style)
      [BEHAVES[style.material.to_s.downcase], (:ribbon_unwired if style.wire == "unwired")]
        .compact.uniq - (style.wire == "wired" ? [:ribbon_unwired] : [])
    end

    def streams_apart
      return [] unless @reckoning.settings[:ribbon][:method] == "cascade"

      apart = @reckoning.arc_deg.fdiv(@reckoning.streams)
      low, high = %w[low high].map { |end_of| @reckoning.house["ribbon.stream_arc_#{end_of}"] }
      apart.between?(low, high) ? [] : [of(:streams_apart, degrees: apart.round, low: low, high: high)]
    end

    def ornaments
      styles = @reckoning.ornament_styles
      return [] if styles.empty?

      [*flat_mix(styles), *@shares.missing.map { |size| of(:class_missing, size: size) }, *reach(styles),
       *(@reckoning.by_foot.findings if @reckoning.settings[:ornaments][:count_by] == "foot")]
    end

    def flat_mix(styles)
      return [] if styles.size < 2

      sizes = styles.map { |style| @shares.size_of(style) }.uniq
      materials = styles.map(&:material).uniq
      [(of(:one_size, size: sizes.first) if sizes.one?),
       (of(:one_material, material: materials.first) if materials.one? && materials.first)].compact
    end

    def reach(styles)
      found = @placed ? @reckoning.hanging.findings : @reckoning.hanging.wishes
      return found unless styles.any?(&:breakable)

      found += [of(:cats)] if @place.pets.include?("cat")
      line = @place.reach_m(@reckoning.house)
      return found unless line

      bare = styles.all?(&:breakable) && line - @reckoning.measure[:riser_m] > @reckoning.surface.hem
      [*found, of(:glass_above, reach_m: line, who: @place.climbers), (of(:bare_below, reach_m: line) if bare)].compact
    end

    def picks
      @place.children.any? { |age| age < @reckoning.house["tree.small_parts_age"] } ? [of(:small_parts)] : []
    end

    def foot
      [*opening, *rotating, (of(:riser_bears) if @reckoning.measure[:riser_m].positive?),
       *(presents if @settings[:foot][:presents])].compact
    end

    def presents
      [of(:presents), (of(:presents_heat) if fire?)]
    end

    def fire?
      @place.near_heat || %w[stove fireplace].include?(@place.heat)
    end

    # The legs of the stand must go into the basket or collar (handbook 10, Riser, stand, foot).
    def opening
      legs = @reckoning.measure[:support_width_m]
      open = @settings[:foot][:opening_m]
      legs && open && legs > open ? [of(:opening_small, over_m: legs - open)] : []
    end

    # A rotating stand turns free on all sides and takes no riser.
    def rotating
      return [] unless @settings[:foot][:stand] == "rotating"

      needs = @reckoning.spread + (2 * @reckoning.house["tree.turning_air"])
      width = [@place.free_width_m, @place.free_depth_m].compact.min
      [(of(:rotating_riser) if @reckoning.measure[:riser_m].positive?),
       (of(:rotating_tight, over_m: needs - width) if width && width < needs),
       (of(:rotating_all_round) if @reckoning.surface.arc_deg < 360)].compact
    end
  end
end
