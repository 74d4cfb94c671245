# frozen_string_literal: true

module DeckBough
  # Cautions at the step where they matter (handbook 95), and what the rules found, each once.
  #
  # It warns and defers; it certifies nothing.
  class TreeCautions
    ORDER = { "stop" => 0, "caution" => 1, "info" => 2 }.freeze

    def initialize(reckoning, shares, sites)
      @reckoning = reckoning
      @place = reckoning.surroundings
      @shares = shares
      @sites = sites
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      found = { "measure" => measure, "lights" => lights, "crown" => crown, "ribbon" => ribbon, "ornaments" => ornaments,
                "picks" => picks, "foot" => foot }
      rows = found.flat_map { |step, findings| findings.map { |finding| { step: step, **finding.to_h } } }
      rows.sort_by.with_index { |row, i| [ORDER.fetch(row[:severity]), i] }
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
      found << of(:tie_back, who: who)
      found << of(:no_nails) if @place.no_nails
      found
    end

    def surroundings
      real = @reckoning.measure[:kind] == "real"
      [(of(:near_heat) if @place.near_heat), (of(:heated_floor) if real && @place.heat == "underfloor"),
       (of(:conifer_allergy) if real && @place.conifer_allergy), (of(:ladder, ladder_m: ladder) if above_ladder?)].compact
    end

    def ladder
      @reckoning.house["tree.ladder"]
    end

    def above_ladder?
      @reckoning.measure[:riser_m] + @reckoning.measure[:height_m] + @reckoning.topper_rise > ladder
    end

    def lights
      [*@reckoning.lights.findings, *@reckoning.pitch.findings, of(:test_lights), (of(:no_socket) unless @place.near_socket)].compact
    end

    def crown
      air = @reckoning.fit[:air_gap_m]
      air.negative? && @reckoning.fit[:tip_gap_m].positive? ? [of(:topper_touches, over_m: -air)] : []
    end

    def ribbon
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
      [(of(:one_size, size: sizes.first) if sizes.one?), (of(:one_material, material: materials.first) if materials.one? && materials.first)].compact
    end

    def reach(styles)
      return [] unless styles.any?(&:breakable)

      found = @place.pets.include?("cat") ? [of(:cats)] : []
      line = @place.reach_m(@reckoning.house) or return found
      low = OrnamentSites.within_reach(@sites, styles, line - @reckoning.measure[:riser_m])
      found << (low.positive? ? of(:glass_below, count: low, reach_m: line) : of(:glass_above, reach_m: line, who: @place.climbers))
    end

    def picks
      @place.children.any? { |age| age < @reckoning.house["tree.small_parts_age"] } ? [of(:small_parts)] : []
    end

    def foot
      []
    end
  end
end
