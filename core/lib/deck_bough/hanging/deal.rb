# frozen_string_literal: true

module DeckBough
  module Hanging
    # Deals whole groups to the sites, then what is in them to their slots.
    #
    #   Deal.new(flat, zones, ornaments, pattern: "scatter", seed: 1, house: house).call(groups, spots, taken, free)
    class Deal
      # Smaller ornaments high: what the top of the tree costs a style of a size; below TOP all sizes hang alike.
      LEANING = { "hero" => 20.0, "large" => 12.0, "medium" => 0.0, "small" => -12.0 }.freeze
      TOP = 0.7
      # A pair across the middle belongs to neither side: so often groups are dealt until the eye finds them even.
      TRIES = 8
      # Of more groups than these one pair tips no scale.
      MOST_AGAIN = 150

      def initialize(flat, zones, ornaments, pattern:, seed:, house:)
        @flat = flat
        @zones = zones
        @ornaments = ornaments
        @pattern = pattern
        @seed = seed
        @house = house
      end

      # @param spots [Array<Array(Float, Float, Integer)>] reach, turn, zone
      # @param taken [Array<Hash>] how many of each bearing go into each zone
      # @param free [Array<Integer>] numbers of the spots that are free
      # @param hung [Array<Array(Array(Float, Float), Integer)>] what hangs already
      # @return [Array<Array(Array(Float, Float), Integer)>] spot and style number of every ornament
      def call(groups, spots, taken, free, hung: [])
        return [] if groups.empty?

        @hung = hung

        @spots = spots
        @taken = taken

        if Groups::TOGETHER.fetch(@pattern) == 1
          return deal_groups(groups, free, @seed).map { |site, group| [@spots[site].first(2), group.items.first] }
        end

        most_even(groups, free)
      end

      private

      def most_even(groups, free)
        tries = groups.size > MOST_AGAIN ? 1 : TRIES
        dealt = (@seed...(@seed + tries)).each_with_object([]) do |seed, found|
          found << deal_slots(deal_groups(groups, free, seed), seed)
          break found if found.last.last.zero?
        end
        dealt.min_by(&:last).first
      end

      # Every zone gets as many of each bearing as it may hold, by chance.
      def lawful_start(groups, free, seed)
        pools = groups.shuffle(random: Random.new(seed)).group_by(&:bearing)
        free.group_by { |site| @spots[site][2] }.flat_map do |zone, sites|
          taken = @taken[zone].flat_map { |bearing, count| (pools[bearing] || []).shift([count, 0].max) }
          sites.zip(taken).select(&:last)
        end
      end

      # @return [Array<Array(Integer, Group)>] site and group
      def deal_groups(groups, free, seed)
        start = lawful_start(groups, free, seed)
        kinds = start.map { |_, group| kind_of(group) }.uniq
        dealt = swap(start.map { |site, _| @spots[site] }, start.map { |_, group| kinds.index(kind_of(group)) }, kinds,
                     seed)
        by_kind = start.map(&:last).group_by { |group| kind_of(group) }
        start.each_with_index.map { |(site, _), i| [site, by_kind.fetch(kinds[dealt[i]]).shift] }
      end

      # Single ornaments are dealt by style, groups by what they may hold.
      def kind_of(group)
        Groups::TOGETHER.fetch(@pattern) == 1 ? group.items.first : group.kind
      end

      def swap(spots, dealt, kinds, seed)
        bearings = kinds.map { |kind| kind.is_a?(Integer) ? @ornaments[kind].bearing : kind.last }
        lawful = bearings.map { |bearing| @zones.map { |zone| zone.takes?(bearing) } }
        zone_of = spots.map(&:last)
        colours = kinds.map { |kind| kind.is_a?(Integer) ? @ornaments[kind].colour : nil }
        dealing = Dealing.new(@flat, spots.map { |spot| spot.first(2) }, dealt,
                              seed: seed, leaning: leaning(kinds, spots), colours: colours,
                              balance: balance_of(spots, kinds)) { |kind, site| lawful[kind][zone_of[site]] }
        dealing.call
      end

      def leaning(kinds, spots)
        return nil unless kinds.all?(Integer)

        up = spots.map { |spot| [(1 - (spot[0] / @flat.rim) - TOP) / (1 - TOP), 0].max }
        kinds.map { |kind| up.map { |share| LEANING.fetch(@ornaments[kind].size.to_s) * share } }
      end

      # @return [Array(Array, Float)] spot and style number of every ornament, and the faults the eye finds
      def deal_slots(placed, seed)
        slots = placed.flat_map { |site, group| positions(@spots[site], group).zip(group.items, group.slots) }
        kinds = slots.map { |_, item, slot| [item, slot] }.uniq
        given = slots.map { |_, item, slot| kinds.index([item, slot]) }
        colours = kinds.map { |item, _| @ornaments[item].colour || item }
        balance = balance(slots.map(&:first), kinds.map(&:first))
        dealing = Dealing.new(@flat, slots.map(&:first), given, seed: seed, colours: colours,
                                                                balance: balance) do |kind, site|
          kinds[kind].last == slots[site].last
        end
        dealt = dealing.call
        [slots.each_with_index.map { |(spot, _, _), i| [spot, kinds[dealt[i]].first] }, balance.faults]
      end

      # A net is denser above by its own nature; top and bottom are weighed on what is spread.
      def balance(spots, items)
        fixed = @hung.map { |spot, item| [seen(*spot), eyed(item)] }
        Balance.new(spots.map { |spot| seen(*spot) }, items.map { |item| eyed(item) },
                    house: @house, fixed: fixed, weighed: @pattern != "diamond")
      end

      def balance_of(spots, kinds)
        kinds.all?(Integer) ? balance(spots, kinds) : balance_of_groups(spots, kinds)
      end

      # Only what is alike changes places later on: where groups of a kind are to both sides and in every third, their
      # colours can be too.
      def balance_of_groups(spots, kinds)
        Balance.new(spots.map { |spot| seen(*spot) },
                    kinds.map { |slots, _| Balance::Kind.new(slots.first, 0.0, false) },
                    house: @house, weighed: false, fewest: 2)
      end

      def seen(reach, turn, *)
        height = @flat.height_at(reach)
        surface = @flat.surface
        third = ((height - surface.hem) / surface.foliage * Balance::THIRDS).floor.clamp(0, Balance::THIRDS - 1)
        Balance::Site.new(turn.positive?, third, height > middle)
      end

      def eyed(item)
        ornament = @ornaments[item]
        Balance::Kind.new(ornament.colour, ornament.diameter_mm**2, ornament.size.to_s == "hero")
      end

      def middle
        @middle ||= @flat.surface.height_at_share(0.5)
      end

      # Side by side; three with the first above the other two.
      def positions((reach, turn, zone), group)
        half = group.gap_m / 2
        offsets = { 1 => [[0, 0]], 2 => [[0, -half], [0, half]],
                    3 => [[-half * 2 / Math.sqrt(3), 0], [half / Math.sqrt(3), -half],
                          [half / Math.sqrt(3), half]] }.fetch(group.items.size)
        # No part of a group leaves the zone in which all of it may hang.
        near = @flat.reach_at(@zones[zone].high_m)
        far = @flat.reach_at(@zones[zone].low_m)
        offsets.map { |down, across| [(reach + down).clamp(near, far), @flat.within(turn + (across / reach))] }
      end
    end
  end
end
