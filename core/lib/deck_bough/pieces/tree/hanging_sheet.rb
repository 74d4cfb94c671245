# frozen_string_literal: true

module DeckBough
  # The hanging map as a person works from it: the tree laid flat with tiers and clock positions, every place by style
  # and number.
  #   HangingSheet.new(reckoning, hung: []).call[:styles].first
  #   # => { id: "slate", count: 16, up: 0, nearest_m: 0.31, … }
  #
  # Reaches are metres from the tip along the side of the tree, turns degrees on the flat sheet from the front, to the
  # right positive.
  class HangingSheet
    # An ornament is deep, half way in or at the tips.
    DEPTHS = { 0.72 => "deep", 0.93 => "half way" }.freeze
    CLOCKS = (1..12)
    DEGREES = 180 / Math::PI

    # @param hung [Array<Hash>] style, number, height_m, angle_deg of what is up, and by whom and when (by, at)
    def initialize(reckoning, hung:)
      @reckoning = reckoning
      @plan = reckoning.hanging
      @flat = @plan.flat
      @house = reckoning.house
      @hung = hung.to_h { |one| [[one[:style], one[:number]], one] }
    end

    def call
      { flat: flat, sites: sites, styles: styles, evenness: @plan.evenness, unplaced: @plan.unplaced,
        findings: @plan.findings.map(&:to_h),
        up: sites.count { |site| site[:up] },
        minutes_left: minutes(sites) }
    end

    # @return [String] "deep", "half way" or "tips"
    def self.depth_word(depth)
      DEPTHS.find { |most, _| depth < most }&.last || "tips"
    end

    private

    def flat
      surface = @reckoning.surface
      reach = @reckoning.surroundings.reach_m(@house)
      line = reach && (reach - @reckoning.measure[:riser_m])
      shown = line && line > surface.hem && line < surface.height && @reckoning.hung_styles.any?(&:breakable)
      { rim_m: @flat.rim, half_deg: @flat.half * DEGREES, closed: @flat.closed?,
        crown_m: @flat.reach_at(Hanging::Zones.top(surface, @house)),
        tiers: tiers(surface), clocks: clocks, reach_line_m: shown ? @flat.reach_at(line) : nil,
        reach_m: shown ? reach : nil }
    end

    def tiers(surface)
      surface.tiers(@house["tree.tier"]).each_with_index.map do |tier, i|
        { tier: i + 1, from_m: @flat.reach_at(tier[:from_m]), to_m: @flat.reach_at(tier[:to_m]), low_m: tier[:from_m],
          high_m: tier[:to_m] }
      end
    end

    # Each full hour that is on the dressed arc; behind the tree 12 stands at both edges.
    def clocks
      half = @reckoning.surface.arc_deg / 2
      hours = CLOCKS.flat_map do |clock|
        (clock == 12 ? [-180, 180] : [(6 - clock) * 30]).map { |angle| [clock, angle] }
      end
      hours.select { |_, angle| angle.abs <= half + 1e-6 }
           .map { |clock, angle| { clock: clock, turn_deg: @flat.turn_of(angle) * DEGREES } }
    end

    # What is up stays where it was hung, even when the plan has moved on.
    def sites
      @sites ||= begin
        planned = @plan.sites.map { |site| site_of(site, @hung[[site[:style], site[:number]]]) }
        known = planned.to_h { |site| [[site[:style], site[:number]], true] }
        planned + @hung.reject { |key, _| known[key] }.values.map { |one| beyond_plan(one, planned.size) }
      end
    end

    def site_of(site, hung)
      site = site.merge(hung.slice(:height_m, :angle_deg)) if hung
      placed(site).merge(up: !hung.nil?, planned: true, **whose(hung))
    end

    # Up, but no longer in the plan.
    def beyond_plan(one, count)
      placed({ **one.slice(:style, :number, :height_m, :angle_deg), depth: 1.0, order: count + 1 }).merge(
        up: true, planned: false, **whose(one)
      )
    end

    def whose(hung)
      { by: hung && hung[:by], at: hung && hung[:at] }
    end

    def placed(site)
      height = site[:height_m]
      angle = site[:angle_deg]
      { **site.slice(:style, :number, :order, :depth), height_m: height, angle_deg: angle,
                                                       across_m: across(height, angle),
                                                       up_m: @reckoning.measure[:riser_m] + height,
                                                       reach_m: @flat.reach_at(height),
                                                       turn_deg: @flat.turn_of(angle) * DEGREES,
                                                       tier: @reckoning.surface.tier_at(height, @house["tree.tier"]),
                                                       clock: Hanging::Order.clock(angle),
                                                       depth_word: self.class.depth_word(site[:depth]),
                                                       side: side(angle) }
    end

    # Seen from the front, from its middle to the right.
    def across(height, angle)
      @reckoning.surface.radius_at(height) * Math.sin(angle / DEGREES)
    end

    # From four to eight o'clock is the front.
    def side(angle)
      return "front" if angle.abs <= @house["ornaments.front"]

      angle.negative? ? "left" : "right"
    end

    # In hanging order; all of one style goes on at a time. Its letter tells it where colours do not.
    def styles
      in_order = sites.group_by { |site| site[:style] }.sort_by { |_, own| own.first[:order] }
      in_order.zip("A"..).map do |(id, own), letter|
        style = @reckoning.hung_styles.find { |known| known.id == id }
        { id: id, letter: letter, name: style&.name || "No longer chosen",
          colour: style&.colour, diameter_mm: style&.diameter_mm,
          breakable: style&.breakable || false, keepsake: style&.keepsake || false,
          count: own.size, up: own.count { |site| site[:up] }, nearest_m: nearest(own),
          evenness: @plan.evenness[:styles][id],
          minutes_left: minutes(own) }
      end
    end

    # What is not up yet, at what one takes on this tree: the ladder's share is in it, as in the plan's minutes.
    def minutes(own)
      task = @task ||= TreeWork.of(@reckoning).tasks.find { |one| one.house_rule == "minutes.ornament" }
      task ? own.count { |site| !site[:up] } * task.minutes / task.count : 0
    end

    def nearest(own)
      return nil if own.size < 2

      points = own.map { |site| [site[:reach_m], site[:turn_deg] / DEGREES] }
      near = Neighbourhood.new(@flat, points, cell: @flat.spacing(points.size))
      points.each_index.map { |i| near.nearest_of(i).first }.min
    end
  end
end
