# frozen_string_literal: true

module DeckBough
  module Hanging
    # What the eye weighs of a deal: whether each colour hangs on both sides and in every third of the height, whether
    # the heroes are all at the hem, whether top and bottom carry alike.
    #
    # It takes a deal in (count), says how many faults the eye finds (faults) and how many fewer they would be, were the
    # kinds of two sites swapped (gain_between). To the eye sites of one side, third and half are one zone: a swap is
    # judged by the kinds and zones it is between, once for all sites that are alike.
    #
    #   Hanging::Balance.most_on_a_side(8, HouseRules.default) # => 4
    #
    # Step back looks with the same limits. Source: handbook 30, Step-back check.
    class Balance
      # A colour so few of which hang has no sides.
      FEWEST = 4
      # So many of a colour can hang in every third.
      FOR_THIRDS = 6
      THIRDS = 3
      ZONES = THIRDS * 4
      # Kept back from the limit at which step back speaks.
      MARGIN = 0.01

      Site = Struct.new(:right, :third, :upper) do
        # @return [Integer] the same for sites the eye takes as one
        def zone
          (third * 4) + (right ? 2 : 0) + (upper ? 1 : 0)
        end
      end
      Kind = Struct.new(:colour, :weight, :hero)

      # @return [Integer] the most of so many of a colour that may hang on one side
      def self.most_on_a_side(count, house)
        most(count, house["tree.lopsided"])
      end

      def self.most(count, lopsided)
        [(lopsided * count).floor, (count / 2.0).ceil].max
      end

      # @param sites [Array<Site>] by number
      # @param kinds [Array<Kind>] by number; a colour of nil is not looked at
      # @param fixed [Array<Array(Site, Kind)>] what hangs already and stays
      # @param weighed [Boolean] whether top and bottom are to carry alike
      # @param fewest [Integer] so many of a colour have sides
      def initialize(sites, kinds, house:, fixed: [], weighed: true, fewest: FEWEST)
        @sites = sites
        @kinds = kinds
        @fixed = fixed
        @lopsided = house["tree.lopsided"]
        @heavy = house["tree.heavy_half"] - MARGIN
        @weighed = weighed
        @fewest = fewest
        @zones = sites.map(&:zone)
        # Asked of every two kinds in every two zones, hence in lists of their own.
        @shades = kinds.map(&:colour).uniq
        @shade = kinds.map { |kind| @shades.index(kind.colour) }
        @hero = kinds.map(&:hero)
        @weight = kinds.map(&:weight)
      end

      attr_reader :zones

      # @param may [Proc] kind and site → whether it may hang there
      def count(dealt, &)
        @dealt = dealt
        @sides = Hash.new { |hash, colour| hash[colour] = [0, 0] }
        @thirds = Hash.new { |hash, colour| hash[colour] = [0] * THIRDS }
        @heroes = [0] * THIRDS
        @weights = [0.0, 0.0]
        @fixed.each { |site, kind| put(site, kind, 1) }
        dealt.each_with_index { |kind, i| put(@sites[i], @kinds[kind], 1) }
        @open = open_thirds(&)
        @moves = Array.new(@shades.size * ZONES * ZONES)
        self
      end

      def faults
        @thirds.keys.sum { |colour| of_colour(colour) } + of_heroes + of_weights
      end

      # How many fewer faults a swap would leave between any two sites of these kinds in these zones.
      #
      # @param kind, with [Integer] numbers of kinds
      # @param zone, there [Integer] as `zones` has them
      def gain_between(kind, zone, with, there)
        return 0.0 if zone == there

        shade = @shade[kind]
        other = @shade[with]
        gain = shade == other ? 0.0 : moved(shade, zone, there) + moved(other, there, zone)
        gain += heroes_gain(kind, zone, there) if @hero[kind] != @hero[with]
        gain += weights_gain(kind, zone, with) if @weighed && zone[0] != there[0]
        gain
      end

      # Kinds that a swap would have to take away from where they hang.
      #
      # @return [Array<Boolean>] by the number of the kind
      def wrong
        heavy = of_weights.positive?
        heroes = of_heroes.positive?
        @kinds.map { |kind| heavy || (kind.hero && heroes) || (kind.colour && of_colour(kind.colour).positive?) }
      end

      def swap(one, other)
        [[one, @dealt[one], -1], [other, @dealt[other], -1], [one, @dealt[other], 1],
         [other, @dealt[one], 1]].each { |site, kind, by| put(@sites[site], @kinds[kind], by) }
        @dealt[one], @dealt[other] = @dealt[other], @dealt[one]
        @moves.fill(nil)
      end

      private

      def put(site, kind, by)
        if kind.colour
          @sides[kind.colour][site.right ? 1 : 0] += by
          @thirds[kind.colour][site.third] += by
        end
        @heroes[site.third] += by if kind.hero
        @weights[site.upper ? 1 : 0] += by * kind.weight
      end

      # How many fewer faults of a colour there are, were one of it in another zone.
      def moved(shade, from, to)
        @moves[(((shade * ZONES) + from) * ZONES) + to] ||= @shades[shade] ? move(@shades[shade], from, to) : 0
      end

      def move(colour, from, to)
        before = of_colour(colour)
        shift(colour, from, to)
        gain = before - of_colour(colour)
        shift(colour, to, from)
        gain
      end

      def shift(colour, from, to)
        @sides[colour][from[1]] -= 1
        @sides[colour][to[1]] += 1
        @thirds[colour][from >> 2] -= 1
        @thirds[colour][to >> 2] += 1
      end

      # One of the two is a hero; the other comes to where it was.
      def heroes_gain(kind, zone, there)
        return 0 if zone >> 2 == there >> 2

        from, to = @hero[kind] ? [zone >> 2, there >> 2] : [there >> 2, zone >> 2]
        before = of_heroes
        @heroes[from] -= 1
        @heroes[to] += 1
        after = of_heroes
        @heroes[from] += 1
        @heroes[to] -= 1
        before - after
      end

      # One of the two comes from the lower half to the upper, the other down.
      def weights_gain(kind, zone, with)
        upward = zone[0].zero? ? @weight[kind] - @weight[with] : @weight[with] - @weight[kind]
        over_by(@weights[1]) - over_by(@weights[1] + upward)
      end

      def of_colour(colour)
        left, right = @sides[colour]
        count = left + right
        return 0 if count < @fewest

        over = [[left, right].max - self.class.most(count, @lopsided), 0].max
        count < FOR_THIRDS ? over : over + @open.fetch(colour, []).count { |third| @thirds[colour][third].zero? }
      end

      def of_heroes
        @heroes.sum > 1 && @heroes[1..].sum.zero? ? 1 : 0
      end

      # In ornaments of middling weight too many.
      def of_weights
        @weighed ? over_by(@weights[1]) : 0.0
      end

      def over_by(upper)
        over = ((upper / @weights.sum) - 0.5).abs - @heavy
        over.positive? ? over * @dealt.size : 0.0
      end

      # Where each colour may hang at all.
      def open_thirds
        kinds = @kinds.each_index.group_by { |kind| @kinds[kind].colour }
        thirds = @sites.each_index.group_by { |site| @sites[site].third }
        kinds.transform_values do |own|
          thirds.select { |_, sites| sites.any? { |site| own.any? { |kind| yield kind, site } } }.keys
        end
      end
    end
  end
end
