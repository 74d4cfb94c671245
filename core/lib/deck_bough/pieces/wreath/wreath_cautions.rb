# frozen_string_literal: true

module DeckBough
  # Cautions of a wreath at the step where they matter (handbook 60, 95). It warns and defers; it certifies nothing.
  class WreathCautions
    # Tails longer than this share of the wreath lead away from it; cut to the second they end with it.
    TAILS = [1.0, 0.5].freeze
    # Of many arcs the worst are told.
    TOLD = 2

    def initialize(reckoning)
      @reckoning = reckoning
      @place = reckoning.place
      @house = reckoning.house
      @ring = reckoning.ring
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      Cautions.of(%w[place size hang greens layers star lights step_back].to_h { |step| [step, at(step)] })
    end

    # @return [Array<Finding>] of one step
    def at(step)
      [*send(step)].compact
    end

    private

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    def place
      [*ground, backing, (of(:wreath_outdoors) if @place[:outdoors]), (of(:wreath_lying_flame) if @reckoning.lying?)]
    end

    # What stands out for the greens is said instead.
    def ground
      return [] unless @reckoning.ground[:reads] == "dull"

      style = @reckoning.standing_out
      style ? [of(:wreath_dull_helped, what: style.name)] : @reckoning.ground.findings
    end

    def backing
      across = @place[:backing_m] or return
      low_m, high_m = %w[low high].map { |end_of| @ring.outer_m * @house["wreath.backing_#{end_of}"] }
      return of(:wreath_backing_small, low_m: low_m, high_m: high_m) if across < low_m - 1e-9

      of(:wreath_backing_large, low_m: low_m, high_m: high_m) if across > high_m + 1e-9
    end

    def size
      return [narrow] if @reckoning.lying?

      low, high = @reckoning.size.outputs.values_at(:low_m, :high_m)
      outer = @ring.outer_m
      [(of(:wreath_small, low_m: low) if outer < low - 1e-9), (of(:wreath_large, high_m: high) if outer > high + 1e-9),
       (of(:wreath_wider, over_m: outer - @place[:width_m]) if outer > @place[:width_m]), *beyond, *clearances, storm]
    end

    # Round a base.
    def narrow
      least = @reckoning.least_opening_m
      of(:wreath_lying_narrow, inner_m: @ring.inner_m, least_m: least) if @ring.inner_m < least - 1e-9
    end

    # It hangs within what it hangs on.
    def beyond
      top = @place[:floor_m] + @place[:height_m]
      over = @reckoning.centre_m + (@ring.outer_m / 2) - top
      under = @place[:floor_m] - (@reckoning.centre_m - (@ring.outer_m / 2))
      [(of(:wreath_over_top, over_m: over) if over > 0.005), (of(:wreath_under_edge, under_m: under) if under > 0.005)]
    end

    # Handle, knocker and letter slot stay free of greens.
    def clearances
      least = @house["wreath.clear"]
      low = @reckoning.centre_m - (@ring.outer_m / 2)
      high = @reckoning.centre_m + (@ring.outer_m / 2)
      found = { "knocker" => @place[:knocker_m], "letter slot" => @place[:slot_m] }.compact.map do |what, at|
        free = at > high ? at - high : low - at
        of(:wreath_covers, what: what, free_m: [free, 0].max, least_m: least) if free < least
      end
      [*found, handle(least), *glass]
    end

    def handle(least)
      return if @place[:handle] == "none" || !WreathPlace::DOORS.include?(@place[:host])

      across = handle_across
      free = Math.hypot(across, @place[:handle_m] - @reckoning.centre_m) - (@ring.outer_m / 2)
      of(:wreath_covers, what: "handle", free_m: [free, 0].max, least_m: least) if free < least
    end

    # From the wreath's middle: near the edge of a single leaf, by the line of a pair.
    def handle_across
      edge = @house["wreath.handle_in"]
      @place[:host] == "pair" ? edge : (@place[:width_m] / 2) - edge
    end

    # A wreath over the edge of a pane hides half of both.
    def glass
      from, to = @place.values_at(:glass_from_m, :glass_to_m)
      return [] unless from && to

      low, high = [-1, 1].map { |side| @reckoning.centre_m + (side * @ring.outer_m / 2) }
      over = [from, to].any? { |edge| low < edge && edge < high }
      over ? [of(:wreath_glass)] : []
    end

    def storm
      gap = @place[:storm_gap_m] or return
      depth = @reckoning.settings[:size][:depth_m]
      of(:wreath_storm, depth_m: depth, gap_m: gap) if depth >= gap
    end

    def hang
      return [] if @reckoning.lying?

      [*held, *pair, *staying, (of(:wreath_wind) if @place[:outdoors]),
       (of(:ladder, ladder_m: @house["tree.ladder"]) if @reckoning.hook_floor_m > @house["tree.ladder"])]
    end

    # A hook that is there already is tried first, and one that is nearly there is told.
    def staying
      there = @reckoning.staying
      return [of(:anchor_there, what: there.place, since: there.since, may_kg: there.may_kg(@house))] if there

      near = @reckoning.nearly
      near ? [of(:anchor_near, what: near.place, floor_m: near.floor_m)] : []
    end

    def held
      return [(of(:wreath_real_closes) if @reckoning.hanger_kind == "real")] unless @reckoning.held?

      hold = @reckoning.holding
      [(of(:wreath_over, carries_kg: @reckoning.kg, may_kg: @reckoning.may_kg) if @reckoning.kg > @reckoning.may_kg),
       (of(:wreath_hold_not_here, what: hold.title) unless hold.hosts.include?(@place[:host])),
       (of(:fixing_no_nails, instead: instead) if marks?(hold)),
       (of(:wreath_suction) if hold.name == "suction_hook")]
    end

    # What is there already marks nothing any more.
    def marks?(hold)
      hold.marks && @reckoning.surroundings.no_nails && @reckoning.staying.nil?
    end

    def instead
      "#{Wreaths::Holding.usual(@place[:host], no_nails: true).title.downcase} leaves no mark"
    end

    # Opening inward, a ring over the line presses on the other leaf.
    def pair
      return [] unless @place[:host] == "pair"

      leaf = @reckoning.settings[:hang][:leaf]
      [of(:wreath_pair, leaf: leaf),
       (of(:wreath_presses, leaf: leaf) if @place[:opens] == "inward")]
    end

    def greens
      thin = @reckoning.profile.findings.select { |finding| finding.code.start_with?("ring_thin") }
      [*thin.first(TOLD), *@reckoning.strip&.findings]
    end

    def layers
      lean = @reckoning.lean
      most = @house["wreath.lean"]
      return [] if lean.abs <= most

      [of(:wreath_leans, side: lean.positive? ? "right" : "left", percent: (lean.abs * 100).round)]
    end

    def star
      case @reckoning.settings[:star][:kind]
      when "word" then [of(:wreath_word, wide_m: @reckoning.word_width_m)]
      when "none" then []
      else [hidden, tails]
      end
    end

    # What leads stands over the greens where it is, or it is lost in them.
    def hidden
      hour = @reckoning.settings[:star][:at_h]
      thick = @reckoning.thickness_at(hour)
      wide = @reckoning.bow_width_m
      return unless thick > wide + 1e-9

      of(:wreath_star_hidden, hour: Wreaths::Clock.told(hour), thick_m: thick, wide_m: wide)
    end

    def tails
      long = @reckoning.settings[:star][:tail_m]
      return if @reckoning.settings[:star][:kind] != "bow" || long <= TAILS.first * @ring.outer_m

      of(:wreath_tails, tail_m: long, wanted_m: TAILS.last * @ring.outer_m)
    end

    def step_back
      added = @reckoning.elements.any? || @reckoning.stems.any?
      [(of(:wreath_wires) if added && !@reckoning.settings[:step_back][:looked].include?("wires"))]
    end

    # Lights of a door that opens go by battery.
    def lights
      return [] unless @reckoning.lights && WreathPlace::DOORS.include?(@place[:host])

      [of(:wreath_battery)]
    end
  end
end
