# frozen_string_literal: true

module DeckBough
  module Hanging
    # Where every ornament hangs and in which order, by all seven rules of the handbook.
    #
    #   HangingMap.new(surface: tree, styles: styles, pattern: "scatter", reach_m: 1.0, seed: 1, house: house).call
    #   # => { sites: [{ style:, height_m:, angle_deg:, depth:, tier:, clock:, order: }, …], evenness: {…},
    #   #      unplaced: […] }
    #
    # Heights are above the stand of the tree, angles from the front, depth a share of the radius. Wishes that cannot
    # all be met are met as far as they go; what has no place is told with the reason. Deterministic by seed. Source:
    # handbook 30.
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
          { sites: Hanging::Order.new(@surface, @ornaments, @house).call(spots), evenness: evenness(spots),
            unplaced: unplaced }
        end
      end

      # What has no place, without placing anything: quick, for whoever only wants to know whether a wish can be met.
      #
      # @return [Array<Hash>] style, count, reason ("reach", "reach_heavy", "room")
      def unplaced
        placeable
        @unplaced.map { |(style, reason), count| { style: @ornaments[style].id, count: count, reason: reason } }
      end

      private

      # @return [Array<Groups::Group>] those that have a place, by their bearing
      def placeable
        @placeable ||= begin
          groups = Groups.of(@pattern, @ornaments, @house)
          room = @zones.allot(tally(groups)).each_with_object(Hash.new(0)) do |zone, sum|
            zone.each { |bearing, count| sum[bearing] += count }
          end
          # Keepsakes before the rest; of the rest every style gives up in turn.
          kept = spread(groups).group_by(&:bearing).flat_map { |bearing, same| same.first(room[bearing]) }
          left_out(except(groups, kept))
          kept
        end
      end

      # Groups of the same ornaments are equal but not the same.
      def except(groups, others)
        gone = {}.compare_by_identity
        others.each { |group| gone[group] = true }
        groups.reject { |group| gone[group] }
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
        groups.group_by { |group| group.items.first }
              .values.flat_map { |same| same.each_with_index.map { |group, i| [group, i.fdiv(same.size)] } }
              .sort_by.with_index { |(group, share), i| [group.keepsake ? 0 : 1, share, i] }.map(&:first)
      end

      def tally(groups)
        groups.map(&:bearing).tally
      end

      # @return [Array<Array(Array(Float, Float), Integer)>] spot and style number of every ornament
      def hang
        groups = placeable
        return [] if groups.empty?

        spots, taken = sites(groups)
        kept, rest = groups.partition(&:keepsake)
        hung, free = Keepsakes.new(@flat, @zones.zones, riser_m: @riser, house: @house).call(kept, spots, taken)
        hung + Deal.new(@flat, @zones.zones, @ornaments, pattern: @pattern, seed: @seed, house: @house)
                   .call(rest, spots, taken, free, hung: hung)
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
        @ornaments.sum { |ornament| ornament.count * ornament.diameter_mm } / @ornaments.sum(&:count) / 1000.0 *
          @house["ornaments.closest"]
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

      def evenness(spots)
        measure = Evenness.new(@flat)
        points = spots.map(&:first)
        by_style = spots.group_by(&:last)
        gap = measure.largest_gap(points, @flat.reach_at(Zones.top(@surface, @house)))
        { whole: measure.ratio(points), largest_gap: gap && gap[:over_spacing],
          styles:
            @ornaments.each_index.to_h { |i| [@ornaments[i].id, measure.ratio(by_style.fetch(i, []).map(&:first))] } }
      end
    end
  end
end
