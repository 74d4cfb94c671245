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
        shades = kinds.map(&:colour)
        # Where the moves of a kind's colour begin in the table of all of them.
        @rows = kinds.map { |kind| shades.index(kind.colour) * ZONES * ZONES }
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
        @moves = Array.new(@kinds.size * ZONES * ZONES)
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

        one = @kinds[kind]
        other = @kinds[with]
        colours = one.colour == other.colour ? 0 : moved(kind, zone, there) + moved(with, there, zone)
        colours + heroes_gain(one, zone, other, there) + weights_gain(one, zone, other, there)
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

      # How many fewer faults of a kind's colour there are, were one of it in another zone.
      def moved(kind, from, to)
        colour = @kinds[kind].colour
        return 0 unless colour

        @moves[@rows[kind] + (from * ZONES) + to] ||= begin
          before = of_colour(colour)
          shift(colour, from, to)
          gain = before - of_colour(colour)
          shift(colour, to, from)
          gain
        end
      end

      def shift(colour, from, to)
        @sides[colour][from[1]] -= 1
        @sides[colour][to[1]] += 1
        @thirds[colour][from >> 2] -= 1
        @thirds[colour][to >> 2] += 1
      end

      def heroes_gain(one, zone, other, there)
        return 0 if one.hero == other.hero || zone >> 2 == there >> 2

        from, to = one.hero ? [zone >> 2, there >> 2] : [there >> 2, zone >> 2]
        before = of_heroes
        @heroes[from] -= 1
        @heroes[to] += 1
        after = of_heroes
        @heroes[from] += 1
        @heroes[to] -= 1
        before - after
      end

      def weights_gain(one, zone, other, there)
        return 0.0 if !@weighed || zone[0] == there[0]

        upward = zone[0].zero? ? one.weight - other.weight : other.weight - one.weight
        over_by(@weights[1]) - over_by(@weights[1] + upward)
      end

      def of_colour(colour)
        left, right = @sides[colour]
        count = left + right
        return 0 if count < @fewest

        over = [[left, right].max - self.class.most(count, @lopsided), 0].max
        count < FOR_THIRDS ? over : over + @open[colour].count { |third| @thirds[colour][third].zero? }
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
