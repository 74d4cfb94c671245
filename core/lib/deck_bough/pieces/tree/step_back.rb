# frozen_string_literal: true

require_relative "step_back_balance"

module DeckBough
  # The look from the door: holes, clumps, one-sided colours, top- or bottom-heavy, and what hangs within reach, with
  # mends.
  #   StepBack.new(reckoning, up: sites).call
  #   # => { findings: [{ code:, severity:, message:, spots:, mends: }], heat: […], counted: 96 }
  #
  # It looks at what is really up, or at the plan. A mend is what a person would do about it; applying it is a change of
  # settings. Source: handbook 30, Step-back check.
  class StepBack
    include StepBackBalance

    MOST_HOLES = 5
    # Among so many of the emptiest spots a place for what is moved is looked for.
    SPOTS = 30
    MOST_CLUMPS = 4
    HEAT_ROWS = 14
    FULL_HEAT = 1.4
    # Of fewer than these it is too early to speak of gaps.
    FEWEST_SPREAD = 6

    # @param up [Array<Hash>] style, number, height_m, angle_deg of every ornament that hangs
    def initialize(reckoning, up:)
      @reckoning = reckoning
      @up = up
      @house = reckoning.house
      @surface = reckoning.surface
      @flat = reckoning.hanging.flat
      @styles = reckoning.hung_styles.to_h { |style| [style.id, style] }
    end

    # @return [Hash] findings (worst first), heat (emptiness over the surface), counted
    def call
      found = @up.empty? ? [told(:nothing_up, [], [])] : [*within_reach, *holes, *one_sided, *balance, *clumps]
      { findings: found.sort_by.with_index { |row, i| [Cautions::ORDER.fetch(row[:severity]), i] },
        heat: @up.empty? ? [] : heat, counted: @up.size }
    end

    # Where a spot is, as a person at the tree says it: "tier 3 at 5 o'clock".
    def where(height, angle)
      "tier #{@surface.tier_at(height, @house['tree.tier'])} at #{Hanging::Order.told(Hanging::Order.clock(angle))}"
    end

    private

    def told(code, spots, mends, **values)
      circles = spots.map { |height, angle, radius| { height_m: height, angle_deg: angle, radius_m: radius } }
      { **Finding.of(code, units: @reckoning.units, **values).to_h, spots: circles, mends: mends }
    end

    def points
      @points ||= @up.map { |site| [@flat.reach_at(site[:height_m]), @flat.turn_of(site[:angle_deg])] }
    end

    def spacing
      @flat.spacing(@up.size)
    end

    def crown_reach
      @flat.reach_at(Hanging::Zones.top(@surface, @house))
    end

    def empty_spots
      @empty_spots ||= Hanging::Evenness.new(@flat).emptiest(points + filled, crown_reach, SPOTS)
    end

    # What ribbon and picks fill is no gap.
    def filled
      @reckoning.hanging.fills.values.flatten(1).map { |height, angle| [@flat.reach_at(height), @flat.turn_of(angle)] }
    end

    def holes
      return [told(:few_up, [], [], count: @up.size)] if @up.size < FEWEST_SPREAD

      wide = empty_spots.select { |spot| spot[:over_spacing] > @house["tree.hole"] }.first(MOST_HOLES)
      wide.map do |spot|
        height, angle = at(spot)
        told(:hole, [[height, angle, spot[:radius_m]]], fill(height, angle),
             wide_m: 2 * spot[:radius_m], where: where(height, angle))
      end
    end

    def at(spot)
      [@flat.height_at(spot[:reach]), @flat.angle_deg(spot[:turn])]
    end

    # Add from stock, fill with a tuck, or a pick; a lawful style the spot sees least of.
    def fill(height, angle)
      style = style_for(height, angle)
      added = style ? [offered("Add #{style.name} from stock", "add", height, angle, style: style.id)] : []
      [*added, offered("Fill it with a ribbon tuck", "tuck", height, angle),
       offered("Fill it with a pick", "pick", height, angle)]
    end

    def style_for(height, angle)
      hung = @up.map { |site| site[:style] }.tally
      open = @styles.values.select do |style|
        !style.keepsake && style.on_hand > hung.fetch(style.id, 0) && lawful?(style, height)
      end
      open.max_by { |style| nearest_like(style.id, height, angle) }
    end

    def lawful?(style, height)
      !style.breakable || height >= reach
    end

    def reach
      (@reckoning.surroundings.reach_m(@house) || 0) - @reckoning.measure[:riser_m]
    end

    def nearest_like(style, height, angle)
      @up.select { |site| site[:style] == style }
         .map { |site| apart(site[:height_m], site[:angle_deg], height, angle) }
         .min || @flat.rim
    end

    def apart(height, angle, other_height, other_angle)
      square = @flat.square(@flat.reach_at(height), @flat.turn_of(angle), @flat.reach_at(other_height),
                            @flat.turn_of(other_angle))
      Math.sqrt([square, 0].max)
    end

    def mend(kind, height, angle, style: nil, number: nil)
      { kind: kind, style: style, number: number, height_m: height.round(3), angle_deg: angle.round(1) }
    end

    def offered(label, *mend, **whose)
      { label: label, mends: [mend(*mend, **whose)] }
    end

    def moved(site, height, angle)
      offered("Move #{name(site)} to #{where(height, angle)}", "move", height, angle,
              style: site[:style], number: site[:number])
    end

    def name(site)
      "#{@styles[site[:style]]&.name || 'an ornament'} no. #{site[:number]}"
    end

    # Pairs hung on purpose are no clumps.
    def clumps
      return [] unless @reckoning.settings[:ornaments][:pattern] == "scatter" && @up.size > 1

      near = Neighbourhood.new(@flat, points, cell: spacing)
      pairs = @up.each_index.filter_map do |i|
        near.nearest_of(i).then do |distance, other|
          [distance, i, other] if i < other && distance < @house["tree.clump"] * spacing
        end
      end
      pairs.min_by(MOST_CLUMPS, &:first).map { |distance, one, other| clump(distance, @up[one], @up[other]) }
    end

    def clump(distance, one, other)
      spot = empty_spots.map { |empty| at(empty) }.find { |height, _| lawful_site?(other, height) }
      told(:clump, [[one[:height_m], one[:angle_deg], distance]], spot ? [moved(other, *spot)] : [],
           one: name(one), other: name(other), apart_m: distance, where: where(*one.values_at(:height_m, :angle_deg)))
    end

    def lawful_site?(site, height)
      style = @styles[site[:style]]
      style.nil? || lawful?(style, height)
    end

    def within_reach
      low = @up.select { |site| @styles[site[:style]]&.breakable && site[:height_m] < reach }
      low.map do |site|
        spot = empty_spots.map { |empty| at(empty) }.find { |height, _| height >= reach }
        line = reach + @reckoning.measure[:riser_m]
        told(:within_reach, [[site[:height_m], site[:angle_deg], DOT]], spot ? [moved(site, *spot)] : [],
             name: name(site), reach_m: line, where: where(*site.values_at(:height_m, :angle_deg)))
      end
    end

    # How empty each part of the surface is, 0 to 1: the distance to the nearest ornament, in spacings.
    def heat
      near = Neighbourhood.new(@flat, points, cell: spacing)
      Array.new(HEAT_ROWS) { |row| crown_reach + ((@flat.rim - crown_reach) * (row + 0.5) / HEAT_ROWS) }
           .flat_map do |reach|
        columns = [(2 * @flat.half * reach / ((@flat.rim - crown_reach) / HEAT_ROWS)).round, 3].max
        Array.new(columns) { |i| ((((i + 0.5) / columns) * 2) - 1) * @flat.half }.map do |turn|
          empty = near.nearest(reach * Math.sin(turn), reach * Math.cos(turn)).first / spacing
          { height_m: @flat.height_at(reach).round(3), angle_deg: @flat.angle_deg(turn).round(1),
            empty: (empty / FULL_HEAT).clamp(0, 1).round(2) }
        end
      end
    end
  end
end
