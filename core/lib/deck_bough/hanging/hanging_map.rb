# frozen_string_literal: true

module DeckBough
  module Hanging
    # Where every ornament hangs and in which order, by all seven rules of the handbook.
    #
    #   HangingMap.new(surface: tree, styles: styles, pattern: "scatter", reach_m: 1.0, seed: 1, house: house).call
    #   # => { sites: [{ style:, height_m:, angle_deg:, depth:, tier:, clock:, order: }, …], evenness: {…}, unplaced: […] }
    #
    # Heights are above the stand of the tree, angles from the front, depth a share of the radius. Wishes that cannot all be met
    # are met as far as they go; what has no place is told with the reason. Deterministic by seed. Source: handbook 30.
    class HangingMap
      PATTERNS = Groups::TOGETHER.keys.freeze
      # A net that is too coarse for the lawful places is made finer by so much at a time.
      FINER = 1.12
      FINEST = 3

      # @param styles [Array<Hash>] id, count, diameter_mm, mass_g, colour, breakable, keepsake
      # @param reach_m [Float] above the stand; breakables hang above it
      # @param riser_m [Float] how high the stand itself is; eye level is counted from the floor
      def initialize(surface:, styles:, pattern:, reach_m:, seed:, house:, riser_m: 0)
        @surface = surface
        @house = house
        @pattern = pattern
        @seed = seed
        @riser = riser_m
        @flat = UnrolledSurface.new(surface)
        @ornaments = styles.map { |style| Ornament.of(style, house) }
        @zones = Zones.new(surface: surface, ornaments: @ornaments, reach_m: reach_m, house: house)
        @unplaced = Hash.new(0)
      end

      # @return [Hash] sites, evenness, unplaced
      def call
        @call ||= begin
          spots = hang
          { sites: Hanging::Order.new(@surface, @ornaments, @house).call(spots), evenness: evenness(spots), unplaced: unplaced }
        end
      end

      # What has no place, without placing anything: quick, for whoever only wants to know whether a wish can be met.
      #
      # @return [Array<Hash>] style, count, reason ("reach", "reach_heavy", "room", "eye_level")
      def unplaced
        placeable
        @unplaced.map { |(style, reason), count| { style: @ornaments[style].id, count: count, reason: reason } }
      end

      private

      # @return [Array<Groups::Group>] those that have a place, by their bearing
      def placeable
        @placeable ||= begin
          groups = Groups.of(@pattern, @ornaments, @house)
          groups = without(groups, "eye_level") { |group| group.keepsake && eye_band.nil? }
          room = @zones.allot(tally(groups)).each_with_object(Hash.new(0)) { |zone, sum| zone.each { |bearing, count| sum[bearing] += count } }
          # Keepsakes before the rest; of the rest every style gives up in turn.
          kept = spread(groups).group_by(&:bearing).flat_map { |bearing, same| same.first(room[bearing]) }
          left_out(except(groups, kept))
          kept
        end
      end

      # Groups of the same ornaments are equal but not the same.
      def except(groups, others)
        gone = others.to_h { |group| [group.object_id, true] }
        groups.reject { |group| gone[group.object_id] }
      end

      def without(groups, reason, &)
        out, kept = groups.partition(&)
        out.each { |group| group.items.each { |item| @unplaced[[item, reason]] += 1 } }
        kept
      end

      def left_out(groups)
        groups.each do |group|
          reason = @zones.zones.none? { |zone| zone.takes?(group.bearing) } ? lawless(group.bearing) : "room"
          group.items.each { |item| @unplaced[[item, reason]] += 1 }
        end
      end

      def lawless(bearing)
        bearing.all? ? "reach_heavy" : "reach"
      end

      # Keepsakes first, then one of each style in turn.
      def spread(groups)
        groups.group_by { |group| group.items.first }.values.flat_map { |same| same.each_with_index.map { |group, i| [group, i.fdiv(same.size)] } }
              .sort_by.with_index { |(group, share), i| [group.keepsake ? 0 : 1, share, i] }.map(&:first)
      end

      def tally(groups)
        groups.map(&:bearing).tally
      end

      # @return [Range, nil] heights above the stand of eye level on the foliage
      def eye_band
        low = [@house["ornaments.eye_low"] - @riser, @surface.hem].max
        high = [@house["ornaments.eye_high"] - @riser, Zones.top(@surface, @house)].min
        low < high ? (low..high) : nil
      end

      # @return [Array<Array(Array(Float, Float), Integer)>] spot and style number of every ornament
      def hang
        groups = placeable
        return [] if groups.empty?

        @spots, @taken = sites(groups)
        kept, rest = groups.partition(&:keepsake)
        hung, free, refused = hang_keepsakes(kept)
        return hung + deal(rest, free) if refused.empty?

        # The rest is spread anew without those that found no place at eye level.
        refused.each { |group| @unplaced[[group.items.first, "eye_level"]] += 1 }
        @placeable = except(@placeable, refused)
        hang
      end

      # @return [Array(Array, Array)] spots as [reach, turn, zone], and how many of each bearing go into each zone
      def sites(groups)
        return net(groups) if @pattern == "diamond"

        taken = @zones.allot(tally(groups))
        [EvenSites.new(@flat, @zones.zones, taken.map { |zone| zone.values.sum }, @house).call, taken]
      end

      # The net has its sites where it has them: it is made finer until enough of them are lawful.
      def net(groups)
        maker = DiamondSites.new(@flat, crown_reach: @flat.reach_at(Zones.top(@surface, @house)), closest_m: closest)
        wanted = groups.size
        loop do
          spots = maker.call(wanted).map { |reach, turn| [reach, turn, zone_at(@flat.height_at(reach))] }
          taken = allot_net(spots, groups)
          enough = taken.sum { |zone| zone.values.sum } == groups.size
          return [evenly(spots, taken), taken] if enough || wanted > FINEST * groups.size

          wanted = (wanted * FINER).ceil
        end
      end

      def closest
        @ornaments.sum { |ornament| ornament.count * ornament.diameter_mm } / @ornaments.sum(&:count) / 1000.0 * @house["ornaments.closest"]
      end

      def zone_at(height)
        @zones.zones.index { |zone| height < zone.high_m } || (@zones.zones.size - 1)
      end

      def allot_net(spots, groups)
        there = spots.map(&:last).tally
        @zones.allot(tally(groups), room: @zones.zones.each_index.map { |zone| there.fetch(zone, 0) })
      end

      # Of the sites of a zone as many as it may hold, left out evenly.
      def evenly(spots, taken)
        spots.group_by(&:last).flat_map do |zone, same|
          keep = taken[zone].values.sum
          same.each_with_index.select { |_, i| ((i + 1) * keep / same.size) > (i * keep / same.size) }.map(&:first)
        end
      end

      # Keepsakes choose first: at eye level in front, far from one another.
      #
      # @return [Array(Array, Array<Integer>, Array<Group>)] hung, the numbers of the sites left, and those without a place
      def hang_keepsakes(groups)
        free = (0...@spots.size).to_a
        refused = []
        hung = groups.filter_map do |group|
          site = best_for_keepsake(group, free)
          next (refused << group) && nil unless site

          free -= [site]
          [@spots[site].first(2), group.items.first]
        end
        [hung, free, refused]
      end

      def best_for_keepsake(group, free)
        front = @flat.turn_of(@house["ornaments.front"])
        seen = free.select { |i| @spots[i][1].abs <= front && eye_band.cover?(@flat.height_at(@spots[i][0])) && make_room(@spots[i][2], group.bearing, try: true) }
        others = @spots.each_index.to_a - free
        best = seen.max_by { |i| [others.map { |other| apart(i, other) }.min || (front - @spots[i][1].abs), -i] }
        make_room(@spots[best][2], group.bearing) if best
        best
      end

      def apart(one, other)
        Math.hypot(@spots[one][0] - @spots[other][0], @spots[one][0] * (@spots[one][1] - @spots[other][1]))
      end

      # Takes one of a bearing out of what a zone holds; when it holds none, another zone gives one for one it may have.
      def make_room(zone, bearing, try: false)
        exchange = @taken[zone][bearing].positive? ? [] : exchange(zone, bearing)
        return false unless exchange
        return true if try

        unless exchange.empty?
          giver, given = exchange
          @taken[giver][bearing] -= 1
          @taken[giver][given] += 1
          @taken[zone][given] -= 1
          @taken[zone][bearing] += 1
        end
        @taken[zone][bearing] -= 1
        true
      end

      def exchange(zone, bearing)
        return nil unless @zones.zones[zone].takes?(bearing)

        @taken.each_index.to_a.product(@taken[zone].keys).find do |giver, given|
          giver != zone && @taken[giver][bearing].positive? && @taken[zone][given].positive? && @zones.zones[giver].takes?(given)
        end
      end

      # Deals whole groups to the sites, then what is in them to their slots.
      def deal(groups, free)
        return [] if groups.empty?

        placed = deal_groups(groups, free)
        return placed.map { |site, group| [@spots[site].first(2), group.items.first] } if Groups::TOGETHER.fetch(@pattern) == 1

        deal_slots(placed)
      end

      # @return [Array<Array(Integer, Group)>] site and group
      def deal_groups(groups, free)
        pools = groups.shuffle(random: Random.new(@seed)).group_by(&:bearing)
        start = free.group_by { |site| @spots[site][2] }.flat_map do |zone, sites|
          sites.zip(@taken[zone].flat_map { |bearing, count| (pools[bearing] || []).shift([count, 0].max) }).select(&:last)
        end
        kinds = start.map { |_, group| kind_of(group) }.uniq
        dealt = swap(start.map { |site, _| @spots[site] }, start.map { |_, group| kinds.index(kind_of(group)) }, kinds)
        by_kind = start.map(&:last).group_by { |group| kind_of(group) }
        start.each_with_index.map { |(site, _), i| [site, by_kind.fetch(kinds[dealt[i]]).shift] }
      end

      # Single ornaments are dealt by style, groups by what they may hold.
      def kind_of(group)
        Groups::TOGETHER.fetch(@pattern) == 1 ? group.items.first : group.kind
      end

      def swap(spots, dealt, kinds)
        bearings = kinds.map { |kind| kind.is_a?(Integer) ? @ornaments[kind].bearing : kind.last }
        lawful = bearings.map { |bearing| @zones.zones.map { |zone| zone.takes?(bearing) } }
        zone_of = spots.map(&:last)
        Dealing.new(@flat, spots.map { |spot| spot.first(2) }, dealt, seed: @seed, leaning: leaning(kinds, spots),
                                                                      colours: kinds.map { |kind| kind.is_a?(Integer) ? @ornaments[kind].colour : nil }) do |kind, site|
          lawful[kind][zone_of[site]]
        end.call
      end

      # Smaller ornaments high: what the top of the tree costs a style of a size; below TOP all sizes hang alike.
      LEANING = { "hero" => 20.0, "large" => 12.0, "medium" => 0.0, "small" => -12.0 }.freeze
      TOP = 0.7

      def leaning(kinds, spots)
        return nil unless kinds.all?(Integer)

        up = spots.map { |spot| [(1 - (spot[0] / @flat.rim) - TOP) / (1 - TOP), 0].max }
        kinds.map { |kind| up.map { |share| LEANING.fetch(@ornaments[kind].size.to_s) * share } }
      end

      def deal_slots(placed)
        slots = placed.flat_map { |site, group| positions(@spots[site], group).zip(group.items, group.slots) }
        kinds = slots.map { |_, item, slot| [item, slot] }.uniq
        dealt = Dealing.new(@flat, slots.map(&:first), slots.map { |_, item, slot| kinds.index([item, slot]) }, seed: @seed,
                                                                                                               colours: kinds.map { |item, _| @ornaments[item].colour || item }) do |kind, site|
          kinds[kind].last == slots[site].last
        end.call
        slots.each_with_index.map { |(spot, _, _), i| [spot, kinds[dealt[i]].first] }
      end

      # Side by side; three with the first above the other two.
      def positions((reach, turn, _), group)
        half = group.gap_m / 2
        offsets = { 1 => [[0, 0]], 2 => [[0, -half], [0, half]],
                    3 => [[-half * 2 / Math.sqrt(3), 0], [half / Math.sqrt(3), -half], [half / Math.sqrt(3), half]] }.fetch(group.items.size)
        top = @flat.reach_at(Zones.top(@surface, @house))
        offsets.map { |down, across| [(reach + down).clamp(top, @flat.rim), @flat.within(turn + (across / reach))] }
      end

      def evenness(spots)
        measure = Evenness.new(@flat)
        points = spots.map(&:first)
        by_style = spots.group_by(&:last)
        gap = measure.largest_gap(points, @flat.reach_at(Zones.top(@surface, @house)))
        { whole: measure.ratio(points), largest_gap: gap && gap[:over_spacing],
          styles: @ornaments.each_index.to_h { |i| [@ornaments[i].id, measure.ratio(by_style.fetch(i, []).map(&:first))] } }
      end
    end
  end
end
