# frozen_string_literal: true

module DeckBough
  # The geometry of a tree in its room, as numbers a front end only has to project.
  #
  # Metres and degrees. Heights of the tree's own parts are above its stand; `base_m` (the riser) lifts them all.
  # Angles are measured from the front, clockwise seen from above; depth is a share of the radius. Deterministic.
  class TreeDrawing
    PROFILE = 24
    MOST_BULBS = 4_000
    # Decimals of a metre that a drawing can show; keeps the answer small.
    PLACES = 3
    STREAM_POINTS = 18
    GARLAND_POINTS = 36
    # A garland going round is tied every so many points and sags between by so much.
    SCALLOP_POINTS = 5
    SCALLOP_M = 0.035

    def initialize(reckoning)
      @reckoning = reckoning
    end

    # All that can be drawn before ornaments have their places.
    def call
      { room: self.class.room(@reckoning), tree: tree, tiers: tiers([]), ornaments: [], ribbon: ribbon([]),
        garland: garland, picks: picks([]),
        bulbs: bulbs, crown: crown, foot: foot }
    end

    # What their places add or change.
    def placed
      sites = @reckoning.hanging.sites
      { tiers: tiers(sites), ornaments: ornaments(sites), ribbon: ribbon(spots_of("ribbon")),
        picks: picks(spots_of("picks")) }
    end

    # The room alone, for a place without a tree.
    def self.room(reckoning)
      place = reckoning.surroundings
      { width_m: place.ceiling.width_m, ceiling_left_m: place.ceiling.left_m, ceiling_right_m: place.ceiling.right_m,
        at_m: place.from_left_m, stance: place.stance, free_width_m: place.free_width_m,
        reach_m: place.reach_m(reckoning.house) }
    end

    private

    def surface
      @reckoning.surface
    end

    def round(number)
      number.round(PLACES)
    end

    def tree
      ceiling = @reckoning.ceiling_above(@reckoning.spread)
      fit = @reckoning.fit
      { height_m: surface.height, spread_m: surface.spread, hem_m: surface.hem, arc_deg: surface.arc_deg, p: surface.p,
        base_m: @reckoning.measure[:riser_m], shape: @reckoning.measure[:shape], silhouette: silhouette,
        ceiling_m: round(ceiling), tip_gap_m: round(fit[:tip_gap_m]), air_gap_m: round(fit[:air_gap_m]),
        topper_rise_m: @reckoning.topper_rise }
    end

    # [radius, height] from the hem to the tip.
    def silhouette
      Array.new(PROFILE + 1) do |i|
        height = surface.hem + (surface.foliage * i / PROFILE)
        [round(surface.radius_at(height)), round(height)]
      end
    end

    def tiers(sites)
      surface.tiers(@reckoning.house["tree.tier"]).each_with_index.map do |tier, i|
        hung = sites.select { |site| site[:tier] == i + 1 }
        tier.transform_values { |value| round(value) }.merge(ornaments: hung.map { |site| site[:style] }.tally)
      end
    end

    def ornaments(sites)
      sites.map do |site|
        site.merge(height_m: round(site[:height_m]), angle_deg: site[:angle_deg].round(1), depth: site[:depth].round(2))
      end
    end

    def ribbon(fills)
      said = @reckoning.settings[:ribbon]
      styles = body_ribbons.map(&:id)
      shared = { method: said[:method], styles: styles, each: ribbon_each, width_m: ribbon_width, fills: fills,
                 chord_m: said[:chord_m], stand_m: said[:stand_m], per_piece: said[:loops] }
      case said[:method]
      when "tuck" then shared.merge(loops: spots(@reckoning.ribbon_shares.parts, 0.31))
      when "bows" then shared.merge(loops: spots(@reckoning.ribbon_shares.parts, 0.31), per_piece: 2,
                                    chord_m: TreeReckoning::TREE_BOW[:loop_m],
                                    stand_m: TreeReckoning::TREE_BOW[:loop_m])
      when "cascade" then shared.merge(runs: streams)
      when "spiral" then shared.merge(runs: [helix(said[:pitch_m], STREAM_POINTS * 14)])
      else shared
      end
    end

    # A garland of beads: round and round, sagging a little between, or one swag across the front; [height, angle].
    def garland
      said = @reckoning.settings[:ribbon]
      points = case said[:garland]
               when "turns" then scalloped(helix(said[:garland_pitch_m], GARLAND_POINTS * 6))
               when "swag" then swag(said[:garland_width_m], said[:garland_sag_m])
               else []
               end
      { style: said[:garland_style], points: points }
    end

    def scalloped(points)
      points.each_with_index.map do |(height, angle), i|
        [round([height - (SCALLOP_M * Math.sin(Math::PI * i / SCALLOP_POINTS).abs), surface.hem].max), angle]
      end
    end

    # As high as the tree is wide enough for it.
    def swag(width, sag)
      half = width / 2
      top = (surface.height * 100).floor.downto((surface.hem * 100).ceil).find do |height|
        surface.radius_at(height / 100.0) >= half * 1.02
      end
      height = top ? top / 100.0 : surface.hem
      Array.new(GARLAND_POINTS + 1) do |i|
        share = i.fdiv(GARLAND_POINTS)
        across = ((2 * share) - 1) * half / [surface.radius_at(height), half].max
        [round([height - (4 * sag * share * (1 - share)), 0].max), (Math.asin(across) * 180 / Math::PI).round(1)]
      end
    end

    # Which ribbon each part is of, so that a scarce one is drawn as often as it goes on.
    def ribbon_each
      return [] unless @reckoning.ribbon

      shares = @reckoning.ribbon_shares
      Interleaving.of(shares.amounts, shares.parts)
    end

    def body_ribbons
      @reckoning.ribbon ? @reckoning.ribbon_shares.styles.compact : @reckoning.ribbon_styles
    end

    def spots_of(fill)
      @reckoning.hanging.fills[fill].map { |height, angle| [round(height), angle.round(1)] }
    end

    # As wide as the widest of them is said to be; else what suits the height.
    def ribbon_width
      house = @reckoning.house
      known = body_ribbons.filter_map(&:width_mm).max
      return known / 1_000.0 if known

      surface.height < house["ribbon.wide_from"] ? house["ribbon.narrow"] : house["ribbon.wide"]
    end

    def picks(fills)
      styles = @reckoning.pick_styles.map(&:id)
      sites = spots(@reckoning.picks[:body], 0.67) + fills
      { styles: styles, sites: sites, each: evenly(styles, sites.size),
        ring: evenly(styles, @reckoning.settings[:picks][:crown]) }
    end

    def evenly(styles, places)
      Interleaving.of(styles.map { 1 }, places)
    end

    # Each kind turned against the others' spirals, so that they fall between one another.
    def spots(count, shift)
      surface.sites(count, high_m: surface.height - (surface.foliage * 0.08), shift: shift).map do |height, angle|
        [round(height), angle.round(1)]
      end
    end

    # Streams evenly over the arc, swaying with the billow; [height, angle] from the crown down.
    def streams
      count = @reckoning.ribbon_shares.parts
      sway = 18 * (@reckoning.house["ribbon.billow_#{@reckoning.settings[:ribbon][:billow]}"] - 1)
      Array.new(count) do |i|
        middle = surface.arc_deg * (((i + 0.5) / count) - 0.5)
        Array.new(STREAM_POINTS + 1) do |k|
          down = k.fdiv(STREAM_POINTS)
          [round(surface.height - (surface.foliage * down)), (middle + (sway * Math.sin(down * Math::PI * 5))).round(1)]
        end
      end
    end

    # A path climbing by `pitch` along the slant each time it crosses the arc; [height, angle] from the hem up.
    def helix(pitch, points)
      Array.new(points) { |i| on_path(pitch, (i + 0.5) / points) }
    end

    # Evenly along the path means evenly over the surface, because turns lie equally far apart. On a closed surface the
    # path goes round; against a wall it zigzags over the visible arc (handbook 20).
    def on_path(pitch, share)
      height = surface.height_at_share(share)
      turn = (height - surface.hem) / surface.foliage * surface.slant / pitch
      across = turn % 1.0
      across = 1 - across if surface.arc_deg < 360 && turn.floor.odd?
      [round(height), ((across * surface.arc_deg) - (surface.arc_deg / 2)).round(1)]
    end

    def bulbs
      count = [@reckoning.lights[:need], @reckoning.working_bulbs].max
      one_in = [(count / MOST_BULBS.to_f).ceil, 1].max
      { count: count, one_in: one_in, points: helix(@reckoning.pitch[:pitch_m], count / one_in),
        deep: @reckoning.deep_wrap?,
        globes: spots(@reckoning.globes, 0.43), globe_colour: @reckoning.globe_style&.colour }
    end

    def crown
      said = @reckoning.settings[:crown]
      { topper: said[:topper], kind: said[:kind], rise_m: @reckoning.topper_rise,
        streamers: said[:topper] == "none" ? 0 : said[:streamers], streamer_m: said[:streamer_m],
        tail_m: said[:tail_m], loop_m: said[:loop_m],
        style: @reckoning.crown_style&.id, picks: @reckoning.settings[:picks][:crown] }
    end

    def foot
      said = @reckoning.settings[:foot]
      { kind: said[:kind], diameter_m: round(@reckoning.spread * said[:cover_share]), presents: said[:presents],
        stand: said[:stand] }
    end
  end
end
